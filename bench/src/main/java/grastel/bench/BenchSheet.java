package grastel.bench;

import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.GradeBand;
import grastel.core.exercise.Setting;
import grastel.core.exercise.SheetPlan;
import grastel.core.exercise.Values;
import grastel.core.exercise.pressurescale.PressureScale;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
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

/** A page for reading benchmarks, drawn by an exact hand and scanned at 300 dpi, JPEG quality 0.85. */
final class BenchSheet {
    static final ScanConditions FLATBED_300 = new ScanConditions(300, 1, 0, 0, 0.06, 0, 1.5, 0.85, 0, 2);

    /** The kind that wants the brown paper, which comes last in the kit. */
    private static final String ON_TONED = "toned-scale";

    final Paper paper;
    final PageLayout page;
    final byte[] jpeg;

    /** A seven-step scale. */
    BenchSheet() {
        this(new PressureScale(), Values.of(PressureScale.STEPS, 7));
    }

    /** The first page of an exercise, of the whole shipped kit. */
    BenchSheet(ExerciseKind kind, Values chosen) {
        paper = ShippedKit.papers().get(kind.id().equals(ON_TONED) ? 3 : 0).toPaper();
        List<Pencil> pencils = ShippedKit.pencils().stream()
                .map(ShippedKit.RangePencil::toPencil)
                .toList();
        Setting setting = new Setting(new PencilSet("All", pencils), paper, Method.USUAL, GradeBand.DEVELOPING);
        SheetPlan plan = SheetPlan.of(List.of(kind.plan(chosen.orSuggested(kind.parameters(setting)), setting)));
        List<FieldSpec> specs = plan.fields().stream()
                .map(f -> new FieldSpec(
                        f.id(),
                        f.group(),
                        f.widthMm(),
                        f.heightMm(),
                        f.outline(),
                        f.isShape() ? null : f.askedLightness(),
                        "value",
                        List.of("medium", "2 passes")))
                .toList();
        SheetWords words =
                new SheetWords("Sheet", "Even steps.", "Name", "Class", "Date", "Try here.", "Key", List.of("Kit"));
        page = SheetComposer.forStudent(
                SheetComposer.compose(
                                PageSize.A4,
                                words,
                                List.of(new Section("", "", specs, List.of("Squint."))),
                                plan.palette().stream().map(Pencil::code).toList())
                        .get(0),
                "Ana",
                "8 Dunlin",
                new PageCode("7KQ2M9XB", 14));
        jpeg = new SimulatedScanner(paper)
                .scan(page, FieldTask.of(plan, page), plan.palette(), Hand.EXACT, FLATBED_300, 5)
                .jpeg();
    }
}
