package grastel.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.Lab;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.ImpossibleExercise;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class StripKindsTest {
    @ParameterizedTest
    @ValueSource(strings = {"S07", "S16", "S23", "S36", "F19"})
    void aFadeFallsEvenlyToThePaper(String pencil) {
        ExercisePlan plan =
                Shipped.plan("gradation-strip", ChosenValues.of("pencil", Shipped.pencil(pencil)), Shipped.WHITE_PAPER);
        List<Lab> along = plan.fields().get(0).predicted();
        double range = along.get(along.size() - 1).lightness() - along.get(0).lightness();

        for (int i = 1; i < along.size(); i++) {
            double step = along.get(i).lightness() - along.get(i - 1).lightness();
            assertThat(step).as("step %d", i).isBetween(-0.2, 3.2 * range / (along.size() - 1));
        }
        assertThat(along.get(along.size() - 1).lightness()).isCloseTo(95.2, within(1.0));
    }

    @Test
    void twoColoursMeetWithLittleGapAndWiderOverlapThanAskedIsRefused() {
        ExercisePlan plan = Shipped.plan(
                "two-colour-fade",
                ChosenValues.of("pencil", Shipped.pencil("S07")).with("second", Shipped.pencil("S13")),
                Shipped.WHITE_PAPER);
        FieldPlan strip = plan.fields().get(0);
        double worst = 0;
        for (int i = 0; i < strip.asked().size(); i++) {
            worst = Math.max(
                    worst,
                    Math.abs(strip.asked().get(i).lightness()
                            - strip.predicted().get(i).lightness()));
        }
        boolean said = !plan.findings().isEmpty();
        assertThat(worst < 4 || said).as("join off by %.1f", worst).isTrue();
        assertThatExceptionOfType(ImpossibleExercise.class)
                .isThrownBy(() -> Shipped.plan(
                        "two-colour-fade",
                        ChosenValues.of("overlapMm", 100.0).with("lengthMm", 60.0),
                        Shipped.WHITE_PAPER));
    }

    @Test
    void aNarrowOverlapIsAnsweredWithAWiderOne() {
        ExercisePlan plan = Shipped.plan(
                "two-colour-fade",
                ChosenValues.of("pencil", Shipped.pencil("S36"))
                        .with("second", Shipped.pencil("S16"))
                        .with("overlapMm", 10.0),
                Shipped.WHITE_PAPER);

        assertThat(plan.findings()).singleElement().satisfies(f -> {
            assertThat(f.words()).containsAnyOf("10 mm is narrow", "The join is");
            assertThat((Double) f.remedies().get(0).change().chosen().get("overlapMm"))
                    .isGreaterThan(20.0);
        });
    }

    @Test
    void neighboursOnTheWheelBlendWithoutGoingBack() {
        ExercisePlan plan = Shipped.plan("analogous-blend", ChosenValues.NONE, Shipped.WHITE_PAPER);
        List<Lab> along = plan.fields().get(0).predicted();

        assertThat(plan.palette()).hasSize(3);
        double whole = Math.IEEEremainder(
                along.get(along.size() - 1).hueDegrees() - along.get(0).hueDegrees(), 360);
        double back = 0;
        for (int i = 1; i < along.size(); i++) {
            double step = Math.IEEEremainder(
                    along.get(i).hueDegrees() - along.get(i - 1).hueDegrees(), 360);
            back += Math.max(0, -step * Math.signum(whole));
        }
        assertThat(Math.abs(whole)).isGreaterThan(25);
        boolean said = !plan.findings().isEmpty();
        assertThat(back <= 5 || said).as("turned back by %.1f", back).isTrue();
    }
}
