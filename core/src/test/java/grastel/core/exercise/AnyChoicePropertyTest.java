package grastel.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.ImpossibleExercise;
import grastel.core.exercise.asked.Parameter;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.layering.Pressures;
import grastel.core.media.Pencil;
import grastel.core.media.PencilSet;
import grastel.core.recipe.Method;
import grastel.core.recipe.MethodAnswer;
import grastel.core.recipe.MethodAnswer.Question;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.statistics.Statistics;

/** Whatever is chosen, with whatever pencils and method: a plan that holds together, or what stands against it in words. */
class AnyChoicePropertyTest {
    /** What takes seconds to plan is tried by tests of its own. */
    private static final Set<String> SLOW = Set.of("faceted-composition", "finished-piece", "texture-study");

    @Provide
    Arbitrary<ExerciseKind> kinds() {
        return Arbitraries.of(
                ExerciseKinds.all().stream().filter(k -> !SLOW.contains(k.id())).toList());
    }

    @Property(tries = 120, seed = "1")
    void aPlanHoldsTogetherOrSaysWhyThereIsNone(@ForAll("kinds") ExerciseKind kind, @ForAll long seed) {
        Random random = new Random(seed);
        Setting setting = setting(random);
        ExercisePlan plan;
        try {
            List<Parameter> parameters = kind.parameters(setting);
            ChosenValues chosen = chosen(parameters, random).orSuggested(parameters);
            List<ChosenValues.Problem> problems = chosen.problems(parameters);
            assertThat(problems).allSatisfy(p -> assertThat(p.words()).isNotBlank());
            if (!problems.isEmpty()) {
                cameTo("problems");
                return;
            }
            plan = kind.plan(chosen, setting);
        } catch (ImpossibleExercise impossible) {
            assertThat(impossible.getMessage()).isNotBlank();
            cameTo("impossible");
            return;
        }
        cameTo("plan");
        holdsTogether(plan);
    }

    /** What is chosen by chance must often enough be something that can be planned. */
    private static void cameTo(String end) {
        Statistics.label("end").collect(end).coverage(ends -> ends.check("plan").percentage(share -> share > 30));
    }

    private static void holdsTogether(ExercisePlan plan) {
        Set<String> fields = plan.fields().stream().map(FieldPlan::id).collect(Collectors.toSet());
        assertThat(fields).hasSameSizeAs(plan.fields()).isNotEmpty();
        assertThat(plan.goals())
                .isNotEmpty()
                .allSatisfy(goal -> assertThat(fields).containsAll(goal.fields()));
        assertThat(plan.fields()).allSatisfy(field -> {
            assertThat(field.recipe().steps())
                    .allSatisfy(step ->
                            assertThat(step.pencil()).isLessThan(plan.palette().size()));
            assertThat(field.predicted())
                    .isNotEmpty()
                    .allSatisfy(c -> assertThat(c.lightness()).isBetween(0.0, 101.0));
            assertThat(field.specks()).isBetween(0.0, 100.0);
        });
        assertThat(plan.minutes()).isPositive().isFinite();
        assertThat(Stream.of(plan.steps(), plan.notes(), plan.cautions()).flatMap(List::stream))
                .allSatisfy(words -> assertThat(words).isNotBlank().doesNotContain("{"));
    }

    private static Setting setting(Random random) {
        List<Pencil> pencils = new ArrayList<>(Shipped.ALL);
        Collections.shuffle(pencils, random);
        Method method = Method.USUAL;
        for (Question question : Question.values()) {
            List<MethodAnswer> answers = question.answers();
            method = method.with(answers.get(random.nextInt(answers.size())));
        }
        return new Setting(
                new PencilSet("Some", pencils.subList(0, 2 + random.nextInt(pencils.size() - 1))),
                random.nextInt(3) == 0 ? Shipped.BROWN : Shipped.CARTRIDGE,
                method,
                GradeBand.values()[random.nextInt(GradeBand.values().length)],
                Pressures.TAUGHT,
                List.of());
    }

    private static ChosenValues chosen(List<Parameter> parameters, Random random) {
        Map<String, Object> values = new HashMap<>();
        for (Parameter parameter : parameters) {
            Object value = random.nextInt(4) == 0 ? null : any(parameter, random);
            if (value != null) {
                values.put(parameter.name(), value);
            }
        }
        return new ChosenValues(values);
    }

    /** Of what may be chosen, now and then just outside. */
    private static Object any(Parameter parameter, Random random) {
        if (parameter instanceof Parameter.Whole p) {
            return p.least() - 1 + random.nextInt(p.most() - p.least() + 3);
        }
        if (parameter instanceof Parameter.Measure p) {
            return p.least() + random.nextDouble() * 1.05 * (p.most() - p.least());
        }
        if (parameter instanceof Parameter.Choice p) {
            return p.options().get(random.nextInt(p.options().size())).id();
        }
        if (parameter instanceof Parameter.Several p) {
            return IntStream.range(0, p.options().size())
                    .filter(i -> random.nextBoolean())
                    .mapToObj(i -> p.options().get(i).id())
                    .toList();
        }
        if (parameter instanceof Parameter.OnePencil p) {
            List<Pencil> among = random.nextInt(8) == 0 ? Shipped.ALL : p.fitting();
            return among.isEmpty() ? null : among.get(random.nextInt(among.size()));
        }
        return null;
    }
}
