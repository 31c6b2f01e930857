package grastel.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.colour.Lab;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.ImpossibleExercise;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stack;
import grastel.core.layering.Stroke;
import grastel.core.layering.advice.Advice;
import grastel.core.recipe.Method;
import grastel.core.recipe.MethodAnswer;
import grastel.core.recipe.MethodAnswer.Question;
import grastel.core.recipe.RecipeFinder;
import grastel.core.recipe.Target;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** An answer that changes nothing would be a question that teachers answer for nothing. */
class MethodAnswersTest {
    private static final ChosenValues ANALOGOUS = ChosenValues.of("colouring", "ANALOGOUS");
    /** Two darks, a pale colour, a middle one. */
    private static final List<Lab> WANTED =
            List.of(new Lab(16, 0, 0), new Lab(30, 8, -20), new Lab(86, 8, 6), new Lab(55, 30, 30));

    private static final Stack ACCENT = Stack.on(
            Shipped.CARTRIDGE,
            new Layer.Colour(Pass.of(Shipped.pencil("S06"), PressureGrade.FIRM), 1),
            new Layer.Burnish(Shipped.blender(), 1),
            new Layer.Colour(new Pass(Shipped.pencil("S15"), 1, 0.95, Stroke.ONE_WAY), 1));

    /** Everything that a class's method reaches, by where it shows. */
    private static Map<String, String> shown(Method method) {
        Map<String, String> shown = new LinkedHashMap<>();
        for (ExerciseKind kind : ExerciseKinds.all()) {
            shown.put(kind.id(), plan(kind, ChosenValues.NONE, Shipped.on(Shipped.CARTRIDGE, method)));
        }
        ExerciseKind form = ExerciseKinds.of("form-study").orElseThrow();
        shown.put("form in neighbours", plan(form, ANALOGOUS, Shipped.on(Shipped.CARTRIDGE, method)));
        shown.put("form on toned paper", plan(form, ChosenValues.NONE, Shipped.on(Shipped.BROWN, method)));
        ExerciseKind toned = ExerciseKinds.of("toned-scale").orElseThrow();
        shown.put("toned scale", plan(toned, ChosenValues.NONE, Shipped.on(Shipped.BROWN, method)));
        for (Lab wanted : WANTED) {
            for (var paper : List.of(Shipped.CARTRIDGE, Shipped.BROWN)) {
                shown.put(
                        "recipe for " + wanted.lightness() + " on " + paper.name(),
                        RecipeFinder.find(
                                        new Target(wanted, method.closeness()),
                                        paper,
                                        Shipped.ALL,
                                        method,
                                        RecipeFinder.Limits.USUAL,
                                        share -> {},
                                        () -> false)
                                .toString());
            }
        }
        shown.put(
                "advice",
                Advice.on(ACCENT, Optional.empty(), Advice.Intention.COLOUR, method.has(MethodAnswer.BURNISH_LAST))
                        .toString());
        return shown;
    }

    private static String plan(ExerciseKind kind, ChosenValues values, Setting setting) {
        try {
            ExercisePlan plan = kind.plan(values.orSuggested(kind.parameters(setting)), setting);
            return plan.fields() + " " + plan.teaching();
        } catch (ImpossibleExercise e) {
            return e.getMessage();
        }
    }

    @ParameterizedTest
    @EnumSource(Question.class)
    void everyAnswerChangesSomething(Question question) {
        List<Map<String, String>> all = new ArrayList<>();
        for (MethodAnswer answer : question.answers()) {
            Map<String, String> shown = shown(Method.USUAL.with(answer));
            for (int before = 0; before < all.size(); before++) {
                assertThat(shown)
                        .as("%s against %s", answer, question.answers().get(before))
                        .isNotEqualTo(all.get(before));
            }
            all.add(shown);
        }
    }
}
