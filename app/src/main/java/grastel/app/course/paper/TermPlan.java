package grastel.app.course.paper;

import static grastel.core.words.Words.say;

import grastel.app.course.CourseViews.LaneView;
import grastel.app.course.CourseViews.LessonView;
import grastel.app.course.CourseViews.PartView;
import grastel.app.course.CourseViews.PeriodView;
import grastel.app.course.CourseViews.PieceView;
import grastel.app.platform.paper.PdfCanvas;
import grastel.app.platform.paper.PdfPages;
import grastel.core.checks.Require;
import grastel.core.page.PageLayout.Weight;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.page.Typeface;
import grastel.core.planning.Stage;
import grastel.core.planning.calendar.Period;
import java.util.List;
import java.util.stream.Collectors;

/** A class's term on a page: a line for each period, its stages along its minutes. */
public final class TermPlan {
    private static final double WORDS = PdfPages.LEFT + 34;
    private static final double BAR = PdfPages.LEFT + 112;
    private static final double BAR_WIDTH = 62;
    private static final double EM = 3.1;
    /** So high is a line where there is room. */
    private static final double LINE = 6.4;

    private static final double LEAST_LINE = 4.2;
    private static final double ROOM = 232;

    private final LaneView lane;
    private final double longest;
    private final double line;

    private TermPlan(LaneView lane) {
        this.lane = lane;
        this.longest =
                lane.periods().stream().mapToDouble(PeriodView::room).max().orElse(1);
        this.line = Math.max(
                LEAST_LINE, Math.min(LINE, ROOM / Math.max(1, lane.periods().size())));
    }

    public static byte[] pdf(LaneView lane) {
        TermPlan plan = new TermPlan(lane);
        PdfPages pages = new PdfPages(PageSize.A4);
        String term = lane.term() == null
                ? say("paper.no-term-yet")
                : say(
                        "paper.to",
                        name(lane),
                        PaperWords.day(lane.term().from()),
                        PaperWords.day(lane.term().to()));
        pages.title(lane.name(), say("paper.lessons", term, lane.lessons().size()));
        lane.periods().forEach(p -> pages.draw(plan.line, (canvas, y) -> plan.draw(canvas, y, p)));
        List<String> left = lane.lessons().stream()
                .filter(l -> lane.periods().stream()
                        .flatMap(p -> p.pieces().stream())
                        .noneMatch(piece -> piece.lesson().equals(l.id())))
                .map(LessonView::title)
                .toList();
        pages.list(say("paper.without-a-place"), left);
        return pages.document(lane.name());
    }

    private static String name(LaneView lane) {
        String name = Require.present(lane.term(), "the term").name();
        return name == null || name.isBlank() ? "" : name + ", ";
    }

    private void draw(PdfCanvas canvas, double y, PeriodView period) {
        double base = y + EM;
        canvas.text(PdfPages.LEFT, base, EM, Weight.REGULAR, PaperWords.meeting(period.starts()));
        String words = Typeface.fitted(Typeface.printable(words(period)), Weight.REGULAR, EM, BAR - WORDS - 2);
        canvas.text(WORDS, base, EM, Weight.REGULAR, words);
        if (period.state() != Period.State.CANCELLED) {
            bar(canvas, y + 0.3, period);
        }
    }

    private String words(PeriodView period) {
        if (period.state() == Period.State.CANCELLED) {
            return "cancelled";
        }
        return period.pieces().stream().map(this::words).collect(Collectors.joining("; "));
    }

    private String words(PieceView piece) {
        LessonView lesson = lane.lessons().stream()
                .filter(l -> l.id().equals(piece.lesson()))
                .findFirst()
                .orElseThrow();
        return (lane.lessons().indexOf(lesson) + 1) + " " + lesson.title() + (piece.goesOn() ? " →" : "");
    }

    /** Showing and looking are light, work is darker, one stage told from the next; what is left stays open. */
    private void bar(PdfCanvas canvas, double y, PeriodView period) {
        double height = line - 1.6;
        double scale = BAR_WIDTH / longest;
        double x = BAR;
        int n = 0;
        for (PieceView piece : period.pieces()) {
            for (PartView part : piece.stages()) {
                double width = part.minutes() * scale;
                boolean work = part.kind() == Stage.Kind.WORK || part.kind() == Stage.Kind.DISSOLVE;
                double grey = !work ? 0.85 : n++ % 2 == 0 ? 0.45 : 0.6;
                canvas.fill(new Rect(x, y, width, height), grey, grey, grey);
                x += width;
            }
        }
        double end = BAR + period.room() * scale;
        canvas.line(BAR, y + height, end, y + height, 0.15);
        canvas.line(BAR, y, BAR, y + height, 0.15);
        canvas.line(end, y, end, y + height, 0.15);
    }
}
