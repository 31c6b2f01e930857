package grastel.core.exercise.plan;

import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Pressures;
import grastel.core.layering.Stroke;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What to do to a field, first thing first. Pencils are numbers in the plan's palette, so that plans stay small. */
public record Recipe(List<Step> steps) {
    /** For fields that are left as they are. */
    public static final Recipe NONE = new Recipe(List.of());

    private static final double FAINTEST = 0.02;

    /** Equal layers in a row are written once. */
    public Recipe {
        steps = joined(steps);
    }

    private static List<Step> joined(List<Step> steps) {
        List<Step> joined = new ArrayList<>();
        for (Step step : steps) {
            Step last = joined.isEmpty() ? null : joined.get(joined.size() - 1);
            if (last != null
                    && step.technique() == Technique.COLOUR
                    && last.times(step.passes()).equals(step)
                    && last.passes() + step.passes() <= Layer.MOST_PASSES) {
                joined.set(joined.size() - 1, last.times(last.passes() + step.passes()));
            } else {
                joined.add(step);
            }
        }
        return List.copyOf(joined);
    }

    public enum Technique {
        COLOUR,
        BURNISH,
        SOLVENT
    }

    /**
     * @param pencil place in the palette, from 0; −1 for solvent
     * @param grade how hard; burnishing is always hard
     * @param passes how often
     * @param point 0 dull … 1 needle
     * @param span where along a strip
     */
    public record Step(
            Technique technique,
            int pencil,
            @Nullable PressureGrade grade,
            int passes,
            Stroke stroke,
            double point,
            Span span) {
        public Step with(int otherPencil) {
            return new Step(technique, otherPencil, grade, passes, stroke, point, span);
        }

        public Step times(int otherPasses) {
            return new Step(technique, pencil, grade, otherPasses, stroke, point, span);
        }

        public Step over(Span where) {
            return new Step(technique, pencil, grade, passes, stroke, point, where);
        }

        public Step stroked(Stroke how, double withPoint) {
            return new Step(technique, pencil, grade, passes, how, withPoint, span);
        }
    }

    /** The layers at one place of the field. @param at 0 left … 1 right; @param pressures of those who draw it */
    public List<Layer> layers(List<Pencil> palette, double at, Pressures pressures) {
        List<Layer> layers = new ArrayList<>();
        for (Step step : steps) {
            double pressure = step.grade() == null
                    ? 1
                    : pressures.of(step.grade()) * step.span().strength(at);
            switch (step.technique()) {
                case SOLVENT -> layers.add(new Layer.Solvent());
                case BURNISH -> layers.add(new Layer.Burnish(palette.get(step.pencil()), step.passes()));
                case COLOUR -> {
                    if (pressure >= FAINTEST) {
                        Pass pass = new Pass(palette.get(step.pencil()), pressure, step.point(), step.stroke());
                        layers.add(new Layer.Colour(pass, step.passes()));
                    }
                }
            }
        }
        return layers;
    }
}
