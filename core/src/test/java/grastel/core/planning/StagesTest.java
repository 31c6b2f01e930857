package grastel.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.ExerciseKinds;
import grastel.core.exercise.FieldWork;
import grastel.core.exercise.Setting;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.Recipe;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.planning.Stage.Kind;
import grastel.core.recipe.Method;
import grastel.core.recipe.MethodAnswer;
import java.util.List;
import org.junit.jupiter.api.Test;

class StagesTest {
    @Test
    void theMinutesOfEveryKindAreThoseOfItsSheet() {
        for (ExerciseKind kind : ExerciseKinds.all()) {
            ExercisePlan plan = plan(kind.id());
            double worked = stages(plan).stream()
                    .filter(Stage::isPaced)
                    .mapToDouble(Stage::minutes)
                    .sum();
            assertThat(worked).as(kind.id()).isCloseTo(plan.minutes(), within(1e-6));
        }
    }

    @Test
    void aSlowerBandTakesLonger() {
        ExercisePlan plan = plan("pressure-scale");
        double young = minutes(Stages.of(List.of(sheet(plan)), GradeBand.FIRST_STEPS, 0, 0, 0));
        double old = minutes(Stages.of(List.of(sheet(plan)), GradeBand.ADVANCED, 0, 0, 0));
        assertThat(young).isGreaterThan(1.5 * old);
    }

    @Test
    void showingComesFirstAndIsPoorlyPartedFromTrying() {
        List<Stage> stages = stages(plan("gradation-strip"));
        assertThat(stages.get(0)).matches(s -> s.kind() == Kind.SHOW && s.stop() == Stop.POOR && !s.isPaced());
        assertThat(stages.get(stages.size() - 1).kind()).isEqualTo(Kind.LOOK_TOGETHER);
    }

    @Test
    void aPictureIsDrawnZoneByZoneAndMayBeLeftAfterEach() {
        List<Stage> zones = stages(plan("finished-piece")).stream()
                .filter(s -> s.kind() == Kind.WORK)
                .toList();
        assertThat(zones).hasSizeGreaterThan(4).allMatch(s -> s.stop() == Stop.GOOD && s.minutes() <= 45);
        assertThat(zones).extracting(Stage::id).doesNotHaveDuplicates();
        assertThat(zones).extracting(s -> s.part().label()).allMatch(l -> l.matches("zone \\d+"));
    }

    @Test
    void aStripIsOneStageAndBoxesMayBePartedWell() {
        assertThat(stages(plan("two-colour-fade")).stream().filter(s -> s.kind() == Kind.WORK))
                .hasSize(plan("two-colour-fade").fields().size());
        assertThat(stages(plan("pressure-scale")).stream().filter(s -> s.kind() == Kind.WORK))
                .allMatch(s -> s.stop() == Stop.GOOD);
    }

    @Test
    void insideAFamilyOneStopsPoorlyAndAfterItWell() {
        List<Stage> boxes = stages(plan("tint-hue-shade")).stream()
                .filter(s -> s.kind() == Kind.WORK)
                .toList();
        assertThat(boxes.subList(0, 6))
                .extracting(Stage::stop)
                .containsExactly(Stop.POOR, Stop.POOR, Stop.GOOD, Stop.POOR, Stop.POOR, Stop.GOOD);
    }

    @Test
    void allDissolvingIsOneStageAtTheEndOfAPeriod() {
        List<Stage> stages = stages(plan("solvent-split"));
        assertThat(stages.stream().filter(s -> s.kind() == Kind.DISSOLVE))
                .singleElement()
                .matches(s -> s.stop() == Stop.MUST);
        int wet = stages.stream().map(Stage::kind).toList().indexOf(Kind.DISSOLVE);
        assertThat(stages.subList(1, wet)).allMatch(s -> s.kind() == Kind.WORK);
        assertThat(stages.get(wet).work()).hasSize(3);
    }

