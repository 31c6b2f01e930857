package grastel.app.sheets.planning;

import static grastel.core.words.Words.say;

import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.platform.ApiProblem;
import grastel.app.sheets.api.PiecesAtHand;
import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.api.SheetData.ExerciseData;
import grastel.app.sheets.api.SheetData.ValueData;
import grastel.app.sheets.planning.Planner.Draft;
import grastel.app.sheets.planning.Planner.DraftedExercise;
import grastel.app.sheets.rows.Sheet;
import grastel.app.sheets.rows.SheetJson;
import grastel.app.sheets.rows.SheetRows;
import grastel.app.sheets.rows.SheetVersion;
import grastel.app.sheets.rows.SheetVersions;
import grastel.app.sheets.rows.StoredSheetVersion;
import grastel.core.exercise.asked.Parameter;
import grastel.core.exercise.finishedpiece.FinishedPiece;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Pages of students who do not draw what all draw: the class's sheet with a picture of their own in it, or in their own variant. */
@Component
public class OwnPages {
    private final Planner planner;
    private final PiecesAtHand pieces;
    private final SheetRows sheets;
    private final SheetVersions versions;
    private final SheetJson json;

    OwnPages(Planner planner, PiecesAtHand pieces, SheetRows sheets, SheetVersions versions, SheetJson json) {
        this.planner = planner;
        this.pieces = pieces;
        this.sheets = sheets;
        this.versions = versions;
        this.json = json;
    }

    /** @param drawn places of the pages to draw on */
    public record Own(SheetVersion version, List<Integer> drawn) {}

    /** Kept for printing, by student; none for those who draw what all draw. @param variants true for another one for each */
    public Map<UUID, Own> of(SheetVersion printed, SheetData data, ClassInfo to, boolean variants) {
        Map<UUID, List<ExerciseData>> asked = variants ? inVariants(printed, data, to) : new HashMap<>();
        ownPieces(data)
                .forEach((student, pieces) -> asked.put(
                        student,
                        asked.getOrDefault(student, data.exercises()).stream()
                                .map(e -> with(e, FinishedPiece.PIECE, pieces))
                                .toList()));
        Map<UUID, Own> own = new HashMap<>();
        Sheet sheet = null;
        for (StudentInfo student : to.students()) {
            if (asked.containsKey(student.id())) {
                sheet = sheet == null ? sheets.save(new Sheet(printed.sheet().title(), true)) : sheet;
                SheetData theirs =
                        new SheetData(to.id(), data.set(), data.paper(), data.pageSize(), asked.get(student.id()));
                own.put(student.id(), kept(new SheetVersion(sheet, own.size() + 1), theirs, student));
            }
        }
        return own;
    }

    private Own kept(SheetVersion version, SheetData data, StudentInfo student) {
        Draft draft = planner.draft(version.sheet().title(), data);
        draft.problems().stream().findFirst().ifPresent(problem -> {
            throw ApiProblem.invalid(
                    "students", "OWN_PAGE", say("problem.s-own-page", student.name(), problem.message()));
        });
        version.set(data, json.exercises(data.exercises()), json.plan(draft.plan()), json.pages(draft.pages()));
        return new Own(versions.save(version), StoredSheetVersion.drawn(draft.pages()));
    }

    /** What students draw instead of pieces, by student and piece. */
    private Map<UUID, Map<ValueData, ValueData>> ownPieces(SheetData data) {
        Map<UUID, Map<ValueData, ValueData>> own = new HashMap<>();
        data.exercises().stream()
                .map(e -> e.values().get(FinishedPiece.PIECE))
                .filter(Objects::nonNull)
                .forEach(piece -> pieces.own(piece.word())
                        .forEach((student, other) -> own.computeIfAbsent(student, s -> new HashMap<>())
                                .put(piece, ValueData.of(other))));
        return own;
    }

    /** The first student draws the sheet's variant, every other the next. */
    private Map<UUID, List<ExerciseData>> inVariants(SheetVersion printed, SheetData data, ClassInfo to) {
        List<DraftedExercise> drafted =
                planner.draft(printed.sheet().title(), data).exercises();
        Map<UUID, List<ExerciseData>> asked = new HashMap<>();
        if (drafted.stream().anyMatch(OwnPages::drawsItselfAnew)) {
            for (int place = 1; place < to.students().size(); place++) {
                List<ExerciseData> theirs = new ArrayList<>(data.exercises());
                for (int i = 0; i < theirs.size(); i++) {
                    if (drawsItselfAnew(drafted.get(i))) {
                        int next = drafted.get(i).used().whole(Parameter.VARIANT) + place;
                        int variant = (next - 1) % Parameter.MOST_VARIANTS + 1;
                        theirs.set(i, with(theirs.get(i), Parameter.VARIANT, ValueData.of(variant)));
                    }
                }
                asked.put(to.students().get(place).id(), theirs);
            }
        }
        return asked;
    }

    private static boolean drawsItselfAnew(DraftedExercise exercise) {
        return exercise.parameters().stream().anyMatch(p -> p.name().equals(Parameter.VARIANT));
    }

    /** @param others by what they stand for */
    private static ExerciseData with(ExerciseData exercise, String name, Map<ValueData, ValueData> others) {
        ValueData value = exercise.values().get(name);
        return others.containsKey(value) ? with(exercise, name, others.get(value)) : exercise;
    }

    private static ExerciseData with(ExerciseData exercise, String name, ValueData value) {
        Map<String, ValueData> values = new HashMap<>(exercise.values());
        values.put(name, value);
        return new ExerciseData(exercise.kind(), values, exercise.thresholds());
    }
}
