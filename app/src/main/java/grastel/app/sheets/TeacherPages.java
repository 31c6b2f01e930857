package grastel.app.sheets;

import grastel.app.platform.PdfCanvas;
import grastel.core.colour.Lab;
import grastel.core.colour.Srgb;
import grastel.core.exercise.ExercisePlan;
import grastel.core.exercise.FieldPlan;
import grastel.core.exercise.GoalPlan;
import grastel.core.exercise.GradeBand;
import grastel.core.exercise.Ladder;
import grastel.core.exercise.SheetPlan;
import grastel.core.page.PageLayout;
import grastel.core.page.PageLayout.Weight;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.page.Typeface;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;

/**
 * What the teacher keeps beside a print run: the pages with every field as an exact hand would make it, the figures behind
 * them, and for each exercise a rubric with what to show, what goes wrong and what to mind.
 */
final class TeacherPages {
    private static final double LEFT = 18;
    private static final double TOP = 22;
    private static final double LINE = 5.2;
    private static final double SMALL = 3.2;

    private final SheetPlan plan;
    private final PageSize size;
    private final GradeBand band;
    private final List<Consumer<PdfCanvas>> pages = new ArrayList<>();
    private List<Consumer<PdfCanvas>> lines;
    private double y;

    private TeacherPages(SheetPlan plan, PageSize size, GradeBand band) {
        this.plan = plan;
        this.size = size;
        this.band = band;
    }

    static byte[] pdf(String title, SheetPlan plan, List<PageLayout> sheet, GradeBand band) {
        TeacherPages made = new TeacherPages(plan, sheet.get(0).size(), band);
        sheet.forEach(page -> made.pages.add(canvas -> made.answers(canvas, page)));
        plan.exercises().forEach(e -> made.exercise(title, e));
        made.endPage();
        return PdfCanvas.document(
                title + ", for the teacher", made.pages, page -> made.size, (canvas, page) -> page.accept(canvas));
    }

    /** The page itself, filled as predicted. */
    private void answers(PdfCanvas canvas, PageLayout page) {
        page.fields().forEach(f -> fill(canvas, f, plan.field(f.id()).predicted()));
        page.drawOn(new PdfInk(canvas));
    }

    private static void fill(PdfCanvas canvas, PageLayout.Field field, List<Lab> colours) {
        if (field.isShape()) {
            fill(
                    canvas,
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
            fill(canvas, colours.get(i), (r, g, b) -> canvas.fill(part, r, g, b));
        }
    }

    private interface Painting {
        void paint(double red, double green, double blue);
    }

    private static void fill(PdfCanvas canvas, Lab colour, Painting painting) {
        Srgb rgb = Srgb.of(colour);
        painting.paint(rgb.red() / 255.0, rgb.green() / 255.0, rgb.blue() / 255.0);
    }

    private void exercise(String title, ExercisePlan e) {
        beginPage();
        text(LEFT, 6, Weight.BOLD, e.title(), 9);
        text(
                LEFT,
                3.6,
                Weight.REGULAR,
                title + " · for the teacher · about " + Math.round(e.minutes()) + " min at work",
                9);
        heading("What should come out");
        row(List.of("Field", "Asked L*", "Predicted L*", "C*", "h", "In order of use"), figureColumns(), Weight.BOLD);
        e.fields().forEach(f -> figures(e, f));
        heading("Marking");
        row(List.of("Goal", "Figure", "2 nearly", "3 secure", "4 beyond"), goalColumns(), Weight.BOLD);
        e.goals().forEach(this::goal);
        list("Show and say", e.notes());
        list(
                "What goes wrong",
                e.faults().stream().map(f -> f.sign() + ": " + f.say()).toList());
        list("Mind", e.cautions());
    }

    private void figures(ExercisePlan e, FieldPlan f) {
        Lab predicted = f.predictedColour();
        boolean hue = predicted.chroma() >= 3;
        row(
                List.of(
                        f.id() + (f.label().isEmpty() ? "" : " " + f.label()),
                        f.asked().isEmpty() ? "" : number(f.askedLightness()),
                        f.predicted().size() == 1
                                ? number(predicted.lightness())
                                : number(predicted.lightness()) + " to "
                                        + number(f.predicted()
                                                .get(f.predicted().size() - 1)
                                                .lightness()),
                        number(predicted.chroma()),
                        hue ? String.format(Locale.ROOT, "%.0f°", predicted.hueDegrees()) : "",
                        String.join(", then ", SheetWording.recipe(e, f))),
                figureColumns(),
                Weight.REGULAR);
    }

    private static double[] figureColumns() {
        return new double[] {LEFT, LEFT + 34, LEFT + 54, LEFT + 80, LEFT + 92, LEFT + 104};
    }

    private static double[] goalColumns() {
        return new double[] {LEFT, LEFT + 48, LEFT + 116, LEFT + 134, LEFT + 152};
    }

    private void goal(GoalPlan goal) {
        Ladder ladder = goal.held(band);
        String sign = ladder.nearly() < ladder.beyond() ? "≥ " : "≤ ";
        row(
                List.of(
                        goal.goal().label(),
                        goal.goal().figure() + ", " + goal.goal().unit(),
                        sign + number(ladder.nearly()),
                        sign + number(ladder.secure()),
                        sign + number(ladder.beyond())),
                goalColumns(),
                Weight.REGULAR);
    }

    private void list(String head, List<String> words) {
        if (!words.isEmpty()) {
            heading(head);
            words.forEach(w -> text(LEFT, SMALL, Weight.REGULAR, w, LINE));
        }
    }

    private void heading(String words) {
        y += 3;
        text(LEFT, 4, Weight.BOLD, words, LINE + 1);
    }

    private void row(List<String> cells, double[] columns, Weight weight) {
        turnIfFull();
        double at = y;
        for (int i = 0; i < cells.size(); i++) {
            double end = i + 1 < columns.length ? columns[i + 1] - 1.5 : size.widthMm() - LEFT;
            String words = fitted(cells.get(i), weight, SMALL, end - columns[i]);
            double x = columns[i];
            lines.add(canvas -> canvas.text(x, at, SMALL, weight, words));
        }
        lines.add(canvas -> canvas.line(LEFT, at + 1.4, size.widthMm() - LEFT, at + 1.4, 0.1));
        y += LINE;
    }

    private void text(double x, double em, Weight weight, String words, double lead) {
        turnIfFull();
        double at = y;
        String cut = fitted(words, weight, em, size.widthMm() - LEFT - x);
        lines.add(canvas -> canvas.text(x, at, em, weight, cut));
        y += lead;
    }

    private static String fitted(String words, Weight weight, double em, double room) {
        return Typeface.fitted(Typeface.printable(words), weight, em, room);
    }

    private void turnIfFull() {
        if (y > size.heightMm() - 16) {
            beginPage();
        }
    }

    private void beginPage() {
        endPage();
        lines = new ArrayList<>();
        y = TOP;
    }

    private void endPage() {
        if (lines != null) {
            List<Consumer<PdfCanvas>> done = lines;
            pages.add(canvas -> done.forEach(l -> l.accept(canvas)));
            lines = null;
        }
    }

    private static String number(double value) {
        // Adding zero makes a negative zero one.
        return String.format(Locale.ROOT, "%.1f", Math.rint(value * 10) / 10 + 0.0);
    }
}
