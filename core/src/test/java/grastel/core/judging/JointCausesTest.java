package grastel.core.judging;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.colour.Lab;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.reading.fields.FieldReading;
import grastel.core.reading.fields.Measured;
import grastel.core.reading.fields.Strokes;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** One figure can have several reasons; a second figure tells which. */
class JointCausesTest {
    private static final ExercisePlan SCALE =
            Shipped.plan("pressure-scale", ChosenValues.of("pencil", Shipped.pencil("S36")), Shipped.WHITE_PAPER);
    private static final ExercisePlan REDS =
            Shipped.plan("tint-hue-shade", ChosenValues.of("families", List.of("RED")), Shipped.WHITE_PAPER);
    private static final ExercisePlan LADDER = Shipped.plan("layer-ladder", ChosenValues.NONE, Shipped.WHITE_PAPER);

    /** What was found in a field besides what the plan asks. */
    private record Found(Lab colour, double specks, double uneven, double outside, double coherence) {
        Found colour(UnaryOperator<Lab> change) {
            return new Found(change.apply(colour), specks, uneven, outside, coherence);
        }

        Found specks(double share) {
            return new Found(colour, share, uneven, outside, coherence);
        }

        Found hasty() {
            return new Found(colour, specks, 6, outside, coherence);
        }

        Found overTheEdge() {
            return new Found(colour, specks, uneven, 5, coherence);
        }

        Found hatched() {
            return new Found(colour, specks, uneven, outside, 0.7);
        }
    }

    /** Pressed far too lightly. */
    private static final UnaryOperator<Found> PALE = f -> f.colour(c -> light(c, c.lightness() + 32));

    private static Lab light(Lab colour, double lightness) {
        return new Lab(lightness, colour.a(), colour.b());
    }

    /** A plan drawn exactly but for some fields. */
    private static Map<Goal, Proposal> judged(ExercisePlan plan, Map<String, UnaryOperator<Found>> spoilt) {
        List<FieldReading> readings = plan.fields().stream()
                .map(f -> {
                    Found exact = new Found(f.predictedColour(), 0.5, 0.5, 0, 0.1);
                    return reading(
                            f,
                            spoilt.getOrDefault(f.id(), UnaryOperator.identity())
                                    .apply(exact));
                })
                .toList();
        return new Judge(plan, GradeBand.DEVELOPING, Shipped.CARTRIDGE)
                .judge(Pages.of(readings)).stream().collect(Collectors.toMap(Proposal::goal, Function.identity()));
    }

    private static FieldReading reading(FieldPlan field, Found found) {
        return new FieldReading(
                field.id(),
                new FieldReading.Mean(
                        found.colour(),
                        new Measured(found.colour().lightness(), 0.4),
                        found.colour().value()),
                new FieldReading.SurfaceReading(
                        new Measured(found.specks(), 0.2),
                        new Measured(found.uneven(), 0.2),
                        new Measured(found.outside(), 0.1),
                        field.recipe().steps().isEmpty(),
                        0),
                null,
                new Strokes(new Measured(0, 3), 5, found.coherence()));
    }

    private static Cause cause(ExercisePlan plan, Goal goal, Map<String, UnaryOperator<Found>> spoilt) {
        return judged(plan, spoilt).get(goal).cause();
    }

    @Test
    void specksHaveThreeReasons() {
        assertThat(cause(SCALE, Goal.RICH_DARK, Map.of("5", f -> f.specks(8)))).isEqualTo(Cause.SPECKS_LEFT);
        assertThat(cause(SCALE, Goal.RICH_DARK, Map.of("5", f -> f.specks(8).hatched())))
                .isEqualTo(Cause.ONE_DIRECTION);
        assertThat(cause(
                        SCALE,
                        Goal.RICH_DARK,
                        Map.of("4", PALE, "5", f -> PALE.apply(f).specks(8).hatched())))
                .isEqualTo(Cause.TOO_LITTLE_PRESSURE);
    }

