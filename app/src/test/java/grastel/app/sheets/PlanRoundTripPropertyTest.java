package grastel.app.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.stored.StoredJson;
import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.ExerciseKinds;
import grastel.core.exercise.Setting;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.ImpossibleExercise;
import grastel.core.exercise.asked.Parameter;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.PencilSet;
import grastel.core.media.ShippedKit;
import grastel.core.recipe.Method;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import tools.jackson.databind.json.JsonMapper;

/** What is kept of a sheet is what was planned, of every kind, with any pencils. */
class PlanRoundTripPropertyTest {
    private static final List<Pencil> PENCILS =
            ShippedKit.pencils().stream().map(ShippedKit.RangePencil::toPencil).toList();
    private static final List<Paper> PAPERS =
            ShippedKit.papers().stream().map(ShippedKit.StockPaper::toPaper).toList();

    private final StoredJson json = new StoredJson(JsonMapper.builder().build());

    @Provide
    Arbitrary<ExerciseKind> kinds() {
        return Arbitraries.of(ExerciseKinds.all());
    }

    @Property(tries = 60, seed = "1")
    void whatIsKeptIsWhatWasPlanned(@ForAll("kinds") ExerciseKind kind, @ForAll long seed) {
        plan(kind, new Random(seed)).ifPresent(plan -> {
            SheetPlan sheet = new SheetPlan(List.of(plan));
            SheetPlan kept = json.plan(json.plan(sheet));
            ExercisePlan read = kept.exercises().get(0);
            assertThat(read.fields()).isEqualTo(plan.fields());
            assertThat(read.goals()).isEqualTo(plan.goals());
            assertThat(read.steps()).isEqualTo(plan.steps());
            assertThat(read.pressures()).isEqualTo(plan.pressures());
            assertThat(read.findings()).isEmpty();
            assertThat(json.plan(kept)).isEqualTo(json.plan(sheet));
        });
    }

    private static Optional<ExercisePlan> plan(ExerciseKind kind, Random random) {
        List<Pencil> pencils = new ArrayList<>(PENCILS);
        Collections.shuffle(pencils, random);
        Setting setting = new Setting(
                new PencilSet("Some", pencils.subList(0, 24 + random.nextInt(pencils.size() - 24))),
                PAPERS.get(random.nextInt(PAPERS.size())),
                Method.USUAL,
                GradeBand.values()[random.nextInt(GradeBand.values().length)]);
        try {
            List<Parameter> parameters = kind.parameters(setting);
            ChosenValues chosen = ChosenValues.NONE.orSuggested(parameters);
            return chosen.problems(parameters).isEmpty() ? Optional.of(kind.plan(chosen, setting)) : Optional.empty();
        } catch (ImpossibleExercise impossible) {
            return Optional.empty();
        }
    }
}
