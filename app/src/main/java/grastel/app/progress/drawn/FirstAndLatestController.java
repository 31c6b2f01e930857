package grastel.app.progress.drawn;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.progress.drawn.Drawings.Drawing;
import grastel.app.returns.Returns;
import grastel.app.returns.api.AttemptedExercise;
import grastel.app.returns.api.Confirmed;
import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.ExerciseKinds;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A class's first attempt at a kind of exercise beside its latest. */
@RestController
@RequestMapping("/api/progress/classes/{id}/first-and-latest")
class FirstAndLatestController {
    private final Classes classes;
    private final Returns returns;
    private final Drawings drawings;

    FirstAndLatestController(Classes classes, Returns returns, Drawings drawings) {
        this.classes = classes;
        this.returns = returns;
        this.drawings = drawings;
    }

    /** @param again students who drew it twice or more */
    record DrawnKindView(
            @NotNull String kind,
            @NotNull String name,
            @NotNull int again) {}

    /** @param read when the reading was made that its picture belongs to */
    record DrawnFieldView(
            @NotNull UUID page,
            @NotNull Instant read,
            @NotNull String field,
            @NotNull double lightness,
            @NotNull boolean blank) {}

    /** @param level 0…4 in the band the class is in now; null where the student did not come so far */
    record DrawnGoalView(
            @NotNull Goal goal,
            @NotNull String label,
            @Nullable Integer level) {}

    record DrawnTryView(
            @NotNull Instant received,
            @NotNull List<DrawnFieldView> fields,
            @NotNull List<DrawnGoalView> goals) {}

    /** @param first null where nothing was confirmed; @param latest null where there is no second */
    record FirstAndLatestRowView(
            @NotNull UUID student,
            @NotNull String name,
            @Nullable DrawnTryView first,
            @Nullable DrawnTryView latest) {}

    /** @param kind that is shown, null where nothing has been confirmed */
    record FirstAndLatestView(
            @NotNull UUID schoolClass,
            @NotNull String name,
            @NotNull List<DrawnKindView> kinds,
            @Nullable String kind,
            @NotNull List<FirstAndLatestRowView> rows) {}

    /** @param kind of exercise; where none is named the one that most drew again */
    @GetMapping
    FirstAndLatestView of(@PathVariable UUID id, @RequestParam(required = false) @Size(max = 40) String kind) {
        ClassInfo of = classes.one(id);
        List<Confirmed> confirmed = returns.confirmed(List.of(id));
        List<DrawnKindView> kinds = kinds(confirmed);
        String shown = kind != null
                ? kind
                : kinds.stream()
                        .max(Comparator.comparingInt(DrawnKindView::again))
                        .map(DrawnKindView::kind)
                        .orElse(null);
        Map<UUID, List<Drawing>> byStudent = shown == null
                ? Map.of()
                : drawings.of(confirmed, shown).stream().collect(Collectors.groupingBy(Drawing::student));
        return new FirstAndLatestView(
                id,
                of.name(),
                kinds,
                shown,
                of.students().stream()
                        .map(s -> row(s, byStudent.getOrDefault(s.id(), List.of()), of.band()))
                        .toList());
    }

    private static List<DrawnKindView> kinds(List<Confirmed> confirmed) {
        Map<String, Map<UUID, Long>> attempts = confirmed.stream()
                .collect(Collectors.groupingBy(
                        Confirmed::kind,
                        LinkedHashMap::new,
                        Collectors.collectingAndThen(Collectors.toList(), FirstAndLatestController::attempts)));
        return attempts.entrySet().stream()
                .map(e -> new DrawnKindView(
                        e.getKey(),
                        ExerciseKinds.of(e.getKey()).map(ExerciseKind::name).orElse(e.getKey()),
                        (int) e.getValue().values().stream().filter(n -> n > 1).count()))
                .toList();
    }

    /** How often each student drew it. */
    private static Map<UUID, Long> attempts(List<Confirmed> ofKind) {
        return ofKind.stream()
                .map(Confirmed::attempt)
                .distinct()
                .collect(Collectors.groupingBy(AttemptedExercise::student, Collectors.counting()));
    }

    private static FirstAndLatestRowView row(StudentInfo student, List<Drawing> drawn, GradeBand band) {
        return new FirstAndLatestRowView(
                student.id(),
                student.name(),
                drawn.isEmpty() ? null : view(drawn.get(0), band),
                drawn.size() < 2 ? null : view(drawn.get(drawn.size() - 1), band));
    }

    private static DrawnTryView view(Drawing drawing, GradeBand band) {
        return new DrawnTryView(
                drawing.received(),
                drawing.fields().stream()
                        .map(f -> new DrawnFieldView(
                                f.page(),
                                f.read(),
                                f.reading().field(),
                                f.reading().lightness().value(),
                                f.reading().blank()))
                        .toList(),
                drawing.goals().stream()
                        .map(g -> new DrawnGoalView(
                                g.goal(),
                                g.goal().label(),
                                g.isNotReached()
                                        ? null
                                        : Integer.valueOf(g.in(band).ordinal())))
                        .toList());
    }
}
