package grastel.core.exercise.pressurescale;

import grastel.core.colour.Lab;
import grastel.core.exercise.ExercisePlan;
import grastel.core.exercise.Feasibility;
import grastel.core.exercise.FieldPlan;
import grastel.core.exercise.GradeBand;
import grastel.core.layering.Effort;
import grastel.core.layering.Pass;
import grastel.core.layering.Swatch;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.recipe.PencilReach;
import grastel.core.recipe.PressureRecipe;
import java.util.ArrayList;
import java.util.List;

/**
 * Parameters of a stepped pressure scale.
 *
 * @param steps number of boxes, 3…11
 * @param direction which end comes first
 * @param boxMm side of a box, 12…30 mm
 */
public record PressureScale(int steps, Direction direction, double boxMm) {
    public static final int FEWEST_STEPS = 3;
    public static final int MOST_STEPS = 11;
    public static final double SMALLEST_BOX_MM = 12;
    public static final double LARGEST_BOX_MM = 30;
    /** A recipe further from its asked value than this is said to miss it. */
    private static final double MISS = 2;

    public enum Direction {
        LIGHT_TO_DARK,
        DARK_TO_LIGHT
    }

    public PressureScale {
        if (steps < FEWEST_STEPS || steps > MOST_STEPS) {
            throw new IllegalArgumentException("A pressure scale has 3…11 steps, asked for " + steps);
        }
        if (!(boxMm >= SMALLEST_BOX_MM && boxMm <= LARGEST_BOX_MM)) {
            throw new IllegalArgumentException("A box is 12…30 mm, asked for " + boxMm);
        }
        if (direction == null) {
            throw new IllegalArgumentException("A pressure scale needs a direction");
        }
    }

    /** Targets equally spaced in L* between the pencil's lightest mark and its solid on this paper. */
    public ExercisePlan plan(Pencil pencil, Paper paper, GradeBand band) {
        PencilReach reach = PencilReach.of(pencil, paper);
        boolean darkening = direction == Direction.LIGHT_TO_DARK;
        double first = darkening ? reach.lightest() : reach.darkest();
        double last = darkening ? reach.darkest() : reach.lightest();
        List<FieldPlan> fields = new ArrayList<>();
        for (int i = 0; i < steps; i++) {
            double asked = first + (last - first) * i / (steps - 1);
            PressureRecipe recipe = reach.nearest(asked);
            fields.add(
                    new FieldPlan(String.valueOf(i + 1), boxMm, boxMm, asked, recipe, predict(pencil, paper, recipe)));
        }
        return new ExercisePlan(
                fields,
                darkening,
                reach.paper(),
                reach.lightest(),
                reach.darkest(),
                minutes(fields, band),
                feasibility(fields, reach));
    }

    private static Lab predict(Pencil pencil, Paper paper, PressureRecipe recipe) {
        return Swatch.bare(paper)
                .with(Pass.of(pencil, recipe.grade()), recipe.passes())
                .colour();
    }

    private double minutes(List<FieldPlan> fields, GradeBand band) {
        double cm2 = boxMm * boxMm / 100;
        int passes = fields.stream().mapToInt(f -> f.recipe().passes()).sum();
        return Effort.minutes(passes, cm2, band.cm2PerMinute());
    }

    private List<Feasibility> feasibility(List<FieldPlan> fields, PencilReach reach) {
        List<Feasibility> notes = new ArrayList<>();
        if (reach.steps() < FEWEST_STEPS) {
            notes.add(new Feasibility(Feasibility.Code.NO_RANGE, null, steps, reach.steps()));
        } else if (steps > reach.steps()) {
            notes.add(new Feasibility(Feasibility.Code.TOO_MANY_STEPS, null, steps, reach.steps()));
        }
        for (int i = 0; i < fields.size(); i++) {
            FieldPlan field = fields.get(i);
            double reached = field.recipe().lightness();
            if (Math.abs(reached - field.askedLightness()) > MISS) {
                notes.add(new Feasibility(Feasibility.Code.STEP_MISSED, field.id(), field.askedLightness(), reached));
            }
            if (i > 0 && fields.get(i - 1).recipe().equals(field.recipe())) {
                notes.add(new Feasibility(Feasibility.Code.SAME_RECIPE, field.id(), field.askedLightness(), reached));
            }
        }
        return notes;
    }
}
