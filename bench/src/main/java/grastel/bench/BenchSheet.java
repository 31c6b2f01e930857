package grastel.bench;

import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.GradeBand;
import grastel.core.exercise.Setting;
import grastel.core.exercise.SheetPlan;
import grastel.core.exercise.Values;
import grastel.core.exercise.pressurescale.PressureScale;
import grastel.core.media.Paper;
import grastel.core.media.PencilSet;
import grastel.core.media.ShippedKit;
import grastel.core.page.FieldSpec;
import grastel.core.page.PageCode;
import grastel.core.page.PageLayout;
import grastel.core.page.PageSize;
import grastel.core.page.Section;
import grastel.core.page.SheetComposer;
import grastel.core.page.SheetWords;
import grastel.core.recipe.Method;
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
        ExerciseKind kind = new PressureScale();
        Setting setting = new Setting(
                new PencilSet("One", List.of(ShippedKit.pencils().get(6).toPencil())),
                paper,
                Method.USUAL,
                GradeBand.DEVELOPING);
        Values values = Values.of(PressureScale.STEPS, 7).orSuggested(kind.parameters(setting));
        SheetPlan plan = SheetPlan.of(List.of(kind.plan(values, setting)));
        List<FieldSpec> specs = plan.fields().stream()
                .map(f -> new FieldSpec(
                        f.id(), "", 20, 20, List.of(), f.askedLightness(), "value", List.of("medium", "2 passes")))
                .toList();
        SheetWords words = new SheetWords(
                "Pressure scale", "Even steps.", "Name", "Class", "Date", "Try here.", "Key", List.of("Kit"));
        page = SheetComposer.forStudent(
                SheetComposer.compose(
                                PageSize.A4,
                                words,
                                List.of(new Section("", "", specs, List.of("Squint."))),
                                List.of("S07"))
                        .get(0),
                "Ana",
                "8 Dunlin",
                new PageCode("7KQ2M9XB", 14));
        jpeg = new SimulatedScanner(paper)
                .scan(page, FieldTask.of(plan, page), plan.palette(), Hand.EXACT, FLATBED_300, 5)
                .jpeg();
    }
}
