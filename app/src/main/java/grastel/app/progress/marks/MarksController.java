package grastel.app.progress.marks;

import grastel.app.platform.Revised;
import grastel.app.progress.marks.Book.Given;
import grastel.app.progress.marks.Book.Work;
import grastel.app.returns.api.Confirmed;
import grastel.core.exercise.goal.Goal;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Levels are 0…4; a mark is what they come to by the class's scale. */
@RestController
@RequestMapping("/api/progress/classes/{id}/marks")
class MarksController {
    private final Marks marks;
    private final MarkFiles files;

    MarksController(Marks marks, MarkFiles files) {
        this.marks = marks;
        this.files = files;
    }

    /** @param revision the scale was changed on, −1 where it was the usual one; null for whichever is there */
    record ScaleRequest(Integer revision, @NotNull @Valid ScaleData scale) {}

    record ScaleStepView(@NotNull double value, @NotNull String name) {}

    record WeightView(
            @NotNull Goal goal,
            @NotNull String label,
            @NotNull double weight) {}

    /** @param exercise from 0, −1 for all of a printing */
    record WorkView(
            @NotNull String id,
            @NotNull UUID run,
            @NotNull int exercise,
            @NotNull String title,
            @NotNull Instant printedAt) {}

    record GoalReachedView(
            @NotNull Goal goal,
            @NotNull String label,
            @NotNull int level) {}

    /** @param work its id; @param level mean of the goals; @param value null where no goal counts */
    record GivenMarkView(
            @NotNull String work,
            @Nullable Double level,
            @Nullable Double value,
            @NotNull String name,
            @NotNull List<GoalReachedView> goals) {}

    record MarkedStudentView(
            @NotNull UUID student,
            @NotNull String name,
            @NotNull List<GivenMarkView> marks) {}

    /** @param weights of the goals that there are */
    record MarksView(
            @NotNull int revision,
            @NotNull String className,
            @NotNull List<ScaleStepView> steps,
            @NotNull List<WeightView> weights,
            @NotNull String classCode,
            @NotNull List<WorkView> work,
            @NotNull List<MarkedStudentView> students) {}

    @GetMapping
    MarksView marks(@PathVariable UUID id) {
        Marks.Kept kept = marks.scale(id);
        return view(kept, marks.book(id, kept.scale()));
    }

    /** The marks as another scale would have them; nothing is kept. */
    @PostMapping("/preview")
    MarksView preview(@PathVariable UUID id, @Valid @RequestBody ScaleRequest request) {
        return view(new Marks.Kept(marks.scale(id).revision(), request.scale()), marks.book(id, request.scale()));
    }

    @PutMapping
    MarksView keep(@PathVariable UUID id, @Valid @RequestBody ScaleRequest request) {
        marks.keep(id, Revised.seen(request.revision()), request.scale());
        return marks(id);
    }

    /** For other programs. */
    @GetMapping("/export")
    ResponseEntity<byte[]> export(@PathVariable UUID id, @RequestParam MarkFiles.Format format) {
        ScaleData scale = marks.scale(id).scale();
        return files.file(format, marks.book(id, scale), scale);
    }

    private static MarksView view(Marks.Kept kept, Book book) {
        ScaleData scale = kept.scale();
        Map<Goal, Double> weights = new TreeMap<>();
        book.students().stream()
                .flatMap(s -> s.given().values().stream())
                .flatMap(g -> g.goals().stream())
                .forEach(c -> weights.put(c.goal(), scale.weights().getOrDefault(c.goal(), 1.0)));
        return new MarksView(
                kept.revision(),
                book.schoolClass().name(),
                scale.steps().stream()
                        .map(s -> new ScaleStepView(s.value(), s.name()))
                        .toList(),
                weights.entrySet().stream()
                        .map(e -> new WeightView(e.getKey(), e.getKey().label(), e.getValue()))
                        .toList(),
                scale.classCode(),
                book.work().stream().map(MarksController::work).toList(),
                book.students().stream()
                        .map(s -> new MarkedStudentView(
                                s.student().id(),
                                s.student().name(),
                                s.given().values().stream()
                                        .map(MarksController::given)
                                        .toList()))
                        .toList());
    }

    private static WorkView work(Work w) {
        return new WorkView(w.id(), w.run(), w.exercise(), w.title(), w.printedAt());
    }

    private static GivenMarkView given(Given g) {
        return new GivenMarkView(
                g.work().id(),
                g.mark().map(m -> m.level()).orElse(null),
                g.mark().map(m -> m.value()).orElse(null),
                g.mark().map(m -> m.name()).orElse(""),
                g.goals().stream().map(MarksController::reached).toList());
    }

    private static GoalReachedView reached(Confirmed c) {
        return new GoalReachedView(c.goal(), c.goal().label(), c.level().ordinal());
    }
}
