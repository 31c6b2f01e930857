package grastel.app.sheets.paper;

import static grastel.core.words.Words.say;

import grastel.app.platform.paper.CanvasInk;
import grastel.app.platform.paper.PdfCanvas;
import grastel.app.platform.paper.PdfPages;
import grastel.app.sheets.planning.PlannedPicture;
import grastel.app.sheets.planning.SheetWording;
import grastel.core.colour.Lab;
import grastel.core.colour.Srgb;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.goal.Ladder;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.GoalPlan;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.page.PageLayout;
import grastel.core.page.PageLayout.Weight;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * What the teacher keeps beside a print run: the pages with every field as an exact hand would make it, the figures behind
 * them, and for each exercise a rubric with what to show, what goes wrong and what to mind.
 */
public final class TeacherPages {
    private static final double[] FIGURES = columns(0, 34, 54, 80, 92, 104);
    private static final double[] GOALS = columns(0, 48, 116, 134, 152);

    private final SheetPlan plan;
    private final GradeBand band;
    private final PdfPages pages;

    private TeacherPages(SheetPlan plan, PageSize size, GradeBand band) {
        this.plan = plan;
        this.band = band;
        this.pages = new PdfPages(size);
    }

    public static byte[] pdf(String title, SheetPlan plan, List<PageLayout> sheet, GradeBand band) {
        TeacherPages made = new TeacherPages(plan, sheet.get(0).size(), band);
        sheet.forEach(page -> made.pages.page(canvas -> made.answers(canvas, page)));
        plan.exercises().forEach(e -> made.exercise(title, e));
        return made.pages.document(say("paper.for-the-teacher", title));
    }

    /** The page itself, filled as predicted. */
    private void answers(PdfCanvas canvas, PageLayout page) {
        page.fields().forEach(f -> fill(canvas, f, plan.field(f.id())));
        CanvasInk.draw(page, canvas);
    }

    private static void fill(PdfCanvas canvas, PageLayout.Field field, FieldPlan plan) {
        List<Lab> colours = plan.predicted();
        if (plan.hasPicture()) {
            canvas.picture(PlannedPicture.of(plan.ownPicture()), field.rect());
            return;
        }
        if (field.isShape()) {
            fill(
                    colours.get(0),
                    (r, g, b) -> canvas.fill(
                            field.outline().stream()
                                    .map(loop -> loop.stream()
                                            .map(p -> new double[] {p.x(), p.y()})
                                            .toList())
                                    .toList(),
                            r,
                            g,
                            b));
            return;
        }
        Rect box = field.rect();
        double slice = box.width() / colours.size();
        for (int i = 0; i < colours.size(); i++) {
            Rect part = new Rect(box.x() + i * slice, box.y(), slice, box.height());
            fill(colours.get(i), (r, g, b) -> canvas.fill(part, r, g, b));
        }
    }

    private interface Painting {
        void paint(double red, double green, double blue);
    }

    private static void fill(Lab colour, Painting painting) {
        Srgb rgb = Srgb.of(colour);
        painting.paint(rgb.red() / 255.0, rgb.green() / 255.0, rgb.blue() / 255.0);
    }

    private void exercise(String title, ExercisePlan e) {
        pages.title(e.title(), say("paper.for-the-teacher-about", title, Math.round(e.minutes())));
        pages.heading(say("paper.what-should-come-out"));
        pages.row(
                List.of(
                        say("paper.field-2"),
                        say("paper.asked-l"),
                        say("paper.predicted-l"),
                        "C*",
                        "h",
                        say("paper.in-order-of-use")),
                FIGURES,
                Weight.BOLD);
        e.fields().forEach(f -> figures(e, f));
        pages.heading(say("paper.marking"));
        pages.row(
                List.of(
                        say("paper.goal"),
                        say("paper.figure"),
                        say("paper.2-nearly"),
                        say("paper.3-secure"),
                        say("paper.4-beyond")),
                GOALS,
                Weight.BOLD);
        e.goals().forEach(this::goal);
        pages.list(say("paper.show-and-say-2"), e.notes());
        pages.list(
                say("paper.what-goes-wrong"),
                e.faults().stream().map(f -> f.sign() + ": " + f.say()).toList());
        pages.list(say("paper.mind"), e.cautions());
    }

    private void figures(ExercisePlan e, FieldPlan f) {
        Lab predicted = f.predictedColour();
        boolean hue = predicted.chroma() >= 3;
        pages.row(
                List.of(
                        f.id() + (f.label().isEmpty() ? "" : " " + f.label()),
                        f.asked().isEmpty() ? "" : number(f.askedLightness()),
                        f.predicted().size() == 1
                                ? number(predicted.lightness())
                                : say(
                                        "paper.to-3",
                                        number(predicted.lightness()),
                                        number(f.predicted()
                                                .get(f.predicted().size() - 1)
                                                .lightness())),
                        number(predicted.chroma()),
                        hue ? String.format(Locale.ROOT, "%.0f°", predicted.hueDegrees()) : "",
                        String.join(", then ", SheetWording.recipe(e, f))),
                FIGURES,
                Weight.REGULAR);
    }

    private void goal(GoalPlan goal) {
        Ladder ladder = goal.ladder(band);
        String sign = ladder.nearly() < ladder.beyond() ? "≥ " : "≤ ";
        pages.row(
                List.of(
                        goal.goal().label(),
                        goal.goal().figure() + ", " + goal.goal().unit(),
                        sign + number(ladder.nearly()),
                        sign + number(ladder.secure()),
                        sign + number(ladder.beyond())),
                GOALS,
                Weight.REGULAR);
    }

    private static double[] columns(double... fromTheMargin) {
        return Arrays.stream(fromTheMargin).map(x -> PdfPages.LEFT + x).toArray();
    }

    private static String number(double value) {
        // Adding zero makes a negative zero one.
        return String.format(Locale.ROOT, "%.1f", Math.rint(value * 10) / 10 + 0.0);
    }
}
