package grastel.app.sheets;

import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.platform.ApiProblem;
import grastel.app.sheets.Planner.Draft;
import grastel.app.sheets.SheetData.ExerciseData;
import grastel.app.sheets.SheetData.ValueData;
import grastel.core.exercise.finishedpiece.FinishedPiece;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Pages of students who draw from a picture of their own: the class's sheet with their picture in it. */
@Component
class OwnPages {
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

    /** @param count pages */
    record Own(SheetVersion version, int count) {}

    /** Kept for printing, by student; none for those who draw what all draw. */
    Map<UUID, Own> of(SheetVersion printed, SheetData data, ClassInfo to) {
        Map<UUID, List<ExerciseData>> asked = asked(data);
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
                    "students", "OWN_PICTURE", student.name() + "’s own picture: " + problem.message());
        });
        version.set(data, json.write(data.exercises()), json.write(draft.plan()), json.write(draft.pages()));
        return new Own(versions.save(version), draft.pages().size());
    }

    /** The exercises of those for whom a piece is another, by student. */
    private Map<UUID, List<ExerciseData>> asked(SheetData data) {
        Map<UUID, List<ExerciseData>> asked = new HashMap<>();
        for (ExerciseData exercise : data.exercises()) {
            ValueData piece = exercise.values().get(FinishedPiece.PIECE);
            if (piece != null) {
                pieces.own(piece.word())
                        .forEach((student, other) -> asked.put(
                                student,
                                asked.getOrDefault(student, data.exercises()).stream()
                                        .map(e ->
                                                piece.equals(e.values().get(FinishedPiece.PIECE)) ? drawn(e, other) : e)
                                        .toList()));
            }
        }
        return asked;
    }

    private static ExerciseData drawn(ExerciseData exercise, String piece) {
        Map<String, ValueData> values = new HashMap<>(exercise.values());
        values.put(FinishedPiece.PIECE, ValueData.of(piece));
        return new ExerciseData(exercise.kind(), values, exercise.thresholds());
    }
}
