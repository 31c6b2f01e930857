package grastel.bench;

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

/** The page every reading benchmark uses: a seven-step scale, drawn and scanned at 300 dpi, JPEG quality 0.85. */
final class BenchSheet {
    static final ScanConditions FLATBED_300 = new ScanConditions(300, 1, 0, 0, 0.06, 0, 1.5, 0.85, 0, 2);

    final Paper paper = ShippedKit.papers().get(0).toPaper();
    final PageLayout page;
    final byte[] jpeg;

    BenchSheet() {
        Pencil pencil = ShippedKit.pencils().get(6).toPencil();
        ExercisePlan plan = new PressureScale(7, PressureScale.Direction.LIGHT_TO_DARK, 20)
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
        page = SheetComposer.forStudent(
                SheetComposer.compose(PageSize.A4, words, specs), "Ana", "8 Dunlin", new PageCode("7KQ2M9XB", 14));
        List<FieldTask> tasks = plan.fields().stream()
                .map(f -> new FieldTask(
                        f.id(),
                        pencil,
                        f.recipe().grade().pressure(),
                        f.recipe().passes()))
                .toList();
        jpeg = new SimulatedScanner(paper)
                .scan(page, tasks, Hand.EXACT, FLATBED_300, 5)
                .jpeg();
    }
}
