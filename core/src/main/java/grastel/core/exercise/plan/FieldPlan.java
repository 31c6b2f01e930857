package grastel.core.exercise.plan;

import grastel.core.colour.Lab;
import grastel.core.known.Known;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One field of an exercise.
 *
 * @param id short name, unique in the exercise, printed beside the field
 * @param group fields of one group stand together; its name is printed over them; empty for none
 * @param label a word or two for the field, or empty
 * @param widthMm width of the field, of a shape the width of its whole form
 * @param heightMm height likewise
 * @param outline closed lines of a shape in mm from the form's top left corner; empty for a rectangle
 * @param ask what is asked of the field
 * @param asked colours asked for at equal distances from left to right; one for an even field, none where nothing is asked
 * @param recipe how it can be made
 * @param predicted colours the recipe gives on this paper, at the same places
 * @param specks predicted share of paper still showing, at the middle of a strip, 0…1
 * @param picture what lies where in it; null for fields that are one colour or one strip
 */
public record FieldPlan(
        String id,
        String group,
        String label,
        double widthMm,
        double heightMm,
        List<List<Point>> outline,
        Ask ask,
        List<Lab> asked,
        Recipe recipe,
        List<Lab> predicted,
        double specks,
        @Nullable PicturePlan picture) {
    public FieldPlan {
        outline = outline.stream().map(List::copyOf).toList();
        asked = List.copyOf(asked);
        predicted = List.copyOf(predicted);
        if (predicted.isEmpty()) {
            throw new IllegalArgumentException("Field " + id + " must look like something, at least like paper");
        }
    }

    /** A field of one colour, or a strip. */
    public FieldPlan(
            String id,
            String group,
            String label,
            double widthMm,
            double heightMm,
            List<List<Point>> outline,
            Ask ask,
            List<Lab> asked,
            Recipe recipe,
            List<Lab> predicted,
            double specks) {
        this(id, group, label, widthMm, heightMm, outline, ask, asked, recipe, predicted, specks, null);
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
        return new FieldPlan(
                id, group, label, widthMm, heightMm, outline, ask, asked, other, predicted, specks, picture);
    }

    /** The same as a field that a picture is drawn in. */
    public FieldPlan with(PicturePlan drawn) {
        return new FieldPlan(
                id, group, label, widthMm, heightMm, outline, ask, asked, recipe, predicted, specks, drawn);
    }

    /** A box or a form a number of times as wide and high, up to a side in mm; strips and pictures stay as they are. */
    FieldPlan grown(double times, double mostBoxMm, double mostFormMm) {
        double most = isShape() ? mostFormMm : mostBoxMm;
        double by = even() ? Math.min(times, Math.max(1, most / Math.max(widthMm, heightMm))) : 1;
        List<List<Point>> larger = outline.stream()
                .map(ring -> ring.stream()
                        .map(p -> new Point(by * p.x(), by * p.y()))
                        .toList())
                .toList();
        return new FieldPlan(
                id, group, label, by * widthMm, by * heightMm, larger, ask, asked, recipe, predicted, specks, picture);
    }

    FieldPlan named(String other) {
        return new FieldPlan(
                other, group, label, widthMm, heightMm, outline, ask, asked, recipe, predicted, specks, picture);
    }

    /** Its picture, of a field that has one. */
    public PicturePlan ownPicture() {
        return Known.here(picture, "the picture of " + id);
    }

    public boolean hasPicture() {
        return picture != null;
    }

    /** One colour all over: neither a strip nor a picture. */
    public boolean even() {
        return predicted.size() == 1 && picture == null;
    }

    public boolean isShape() {
        return !outline.isEmpty();
    }

    /** L* asked for, at the left end of a strip; of the prediction where nothing is asked. */
    public double askedLightness() {
        return (asked.isEmpty() ? predicted : asked).get(0).lightness();
    }

    /** What the recipe gives, at the left end of a strip. */
    public Lab predictedColour() {
        return predicted.get(0);
    }
}
