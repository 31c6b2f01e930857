package grastel.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.ImpossibleExercise;
import grastel.core.exercise.asked.Parameter;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.GoalPlan;
import grastel.core.layering.Pressures;
import grastel.core.layering.Stack;
import grastel.core.recipe.Method;
import grastel.core.recipe.MethodAnswer;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** What every kind promises, whatever it teaches. */
class ExerciseKindsTest {
    private static final Setting SOLVENT =
            Shipped.on(Shipped.CARTRIDGE, Method.USUAL.with(MethodAnswer.SOLVENT_SPARING));

    private static Setting setting(ExerciseKind kind) {
        return switch (kind.id()) {
            case "toned-scale" -> Shipped.BROWN_PAPER;
            case "solvent-split" -> SOLVENT;
            default -> Shipped.WHITE_PAPER;
        };
    }

    private static ExercisePlan plan(ExerciseKind kind) {
        return Shipped.plan(kind.id(), ChosenValues.NONE, setting(kind));
    }

    private static Stream<DynamicTest> each(java.util.function.Consumer<ExerciseKind> check) {
        return ExerciseKinds.all().stream().map(k -> DynamicTest.dynamicTest(k.id(), () -> check.accept(k)));
    }

    @Test
    void thereAreSixteenWithNamesOfTheirOwn() {
        assertThat(ExerciseKinds.all())
                .extracting(ExerciseKind::id)
                .doesNotHaveDuplicates()
                .hasSize(17);
        assertThat(ExerciseKinds.all()).extracting(ExerciseKind::name).doesNotHaveDuplicates();
        assertThat(ExerciseKinds.of("no-such-kind")).isEmpty();
    }

    @TestFactory
    Stream<DynamicTest> suggestionsAreThemselvesPossible() {
        return each(kind -> {
            List<Parameter> parameters = kind.parameters(setting(kind));
            ChosenValues suggested = ChosenValues.NONE.orSuggested(parameters);
            assertThat(suggested.problems(parameters)).isEmpty();
            assertThat(parameters).extracting(Parameter::name).doesNotHaveDuplicates();
        });
    }

    @TestFactory
    Stream<DynamicTest> everyFieldIsPredictedByItsOwnRecipe() {
        return each(kind -> {
            ExercisePlan plan = plan(kind);
            for (FieldPlan field : plan.fields()) {
                for (int i = 0; i < field.predicted().size(); i++) {
                    double at = field.predicted().size() == 1
                            ? 0.5
                            : i / (field.predicted().size() - 1.0);
                    double laid = new Stack(setting(kind).paper(), Optional.empty(), plan.layers(field, at))
                            .swatch()
                            .colour()
                            .lightness();
                    assertThat(field.predicted().get(i).lightness())
                            .as("box %s at %s", field.id(), at)
                            .isCloseTo(laid, within(1e-9));
                }
            }
        });
    }

    @TestFactory
    Stream<DynamicTest> goalsNameFieldsThatThereAre() {
        return each(kind -> {
            ExercisePlan plan = plan(kind);
            Set<String> ids =
                    new HashSet<>(plan.fields().stream().map(FieldPlan::id).toList());
            assertThat(plan.fields()).extracting(FieldPlan::id).doesNotHaveDuplicates();
            assertThat(plan.goals()).isNotEmpty().extracting(GoalPlan::goal).doesNotHaveDuplicates();
            plan.goals().forEach(g -> assertThat(ids).containsAll(g.fields()));
            plan.findings().stream()
                    .filter(f -> f.field() != null)
                    .forEach(f -> assertThat(ids).contains(f.field()));
        });
    }

    @TestFactory
    Stream<DynamicTest> saysWhatToDoAndWhoDecides() {
        return each(kind -> {
            ExercisePlan plan = plan(kind);
            assertThat(plan.kind()).isEqualTo(kind.id());
            assertThat(plan.steps()).hasSizeBetween(2, 8);
            assertThat(plan.notes()).isNotEmpty();
            assertThat(plan.faults()).isNotEmpty();
            assertThat(plan.minutes()).isBetween(1.0, 400.0);
            assertThat(plan.palette()).isNotEmpty().doesNotHaveDuplicates();
            assertThat(plan.cautions().get(plan.cautions().size() - 1)).contains("School rules");
        });
    }

    @TestFactory
    Stream<DynamicTest> remediesAreThemselvesPossible() {
        return each(kind -> {
            Setting few = new Setting(
                    setting(kind).pencils(),
                    Shipped.paper("Shingle Rough"),
                    setting(kind).method(),
                    GradeBand.FIRST_STEPS,
                    Pressures.TAUGHT,
                    List.of(Pieces.FLOAT));
            Setting at = kind.id().equals("toned-scale") ? Shipped.BROWN_PAPER : few;
            List<Parameter> parameters = kind.parameters(at);
            ExercisePlan plan = kind.plan(ChosenValues.NONE.orSuggested(parameters), at);
            plan.findings().stream()
                    .flatMap(f -> f.remedies().stream())
                    .forEach(r -> assertThat(r.change().problems(parameters))
                            .as(r.words())
                            .isEmpty());
        });
    }

    @TestFactory
    Stream<DynamicTest> twoPencilsAreEnoughOrItSaysWhatIsMissing() {
        return each(kind -> {
            Setting two = Shipped.with("S07", "S33");
            List<Parameter> parameters = kind.parameters(two);
            try {
                assertThat(kind.plan(ChosenValues.NONE.orSuggested(parameters), two)
                                .fields())
                        .isNotEmpty();
            } catch (ImpossibleExercise e) {
                assertThat(e).hasMessageMatching("(?s).{20,}\\.");
                assertThat(e.parameter()).isNotBlank();
            }
        });
    }

    @Test
    void impossibleValuesAreNamedWithTheNearestPossible() {
        ExerciseKind scale = ExerciseKinds.of("pressure-scale").orElseThrow();
        List<Parameter> parameters = scale.parameters(Shipped.WHITE_PAPER);

        assertThat(ChosenValues.of("steps", 12).problems(parameters))
                .singleElement()
                .returns("steps", ChosenValues.Problem::parameter)
                .returns(11.0, ChosenValues.Problem::nearest)
                .satisfies(p -> assertThat(p.words()).contains("12").contains("from 3 to 11"));
        assertThat(ChosenValues.of("steps", "many").problems(parameters)).hasSize(1);
        assertThat(ChosenValues.of("direction", "SIDEWAYS").problems(parameters))
                .hasSize(1);
        assertThat(ChosenValues.of("pencil", Shipped.pencil("S01")).problems(parameters))
                .hasSize(1);
        assertThat(ChosenValues.of("colour", 3).problems(parameters)).hasSize(1);
        assertThat(ChosenValues.of("boxMm", Double.NaN).problems(parameters)).hasSize(1);
    }

    @Test
    void tonedScaleNeedsTonedPaperAndSolventAMethodThatHasIt() {
        assertThatExceptionOfType(ImpossibleExercise.class)
                .isThrownBy(() -> Shipped.plan("toned-scale", ChosenValues.NONE, Shipped.WHITE_PAPER))
                .withMessageContaining("toned paper");
        assertThatExceptionOfType(ImpossibleExercise.class)
                .isThrownBy(() -> Shipped.plan("solvent-split", ChosenValues.NONE, Shipped.WHITE_PAPER))
                .withMessageContaining("method");
    }
}
