package grastel.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.Finding;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.layering.PressureGrade;
import grastel.core.media.Pencil;
import grastel.core.recipe.Method;
import grastel.core.recipe.MethodAnswer;
import grastel.core.recipe.PencilRange;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PressureScaleTest {
    private static ExercisePlan plan(String pencil, int steps, String direction) {
        return Shipped.plan(
                "pressure-scale",
                ChosenValues.of("pencil", Shipped.pencil(pencil))
                        .with("steps", steps)
                        .with("direction", direction),
                Shipped.WHITE_PAPER);
    }

    @ParameterizedTest
    @ValueSource(ints = {3, 5, 7, 11})
    void targetsAreEquallySpacedBetweenLightestMarkAndSolid(int steps) {
        ExercisePlan plan = plan("S36", steps, "LIGHT_TO_DARK");
        PencilRange reach = PencilRange.of(Shipped.pencil("S36"), Shipped.CARTRIDGE);
        double each = (reach.lightest() - reach.darkest()) / (steps - 1);

        assertThat(plan.fields()).hasSize(steps);
        for (int i = 0; i < steps; i++) {
            assertThat(plan.fields().get(i).askedLightness()).isCloseTo(reach.lightest() - i * each, within(1e-9));
        }
    }

    /** A hand that does exactly what the sheet says is not judged for what the sheet could not say. */
    @ParameterizedTest
    @ValueSource(ints = {3, 4, 5, 6, 7, 8, 9, 10, 11})
    void stepsOfTheRecipesAreEvenWithEveryPencilOrItIsSaid(int steps) {
        for (Pencil pencil : Shipped.WHITE_PAPER.colours()) {
            PencilRange reach = PencilRange.of(pencil, Shipped.CARTRIDGE);
            if (reach.steps() < steps) {
                continue;
            }
            ExercisePlan plan = plan(pencil.code(), steps, "LIGHT_TO_DARK");
            double spread = spread(plan);
            if (steps <= 8) {
                assertThat(spread).as("%s in %d steps", pencil.code(), steps).isLessThan(22);
            }
            List<Finding> uneven = plan.findings().stream()
                    .filter(f -> f.words().contains("uneven"))
                    .toList();
            assertThat(uneven)
                    .as("%s in %d steps, %.0f %%", pencil.code(), steps, spread)
                    .hasSize(spread > 25 ? 1 : 0);
            uneven.forEach(f -> {
                ChosenValues fewer = f.remedies().get(0).change().with("pencil", pencil);
                ExercisePlan helped = Shipped.plan("pressure-scale", fewer, Shipped.WHITE_PAPER);
                assertThat(helped.fields()).hasSizeLessThan(steps);
                assertThat(spread(helped)).isLessThan(25);
            });
        }
    }

    private static double spread(ExercisePlan plan) {
        double[] values = plan.fields().stream()
                .mapToDouble(f -> f.predictedColour().lightness())
                .toArray();
        double mean = (values[0] - values[values.length - 1]) / (values.length - 1);
        double squares = 0;
        for (int i = 1; i < values.length; i++) {
            squares += Math.pow(values[i - 1] - values[i] - mean, 2);
        }
        return 100 * Math.sqrt(squares / (values.length - 1)) / mean;
    }

    @Test
    void aSecondPressureIsAskedOnlyWhereOneFallsBesideTheStep() {
        long two = plan("S16", 5, "LIGHT_TO_DARK").fields().stream()
                .filter(f -> f.recipe().steps().size() > 1)
                .peek(f -> assertThat(f.recipe().steps().get(0).grade())
                        .isLessThan(f.recipe().steps().get(1).grade()))
                .count();

        assertThat(two).isBetween(1L, 3L);
    }

    @Test
    void firstBoxIsAWhisperAndLastIsFullForce() {
        List<FieldPlan> fields = plan("S07", 5, "LIGHT_TO_DARK").fields();

        assertThat(fields.get(0).recipe().steps().get(0).grade()).isEqualTo(PressureGrade.WHISPER);
        assertThat(fields.get(4).recipe().steps().get(0).grade()).isEqualTo(PressureGrade.FULL);
    }

    @Test
    void directionTurnsTheScaleRoundAndTheMethodSuggestsIt() {
        List<FieldPlan> down = plan("S07", 5, "LIGHT_TO_DARK").fields();
        List<FieldPlan> up = plan("S07", 5, "DARK_TO_LIGHT").fields();
        for (int i = 0; i < 5; i++) {
            assertThat(up.get(i).recipe()).isEqualTo(down.get(4 - i).recipe());
        }

        Setting darksFirst = Shipped.on(Shipped.CARTRIDGE, Method.USUAL.with(MethodAnswer.DARKS_FIRST));
        List<FieldPlan> suggested =
                Shipped.plan("pressure-scale", ChosenValues.NONE, darksFirst).fields();
        assertThat(suggested.get(0).askedLightness())
                .isLessThan(suggested.get(4).askedLightness());
    }

    @Test
    void aPaleYellowIsSaidToSpanFewerStepsAndAFoundationHelps() {
        ExercisePlan plan = plan("S03", 7, "LIGHT_TO_DARK");
        int possible = PencilRange.of(Shipped.pencil("S03"), Shipped.CARTRIDGE).steps();

        assertThat(possible).isLessThan(7);
        Finding finding = plan.findings().get(0);
        assertThat(finding.words()).contains("Lamp Yellow");
        ChosenValues foundation =
                finding.remedies().get(finding.remedies().size() - 1).change();
        ExercisePlan helped = Shipped.plan(
                "pressure-scale",
                foundation.with("pencil", Shipped.pencil("S03")).with("steps", 7),
                Shipped.WHITE_PAPER);
        assertThat(darkest(helped)).isLessThan(darkest(plan) - 8);
        assertThat(helped.palette()).hasSize(2);
    }

    private static double darkest(ExercisePlan plan) {
        return plan.fields().stream()
                .mapToDouble(f -> f.predictedColour().lightness())
                .min()
                .orElseThrow();
    }

    @Test
    void everyRecipeComesNearItsTargetOrSaysThatItDoesNot() {
        ExercisePlan plan = plan("S16", 5, "LIGHT_TO_DARK");

        plan.fields().forEach(f -> {
            double off = Math.abs(f.predictedColour().lightness() - f.askedLightness());
            boolean said = plan.findings().stream().anyMatch(n -> f.id().equals(n.field()));
            assertThat(off <= 2 || said).as("box %s off by %.1f", f.id(), off).isTrue();
        });
    }

    @Test
    void aYoungerClassNeedsLonger() {
        Setting young =
                new Setting(Shipped.WHITE_PAPER.pencils(), Shipped.CARTRIDGE, Method.USUAL, GradeBand.FIRST_STEPS);

        double first = Shipped.plan("pressure-scale", ChosenValues.NONE, young).minutes();
        double developing = Shipped.plan("pressure-scale", ChosenValues.NONE, Shipped.WHITE_PAPER)
                .minutes();

        assertThat(first).isGreaterThan(developing);
        assertThat(developing).isBetween(2.0, 30.0);
    }
}
