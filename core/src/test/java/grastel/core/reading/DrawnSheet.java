package grastel.core.reading;

import grastel.core.exercise.ExercisePlan;
import grastel.core.exercise.SheetPlan;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.Values;
import grastel.core.media.Paper;
import grastel.core.page.FieldSpec;
import grastel.core.page.PageCode;
import grastel.core.page.PageLayout;
import grastel.core.page.PageSize;
import grastel.core.page.Section;
import grastel.core.page.SheetComposer;
import grastel.core.page.SheetWords;
import grastel.core.scanner.FieldTask;
import grastel.core.scanner.Hand;
import grastel.core.scanner.ScanConditions;
import grastel.core.scanner.SimulatedScanner;
import java.util.List;

/** A pressure scale, printed and drawn by the simulated scanner, for tests of reading. */
public record DrawnSheet(Paper paper, ExercisePlan plan, PageLayout page, List<FieldTask> tasks) {
    public static final PageCode CODE = new PageCode("7KQ2M9XB", 14);
    public static final ScanConditions PLAIN = new ScanConditions(200, 1, 0, 0, 0.05, 0, 1, 0.85, 0, 4);

    public static DrawnSheet of(String pencilCode, int steps, PageSize size) {
        ExercisePlan plan = Shipped.plan(
                "pressure-scale",
                Values.of("pencil", Shipped.pencil(pencilCode)).with("steps", steps),
                Shipped.WHITE_PAPER);
        List<FieldSpec> specs = plan.fields().stream()
                .map(f -> new FieldSpec(
                        f.id(), "", 20, 20, List.of(), f.askedLightness(), "value", List.of("medium", "2 passes")))
                .toList();
        SheetWords words = new SheetWords(
                "Pressure scale", "Even steps.", "Name", "Class", "Date", "Try here.", "Keys", List.of("Kit"));
        PageLayout sheet = SheetComposer.compose(
                        size, words, List.of(new Section("", "", specs, List.of("Squint."))), List.of(pencilCode))
                .get(0);
        PageLayout page = SheetComposer.forStudent(sheet, "Ana", "8 Dunlin", CODE);
        List<FieldTask> tasks = FieldTask.of(SheetPlan.of(List.of(plan)), page);
        return new DrawnSheet(Shipped.CARTRIDGE, plan, page, tasks);
    }

    public SimulatedScanner.Scan scan(Hand hand, ScanConditions conditions, long seed) {
        return new SimulatedScanner(paper).scan(page, tasks, plan.palette(), hand, conditions, seed);
    }
}
