package grastel.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import grastel.core.exercise.pressurescale.PressureScale;
import grastel.core.exercise.pressurescale.PressureScale.Direction;
import grastel.core.layering.PressureGrade;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.ShippedKit;
import grastel.core.recipe.PencilReach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PressureScaleTest {
    private static final Paper CARTRIDGE = ShippedKit.papers().get(0).toPaper();
    private static final Pencil RED = pencil("S07");
    private static final Pencil YELLOW = pencil("S03");

    @ParameterizedTest
    @ValueSource(ints = {3, 5, 7, 11})
    void targetsAreEquallySpacedBetweenLightestMarkAndSolid(int steps) {
        ExercisePlan plan = new PressureScale(steps, Direction.LIGHT_TO_DARK, 20)
                .plan(pencil("S36"), CARTRIDGE, GradeBand.DEVELOPING);

        assertThat(plan.fields()).hasSize(steps);
        assertThat(plan.fields().get(0).askedLightness()).isEqualTo(plan.lightest());
        assertThat(plan.fields().get(steps - 1).askedLightness()).isCloseTo(plan.darkest(), within(1e-9));
        for (int i = 1; i < steps; i++) {
            double step = plan.fields().get(i - 1).askedLightness()
                    - plan.fields().get(i).askedLightness();
            assertThat(step).isCloseTo(plan.askedStep(), within(1e-9));
        }
    }

    @Test
    void firstBoxIsAWhisperAndLastIsFullForce() {
        ExercisePlan plan =
                new PressureScale(5, Direction.LIGHT_TO_DARK, 20).plan(RED, CARTRIDGE, GradeBand.DEVELOPING);

        assertThat(plan.fields().get(0).recipe().grade()).isEqualTo(PressureGrade.WHISPER);
        assertThat(plan.fields().get(4).recipe().grade()).isEqualTo(PressureGrade.FULL);
    }

    @Test
    void directionTurnsTheScaleRound() {
        ExercisePlan down =
                new PressureScale(5, Direction.LIGHT_TO_DARK, 20).plan(RED, CARTRIDGE, GradeBand.DEVELOPING);
        ExercisePlan up = new PressureScale(5, Direction.DARK_TO_LIGHT, 20).plan(RED, CARTRIDGE, GradeBand.DEVELOPING);

        assertThat(up.darkening()).isFalse();
        for (int i = 0; i < 5; i++) {
            assertThat(up.fields().get(i).recipe())
                    .isEqualTo(down.fields().get(4 - i).recipe());
        }
    }

    @Test
    void saysWhenAPaleYellowCannotSpanTheSteps() {
        ExercisePlan plan =
                new PressureScale(7, Direction.LIGHT_TO_DARK, 20).plan(YELLOW, CARTRIDGE, GradeBand.DEVELOPING);

        assertThat(plan.feasibility()).anySatisfy(note -> {
            assertThat(note.code()).isIn(Feasibility.Code.TOO_MANY_STEPS, Feasibility.Code.NO_RANGE);
            assertThat(note.asked()).isEqualTo(7);
            assertThat(note.possible())
                    .isEqualTo(PencilReach.of(YELLOW, CARTRIDGE).steps());
        });
    }

    @Test
    void everyRecipeOfAFeasibleScaleComesNearItsTarget() {
        ExercisePlan plan =
                new PressureScale(5, Direction.LIGHT_TO_DARK, 20).plan(pencil("S16"), CARTRIDGE, GradeBand.DEVELOPING);

        plan.fields().forEach(f -> {
            double off = Math.abs(f.recipe().lightness() - f.askedLightness());
            boolean said = plan.feasibility().stream().anyMatch(n -> f.id().equals(n.field()));
            assertThat(off <= 2 || said).as("box %s off by %.1f", f.id(), off).isTrue();
            assertThat(f.predicted().lightness()).isCloseTo(f.recipe().lightness(), within(1e-9));
        });
    }

    @Test
    void aYoungerClassNeedsLonger() {
        PressureScale scale = new PressureScale(7, Direction.LIGHT_TO_DARK, 20);

        double first = scale.plan(RED, CARTRIDGE, GradeBand.FIRST_STEPS).minutes();
        double advanced = scale.plan(RED, CARTRIDGE, GradeBand.ADVANCED).minutes();

        assertThat(first).isGreaterThan(advanced);
        assertThat(advanced).isBetween(2.0, 30.0);
    }

    @Test
    void refusesImpossibleParameters() {
        assertThatIllegalArgumentException().isThrownBy(() -> new PressureScale(2, Direction.LIGHT_TO_DARK, 20));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new PressureScale(12, Direction.LIGHT_TO_DARK, 20))
                .withMessageContaining("12");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new PressureScale(5, Direction.LIGHT_TO_DARK, Double.NaN));
        assertThatIllegalArgumentException().isThrownBy(() -> new PressureScale(5, null, 20));
    }

    static Pencil pencil(String code) {
        return ShippedKit.pencils().stream()
                .filter(p -> p.code().equals(code))
                .findFirst()
                .orElseThrow()
                .toPencil();
    }
}
