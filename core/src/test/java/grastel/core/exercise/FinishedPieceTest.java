package grastel.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.Lab;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.Finding;
import grastel.core.exercise.asked.ImpossibleExercise;
import grastel.core.exercise.finishedpiece.FinishedPiece;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.GoalPlan;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.exercise.plan.PicturePlan.Tone;
import grastel.core.exercise.plan.Recipe;
import grastel.core.recipe.Method;
import grastel.core.recipe.MethodAnswer;
import grastel.core.stilllife.HarbourFind;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class FinishedPieceTest {
    private static final ExercisePlan FLOAT = Shipped.plan(
            "finished-piece", ChosenValues.NONE, Pieces.setting(Pieces.of(HarbourFind.GLASS_FLOAT, 100, 125)));
    private static final PicturePlan PICTURE = FLOAT.fields().get(0).picture();

    @Test
    void everyPlaceHasAToneAndSharesAreTheWhole() {
        assertThat(PICTURE.columns()).isEqualTo(100);
        assertThat(PICTURE.rows()).isEqualTo(125);
        assertThat(PICTURE.tones().stream().mapToDouble(Tone::share).sum()).isCloseTo(1, within(1e-9));
        for (byte place : PICTURE.places()) {
            int from = (place & 255) / PicturePlan.BETWEEN;
            int to = ((place & 255) + PicturePlan.BETWEEN - 1) / PicturePlan.BETWEEN;
            assertThat(PICTURE.tones().get(from).zone())
                    .isEqualTo(PICTURE.tones().get(to).zone());
        }
    }

    @Test
    void aGleamIsLeftBareAndGlassIsGreen() {
        assertThat(PICTURE.tones())
                .filteredOn(t -> t.recipe().steps().isEmpty())
                .isNotEmpty()
                .allSatisfy(t -> assertThat(t.predicted().lightness())
                        .isCloseTo(Shipped.CARTRIDGE.ground().toLab().lightness(), within(1e-3)));
        Lab middle = PICTURE.predicted(PICTURE.places()[70 * 100 + 55]);
        assertThat(middle.a()).as("green").isLessThan(-8);
        assertThat(FLOAT.figures()).extracting(GoalPlan::goal).contains(Goal.HIGHLIGHTS_LEFT);
    }

    @Test
    void theTeacherChoosesThreeToSixGoalsAndTheRestAreFigures() {
        assertThat(FLOAT.goals()).hasSize(6);
        ExercisePlan chosen = judgedBy(HarbourFind.GLASS_FLOAT, "PROPORTION", "NO_DARK_LINES", "STROKES_FOLLOW");
        assertThat(chosen.goals())
                .extracting(GoalPlan::goal)
                .as("in small circles the tones are judged as smooth areas")
                .containsExactly(Goal.PROPORTION, Goal.NO_DARK_LINES, Goal.SMOOTH_AREAS);
        assertThat(chosen.figures())
                .extracting(GoalPlan::goal)
                .contains(Goal.PICTURE_VALUES, Goal.EDGES_CRISP)
                .doesNotContainAnyElementsOf(
                        chosen.goals().stream().map(GoalPlan::goal).toList());
        assertThat(chosen.goals().size() + chosen.figures().size())
                .isEqualTo(FLOAT.goals().size() + FLOAT.figures().size());
    }

    @Test
    void aGoalThatThePieceDoesNotAskIsSaid() {
        ExercisePlan chosen = judgedBy(HarbourFind.ENAMEL_MUG, "PROPORTION", "NO_DARK_LINES", "HIGHLIGHTS_LEFT");
        assertThat(chosen.goals()).extracting(GoalPlan::goal).doesNotContain(Goal.HIGHLIGHTS_LEFT);
        assertThat(chosen.findings())
                .extracting(Finding::words)
                .anyMatch(words -> words.contains(Goal.HIGHLIGHTS_LEFT.label()));
    }

    private static ExercisePlan judgedBy(HarbourFind find, String... goals) {
        return Shipped.plan(
                "finished-piece",
                ChosenValues.NONE.with(FinishedPiece.GOALS, List.of(goals)),
                Pieces.setting(Pieces.of(find, 100, 125)));
    }

    @Test
    void recipesNameThePalettesPencilsAndGiveWhatIsPredicted() {
        assertThat(FLOAT.palette()).doesNotHaveDuplicates();
        IntStream used = PICTURE.tones().stream()
                .flatMap(t -> t.recipe().steps().stream())
                .mapToInt(Recipe.Step::pencil);
        assertThat(used.distinct().count()).isEqualTo(FLOAT.palette().size());
    }

    @Test
    void minutesAreThoseOfEachToneOverItsShare() {
        double whole = FieldWork.minutes(FLOAT.fields().get(0), FLOAT.palette(), 5);
        assertThat(whole).isBetween(40.0, 300.0);
        assertThat(FLOAT.minutes()).isCloseTo(whole, within(whole));
        double cm2 = FieldWork.of(FLOAT.fields().get(0), FLOAT.palette(), 5).stream()
                .mapToDouble(FieldWork.PictureWork::cm2)
                .max()
                .orElseThrow();
        assertThat(cm2).isLessThan(125);
    }

    private static double firstZone(MethodAnswer school) {
        Setting usual = Pieces.setting(Pieces.of(HarbourFind.GLASS_FLOAT, 100, 125));
        Setting taught = new Setting(
                usual.pencils(),
                usual.paper(),
                Method.USUAL.with(school),
                usual.band(),
                usual.pressures(),
                usual.pieces());
        PicturePlan plan = Shipped.plan("finished-piece", ChosenValues.NONE, taught)
                .fields()
                .get(0)
                .picture();
        return plan.tones().stream()
                .filter(t -> t.zone() == plan.order().get(0))
                .mapToDouble(t -> t.predicted().lightness())
                .average()
                .orElseThrow();
    }

    @Test
    void lightZonesComeFirstOrDarkOnesAsTheClassIsTaught() {
        assertThat(PICTURE.order()).doesNotHaveDuplicates().hasSize((int)
                PICTURE.tones().stream().mapToInt(Tone::zone).distinct().count());
        assertThat(firstZone(MethodAnswer.LIGHT_TO_DARK)).isGreaterThan(firstZone(MethodAnswer.DARKS_FIRST) + 25);
    }

    @Test
    void withoutAPictureItSaysWhereToTakeOneIn() {
        Setting none = Shipped.with("S07", "S33");
        assertThatExceptionOfType(ImpossibleExercise.class)
                .isThrownBy(() -> Shipped.plan("finished-piece", ChosenValues.NONE, none))
                .withMessageContaining("Projects");
    }

    @Test
    void aFrameTooSmallToReadIsRefused() {
        Setting small = Pieces.setting(Pieces.of(HarbourFind.MUSSEL, 50, 70));
        assertThatExceptionOfType(ImpossibleExercise.class)
                .isThrownBy(() -> Shipped.plan("finished-piece", ChosenValues.NONE, small))
                .withMessageContaining("50 × 70 mm");
    }

    @Test
    void placesComeBackAsTheyWerePacked() {
        byte[] places = new byte[6];
        IntStream.range(0, 6).forEach(i -> places[i] = (byte) i);
        List<Tone> tones = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            tones.add(new Tone(1, 1 / 3.0, new Lab(90 - 30 * i, 0, 0), Recipe.NONE, new Lab(90 - 30 * i, 0, 0)));
        }
        PicturePlan plan = PicturePlan.of(1, 3, 2, places, tones, List.of(1), 1, 1, PicturePlan.Guide.NONE, null);
        assertThat(plan.places()).isEqualTo(places);
        assertThat(plan.predicted((byte) 1).lightness())
                .as("a third of the way")
                .isCloseTo(80, within(1e-9));
        assertThat(plan.tone((byte) 1)).isSameAs(tones.get(0));
        assertThat(plan.tone((byte) 2)).isSameAs(tones.get(1));
        assertThatIllegalArgumentException()
                .isThrownBy(
                        () -> PicturePlan.of(1, 3, 3, places, tones, List.of(1), 1, 1, PicturePlan.Guide.NONE, null));
        assertThatIllegalArgumentException().isThrownBy(() -> PicturePlan.unpacked("AAAA", 4));
    }
}
