package grastel.core.exercise.plan;

import grastel.core.checks.Require;
import grastel.core.colour.Lab;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One field of an exercise.
 *
 * @param id short name, unique in the exercise, printed beside the field
 * @param printed how it stands on the page
 * @param ask what is asked of the field
 * @param asked colours asked for at equal distances from left to right; one for an even field, none where nothing is asked
 * @param made how it can be made, and what that gives
 */
public record FieldPlan(String id, Printed printed, Ask ask, List<Lab> asked, Made made) {
    public FieldPlan {
        asked = List.copyOf(asked);
    }

    /**
     * How a field stands on the page.
     *
     * @param group fields of one group stand together; its name is printed over them; empty for none
     * @param label a word or two for the field, or empty
     * @param widthMm width of the field, of a shape the width of its whole form
     * @param heightMm height likewise
     * @param outline closed lines of a shape in mm from the form's top left corner; empty for a rectangle
     */
    public record Printed(String group, String label, double widthMm, double heightMm, List<List<Point>> outline) {
        public Printed {
            outline = outline.stream().map(List::copyOf).toList();
        }

        /** A rectangle. */
        public static Printed box(String group, String label, double widthMm, double heightMm) {
            return new Printed(group, label, widthMm, heightMm, List.of());
        }

        private Printed times(double by) {
            return new Printed(
                    group,
                    label,
                    by * widthMm,
                    by * heightMm,
                    outline.stream()
                            .map(ring -> ring.stream()
                                    .map(p -> new Point(by * p.x(), by * p.y()))
                                    .toList())
                            .toList());
        }
    }

    /**
     * How a field can be made.
     *
     * @param recipe its layers, of a picture those of the tone it has most of
     * @param predicted colours the recipe gives on this paper, at equal distances from left to right
     * @param specks predicted share of paper still showing, at the middle of a strip, 0…1
     * @param picture what lies where in it; null for fields that are one colour or one strip
     */
    public record Made(
            Recipe recipe,
            List<Lab> predicted,
            double specks,
            @Nullable PicturePlan picture) {
        public Made {
            predicted = List.copyOf(predicted);
            if (predicted.isEmpty()) {
                throw new IllegalArgumentException("A field must look like something, at least like paper");
            }
        }

        /** One colour, or a strip. */
        public Made(Recipe recipe, List<Lab> predicted, double specks) {
            this(recipe, predicted, specks, null);
        }
    }

    public enum Ask {
        /** A value, whatever the hue. */
        VALUE,
        /** A colour. */
        COLOUR,
        /** To be tried or redone; not judged. */
        NOTHING
    }

    /** A place in mm. */
    public record Point(double x, double y) {}

    public FieldPlan with(Recipe other) {
        return new FieldPlan(id, printed, ask, asked, new Made(other, predicted(), specks(), picture()));
    }

    /** The same as a field that a picture is drawn in. */
    public FieldPlan with(PicturePlan drawn) {
        return new FieldPlan(id, printed, ask, asked, new Made(recipe(), predicted(), specks(), drawn));
    }

    /** A box or a form a number of times as wide and high, up to a side in mm; strips and pictures stay as they are. */
    FieldPlan grown(double times, double mostBoxMm, double mostFormMm) {
        double most = isShape() ? mostFormMm : mostBoxMm;
        double by = even() ? Math.min(times, Math.max(1, most / Math.max(widthMm(), heightMm()))) : 1;
        return new FieldPlan(id, printed.times(by), ask, asked, made);
    }

    FieldPlan named(String other) {
        return new FieldPlan(other, printed, ask, asked, made);
    }

    public String group() {
        return printed.group();
    }

    public String label() {
        return printed.label();
    }

    public double widthMm() {
        return printed.widthMm();
    }

    public double heightMm() {
        return printed.heightMm();
    }

    public List<List<Point>> outline() {
        return printed.outline();
    }

    public Recipe recipe() {
        return made.recipe();
    }

    public List<Lab> predicted() {
        return made.predicted();
    }

    public double specks() {
        return made.specks();
    }

    public @Nullable PicturePlan picture() {
        return made.picture();
    }

    /** Its picture, of a field that has one. */
    public PicturePlan ownPicture() {
        return Require.present(picture(), "the picture of " + id);
    }

    public boolean hasPicture() {
        return picture() != null;
    }

    /** One colour all over: neither a strip nor a picture. */
    public boolean even() {
        return predicted().size() == 1 && !hasPicture();
    }

    public boolean isShape() {
        return !outline().isEmpty();
    }

    /** L* asked for, at the left end of a strip; of the prediction where nothing is asked. */
    public double askedLightness() {
        return (asked.isEmpty() ? predicted() : asked).get(0).lightness();
    }

    /** What the recipe gives, at the left end of a strip. */
    public Lab predictedColour() {
        return predicted().get(0);
    }
}
