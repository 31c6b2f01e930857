package grastel.app.projects;

import static grastel.core.words.Words.say;

import grastel.app.platform.paper.PdfPages;
import grastel.core.page.PageLayout.Weight;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.page.Typeface;
import grastel.core.project.WorkSessions.Session;
import grastel.core.project.WorkSessions.Share;
import java.util.List;

/** What is drawn in which session, to be ticked off, and what to look at before the piece is done. */
final class SessionSheet {
    private static final double ROW = 7;
    private static final double TICK = 3.6;
    private static final double EM = 3.4;
    private static final double HAIR = 0.2;
    private static final double EDGE = 0.4;

    private static final List<String> CHECKS = List.of(
            say("paper.the-whole-range-is"),
            say("paper.highlights-are-still-bare"),
            say("paper.the-strongest-contrast-is"),
            say("paper.soft-where-it-is"),
            say("paper.shadows-have-colour-no"),
            say("paper.one-colour-or-glaze"));

    private SessionSheet() {}

    /** @param names of zones, empty for none; @param each minutes from bell to bell */
    static byte[] pdf(String title, PageSize size, List<String> names, List<Session> sessions, int each) {
        PdfPages pages = new PdfPages(size);
        pages.title(title, say("paper.sessions-of-minutes-with", sessions.size(), each));
        for (int i = 0; i < sessions.size(); i++) {
            Session session = sessions.get(i);
            pages.heading(say("paper.session-min-at-work", i + 1, session.minutes()));
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
        pages.list(say("paper.before-it-is-done"), CHECKS);
        return pages.document(title);
    }

    static String words(Share share, List<String> names) {
        if (share.zone() == 0) {
            return say("paper.outlines-lightly-lift-the", share.minutes());
        }
        String name = names.get(share.zone() - 1);
        return say(
                "paper.zone-about-min",
                share.zone(),
                name.isEmpty() ? "" : ", " + name,
                Math.max(1, share.minutes()),
                share.goesOn() ? say("paper.goes-on-next-time") : ".");
    }
}
