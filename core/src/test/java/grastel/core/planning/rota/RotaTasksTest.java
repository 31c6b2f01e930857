package grastel.core.planning.rota;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.ExerciseKinds;
import grastel.core.exercise.Setting;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.planning.Stage;
import grastel.core.planning.Stage.Kind;
import grastel.core.planning.Stages;
import grastel.core.planning.rota.RotaCase.Task;
import grastel.core.planning.rota.RotaTasks.Together;
import grastel.core.recipe.Method;
import grastel.core.recipe.MethodAnswer;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class RotaTasksTest {
    static Stream<String> kinds() {
        return ExerciseKinds.all().stream().map(ExerciseKind::id);
    }

    private static List<Stage> stages(String... kinds) {
        Setting white = Shipped.on(Shipped.CARTRIDGE, Method.USUAL.with(MethodAnswer.SOLVENT_SPARING));
        return Stages.of(
                List.of(SheetPlan.of(Stream.of(kinds)
                        .map(k -> Shipped.plan(
                                k, new ChosenValues(Map.of()), k.equals("toned-scale") ? Shipped.BROWN_PAPER : white))
                        .toList())),
                GradeBand.DEVELOPING,
                8,
                0,
                3);
    }

    private static double minutes(List<Stage> stages) {
        return stages.stream()
                .filter(Stage::isPaced)
                .mapToDouble(Stage::minutes)
                .sum();
    }

    /** Nothing of the work is lost or doubled, and what follows lies only on what is before it. */
    @ParameterizedTest
    @MethodSource("kinds")
    void allWorkOfEveryKindIsInTheTasks(String kind) {
        List<Stage> stages = stages(kind);
        List<Together> together = RotaTasks.of(stages);
        assertThat(together).hasSizeLessThanOrEqualTo(RotaCase.MOST_TASKS);
        assertThat(together.stream().flatMap(t -> t.stages().stream()))
                .containsExactlyElementsOf(
                        stages.stream().filter(Stage::isPaced).toList());
        List<Task> tasks = RotaTasks.tasks(together);
        assertThat(tasks.stream().mapToDouble(Task::minutes).sum()).isCloseTo(minutes(stages), within(1e-6));
        Set<String> before = new HashSet<>();
        for (Task task : tasks) {
            assertThat(before).containsAll(task.after());
            before.add(task.id());
        }
    }

    @Test
    void aFamilyIsOneTask() {
        List<Together> together = RotaTasks.of(stages("tint-hue-shade"));
        assertThat(together)
                .allSatisfy(t -> assertThat(
                                t.stages().stream().map(s -> s.part().group()).distinct())
                        .hasSize(1));
    }

    @Test
    void whatIsOverSomethingDissolvedComesAfterIt() {
        List<Together> together = RotaTasks.of(stages("solvent-split"));
        int wet = -1;
        for (int i = 0; i < together.size(); i++) {
            if (together.get(i).stages().stream().anyMatch(s -> s.kind() == Kind.DISSOLVE)) {
                wet = i;
            }
        }
        assertThat(wet).isPositive();
        assertThat(together.get(wet).after()).hasSize(wet);
    }

    @Test
    void moreThanARotaHoldsIsPutTogetherExerciseByExercise() {
        List<Together> together = RotaTasks.of(stages("pressure-scale", "layer-ladder", "pressure-scale"));
        assertThat(together).hasSize(RotaCase.MOST_TASKS);
        assertThat(together)
                .allSatisfy(t -> assertThat(t.stages().stream()
                                .map(s -> s.part().exercise())
                                .distinct())
                        .hasSize(1));
    }
}
