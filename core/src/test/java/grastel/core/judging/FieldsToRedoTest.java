package grastel.core.judging;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.judging.FieldsToRedo.Missed;
import grastel.core.reading.fields.FieldReading;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Five boxes of a pressure scale, of which some are done again. */
class FieldsToRedoTest {
    private static final ExercisePlan PLAN =
            Shipped.plan("pressure-scale", ChosenValues.of("pencil", Shipped.pencil("S36")), Shipped.WHITE_PAPER);
    private static final double[] STEADY = {1, 1, 1, 1, 1};

    private static List<FieldReading> boxes(double[] lightness, double[] unevenness) {
        List<FieldReading> boxes = new ArrayList<>();
        for (int i = 0; i < lightness.length; i++) {
            boxes.add(JudgeTest.field(String.valueOf(i + 1), lightness[i], 1, unevenness[i], 0.1, lightness[i] > 94.9));
        }
        return boxes;
    }

    private static Map<String, Optional<Cause>> again(List<FieldReading> boxes) {
        List<Missed> marks = new Judge(PLAN, GradeBand.DEVELOPING, Shipped.WHITE_PAPER.paper())
                .judge(Pages.of(boxes)).stream()
                        .map(p -> new Missed(p.goal(), p.level(), p.cause(), p.field()))
                        .toList();
        return again(marks, boxes);
    }

    private static Map<String, Optional<Cause>> again(List<Missed> marks, List<FieldReading> boxes) {
        return new FieldsToRedo(PLAN, GradeBand.DEVELOPING, Shipped.WHITE_PAPER.paper())
                .fields(marks, List.of(Pages.of(boxes)));
    }

    @Test
    void whatIsSecureIsNotDoneAgain() {
        assertThat(again(boxes(new double[] {93, 75, 57, 40, 22}, STEADY))).isEmpty();
    }

    @Test
    void everyBoxThatIsUnevenIsDoneAgainAndNoOther() {
        assertThat(again(boxes(new double[] {93, 75, 57, 40, 22}, new double[] {1, 9, 1, 14, 1})))
                .containsOnlyKeys("2", "4")
                .containsEntry("2", Optional.of(Cause.PATCHY));
    }

    @Test
    void ofARowTheBoxThatIsOutOfItBesideItsNeighbours() {
        assertThat(again(
                        List.of(new Missed(Goal.ORDER, Level.BEGINNING, Cause.ORDER_REVERSED, "3")),
                        boxes(new double[] {93, 60, 72, 40, 22}, STEADY)))
                .containsExactly(
                        Map.entry("2", Optional.empty()),
                        Map.entry("3", Optional.of(Cause.ORDER_REVERSED)),
                        Map.entry("4", Optional.empty()));
    }

    @Test
    void ofARangeBothEndsAndOfUnequalStepsTheRow() {
        List<FieldReading> boxes = boxes(new double[] {93, 75, 57, 40, 22}, STEADY);
        assertThat(again(List.of(new Missed(Goal.FULL_RANGE, Level.NEARLY, Cause.NEVER_DARK, null)), boxes))
                .containsExactly(Map.entry("1", Optional.empty()), Map.entry("5", Optional.of(Cause.NEVER_DARK)));
        assertThat(again(List.of(new Missed(Goal.FULL_RANGE, Level.NEARLY, Cause.ALL_MIDDLE, null)), boxes))
                .containsOnlyKeys("1", "5");
        assertThat(again(List.of(new Missed(Goal.EQUAL_STEPS, Level.NEARLY, Cause.BUNCHED_DARK, null)), boxes))
                .containsOnlyKeys("1", "2", "3", "4", "5");
    }

    /** What one goal asks for beside another does not silence what the other has to say. */
    @Test
    void aNeighbourKeepsItsOwnCause() {
        assertThat(again(
                        List.of(
                                new Missed(Goal.ORDER, Level.BEGINNING, Cause.ORDER_REVERSED, "3"),
                                new Missed(Goal.EVEN_INSIDE, Level.NEARLY, Cause.PATCHY, "2")),
                        boxes(new double[] {93, 60, 72, 40, 22}, new double[] {1, 9, 1, 1, 1})))
                .containsEntry("2", Optional.of(Cause.PATCHY))
                .containsEntry("3", Optional.of(Cause.ORDER_REVERSED))
                .containsKey("4");
    }

    @Test
    void ofAFamilyAllThree() {
        ExercisePlan family = Shipped.plan("tint-hue-shade", ChosenValues.NONE, Shipped.WHITE_PAPER);
        List<String> first = family.goals().stream()
                .filter(g -> g.goal() == Goal.TINT_LIGHTER)
                .findFirst()
                .orElseThrow()
                .fields()
                .subList(0, 3);
        List<FieldReading> read = family.fields().stream()
                .map(f -> JudgeTest.field(f.id(), f.askedLightness(), 1, 1, 0.1, false))
                .toList();

        assertThat(new FieldsToRedo(family, GradeBand.DEVELOPING, Shipped.WHITE_PAPER.paper())
                        .fields(
                                List.of(new Missed(Goal.TINT_LIGHTER, Level.NEARLY, null, first.get(0))),
                                List.of(Pages.of(read))))
                .containsKeys(first.toArray(String[]::new));
    }

    @Test
    void whatWasLeftOutIsDoneAndWhatWasNotReachedWaits() {
        assertThat(again(boxes(new double[] {93, 95.2, 57, 40, 22}, STEADY)))
                .containsEntry("2", Optional.of(Cause.BOXES_LEFT_OUT))
                .doesNotContainKeys("1", "3", "4", "5");
        assertThat(again(boxes(new double[] {93, 75, 57, 40, 95.2}, new double[] {1, 9, 1, 1, 0})))
                .as("the uneven one, not the one that was not reached")
                .containsOnlyKeys("2");
    }

    @Test
    void aTeachersWordCountsWhereTheFiguresSayNothing() {
        List<FieldReading> boxes = boxes(new double[] {93, 75, 57, 40, 22}, STEADY);
        assertThat(again(List.of(new Missed(Goal.EVEN_INSIDE, Level.NEARLY, null, null)), boxes))
                .hasSize(5)
                .containsEntry("1", Optional.empty());
    }

    @Test
    void aFormIsDoneAgainAsAWhole() {
        ExercisePlan form = Shipped.plan("form-study", ChosenValues.NONE, Shipped.WHITE_PAPER);
        FieldPlan zone =
                form.fields().stream().filter(FieldPlan::isShape).findFirst().orElseThrow();
        List<FieldReading> read = form.fields().stream()
                .map(f -> JudgeTest.field(f.id(), f.askedLightness(), 1, 1, 0.1, false))
                .toList();

        assertThat(new FieldsToRedo(form, GradeBand.DEVELOPING, Shipped.WHITE_PAPER.paper())
                        .fields(
                                List.of(new Missed(Goal.ZONE_VALUES, Level.NEARLY, Cause.ZONE_TOO_LIGHT, zone.id())),
                                List.of(Pages.of(read))))
                .containsOnlyKeys(form.fields().stream()
                        .filter(f -> f.isShape() && f.group().equals(zone.group()))
                        .map(FieldPlan::id)
                        .toArray(String[]::new));
    }
}
