package grastel.core.exercise.showing;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.colour.ColourDifference;
import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.ExerciseKinds;
import grastel.core.exercise.Setting;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.showing.Scene.Fault;
import grastel.core.exercise.showing.Scene.Laying;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stack;
import grastel.core.layering.advice.CommonMistake;
import grastel.core.recipe.Method;
import grastel.core.recipe.MethodAnswer;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class DemonstrationTest {
    static Stream<String> kinds() {
        return ExerciseKinds.all().stream().map(ExerciseKind::id);
    }

    private static Setting setting(String kind) {
        return kind.equals("toned-scale")
                ? Shipped.BROWN_PAPER
                : Shipped.on(Shipped.CARTRIDGE, Method.USUAL.with(MethodAnswer.SOLVENT_SPARING));
    }

    private static ExercisePlan plan(String kind) {
        return Shipped.plan(kind, new ChosenValues(Map.of()), setting(kind));
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyKindIsShownFromWhatItIsForToWhatToMind(String kind) {
        List<Scene> scenes = Demonstration.of(plan(kind), setting(kind).paper());
        assertThat(scenes.get(0)).isInstanceOf(Scene.Opening.class);
        assertThat(scenes).hasAtLeastOneElementOfType(Laying.class).hasAtLeastOneElementOfType(Fault.class);
        assertThat(scenes.get(scenes.size() - 1)).isInstanceOf(Scene.Cautions.class);
        assertThat(scenes).hasSizeLessThan(40);
    }

    /** The last layer of a field gives what the plan predicted for it: the Show does not compute by a way of its own. */
    @ParameterizedTest
    @MethodSource("kinds")
    void theLastLayerLooksAsThePlanPredicts(String kind) {
        ExercisePlan plan = plan(kind);
        for (Scene scene : Demonstration.of(plan, setting(kind).paper())) {
            if (scene instanceof Laying last
                    && last.number() == last.of()
                    && last.slices().isEmpty()) {
                assertThat(plan.fields())
                        .anySatisfy(f -> assertThat(ColourDifference.ciede2000(
                                        f.predictedColour(),
                                        last.after().swatch().colour()))
                                .isLessThan(0.5));
            }
        }
    }

    /** A fault that has a picture can be told from the right one; TOO_HEAVY is darker, TOO_LIGHT lighter. */
    @ParameterizedTest
    @MethodSource("kinds")
    void aFaultThatIsPicturedIsSeen(String kind) {
        for (Scene scene : Demonstration.of(plan(kind), setting(kind).paper())) {
            if (scene instanceof Fault fault && fault.wrong() != null) {
                assertThat(fault.wrong()).isNotEqualTo(fault.right());
                double right = fault.right().swatch().colour().lightness();
                double wrong = fault.wrong().swatch().colour().lightness();
                if (fault.slip() == CommonMistake.TOO_LIGHT) {
                    assertThat(wrong).isGreaterThan(right);
                }
            }
        }
    }

    @Test
    void mostKindsHaveAFaultWithAPicture() {
        long pictured = kinds().filter(kind -> Demonstration.of(
                                plan(kind), setting(kind).paper())
                        .stream()
                        .anyMatch(s -> s instanceof Fault f && f.wrong() != null))
                .count();
        assertThat(pictured).isGreaterThanOrEqualTo(11);
    }

    @Test
    void aStackIsShownLayerByLayer() {
        Stack stack = Stack.on(
                Shipped.CARTRIDGE,
                new Layer.Colour(Pass.of(Shipped.ALL.get(0), PressureGrade.LIGHT), 1),
                new Layer.Colour(Pass.of(Shipped.ALL.get(3), PressureGrade.MEDIUM), 2));
        List<Scene> scenes = Demonstration.of("Dusk", "", stack);
        assertThat(scenes).hasSize(3);
        assertThat(((Laying) scenes.get(2)).after()).isEqualTo(stack);
    }

    @Test
    void slippingTwiceTheOrderGivesTheSame() {
        Stack stack = Stack.on(
                Shipped.CARTRIDGE,
                new Layer.Colour(Pass.of(Shipped.ALL.get(0), PressureGrade.LIGHT), 1),
                new Layer.Colour(Pass.of(Shipped.ALL.get(3), PressureGrade.MEDIUM), 2));
        assertThat(CommonMistake.ORDER_TURNED_ROUND.in(CommonMistake.ORDER_TURNED_ROUND.in(stack)))
                .isEqualTo(stack);
        assertThat(CommonMistake.BLUNT_POINT.in(stack).swatch().specks())
                .isGreaterThan(stack.swatch().specks());
    }
}
