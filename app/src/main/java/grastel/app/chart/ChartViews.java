package grastel.app.chart;

import grastel.core.chart.ChartFit;
import grastel.core.chart.ChartWork;
import grastel.core.layering.PressureGrade;
import grastel.core.media.Pencil;
import grastel.core.page.PageSize;
import grastel.core.reading.PageFlag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.AssertTrue;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What charts look like at the edge. Colours are CIELAB under D65; every ± is half of a 95 % interval. */
final class ChartViews {
    private ChartViews() {}

    /**
     * A set that is in no kit yet.
     *
     * @param lines codes and names, one pencil in a line
     * @param white line of the white among them, from 0; null for none
     * @param dark line of a dark pencil, whose pressures are shown; null for the first
     */
    record NewSet(
            @NotBlank @Size(max = 60) String name,
            @NotNull Pencil.Binder binder,
            @NotBlank @Size(max = 20_000) String lines,
            @Min(0) Integer white,
            @Min(0) Integer dark) {}

    /** @param set of the kit, or null with {@code newSet}; @param copies one for each person who fills it in */
    record ChartRequest(
            UUID set,
            @Valid NewSet newSet,
            @NotNull UUID paper,
            @NotNull PageSize pageSize,
            @NotNull @Min(1) @Max(6) int copies) {
        @AssertTrue(message = "problem.either-a-set-or")
        boolean isOfOneSet() {
            return (set == null) != (newSet == null);
        }
    }

    record LinesRequest(@NotBlank @Size(max = 20_000) String lines) {}

    record NamedView(@NotNull String code, @NotNull String name) {}

    /** @param read pages that came back; @param takenAt when it was taken over last, or null */
    record ChartLineView(
            @NotNull UUID id,
            @NotNull String title,
            @NotNull Instant printedAt,
            @NotNull int copies,
            @NotNull int read,
            Instant takenAt) {}

    /** @param copy whose, from 1; @param part which page of the copy, from 1; @param readAt null until it comes back */
    record ChartPageView(
            @NotNull int number,
            @NotNull int copy,
            @NotNull int part,
            @Nullable Instant readAt,
            @NotNull List<PageFlag> flags) {}

    enum State {
        /** No page has come back. */
        WAITING,
        FITTING,
        FITTED,
        /** Not one box was filled. */
        EMPTY
    }

    record ChartView(
            @NotNull UUID id,
            @NotNull int revision,
            @NotNull String title,
            UUID set,
            @NotNull UUID paper,
            @NotNull String paperName,
            @NotNull Instant printedAt,
            Instant takenAt,
            @NotNull State state,
            @NotNull List<ChartPageView> pages,
            @Nullable ChartFitView fit) {}

    record Figure(@NotNull double value, @NotNull double plusMinus) {
        static Figure of(ChartFit.Figure f) {
            return new Figure(f.value(), f.plusMinus());
        }
    }

    /** A colour. @param colour for a screen, {@code #rrggbb}; @param value Munsell, 0…10 */
    record ChartColourView(
            @NotNull String colour,
            @NotNull double l,
            @NotNull double a,
            @NotNull double b,
            @NotNull double value) {}

    /**
     * A pencil of the chart.
     *
     * @param row its place, from 0
     * @param pencil of the kit; null where it is not in it yet
     * @param revision of it, to take what was found over
     * @param before null where nobody knew its colour
     * @param after null where too few boxes tell
     * @param off ΔE00 from before to after
     * @param plusMinus of the colour, in units of L*
     * @param same true where the kit has it as it was found
     */
    record ChartPencilView(
            @NotNull int row,
            @Nullable UUID pencil,
            @Nullable Integer revision,
            @NotNull String code,
            @NotNull String name,
            @Nullable ChartColourView before,
            @Nullable ChartColourView after,
            @Nullable Double off,
            @Nullable Double plusMinus,
            @Nullable Double hidingBefore,
            @Nullable Figure hiding,
            @Nullable Double softnessBefore,
            @Nullable Figure softness,
            @NotNull int boxes,
            @NotNull boolean same) {}

    /** @param asked 0…1 as classes are taught; @param found as this person presses */
    record ChartGradeView(
            @NotNull PressureGrade grade,
            @NotNull double asked,
            @NotNull Figure found) {}

    /** @param copy whose, from 1 */
    record ChartHandView(
            @NotNull int copy,
            @NotNull List<ChartGradeView> grades,
            @NotNull Figure point) {}

    /** @param page number; @param like code and name of the pencil it looks like, or null */
    record OddBoxView(
            @NotNull int page,
            @NotNull String box,
            @NotNull String pencil,
            @NotNull ChartWork work,
            @NotNull ChartFit.Why why,
            @Nullable String like) {}

    /** A sheet whose prediction would change. @param fields how many by more than the eye overlooks; @param most ΔE00 */
    record ChartSheetView(
            @NotNull UUID id,
            @NotNull String title,
            @NotNull int fields,
            @NotNull double most) {}

    record ChartFitView(
            @NotNull List<ChartPencilView> pencils,
            @NotNull double depthBefore,
            @NotNull Figure depth,
            @NotNull List<ChartHandView> hands,
            @NotNull double before,
            @NotNull double after,
            @NotNull int boxes,
            @NotNull List<OddBoxView> odd,
            @NotNull List<ChartSheetView> sheets) {}

    /** @param revision of the pencil when it was looked at; null for one that is not in the kit */
    record TakenRow(@NotNull @Min(0) @Max(199) int row, Integer revision) {}

    /** @param revision of the chart when it was looked at; @param paper true to take the tooth's depth too */
    record TakeRequest(
            Integer revision,
            @NotNull @Size(max = 200) List<@NotNull @Valid TakenRow> pencils,
            @NotNull boolean paper) {}
}
