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
    /** Less is not worth telling, min. */
    private static final double LEAST_WAIT = 0.5;

    private static final double SEAT = 10;
    private static final double ROW = 15;
    /** More of a row in which someone waits, and says so. */
    private static final double WAITS = 3.4;

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
                table.seats()
                        .forEach(s -> pages.draw(height(s), (canvas, y) -> seat(canvas, y, s, rota, pages.roomMm())));
                pages.text(
                        table.waiting() < LEAST_WAIT
                                ? say("paper.nobody-waits-change-when")
                                : say("paper.where-a-part-says"));
            }
        }
        return pages.document(say("paper.who-takes-what-when-2", title));
    }

    private static double height(RotaSeatView seat) {
        return ROW + (seat.turns().stream().anyMatch(RotaCards::waits) ? WAITS : 0);
    }

    private static boolean waits(RotaTurnView turn) {
        return turn.waits() >= LEAST_WAIT;
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
            turn(canvas, new Rect(x, y, width, height(seat) - 2), seat.turns().get(i), rota);
        }
    }

    private static void turn(PdfCanvas canvas, Rect at, RotaTurnView turn, RotaView rota) {
        RotaTaskView task = rota.tasks().get(turn.task());
        canvas.line(at.x(), at.y(), at.x(), at.bottom(), 0.2);
        canvas.line(at.x(), at.bottom(), at.x() + at.width(), at.bottom(), 0.2);
        text(canvas, at, 3, Weight.BOLD, task.label());
        text(canvas, at, 6.4, Weight.REGULAR, say("paper.from", PaperWords.minutes(turn.starts())));
        double down = 8.2;
        if (waits(turn)) {
            text(canvas, at, 6.4 + WAITS, Weight.REGULAR, say("paper.waits", PaperWords.minutes(turn.waits())));
            down += WAITS;
        }
        List<RotaPencilView> pencils = task.pencils();
        int shown = Math.min(MOST_CHIPS, Math.min(pencils.size(), (int) (room(at) / (CHIP + 1))));
        for (int i = 0; i < shown; i++) {
            Rect chip = new Rect(at.x() + 1 + i * (CHIP + 1), at.y() + down, CHIP, CHIP);
            LessonPlan.chip(canvas, chip, pencils.get(i).colour());
        }
    }

    private static void text(PdfCanvas canvas, Rect at, double down, Weight weight, String words) {
        String fitted = Typeface.fitted(Typeface.printable(words), weight, 2.7, room(at));
        canvas.text(at.x() + 1, at.y() + down, 2.7, weight, fitted);
    }

    private static double room(Rect at) {
        return at.width() - 2;
    }
}
