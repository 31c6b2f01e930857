package grastel.core.judging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import grastel.core.colour.Lab;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.goal.Ladder;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.reading.fields.FieldReading;
import grastel.core.reading.fields.Measured;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class JudgeTest {
    /** A black pencil on cartridge, five steps: lightest about 93, darkest about 22. */
    private static final ExercisePlan PLAN =
            Shipped.plan("pressure-scale", ChosenValues.of("pencil", Shipped.pencil("S36")), Shipped.WHITE_PAPER);

    @Test
    void equalStepsOverTheWholeRangeAreBeyondEverywhere() {
        Map<Goal, Proposal> judged = judge(GradeBand.DEVELOPING, 93, 75, 57, 40, 22);

        assertThat(judged.values()).extracting(Proposal::level).containsOnly(Level.BEYOND);
        assertThat(judged.values()).extracting(Proposal::cause).containsOnlyNulls();
    }

    @Test
    void aReversedPairIsNamedWithItsBox() {
        Proposal order = judge(GradeBand.DEVELOPING, 93, 60, 72, 40, 22).get(Goal.ORDER);

        assertThat(order.level()).isEqualTo(Level.BEGINNING);
        assertThat(order.cause()).isEqualTo(Cause.ORDER_REVERSED);
        assertThat(order.field()).isEqualTo("3");
        assertThat(order.figure().value()).isEqualTo(-12);
    }

    @Test
    void bunchingIsToldByTheEndWhereItIs() {
        assertThat(judge(GradeBand.DEVELOPING, 93, 62, 40, 30, 22)
                        .get(Goal.EQUAL_STEPS)
                        .cause())
                .isEqualTo(Cause.BUNCHED_DARK);
        assertThat(judge(GradeBand.DEVELOPING, 93, 85, 76, 50, 22)
                        .get(Goal.EQUAL_STEPS)
                        .cause())
                .isEqualTo(Cause.BUNCHED_LIGHT);
    }

    @Test
    void aShortRangeIsToldByTheEndThatIsMissed() {
        assertThat(judge(GradeBand.DEVELOPING, 75, 70, 65, 60, 52)
                        .get(Goal.FULL_RANGE)
                        .cause())
                .isEqualTo(Cause.ALL_MIDDLE);
        assertThat(judge(GradeBand.DEVELOPING, 93, 85, 77, 66, 55)
                        .get(Goal.FULL_RANGE)
                        .cause())
                .isEqualTo(Cause.DARK_TOO_THIN);
        assertThat(judge(GradeBand.DEVELOPING, 60, 50, 40, 30, 22)
                        .get(Goal.FULL_RANGE)
                        .cause())
                .isEqualTo(Cause.NEVER_LIGHT);
    }

    @Test
    void anEmptyBoxKeepsTheSetAtBeginningAndAnEmptyPageIsNotTried() {
        List<FieldReading> fields = new ArrayList<>(fields(93, 75, 57, 40, 22));
        fields.set(2, field("3", 95.2, 1, 0, 0, true));
        Map<Goal, Proposal> judged = byGoal(judge(GradeBand.DEVELOPING, fields));

        assertThat(judged.get(Goal.EQUAL_STEPS).level()).isEqualTo(Level.BEGINNING);
        assertThat(judged.get(Goal.EQUAL_STEPS).cause()).isEqualTo(Cause.BOXES_LEFT_OUT);
        assertThat(judged.get(Goal.NEAT_EDGE).level()).isEqualTo(Level.BEYOND);

        List<FieldReading> none = fields.stream()
                .map(f -> field(f.field(), 95.2, 100, 0, 0, true))
                .toList();
        assertThat(judge(GradeBand.DEVELOPING, none))
                .hasSize(PLAN.goals().size())
                .allMatch(p -> p.level() == Level.NOT_TRIED && p.figure() == null);
    }

    @Test
    void boxesAtTheEndThatWereNotReachedSayNothingOfWhatWasDone() {
        List<FieldReading> fields = new ArrayList<>(fields(93, 75, 57, 40, 22));
        fields.set(3, field("4", 95.2, 1, 0, 0, true));
        fields.set(4, field("5", 95.2, 1, 0, 0, true));
        Map<Goal, Proposal> judged = byGoal(judge(GradeBand.DEVELOPING, fields));

        assertThat(judged.get(Goal.EQUAL_STEPS))
                .returns(Level.NOT_TRIED, Proposal::level)
                .returns(Cause.NOT_REACHED, Proposal::cause)
                .returns(null, Proposal::figure);
        assertThat(judged.get(Goal.FULL_RANGE).cause()).isEqualTo(Cause.NOT_REACHED);
        assertThat(judged.get(Goal.NEAT_EDGE).level())
                .as("of the boxes that were done")
                .isEqualTo(Level.BEYOND);
        assertThat(judged.values()).noneMatch(p -> p.cause() == Cause.BOXES_LEFT_OUT);
    }

    @Test
    void anEmptyBoxBeforeOneThatWasFilledWasLeftOut() {
        List<FieldReading> fields = new ArrayList<>(fields(93, 75, 57, 40, 22));
        fields.set(1, field("2", 95.2, 1, 0, 0, true));
        fields.set(4, field("5", 95.2, 1, 0, 0, true));
        assertThat(byGoal(judge(GradeBand.DEVELOPING, fields))
                        .get(Goal.EQUAL_STEPS)
                        .cause())
                .isEqualTo(Cause.BOXES_LEFT_OUT);
    }

    @Test
    void theWorstBoxDecidesEvennessAndEdgeTheDarkestSpecks() {
        List<FieldReading> fields = new ArrayList<>(fields(93, 75, 57, 40, 22));
        fields.set(1, field("2", 75, 60, 4.4, 3, false));
        fields.set(4, field("5", 22, 8, 0.5, 0, false));
        Map<Goal, Proposal> judged = byGoal(judge(GradeBand.DEVELOPING, fields));

        assertThat(judged.get(Goal.EVEN_INSIDE))
                .returns(Level.NEARLY, Proposal::level)
                .returns("2", Proposal::field);
        assertThat(judged.get(Goal.NEAT_EDGE))
                .returns(Cause.HURRY, Proposal::cause)
                .returns("2", Proposal::field);
        assertThat(judged.get(Goal.RICH_DARK))
                .returns(Level.NEARLY, Proposal::level)
                .returns("5", Proposal::field);
    }

    @Test
    void firstStepsAreJudgedMoreKindlyThanAdvanced() {
        double[] lightness = {93, 70, 58, 38, 26};
        Level first =
                judge(GradeBand.FIRST_STEPS, lightness).get(Goal.EQUAL_STEPS).level();
        Level advanced =
                judge(GradeBand.ADVANCED, lightness).get(Goal.EQUAL_STEPS).level();

        assertThat(first).isGreaterThan(advanced);
    }

    /** The same drawing: only what is asked of it differs. */
    @Test
    void whatWasNearlyIsSecureOnceTheTeacherAsksLess() {
        List<FieldReading> fields = fields(93, 70, 58, 30, 22);
        Proposal usual = byGoal(judge(GradeBand.DEVELOPING, fields)).get(Goal.EQUAL_STEPS);
        double factor = 1.02 * usual.figure().value() / usual.ladder().secure();
        Map<Goal, Proposal> moved = byGoal(new Judge(
                        PLAN.withThresholds(Map.of(Goal.EQUAL_STEPS, factor)), GradeBand.DEVELOPING, Shipped.CARTRIDGE)
                .judge(Pages.of(fields)));

        assertThat(usual.level()).isLessThan(Level.SECURE);
        assertThat(moved.get(Goal.EQUAL_STEPS))
                .returns(Level.SECURE, Proposal::level)
                .returns(usual.figure(), Proposal::figure)
                .returns(null, Proposal::cause);
        assertThat(moved.get(Goal.ORDER))
                .isEqualTo(byGoal(judge(GradeBand.DEVELOPING, fields)).get(Goal.ORDER));
    }

    @Test
    void aFigureThatMayAsWellNotBeSecureIsClose() {
        Ladder ladder = new Ladder(45, 25, 15);

        assertThat(ladder.reachesSecure(24.5)).isTrue();
        assertThat(ladder.reachesBeyond(24.5)).isFalse();
        // 0.43 of the 95 % interval: one in five lies beyond
        assertThat(ladder.isClose(24.6, 1)).isTrue();
        assertThat(ladder.isClose(24.5, 1)).isFalse();
        assertThat(ladder.isClose(45, 1))
                .as("between other levels the likelier is proposed")
                .isFalse();
        assertThatIllegalArgumentException().isThrownBy(() -> new Ladder(1, 3, 2));
    }

    private static Map<Goal, Proposal> judge(GradeBand band, double... lightness) {
        return byGoal(judge(band, fields(lightness)));
    }

    private static List<Proposal> judge(GradeBand band, List<FieldReading> fields) {
        return new Judge(PLAN, band, Shipped.CARTRIDGE).judge(Pages.of(fields));
    }

    private static Map<Goal, Proposal> byGoal(List<Proposal> proposals) {
        return proposals.stream().collect(Collectors.toMap(Proposal::goal, Function.identity()));
    }

    private static List<FieldReading> fields(double... lightness) {
        List<FieldReading> fields = new ArrayList<>();
        for (int i = 0; i < lightness.length; i++) {
            fields.add(field(String.valueOf(i + 1), lightness[i], 0, 0.5, 0, false));
        }
        return fields;
    }

    static FieldReading field(
            String id, double lightness, double specks, double uneven, double outside, boolean blank) {
        return new FieldReading(
                id,
                new FieldReading.Mean(new Lab(lightness, 0, 0), new Measured(lightness, 0.4), lightness / 10),
                new FieldReading.SurfaceReading(
                        new Measured(specks, 0.2), new Measured(uneven, 0.2), new Measured(outside, 0.1), blank, 0),
                null,
                null);
    }
}
