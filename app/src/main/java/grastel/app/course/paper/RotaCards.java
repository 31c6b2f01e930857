package grastel.app.course.paper;

import static grastel.core.words.Words.say;

import grastel.app.course.rota.RotaViews.RotaPencilView;
import grastel.app.course.rota.RotaViews.RotaSeatView;
import grastel.app.course.rota.RotaViews.RotaTableView;
import grastel.app.course.rota.RotaViews.RotaTaskView;
import grastel.app.course.rota.RotaViews.RotaTurnView;
import grastel.app.course.rota.RotaViews.RotaView;
import grastel.app.platform.paper.PdfCanvas;
import grastel.app.platform.paper.PdfPages;
import grastel.core.page.PageLayout.Weight;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.page.Typeface;
import java.util.List;

/** A card for each table that says which seat takes which part when, with its pencils. */
public final class RotaCards {
    private static final double SEAT = 10;
    private static final double ROW = 15;
    private static final double CHIP = 3.4;
    private static final int MOST_CHIPS = 6;

    private RotaCards() {}

    /** @param title of the lesson */
    public static byte[] pdf(String title, RotaView rota) {
        PdfPages pages = new PdfPages(PageSize.A4);
        for (RotaTableView table : rota.tables()) {
            for (int number : table.numbers()) {
                pages.title(say("paper.table", number), say("paper.who-takes-what-when", title));
                if (!table.missing().isEmpty()) {
                    pages.text(say(
                            "paper.no-copy-of-for",
                            String.join(
                                    ", ",
                                    table.missing().stream()
                                            .map(RotaCards::named)
                                            .toList())));
                    continue;
                }
                table.seats().forEach(s -> pages.draw(ROW, (canvas, y) -> seat(canvas, y, s, rota, pages.roomMm())));
                pages.text(
                        table.waiting() < 0.5 ? say("paper.nobody-waits-change-when") : say("paper.where-a-part-says"));
            }
        }
        return pages.document(say("paper.who-takes-what-when-2", title));
    }

    private static String named(RotaPencilView p) {
        return p.code() + " " + p.name();
    }

    private static void seat(PdfCanvas canvas, double y, RotaSeatView seat, RotaView rota, double room) {
        canvas.text(PdfPages.LEFT, y + 7, 6, Weight.BOLD, seat.seat());
        int n = seat.turns().size();
        double width = (room - SEAT) / Math.max(1, n);
        for (int i = 0; i < n; i++) {
            double x = PdfPages.LEFT + SEAT + i * width;
            turn(canvas, new Rect(x, y, width, ROW - 2), seat.turns().get(i), rota);
        }
    }

    private static void turn(PdfCanvas canvas, Rect at, RotaTurnView turn, RotaView rota) {
        RotaTaskView task = rota.tasks().get(turn.task());
        canvas.line(at.x(), at.y(), at.x(), at.bottom(), 0.2);
        canvas.line(at.x(), at.bottom(), at.x() + at.width(), at.bottom(), 0.2);
        double room = at.width() - 2;
        text(canvas, at.x() + 1, at.y() + 3, Weight.BOLD, task.label(), room);
        String when = say(
                "paper.from",
                PaperWords.minutes(turn.starts()),
                turn.waits() < 0.5 ? "" : say("paper.waits", Math.round(turn.waits())));
        text(canvas, at.x() + 1, at.y() + 6.4, Weight.REGULAR, when, room);
        List<RotaPencilView> pencils = task.pencils();
        int shown = Math.min(MOST_CHIPS, Math.min(pencils.size(), (int) (room / (CHIP + 1))));
        for (int i = 0; i < shown; i++) {
            Rect chip = new Rect(at.x() + 1 + i * (CHIP + 1), at.y() + 8.2, CHIP, CHIP);
            LessonPlan.chip(canvas, chip, pencils.get(i).colour());
        }
    }

    private static void text(PdfCanvas canvas, double x, double y, Weight weight, String words, double room) {
        canvas.text(x, y, 2.7, weight, Typeface.fitted(Typeface.printable(words), weight, 2.7, room));
    }
}
