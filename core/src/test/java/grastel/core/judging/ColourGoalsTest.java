package grastel.core.judging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.Lab;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.GoalFields;
import grastel.core.exercise.plan.GoalPlan;
import grastel.core.reading.fields.FieldReading;
import grastel.core.reading.fields.Measured;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Goals of colour, on readings made from the plan itself and then spoiled in one place. */
class ColourGoalsTest {
    private static FieldReading read(FieldPlan field, Lab colour, boolean blank) {
        return new FieldReading(
                field.id(),
                new FieldReading.Mean(colour, new Measured(colour.lightness(), 0.4), colour.value()),
                new FieldReading.SurfaceReading(
                        new Measured(0.5, 0.2), new Measured(0.5, 0.2), new Measured(0, 0.1), blank, 0),
                null,
                null);
    }

    /** The plan drawn exactly, but for one field. */
    private static Map<Goal, Proposal> judged(ExercisePlan plan, String spoiled, UnaryOperator<Lab> spoil) {
        return judged(plan, Set.of(), spoiled, spoil);
    }

    /** @param empty fields left out */
    private static Map<Goal, Proposal> judged(
            ExercisePlan plan, Set<String> empty, String spoiled, UnaryOperator<Lab> spoil) {
        List<FieldReading> readings = plan.fields().stream()
                .map(f -> read(
                        f,
                        f.id().equals(spoiled) ? spoil.apply(f.predictedColour()) : f.predictedColour(),
                        f.recipe().steps().isEmpty() || empty.contains(f.id())))
                .toList();
        return new Judge(plan, GradeBand.DEVELOPING, Shipped.CARTRIDGE)
                .judge(Pages.of(readings)).stream().collect(Collectors.toMap(Proposal::goal, Function.identity()));
    }

    private static ExercisePlan reds() {
        return Shipped.plan("tint-hue-shade", ChosenValues.of("families", List.of("RED")), Shipped.WHITE_PAPER);
    }

    @Test
    void aFamilyDrawnAsPlannedIsSecure() {
        assertThat(judged(reds(), "none", c -> c).values())
                .extracting(Proposal::level)
                .allMatch(l -> l.compareTo(Level.SECURE) >= 0);
    }

    /** Only boxes that an exact blender keeps are asked for; here it moved the last of them by 12. */
    @Test
    void anEmptyBoxLeavesOutItsOwnPairOnly() {
        ExercisePlan trio = Shipped.plan("burnish-trio", ChosenValues.NONE, Shipped.WHITE_PAPER);
        GoalFields.Changes pairs =
                (GoalFields.Changes) goal(trio, Goal.BLENDER_KEEPS_VALUE).of();
        String firstPlain = pairs.changes().get(0).plain();
        GoalFields.Change last = pairs.changes().get(pairs.changes().size() - 1);
        double plain = trio.field(last.plain()).predictedColour().lightness();

        Proposal moved = judged(trio, Set.of(firstPlain), last.changed(), c -> new Lab(plain - 12, c.a(), c.b()))
                .get(Goal.BLENDER_KEEPS_VALUE);

        assertThat(moved.figure().value()).isCloseTo(12, within(1e-9));
        assertThat(moved).returns(Level.BEGINNING, Proposal::level).returns(Cause.BOXES_LEFT_OUT, Proposal::cause);
    }

    @Test
    void anEmptyFieldOfAFamilyLeavesOutThatFamilyOnly() {
        ExercisePlan two = Shipped.plan(
                "tint-hue-shade", ChosenValues.of("families", List.of("RED", "BLUE")), Shipped.WHITE_PAPER);
        GoalFields.Family blue = ((GoalFields.Families)
                        goal(two, Goal.TINT_LIGHTER).of())
                .families()
                .get(1);
        double hue = two.field(blue.hue()).predictedColour().lightness();

        Proposal lift = judged(two, Set.of("1"), blue.tint(), c -> new Lab(hue + 3, c.a(), c.b()))
                .get(Goal.TINT_LIGHTER);

        assertThat(lift.figure().value()).isCloseTo(3, within(1e-9));
    }

