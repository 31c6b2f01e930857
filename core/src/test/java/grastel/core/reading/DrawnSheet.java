package grastel.core.reading;

import grastel.core.exercise.ExercisePlan;
import grastel.core.exercise.GradeBand;
import grastel.core.exercise.pressurescale.PressureScale;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.ShippedKit;
import grastel.core.page.FieldSpec;
import grastel.core.page.PageCode;
import grastel.core.page.PageLayout;
import grastel.core.page.PageSize;
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
        Pencil pencil = ShippedKit.pencils().stream()
                .filter(p -> p.code().equals(pencilCode))
                .findFirst()
                .orElseThrow()
                .toPencil();
        Paper paper = ShippedKit.papers().get(0).toPaper();
        ExercisePlan plan = new PressureScale(steps, PressureScale.Direction.LIGHT_TO_DARK, 20)
                .plan(pencil, paper, GradeBand.DEVELOPING);
        List<FieldSpec> specs = plan.fields().stream()
                .map(f -> new FieldSpec(f.id(), 20, 20, f.askedLightness(), "value", List.of("medium", "2 passes")))
                .toList();
        SheetWords words = new SheetWords(
                "Pressure scale",
                "Even steps.",
                "Name",
                "Class",
                "Date",
                List.of("Squint."),
                "Try here.",
                List.of("Kit"));
        PageLayout page = SheetComposer.forStudent(SheetComposer.compose(size, words, specs), "Ana", "8 Dunlin", CODE);
        List<FieldTask> tasks = plan.fields().stream()
                .map(f -> new FieldTask(
                        f.id(),
                        pencil,
                        f.recipe().grade().pressure(),
                        f.recipe().passes()))
                .toList();
        return new DrawnSheet(paper, plan, page, tasks);
    }

    public SimulatedScanner.Scan scan(Hand hand, ScanConditions conditions, long seed) {
        return new SimulatedScanner(paper).scan(page, tasks, hand, conditions, seed);
    }
}
