package grastel.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.Recipe.Step;
import grastel.core.exercise.plan.Recipe.Technique;
import grastel.core.recipe.Method;
import grastel.core.recipe.MethodAnswer;
import grastel.core.recipe.Target;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Every answer to the questions of a method changes what is planned or said. */
class ClassMethodTest {
    private static final ChosenValues ANALOGOUS =
            ChosenValues.of("form", "SPHERE").with("colouring", "ANALOGOUS").with("pencil", Shipped.pencil("S07"));

    private static Setting by(MethodAnswer... schools) {
        Method method = Method.USUAL;
        for (MethodAnswer school : schools) {
            method = method.with(school);
        }
        return Shipped.on(Shipped.CARTRIDGE, method);
    }

    private static List<Step> steps(ExercisePlan plan, String label) {
        return plan.fields().stream()
                .filter(f -> f.label().equals(label))
                .findFirst()
                .orElseThrow()
                .recipe()
                .steps();
    }

    private static String fault(ExercisePlan plan, String sign) {
        return plan.faults().stream()
                .filter(f -> f.sign().equals(sign))
                .findFirst()
                .orElseThrow()
                .say();
    }

    @Test
    void ownColourLiesOverTheOthersUnlessItComesFirst() {
        List<Step> usual = steps(Shipped.plan("form-study", ANALOGOUS, by()), "core shadow");
        List<Step> ownFirst =
                steps(Shipped.plan("form-study", ANALOGOUS, by(MethodAnswer.OWN_COLOUR_FIRST)), "core shadow");

        assertThat(usual).hasSizeGreaterThan(1);
        int own = usual.get(usual.size() - 1).pencil();
        assertThat(usual.get(0).pencil()).isNotEqualTo(own);
        assertThat(ownFirst).hasSameSizeAs(usual);
        assertThat(ownFirst.get(0).pencil())
                .as("the own colour is the only one that stands in every zone")
                .isEqualTo(0);
    }

    @ParameterizedTest
    @EnumSource(
            value = MethodAnswer.class,
            names = {"LIGHT_TO_DARK", "DARKS_FIRST", "OWN_COLOUR_FIRST"})
    void theOrderOfValuesIsSaid(MethodAnswer school) {
        String words = String.join(
                " ", Shipped.plan("form-study", ANALOGOUS, by(school)).steps());

        assertThat(words)
                .contains(
                        switch (school) {
                            case DARKS_FIRST -> "Core shadow first";
                            case OWN_COLOUR_FIRST -> "Own colour first";
                            default -> "Lightest zone first";
                        });
    }

    @Test
    void detailFollowsABurnishMidway() {
        ExercisePlan last = Shipped.plan("burnish-trio", ChosenValues.NONE, by());
        ExercisePlan midway = Shipped.plan("burnish-trio", ChosenValues.NONE, by(MethodAnswer.BURNISH_MIDWAY));

        assertThat(lastOf(last)).isEqualTo(Technique.BURNISH);
        assertThat(lastOf(midway)).isEqualTo(Technique.COLOUR);
        assertThat(midway.steps()).anyMatch(s -> s.contains("detail"));
    }

    private static Technique lastOf(ExercisePlan trio) {
        FieldPlan burnished = trio.fields().get(trio.fields().size() - 1);
        List<Step> steps = burnished.recipe().steps();
        return steps.get(steps.size() - 1).technique();
    }

    @Test
    void puttyIsSpokenOfOnlyWhereItIsUsed() {
        ExercisePlan without = Shipped.plan("tint-hue-shade", ChosenValues.NONE, by());
        ExercisePlan with = Shipped.plan("tint-hue-shade", ChosenValues.NONE, by(MethodAnswer.PUTTY_ERASER));

        assertThat(fault(without, "shade is too heavy")).doesNotContain("putty");
        assertThat(fault(with, "shade is too heavy")).contains("putty");
    }

    @Test
    void valuesRightWeighsValueInNearness() {
        assertThat(Method.USUAL.closeness()).isEqualTo(Target.Closeness.COLOUR);
        assertThat(Method.USUAL.with(MethodAnswer.VALUES_RIGHT).closeness()).isEqualTo(Target.Closeness.VALUE_FIRST);
    }
}
