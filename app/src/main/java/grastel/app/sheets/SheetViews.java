package grastel.app.sheets;

import grastel.app.sheets.Sheets.Draft;
import grastel.app.sheets.Sheets.Parameters;
import grastel.app.sheets.Sheets.RunInfo;
import grastel.app.sheets.Sheets.SheetInfo;
import grastel.core.colour.Lab;
import grastel.core.colour.MunsellValue;
import grastel.core.colour.Srgb;
import grastel.core.exercise.Feasibility;
import grastel.core.exercise.FieldPlan;
import grastel.core.exercise.GradeBand;
import grastel.core.exercise.pressurescale.PressureScale;
import grastel.core.layering.PressureGrade;
import grastel.core.page.PageLayout;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/** What sheets look like at the edge. Lengths in mm, lightness in L*, value in Munsell value. */
final class SheetViews {
    private SheetViews() {}

    record SheetRequest(
            @Size(max = 120) String title,
            @NotNull UUID pencil,
            @NotNull UUID paper,
            @NotNull PageSize pageSize,

            @Min(PressureScale.FEWEST_STEPS) @Max(PressureScale.MOST_STEPS) @NotNull
            int steps,

            @NotNull PressureScale.Direction direction,

            @Min((long) PressureScale.SMALLEST_BOX_MM) @Max((long) PressureScale.LARGEST_BOX_MM) @NotNull
            double boxMm,

            GradeBand band) {
        Parameters parameters() {
            return new Parameters(pencil, paper, pageSize, new PressureScale(steps, direction, boxMm));
        }
    }

    record PrintRequest(@NotNull UUID schoolClass) {}

    record SheetView(
            @NotNull UUID id,
            @NotNull String title,
            @NotNull int version,
            @NotNull UUID pencil,
            @NotNull UUID paper,
            @NotNull PageSize pageSize,
            @NotNull int steps,
            @NotNull PressureScale.Direction direction,
            @NotNull double boxMm,
            @NotNull boolean printed) {}

    record RunView(
            @NotNull UUID id,
            @NotNull UUID sheet,
            @NotNull String title,
            @NotNull int version,
            @NotNull UUID schoolClass,
            @NotNull Instant printedAt,
            @NotNull int pages) {}

    record PrintedPageView(
            @NotNull UUID id, @NotNull int number, @NotNull String student) {}

    record RectView(
            @NotNull double x,
            @NotNull double y,
            @NotNull double width,
            @NotNull double height) {
        static RectView of(Rect r) {
            return new RectView(r.x(), r.y(), r.width(), r.height());
        }
    }

    record FieldView(@NotNull String id, @NotNull RectView box) {}

    record RuleView(
            @NotNull double x1,
            @NotNull double y1,
            @NotNull double x2,
            @NotNull double y2,
            @NotNull double width) {}

    record TextView(
            @NotNull double x,
            @NotNull double y,
            @NotNull double size,
            @NotNull boolean bold,
            @NotNull String words) {}

    record PatchView(@NotNull RectView box, @NotNull String colour) {}

    record BitsView(@NotNull RectView box, @NotNull List<String> rows) {}

    /** A page, everything at its final place. */
    record PageView(
            @NotNull double width,
            @NotNull double height,
            @NotNull List<FieldView> fields,
            @NotNull List<RuleView> rules,
            @NotNull List<TextView> texts,
            @NotNull List<PatchView> patches,
            @NotNull List<BitsView> bits) {
        static PageView of(PageLayout page) {
            return new PageView(
                    page.size().widthMm(),
                    page.size().heightMm(),
                    page.fields().stream()
                            .map(f -> new FieldView(f.id(), RectView.of(f.rect())))
                            .toList(),
                    page.rules().stream()
                            .map(r -> new RuleView(r.x1(), r.y1(), r.x2(), r.y2(), r.widthMm()))
                            .toList(),
                    page.texts().stream()
                            .map(t -> new TextView(
                                    t.x(), t.y(), t.sizeMm(), t.weight() == PageLayout.Weight.BOLD, t.words()))
                            .toList(),
                    page.patches().stream()
                            .map(p -> new PatchView(RectView.of(p.rect()), grey(p.lightness())))
                            .toList(),
                    page.bits().stream()
                            .map(b -> new BitsView(RectView.of(b.rect()), b.rows()))
                            .toList());
        }
    }

    /** What a box asks and what its recipe gives. */
    record AskedView(
            @NotNull String field,
            @NotNull double askedLightness,
            @NotNull double askedValue,
            @NotNull PressureGrade grade,
            @NotNull int passes,
            @NotNull double predictedLightness,
            @NotNull double predictedValue,
            @NotNull String predictedColour) {
        static AskedView of(FieldPlan f) {
            return new AskedView(
                    f.id(),
                    f.askedLightness(),
                    value(f.askedLightness()),
                    f.recipe().grade(),
                    f.recipe().passes(),
                    f.predicted().lightness(),
                    value(f.predicted().lightness()),
                    Srgb.of(f.predicted()).hex());
        }
    }

    record FeasibilityView(
            @NotNull Feasibility.Code code,
            String field,
            @NotNull double asked,
            @NotNull double possible) {}

    record DraftView(
            @NotNull PageView page,
            @NotNull List<AskedView> asked,
            @NotNull double minutes,
            @NotNull double askedStep,
            @NotNull List<FeasibilityView> feasibility) {}

    static DraftView of(Draft draft) {
        return new DraftView(
                PageView.of(draft.layout()),
                draft.plan().fields().stream().map(AskedView::of).toList(),
                draft.plan().minutes(),
                draft.plan().askedStep(),
                draft.plan().feasibility().stream()
                        .map(f -> new FeasibilityView(f.code(), f.field(), f.asked(), f.possible()))
                        .toList());
    }

    static SheetView of(SheetInfo sheet) {
        Parameters p = sheet.parameters();
        return new SheetView(
                sheet.id(),
                sheet.title(),
                sheet.version(),
                p.pencil(),
                p.paper(),
                p.pageSize(),
                p.scale().steps(),
                p.scale().direction(),
                p.scale().boxMm(),
                sheet.printed());
    }

    static RunView of(RunInfo run) {
        return new RunView(
                run.id(), run.sheet(), run.title(), run.version(), run.schoolClass(), run.printedAt(), run.pages());
    }

    private static double value(double lightness) {
        return MunsellValue.of(Lab.luminanceOf(lightness));
    }

    private static String grey(double lightness) {
        return Srgb.of(new Lab(lightness, 0, 0)).hex();
    }
}
