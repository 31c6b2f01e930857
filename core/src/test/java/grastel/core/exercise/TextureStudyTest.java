package grastel.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.ImpossibleExercise;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan.Point;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.exercise.plan.PicturePlan.Line;
import grastel.core.exercise.plan.PicturePlan.Texture;
import grastel.core.exercise.texture.StrokeMarks;
import grastel.core.exercise.texture.StrokeMarks.Habit;
import grastel.core.layering.PressureGrade;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Laws of texture studies, whatever their surface. */
class TextureStudyTest {
    private static final String KIND = "texture-study";

    private static ExercisePlan plan(String surface, int variant) {
        return Shipped.plan(KIND, ChosenValues.of("surface", surface).with("variant", variant), Shipped.WHITE_PAPER);
    }

    private static PicturePlan picture(String surface, int variant) {
        return plan(surface, variant).fields().get(0).picture();
    }

    @ParameterizedTest
    @ValueSource(strings = {"FUR", "ROPE", "CLOTH", "GLOSS", "GLASS", "RUST"})
    void tonesFallFromBarePaperStepByStep(String surface) {
        PicturePlan picture = picture(surface, 1);
        assertThat(picture.tones().get(0).recipe().steps()).isEmpty();
        for (int i = 1; i < picture.tones().size(); i++) {
            assertThat(picture.tones().get(i).predicted().lightness())
                    .isLessThan(picture.tones().get(i - 1).predicted().lightness() - 1);
        }
        assertThat(picture.tones().stream().mapToDouble(PicturePlan.Tone::share).sum())
                .isCloseTo(1, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"FUR, 1", "FUR, 9", "ROPE, 4", "CLOTH, 2", "GLOSS, 3", "GLASS, 5"})
    void whatIsDrawnByLiesInTheFrame(String surface, int variant) {
        PicturePlan picture = picture(surface, variant);
        double width = picture.columns() * picture.cellMm();
        double height = picture.rows() * picture.cellMm();
        assertThat(picture.guide().lines())
                .isNotEmpty()
                .flatExtracting(Line::from, Line::to)
                .allSatisfy(p -> {
                    Point at = (Point) p;
                    assertThat(at.x()).isBetween(0.0, width);
                    assertThat(at.y()).isBetween(0.0, height);
                });
    }

    @Test
    void theSameVariantIsTheSameAndAnotherIsAnother() {
        assertThat(plan("FUR", 7)).isEqualTo(plan("FUR", 7));
        assertThat(picture("FUR", 7).cells()).isNotEqualTo(picture("FUR", 8).cells());
    }

    /** Fur grows straight away from one place, turned by one angle: any two windows tell where. */
    @Test
    void theShortLinesRunAsThePlanSaysStrokesDo() {
        PicturePlan picture = picture("FUR", 4);
        byte[] ways = picture.texture().ways();
        for (Line line : picture.guide().lines()) {
            double x = (line.from().x() + line.to().x()) / 2;
            double y = (line.from().y() + line.to().y()) / 2;
            int window = (int) (y / Texture.WINDOW_MM) * picture.texture().columns() + (int) (x / Texture.WINDOW_MM);
            double runs = Math.toDegrees(Math.atan2(
                    line.from().y() - line.to().y(), line.to().x() - line.from().x()));
            assertThat(Math.abs(Math.IEEEremainder(runs - (ways[window] & 255), 180)))
                    .isLessThan(8);
        }
    }

    @Test
    void bandsOfAWeaveCrossAtARightAngleAndWhereTheyMeetNothingIsAsked() {
        byte[] ways = picture("CLOTH", 1).texture().ways();
        int first = IntStream.range(0, ways.length)
                .map(i -> ways[i] & 255)
                .filter(w -> w != Texture.NO_WAY)
                .findFirst()
                .orElseThrow();
        assertThat(IntStream.range(0, ways.length).map(i -> ways[i] & 255).boxed())
                .allMatch(w -> w == Texture.NO_WAY || Math.abs(w - first) % 90 <= 1)
                .contains(Texture.NO_WAY)
                .anyMatch(w -> w != Texture.NO_WAY && Math.abs(w - first) > 45);
    }

    /** What the plan counts with is what strokes make of a sheet. */
    @Test
    void strokesCoverWhatThePlanCountsWith() {
        PicturePlan picture = picture("FUR", 2);
        StrokeMarks marks = StrokeMarks.of(picture, Habit.EXACT, 5);
        double mean = IntStream.range(0, 40_000)
                .mapToDouble(i -> marks.at(10 + i % 200 * 0.35, 10 + i / 200 * 0.45))
                .average()
                .orElseThrow();
        assertThat(mean).isCloseTo(StrokeMarks.MEAN, within(0.04));
        assertThat(StrokeMarks.detail(picture)).isBetween(2.0, 8.0);
    }

    @Test
    void aPencilThatHardlyDarkensGivesNoTexture() {
        Setting pale = Shipped.with("S01", "S02");
        assertThatExceptionOfType(ImpossibleExercise.class)
                .isThrownBy(() -> Shipped.plan(KIND, ChosenValues.NONE, pale));
    }

    @Test
    void rustNeverPressesTheToothDown() {
        assertThat(plan("RUST", 1).fields().get(0).picture().tones().stream().flatMap(t -> t.recipe().steps().stream()))
                .isNotEmpty()
                .allMatch(s -> s.point() < 0.5)
                .noneMatch(s -> s.grade() == PressureGrade.FULL || s.grade() == PressureGrade.FIRM);
    }
}