    @Test
    void aLargeBoxIsPartedBetweenItsLayers() {
        ExercisePlan large = Shipped.plan("tint-hue-shade", ChosenValues.of("boxMm", 40.0), Shipped.WHITE_PAPER);
        List<Stage> stages = Stages.of(List.of(sheet(large)), GradeBand.FIRST_STEPS, 0, 0, 0);
        assertThat(stages).anyMatch(s -> s.id().contains("/2"));
        assertThat(stages).extracting(Stage::id).doesNotHaveDuplicates();
    }

    @Test
    void everySheetOfALessonHasItsStages() {
        List<Stage> stages = Stages.of(
                List.of(sheet(plan("pressure-scale")), sheet(plan("pressure-scale"))), GradeBand.DEVELOPING, 8, 0, 3);
        assertThat(stages).extracting(Stage::id).doesNotHaveDuplicates();
        assertThat(new Lesson("a", stages, null).minutes())
                .isCloseTo(8 + 3 + 2 * plan("pressure-scale").minutes(), within(1e-6));
    }

    @Test
    void aLessonWithoutSheetsIsShownAndLookedAt() {
        assertThat(Stages.of(List.of(), GradeBand.DEVELOPING, 8, 0, 3))
                .extracting(Stage::minutes)
                .containsExactly(8.0, 3.0);
    }

    @Test
    void workWithoutASheetMayBeStoppedEveryFewMinutes() {
        List<Stage> stages = Stages.of(List.of(), GradeBand.DEVELOPING, 5, 22, 0);
        assertThat(stages).extracting(Stage::minutes).containsExactly(5.0, 5.0, 5.0, 5.0, 5.0, 2.0);
        assertThat(stages.get(0).stop()).isEqualTo(Stop.POOR);
        assertThat(stages).extracting(Stage::id).doesNotHaveDuplicates();
    }

    @Test
    void aSplitLessonsPartsHoldAllItsWorkOnce() {
        List<Stage> all = stages(plan("pressure-scale"));
        String at = all.get(4).id();
        List<Stage> first = Stages.between(all, null, at);
        List<Stage> second = Stages.between(all, at, null);
        assertThat(first).doesNotContain(all.get(4)).hasSize(5);
        assertThat(second).contains(all.get(4)).hasSize(all.size() - 3);
        assertThat(Stages.between(all, "gone", "gone")).isEqualTo(all);
        assertThat(Stages.between(all, at, all.get(2).id()))
                .extracting(Stage::kind)
                .containsExactly(Kind.SHOW, Kind.LOOK_TOGETHER);
    }

    @Test
    void theAreaOfAShapeIsThatOfItsOutline() {
        FieldPlan ring = new FieldPlan(
                "r",
                new FieldPlan.Printed("", "", 40, 40, List.of(square(0, 40), square(10, 30), square(15, 25))),
                FieldPlan.Ask.NOTHING,
                List.of(),
                new FieldPlan.Made(
                        Recipe.NONE, plan("pressure-scale").fields().get(0).predicted(), 0));
        // 40² − 20² + 10² mm²
        assertThat(FieldWork.cm2(ring)).isCloseTo(13, within(1e-9));
    }

    private static List<FieldPlan.Point> square(double from, double to) {
        return List.of(
                new FieldPlan.Point(from, from),
                new FieldPlan.Point(to, from),
                new FieldPlan.Point(to, to),
                new FieldPlan.Point(from, to));
    }

    private static double minutes(List<Stage> stages) {
        return stages.stream().mapToDouble(Stage::minutes).sum();
    }

    private static SheetPlan sheet(ExercisePlan plan) {
        return SheetPlan.of(List.of(plan));
    }

    private static List<Stage> stages(ExercisePlan plan) {
        return Stages.of(List.of(sheet(plan)), GradeBand.DEVELOPING, 8, 0, 3);
    }

    private static ExercisePlan plan(String kind) {
        Setting setting = kind.equals("solvent-split")
                ? Shipped.on(Shipped.CARTRIDGE, new Method(List.of(MethodAnswer.SOLVENT_SPARING)))
                : kind.equals("toned-scale") ? Shipped.BROWN_PAPER : Shipped.WHITE_PAPER;
        return Shipped.plan(kind, ChosenValues.NONE, setting);
    }
}
