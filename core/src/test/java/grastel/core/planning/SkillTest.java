package grastel.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.ExerciseKinds;
import grastel.core.exercise.Setting;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.Parameter;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.plan.GoalPlan;
import grastel.core.recipe.Method;
import grastel.core.recipe.MethodAnswer;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SkillTest {
    @ParameterizedTest
    @EnumSource(Skill.class)
    void noSkillNeedsItselfHoweverFarRound(Skill skill) {
        assertThat(beneath(skill, new HashSet<>())).doesNotContain(skill);
    }

    @ParameterizedTest
    @EnumSource(Skill.class)
    void whatASkillNeedsIsTaughtBeforeIt(Skill skill) {
        assertThat(skill.needs())
                .allSatisfy(anyOf -> assertThat(anyOf).isNotEmpty().allMatch(need -> need.ordinal() < skill.ordinal()));
    }

    @Test
    void everyKindOfExerciseTeachesSomethingByGoalsItHas() {
        for (ExerciseKind kind : ExerciseKinds.all()) {
            Set<Goal> goals = goals(kind);
            assertThat(Skill.taughtBy(kind.id()))
                    .as(kind.id())
                    .isNotEmpty()
                    .allSatisfy(skill -> assertThat(goals)
                            .as(kind.id() + " for " + skill)
                            .containsAll(skill.evidence().get(kind.id())));
        }
    }

    @Test
    void aGoalShowsItsSkills() {
        assertThat(Skill.seenIn("pressure-scale", Goal.EQUAL_STEPS)).containsExactly(Skill.EQUAL_STEPS);
        assertThat(Skill.seenIn("stroke-sampler", Goal.SPECKS_AS_ASKED))
                .containsExactly(Skill.EVEN_TONE, Skill.STROKES);
        assertThat(Skill.seenIn("pressure-scale", Goal.NEAT_EDGE)).containsExactly(Skill.EVEN_TONE);
    }

    /** No goal is judged that no skill tells of: ragged edges do not vanish. */
    @Test
    void everyGoalOfEveryKindShowsASkill() {
        assertThat(ExerciseKinds.all().stream()
                        .flatMap(kind -> goals(kind).stream()
                                .filter(goal -> Skill.seenIn(kind.id(), goal).isEmpty())
                                .map(goal -> kind.id() + " " + goal)))
                .isEmpty();
    }

    private static Set<Goal> goals(ExerciseKind kind) {
        Method wet = new Method(List.of(MethodAnswer.SOLVENT_SPARING));
        Setting setting = Shipped.on(kind.id().equals("toned-scale") ? Shipped.BROWN : Shipped.CARTRIDGE, wet);
        Set<Goal> goals = new HashSet<>();
        choices(kind, setting)
                .map(values -> Shipped.plan(kind.id(), values, setting))
                .flatMap(plan -> Stream.concat(plan.goals().stream(), plan.figures().stream()))
                .map(GoalPlan::goal)
                .forEach(goals::add);
        return goals;
    }

    /** As suggested, and each of what may be chosen. */
    private static Stream<ChosenValues> choices(ExerciseKind kind, Setting setting) {
        return Stream.concat(
                Stream.of(ChosenValues.NONE),
                kind.parameters(setting).stream()
                        .filter(p -> Set.of("texture-study", "finished-piece").contains(kind.id())
                                && p instanceof Parameter.Choice)
                        .flatMap(p ->
                                ((Parameter.Choice) p).options().stream().map(o -> ChosenValues.of(p.name(), o.id()))));
    }

    private static Set<Skill> beneath(Skill skill, Set<Skill> found) {
        for (Set<Skill> anyOf : skill.needs()) {
            for (Skill need : anyOf) {
                if (found.add(need)) {
                    beneath(need, found);
                }
            }
        }
        return found;
    }
}
