package grastel.app.projects;

import grastel.app.platform.paper.PdfPages;
import grastel.core.page.PageLayout.Weight;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.page.Typeface;
import grastel.core.project.Sessions.Session;
import grastel.core.project.Sessions.Share;
import java.util.List;
import java.util.Locale;

/** What is drawn in which session, to be ticked off, and what to look at before the piece is done. */
final class SessionSheet {
    private static final double ROW = 7;
    private static final double TICK = 3.6;
    private static final double EM = 3.4;
    private static final double HAIR = 0.2;
    private static final double EDGE = 0.4;

    private static final List<String> CHECKS = List.of(
            "The whole range is there: squint, and name the darkest and the lightest place.",
            "Highlights are still bare. White things show greys, blues and tans; in shadow they are not bright.",
            "The strongest contrast is where the eye is to go first.",
            "Soft where it is round, hard where an edge is; no line drawn round light shapes.",
            "Shadows have colour. No specks where it was to be smooth, no stripes.",
            "One colour or glaze comes back in several places. Edges clean, title and name.");

    private SessionSheet() {}

    /** @param names of zones, empty for none; @param each minutes from bell to bell */
    static byte[] pdf(String title, PageSize size, List<String> names, List<Session> sessions, int each) {
        PdfPages pages = new PdfPages(size);
        pages.title(
                title,
                String.format(
                        Locale.ROOT,
                        "%d sessions of %d minutes with setting up and clearing, at the class’s usual pace. A sheet of"
                                + " paper goes under the hand.",
                        sessions.size(),
                        each));
        for (int i = 0; i < sessions.size(); i++) {
            Session session = sessions.get(i);
            pages.heading(String.format(Locale.ROOT, "Session %d, %.0f min at work", i + 1, session.minutes()));
            for (Share share : session.work()) {
                pages.draw(ROW, (canvas, y) -> {
                    canvas.border(new Rect(PdfPages.LEFT, y + 0.4, TICK, TICK), HAIR, EDGE);
                    canvas.text(
                            PdfPages.LEFT + TICK + 3,
                            y + EM,
                            EM,
                            Weight.REGULAR,
                            Typeface.fitted(
                                    Typeface.printable(words(share, names)),
                                    Weight.REGULAR,
                                    EM,
                                    pages.roomMm() - TICK - 3));
                });
            }
        }
        pages.list("Before it is done", CHECKS);
        return pages.document(title);
    }

    private static String words(Share share, List<String> names) {
        if (share.zone() == 0) {
            return String.format(Locale.ROOT, "Outlines, lightly; lift the grid. About %.0f min.", share.minutes());
        }
        String name = names.get(share.zone() - 1);
        return String.format(
                Locale.ROOT,
                "Zone %d%s: about %.0f min%s",
                share.zone(),
                name.isEmpty() ? "" : ", " + name,
                Math.max(1, share.minutes()),
                share.goesOn() ? ", goes on next time: stop when a whole layer lies." : ".");
    }
}