    @Test
    void anEmptyBoxOfARowIsNoStepOfItsOwn() {
        ExercisePlan scale = Shipped.plan("pressure-scale", ChosenValues.of("steps", 5), Shipped.WHITE_PAPER);
        GoalPlan order = goal(scale, Goal.ORDER);
        String light = order.fields().get(0);
        String dark = order.fields().get(4);
        double reach = scale.field(light).askedLightness() - scale.field(dark).askedLightness();
        Map<Goal, Proposal> all = judged(scale, Set.of(), "none", c -> c);
        Map<Goal, Proposal> without = judged(scale, Set.of(order.fields().get(2)), "none", c -> c);
        Map<Goal, Proposal> noLight = judged(scale, Set.of(light), "none", c -> c);

        assertThat(without.get(Goal.EQUAL_STEPS).figure().value())
                .as("a gap is two steps, not one large one")
                .isLessThan(all.get(Goal.EQUAL_STEPS).figure().value() + 5);
        assertThat(noLight.get(Goal.FULL_RANGE).figure().value())
                .as("of the whole row, not of what is left of it")
                .isCloseTo(
                        100
                                * (scale.field(order.fields().get(1))
                                                .predictedColour()
                                                .lightness()
                                        - scale.field(dark).predictedColour().lightness())
                                / reach,
                        within(1e-9));
    }

    private static GoalPlan goal(ExercisePlan plan, Goal goal) {
        return plan.goals().stream().filter(g -> g.goal() == goal).findFirst().orElseThrow();
    }

    @Test
    void aShadeThatTurnedAwayIsNamedWithItsAngle() {
        double hue = reds().field("2").predictedColour().hueDegrees();
        double chroma = 40;
        double turned = Math.toRadians(hue + 40);
        Proposal holds = judged(
                        reds(), "3", c -> new Lab(c.lightness(), chroma * Math.cos(turned), chroma * Math.sin(turned)))
                .get(Goal.HUE_HOLDS);

        assertThat(holds.figure().value()).isCloseTo(40, within(1e-6));
        assertThat(holds).returns(Level.BEGINNING, Proposal::level).returns("3", Proposal::field);
        assertThat(holds.cause()).isEqualTo(Cause.HUE_DRIFTS);
    }

    @Test
    void aMuddyShadeAndAWeakTintAreTold() {
        Map<Goal, Proposal> muddy = judged(reds(), "3", c -> new Lab(c.lightness(), 0.1 * c.a(), 0.1 * c.b()));
        assertThat(muddy.get(Goal.SHADE_CHROMA).cause()).isEqualTo(Cause.SHADE_MUDDY);

        Lab hue = reds().field("2").predictedColour();
        Map<Goal, Proposal> weak = judged(reds(), "1", c -> hue);
        assertThat(weak.get(Goal.TINT_LIGHTER).figure().value()).isCloseTo(0, within(1e-9));
        assertThat(weak.get(Goal.TINT_LIGHTER).cause()).isEqualTo(Cause.TINT_TOO_WEAK);
    }

    @Test
    void aBlendThatMovesTheValueIsToldByItsBox() {
        ExercisePlan plan =
                Shipped.plan("burnish-trio", ChosenValues.of("burnishers", List.of("BLENDER")), Shipped.WHITE_PAPER);
        Proposal kept = judged(plan, "6", c -> new Lab(c.lightness() + 12, c.a(), c.b()))
                .get(Goal.BLENDER_KEEPS_VALUE);

        assertThat(kept).returns("6", Proposal::field).returns(Cause.VALUE_MOVED, Proposal::cause);
    }

    @Test
    void barePaperThatWasColouredOverIsTold() {
        ExercisePlan plan = Shipped.plan("toned-scale", ChosenValues.NONE, Shipped.BROWN_PAPER);

        assertThat(judged(plan, "none", c -> c).get(Goal.PAPER_LEFT_BARE).level())
                .isEqualTo(Level.BEYOND);
        assertThat(judged(plan, "3", c -> new Lab(c.lightness() - 9, c.a(), c.b()))
                        .get(Goal.PAPER_LEFT_BARE)
                        .cause())
                .isEqualTo(Cause.PAPER_COVERED);
    }

    @Test
    void aMixtureOffItsTargetIsMeasuredInColourDifference() {
        ExercisePlan plan = Shipped.plan("mixing-from-few", ChosenValues.NONE, Shipped.WHITE_PAPER);
        Proposal near = judged(plan, "1", c -> new Lab(c.lightness() - 25, c.a(), c.b()))
                .get(Goal.NEAR_TARGET);

        assertThat(near).returns("1", Proposal::field).returns(Cause.OFF_TARGET, Proposal::cause);
        assertThat(near.figure().value()).isGreaterThan(12);
    }

    @Test
    void goalsThatAreNotMeasuredMakeNoProposal() {
        ExercisePlan plan = Shipped.plan("gradation-strip", ChosenValues.NONE, Shipped.WHITE_PAPER);

        assertThat(judged(plan, "none", c -> c)).doesNotContainKeys(Goal.SMOOTH_FADE, Goal.FADES_TO_PAPER);
    }
}
