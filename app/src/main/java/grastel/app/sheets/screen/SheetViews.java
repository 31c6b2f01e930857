package grastel.app.sheets.screen;

import grastel.app.sheets.Sheets.SheetInfo;
import grastel.app.sheets.api.RunInfo;
import grastel.app.sheets.api.SheetData;
import grastel.core.exercise.ExerciseKind;
import grastel.core.recipe.MethodAnswer;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What sheets look like at the edge. Lengths in mm, lightness in L*, value in Munsell value. */
public final class SheetViews {

    private SheetViews() {}

    /** @param revision of the sheet that a change was made on; null for whichever is there */
    record SheetRequest(
            @Size(max = 120) String title,
            Integer revision,
            @NotNull @Valid SheetData data) {}

    /** @param card one for all, with a label for each; @param variants of what draws itself anew, another for each student */
    record PrintRequest(@NotNull UUID schoolClass, Boolean card, Boolean variants) {}

    /** @param schools answers to the method's questions */
    record MethodEffectRequest(
            @NotNull UUID schoolClass,
            @NotNull @Size(max = 20) List<@NotNull MethodAnswer> schools) {}

    /** @param problem why it could no longer be made, or null */
    record ChangedSheetView(
            @NotNull UUID sheet,
            @NotNull String title,
            @NotNull int fields,
            @Nullable String problem) {}

    record KindView(
            @NotNull String id,
            @NotNull String name,
            @NotNull String teaches) {
        static KindView of(ExerciseKind kind) {
            return new KindView(kind.id(), kind.name(), kind.teaches());
        }
    }

    public record SheetView(
            @NotNull UUID id,
            @NotNull String title,
            @NotNull int revision,
            @NotNull int version,
            @NotNull SheetData data,
            @NotNull boolean printed) {}

    /** @param personal true where each student has fields of its own that are done again */
    record RunView(
            @NotNull UUID id,
            @NotNull UUID sheet,
            @NotNull String title,
            @NotNull int version,
            @NotNull UUID schoolClass,
            @NotNull Instant printedAt,
            @NotNull int pages,
            @NotNull int parts,
            @NotNull boolean personal,
            @NotNull boolean card) {}

    record PrintedPageView(
            @NotNull UUID id,
            @NotNull int number,
            @NotNull int part,
            @NotNull String student) {}

    public static SheetView of(SheetInfo sheet) {
        return new SheetView(
                sheet.id(), sheet.title(), sheet.revision(), sheet.version(), sheet.data(), sheet.printed());
    }

    public static RunView of(RunInfo run) {
        return new RunView(
                run.id(),
                run.sheet(),
                run.title(),
                run.version(),
                run.schoolClass(),
                run.printedAt(),
                run.pages(),
                run.parts(),
                run.personal(),
                run.card());
    }
}
