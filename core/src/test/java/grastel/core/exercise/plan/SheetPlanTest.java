package grastel.core.exercise.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class SheetPlanTest {
    private static final ChosenValues BLUE = ChosenValues.of("pencil", Shipped.pencil("S16"));
    private static final ExercisePlan SCALE = Shipped.plan("pressure-scale", BLUE, Shipped.WHITE_PAPER);

    private static SheetPlan of(ExercisePlan... plans) {
        return SheetPlan.of(List.of(plans));
    }

    @Test
    void theSamePencilAtAnotherPlaceOfThePaletteIsNoDifference() {
        SheetPlan plan = of(SCALE);
        ExercisePlan moved = new ExercisePlan(
                SCALE.kind(),
                SCALE.title(),
                SCALE.goal(),
                List.of(Shipped.pencil("S03"), Shipped.pencil("S16")),
                SCALE.fields().stream()
                        .map(f -> f.with(new Recipe(
                                f.recipe().steps().stream().map(s -> s.with(1)).toList())))
                        .toList(),
                SCALE.goals(),
                SCALE.figures(),
                SCALE.teaching(),
                SCALE.findings(),
                SCALE.pressures());
        assertThat(plan.differing(of(moved))).isZero();
    }

    @Test
    void anotherPencilDiffersInEveryField() {
        ExercisePlan green =
                Shipped.plan("pressure-scale", ChosenValues.of("pencil", Shipped.pencil("S03")), Shipped.WHITE_PAPER);
        assertThat(of(SCALE).differing(of(green))).isEqualTo(SCALE.fields().size());
    }

    @Test
    void fieldsOfSeveralExercisesHaveNamesOfTheirOwnInGoalsToo() {
        SheetPlan two = of(SCALE, Shipped.plan("tint-hue-shade", ChosenValues.NONE, Shipped.WHITE_PAPER));
        for (ExercisePlan exercise : two.exercises()) {
            List<String> ids = exercise.fields().stream().map(FieldPlan::id).toList();
            assertThat(exercise.goals()).allSatisfy(goal -> assertThat(ids).containsAll(goal.fields()));
        }
        assertThat(two.fields()).extracting(FieldPlan::id).doesNotHaveDuplicates();
    }

    @Test
    void tooManyExercisesAreSaidWithTheLimit() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> SheetPlan.of(Collections.nCopies(9, SCALE)))
                .withMessageContaining("1…8")
                .withMessageContaining("9");
    }
}
