package grastel.core.page;

import static grastel.core.words.Words.say;

import grastel.core.exercise.plan.FieldPlan.Point;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.page.PageLayout.Patch;
import grastel.core.page.PageLayout.Rule;
import grastel.core.page.PageLayout.Text;
import grastel.core.page.PageLayout.Weight;
import java.util.ArrayList;
import java.util.List;

/** A page while things are put on it. */
final class OpenPage {
    private static final double GRID_MM = 0.15;
    private static final double GRID_LIGHTNESS = 84;
    /** Dots of a dotted line. */
    private static final double DOT_MM = 0.7;

    private static final double DOT_PITCH_MM = 2.4;
    private static final double MARK_SIZE = 2.3;

    private final WordSizes sizes;
    private final FieldRows rowsOf;
    private final List<PageLayout.Field> fields = new ArrayList<>();
    private final List<Rule> rules;
    private final List<Text> texts;
    private final List<Patch> patches = new ArrayList<>();

    OpenPage(PageFrame frame, WordSizes sizes) {
        this.sizes = sizes;
        this.rowsOf = new FieldRows(frame.room(), sizes);
        this.rules = new ArrayList<>(frame.headRules());
        this.texts = new ArrayList<>(frame.headWords());
    }

    /** What stands on it now, without key boxes and foot. */
    PageLayout closed(PageSize size, PageFrame frame) {
        return new PageLayout(size, fields, List.of(), rules, texts, patches, frame.bits());
    }

    void rule(Rect around, double widthMm) {
        rules.addAll(Rule.around(around, widthMm));
    }

    /** A box with its label over it and its recipe under it. @param y top of its row */
    void field(FieldSpec spec, double x, double y, double room) {
        label(spec, x, y + FieldRows.LABEL_MM - SheetComposer.CLEAR_MM - 0.6, room);
        Rect box = new Rect(x, y + FieldRows.LABEL_MM, spec.widthMm(), spec.heightMm());
        fields.add(new PageLayout.Field(spec.id(), box, List.of()));
        grid(spec.inside(), box);
        guide(spec.inside().guide(), box);
        double recipeY = box.bottom() + SheetComposer.CLEAR_MM + sizes.recipe();
        for (String line : rowsOf.recipe(spec, room)) {
            text(x, recipeY, sizes.recipe(), Weight.REGULAR, line, room);
            recipeY += sizes.recipeLead();
        }
    }

    /** So light that putty lifts what a pencil drew along it, and that colour covers it. */
    private void grid(FieldSpec.Inside spec, Rect box) {
        for (int i = 1; i < spec.columns(); i++) {
            double at = box.x() + box.width() * i / spec.columns();
            patches.add(new Patch(new Rect(at - GRID_MM / 2, box.y(), GRID_MM, box.height()), GRID_LIGHTNESS));
        }
        for (int i = 1; i < spec.rows(); i++) {
            double at = box.y() + box.height() * i / spec.rows();
            patches.add(new Patch(new Rect(box.x(), at - GRID_MM / 2, box.width(), GRID_MM), GRID_LIGHTNESS));
        }
    }

    /** Dotted, so that the lines are seen while drawing and hardly under colour. */
    private void guide(PicturePlan.Guide guide, Rect box) {
        for (PicturePlan.Line line : guide.lines()) {
            double length = Math.hypot(
                    line.to().x() - line.from().x(), line.to().y() - line.from().y());
            double right = (line.to().x() - line.from().x()) / length;
            double down = (line.to().y() - line.from().y()) / length;
            for (double at = DOT_PITCH_MM / 2; at + DOT_MM < length; at += DOT_PITCH_MM) {
                double x = box.x() + line.from().x() + at * right;
                double y = box.y() + line.from().y() + at * down;
                rules.add(new Rule(x, y, x + DOT_MM * right, y + DOT_MM * down, PageFurniture.GUIDE_MM));
            }
        }
        for (PicturePlan.Mark mark : guide.marks()) {
            double width = Typeface.widthMm(mark.words(), Weight.REGULAR, MARK_SIZE);
            text(
                    box.x() + mark.at().x() - width / 2,
                    box.y() + mark.at().y() + MARK_SIZE / 3,
                    MARK_SIZE,
                    Weight.REGULAR,
                    mark.words(),
                    width + 1);
        }
    }

    /** The id, the asked value as a grey, and words; gives where it ends. */
    private void label(FieldSpec spec, double x, double baseline, double room) {
        double at = Typeface.widthMm(spec.id(), Weight.BOLD, 4) + 1.4;
        text(x, baseline, 4, Weight.BOLD, spec.id(), room);
        if (spec.askedLightness() != null) {
            patches.add(new Patch(new Rect(x + at, baseline - 3, 4, 3.2), spec.askedLightness()));
            at += 5;
        }
        text(x + at, baseline, snug(spec.asked(), room - at), Weight.REGULAR, spec.asked(), room - at);
    }

    /** A form with the number of each zone in it, and a list of the zones at its side. @param y its top @param end where the list ends */
    void form(List<FieldSpec> zones, double left, double y, double end) {
        double top = y + 4;
        for (FieldSpec zone : zones) {
            List<List<Point>> outline = ClosedOutlines.moved(zone.outline(), left, top);
            fields.add(new PageLayout.Field(zone.id(), ClosedOutlines.bounds(outline), outline));
            Point middle = ClosedOutlines.middle(outline);
            double width = Typeface.widthMm(zone.id(), Weight.REGULAR, 2.3);
            text(middle.x() - width / 2, middle.y() + 0.8, 2.3, Weight.REGULAR, zone.id(), 6);
        }
        double x = left + zones.get(0).widthMm() + 10;
        double line = top + 4;
        for (FieldSpec zone : zones) {
            label(zone, x, line, end - x);
            String recipe = zone.recipe().stream()
                    .reduce((first, next) -> say("exercise.then", first, next))
                    .orElse("");
            double room = end - x - 9.5;
            text(x + 9.5, line + 0.6 + sizes.recipe(), snug(recipe, room), Weight.REGULAR, recipe, room);
            line += sizes.zoneLead();
        }
    }

    /** The size of recipes, or a smaller one in which words fit. */
    private double snug(String words, double room) {
        double wide = Typeface.widthMm(Typeface.printable(words), Weight.REGULAR, sizes.recipe());
        return Math.max(Math.min(sizes.recipe(), WordSizes.LEAST_RECIPE), sizes.recipe() * Math.min(1, room / wide));
    }

    void text(double x, double at, double em, Weight weight, String line, double room) {
        texts.add(FittedLine.fitted(x, at, em, weight, line, room));
    }
}
