package grastel.core.exercise;

import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.FieldPlan.Point;
import grastel.core.exercise.plan.Recipe;
import grastel.core.exercise.plan.Recipe.Step;
import grastel.core.exercise.plan.Recipe.Technique;
import grastel.core.exercise.plan.Span;
import grastel.core.layering.Effort;
import grastel.core.layering.Layer;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Pressures;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * The work of one field, step by step of its recipe. The one source of a field's minutes: plans, courses and sheets add these
 * up.
 */
public final class FieldWork {
    private FieldWork() {}

    /**
     * One step's work.
     *
     * @param pencil taken up, or null for solvent
     * @param cm2 area gone over in one pass; a strip's layer counts as far as it goes
     * @param passes how often
     * @param pressure 0…1, at its hardest
     * @param minutes for a hand of the speed asked for, with taking up another pencil than before
     */
    public record PictureWork(
            Technique technique, @Nullable Pencil pencil, double cm2, int passes, double pressure, double minutes) {
        /** An equal part of it: so many make the whole. */
        public PictureWork portion(int parts) {
            return new PictureWork(technique, pencil, cm2 / parts, passes, pressure, minutes / parts);
        }
    }

    /** @param cm2PerMinute area of one light pass that the hand covers in a minute, cm² */
    public static List<PictureWork> of(FieldPlan field, List<Pencil> palette, double cm2PerMinute) {
        double area = cm2(field);
        if (!field.hasPicture()) {
            List<PictureWork> pieces = new ArrayList<>();
            add(pieces, field.recipe(), area, palette, cm2PerMinute);
            return List.copyOf(pieces);
        }
        return zones(field, palette, cm2PerMinute).stream()
                .flatMap(z -> z.work().stream())
                .toList();
    }

    /** The work of a zone of a picture. */
    public record Zone(int number, List<PictureWork> work) {}

    /** A picture zone by zone, in the order they are drawn; zones that stay bare are none. */
    public static List<Zone> zones(FieldPlan field, List<Pencil> palette, double cm2PerMinute) {
        return field.ownPicture().order().stream()
                .map(zone -> {
                    List<PictureWork> pieces = new ArrayList<>();
                    field.ownPicture().tones().stream()
                            .filter(t -> t.zone() == zone)
                            .forEach(t -> add(pieces, t.recipe(), cm2(field) * t.share(), palette, cm2PerMinute));
                    return new Zone(zone, List.copyOf(pieces));
                })
                .filter(z -> !z.work().isEmpty())
                .toList();
    }

    /** A recipe's work after what was done before: taking up another pencil takes time. */
    private static void add(
            List<PictureWork> pieces, Recipe recipe, double area, List<Pencil> palette, double cm2PerMinute) {
        Pencil inHand = pieces.stream()
                .map(PictureWork::pencil)
                .filter(Objects::nonNull)
                .reduce((before, last) -> last)
                .orElse(null);
        for (Step step : recipe.steps()) {
            Pencil pencil = step.pencil() < 0 ? null : palette.get(step.pencil());
            double cm2 = area * (step.span().to() - step.span().from());
            double minutes = 0;
            for (Layer layer : new Recipe(List.of(step.over(Span.WHOLE))).layers(palette, 0.5, Pressures.TAUGHT)) {
                minutes += Effort.minutes(layer, cm2, cm2PerMinute);
            }
            if (pencil != null && inHand != null && !pencil.equals(inHand)) {
                minutes += Effort.CHANGE_OF_COLOUR_MINUTES;
            }
            inHand = pencil == null ? inHand : pencil;
            pieces.add(new PictureWork(step.technique(), pencil, cm2, step.passes(), pressure(step.grade()), minutes));
        }
    }

    private static double pressure(@Nullable PressureGrade grade) {
        return grade == null ? 0 : grade.pressure();
    }

    /** Minutes of a whole field, see {@link #of}. */
    public static double minutes(FieldPlan field, List<Pencil> palette, double cm2PerMinute) {
        return of(field, palette, cm2PerMinute).stream()
                .mapToDouble(PictureWork::minutes)
                .sum();
    }

    /** The area to be worked, cm². */
    public static double cm2(FieldPlan field) {
        if (!field.isShape()) {
            return field.widthMm() * field.heightMm() / 100;
        }
        double mm2 = 0;
        for (List<Point> ring : field.outline()) {
            long around = field.outline().stream()
                    .filter(other -> other != ring && holds(other, ring.get(0)))
                    .count();
            mm2 += around % 2 == 0 ? area(ring) : -area(ring);
        }
        return mm2 / 100;
    }

    /** Gauss's area of a polygon. */
    private static double area(List<Point> ring) {
        double twice = 0;
        for (int i = 0; i < ring.size(); i++) {
            Point a = ring.get(i);
            Point b = ring.get((i + 1) % ring.size());
            twice += a.x() * b.y() - b.x() * a.y();
        }
        return Math.abs(twice) / 2;
    }

    /** Whether a point lies in a ring, by the crossings of a ray to the right. */
    private static boolean holds(List<Point> ring, Point p) {
        boolean in = false;
        for (int i = 0; i < ring.size(); i++) {
            Point a = ring.get(i);
            Point b = ring.get((i + 1) % ring.size());
            if (a.y() > p.y() != b.y() > p.y() && p.x() < a.x() + (p.y() - a.y()) / (b.y() - a.y()) * (b.x() - a.x())) {
                in = !in;
            }
        }
        return in;
    }
}