    @Test
    void aLightDarkIsThinOnlyWhereNoPaperShows() {
        assertThat(cause(SCALE, Goal.FULL_RANGE, Map.of("4", PALE, "5", PALE))).isEqualTo(Cause.DARK_TOO_THIN);
        assertThat(cause(
                        SCALE,
                        Goal.FULL_RANGE,
                        Map.of("4", PALE, "5", f -> PALE.apply(f).specks(20))))
                .isEqualTo(Cause.TOO_LITTLE_PRESSURE);
    }

    @Test
    void unevenAndOverTheEdgeIsHurry() {
        assertThat(cause(SCALE, Goal.EVEN_INSIDE, Map.of("2", Found::hasty))).isEqualTo(Cause.PATCHY);
        assertThat(cause(SCALE, Goal.NEAT_EDGE, Map.of("3", Found::overTheEdge)))
                .isEqualTo(Cause.OVER_EDGE);
        Map<String, UnaryOperator<Found>> both = Map.of("2", Found::hasty, "3", Found::overTheEdge);
        assertThat(cause(SCALE, Goal.EVEN_INSIDE, both)).isEqualTo(Cause.HURRY);
        assertThat(cause(SCALE, Goal.NEAT_EDGE, both)).isEqualTo(Cause.HURRY);
    }

    @Test
    void aWeakTintWantsMoreWhiteOnlyWhereTheGrainShows() {
        UnaryOperator<Found> weak = f -> f.colour(c -> light(c, REDS.field("2").askedLightness() + 4));

        assertThat(cause(REDS, Goal.TINT_LIGHTER, Map.of("1", weak))).isEqualTo(Cause.TINT_TOO_WEAK);
        assertThat(cause(REDS, Goal.TINT_LIGHTER, Map.of("1", f -> weak.apply(f).specks(25))))
                .isEqualTo(Cause.WHITE_TOO_THIN);
    }

    @Test
    void aGreyShadeIsSwallowedByTheDarkOrCancelledByItsOpposite() {
        UnaryOperator<Found> grey = f -> f.colour(c -> new Lab(c.lightness(), 0.1 * c.a(), 0.1 * c.b()));

        assertThat(cause(REDS, Goal.SHADE_CHROMA, Map.of("3", grey))).isEqualTo(Cause.SHADE_MUDDY);
        assertThat(cause(
                        REDS,
                        Goal.SHADE_CHROMA,
                        Map.of(
                                "3",
                                f -> grey.apply(f)
                                        .colour(c -> light(c, REDS.field("2").askedLightness() - 2)))))
                .isEqualTo(Cause.OPPOSITES_EQUAL);
    }

    /** The last rung is as dark as the one before: with paper left there was too little, without it no more could hold. */
    @Test
    void aLayerThatDoesNotShowLiesOnAFullTooth() {
        List<FieldPlan> rungs = LADDER.fields().stream()
                .filter(f -> LADDER.goals().get(0).fields().contains(f.id()))
                .toList();
        FieldPlan last = rungs.get(rungs.size() - 1);
        double before = rungs.get(rungs.size() - 2).predictedColour().lightness();
        Map<String, UnaryOperator<Found>> same = new HashMap<>();
        same.put(last.id(), f -> f.specks(12).colour(c -> light(c, before - 0.01)));

        assertThat(cause(LADDER, Goal.SHRINKING_STEPS, same)).isEqualTo(Cause.NEIGHBOURS_ALIKE);
        same.put(last.id(), f -> f.specks(1).colour(c -> light(c, before - 0.01)));
        assertThat(cause(LADDER, Goal.SHRINKING_STEPS, same)).isEqualTo(Cause.TOOTH_FULL);
    }

    @Test
    void levelsAndFiguresStay() {
        Map<Goal, Proposal> patchy = judged(SCALE, Map.of("2", Found::hasty));
        Map<Goal, Proposal> hurry = judged(SCALE, Map.of("2", Found::hasty, "3", Found::overTheEdge));

        assertThat(hurry.get(Goal.EVEN_INSIDE))
                .returns(patchy.get(Goal.EVEN_INSIDE).level(), Proposal::level)
                .returns(patchy.get(Goal.EVEN_INSIDE).figure(), Proposal::figure)
                .returns("2", Proposal::field);
    }
}
