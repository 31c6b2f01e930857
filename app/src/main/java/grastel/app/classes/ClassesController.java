package grastel.app.classes;

import grastel.app.classes.Classes.ClassInfo;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.ApiProblem.FieldProblem;
import grastel.app.platform.Ownership;
import grastel.app.platform.colleagues.About;
import grastel.app.platform.colleagues.ForColleagues;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.GoalPlan;
import grastel.core.recipe.Method;
import grastel.core.recipe.MethodAnswer;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
@RequestMapping("/api/classes")
class ClassesController {
    private final Classes classes;

    ClassesController(Classes classes) {
        this.classes = classes;
    }

    record StudentView(@NotNull UUID id, @NotNull String name) {}

    record NamedClassView(@NotNull UUID id, @NotNull String name) {}

    /** A student who left the class. @param at when; @param now the student's class now, null where the student left the school */
    record FormerStudentView(
            @NotNull UUID id,
            @NotNull String name,
            @NotNull Instant at,
            @Nullable NamedClassView now) {}

    record ClassView(
            @NotNull UUID id,
            @NotNull int revision,
            @NotNull String name,
            @NotNull GradeBand band,
            @NotNull List<StudentView> students,
            @NotNull List<FormerStudentView> former,
            @NotNull CalendarData calendar,
            @NotNull List<MethodAnswer> method,
            @NotNull boolean namesHidden,
            @NotNull Map<Goal, Double> thresholds,
            @NotNull double readyShare) {}

    /**
     * @param revision of the class that the change was made on
     * @param thresholds what the usual thresholds are multiplied by; goals left out keep the usual
     */
    record ThresholdsRequest(
            @NotNull Integer revision,

            @NotNull
            Map<Goal, @NotNull @DecimalMin("" + GoalPlan.LEAST_FACTOR) @DecimalMax("" + GoalPlan.MOST_FACTOR) Double>
                    thresholds) {}

    /**
     * @param revision of the class that the change was made on
     * @param share of those who tried a skill that must be secure in it, 0…1
     */
    record ReadinessRequest(
            @NotNull Integer revision,
            @NotNull @DecimalMin("0") @DecimalMax("1") Double share) {}

    record SchoolView(
            @NotNull MethodAnswer school,
            @NotNull String label,
            @NotNull String reason) {}

    /** A question on which teachers differ, with its answers. */
    record QuestionView(
            @NotNull MethodAnswer.Question question,
            @NotNull String label,
            @NotNull List<SchoolView> schools) {}

    /**
     * @param revision of the class that the change was made on
     * @param schools one answer for each question that is answered
     */
    record MethodRequest(
            @NotNull Integer revision,
            @NotNull @Size(max = 20) List<@NotNull MethodAnswer> schools,
            @NotNull boolean namesHidden) {}

    /** @param names one student a line, or CSV */
    record NewClass(
            @NotBlank @Size(max = Classes.LONGEST_NAME) String name,
            @NotNull GradeBand band,
            @NotNull @Size(max = 200_000) String names) {}

    /** @param revision of the class that the change was made on */
    record ClassChange(
            @NotNull Integer revision,
            @NotBlank @Size(max = Classes.LONGEST_NAME) String name,
            @NotNull GradeBand band) {}

    /** @param revision of the class that the change was made on */
    record CalendarRequest(
            @NotNull Integer revision, @NotNull @Valid CalendarData calendar) {}

    record Names(@NotNull @Size(max = 200_000) String names) {}

    /** What a list would bring, before anything is changed. */
    record RosterView(
            @NotNull List<String> names,
            @NotNull List<FieldProblem> problems,
            @NotNull List<String> notes) {}

    @ForColleagues(About.LIST)
    @GetMapping
    List<ClassView> all() {
        return classes.withPast().stream()
                .filter(c -> Ownership.isShown(c.id()))
                .map(ClassesController::view)
                .toList();
    }

    @ForColleagues(About.CLASS)
    @GetMapping("/{id}")
    ClassView one(@PathVariable UUID id) {
        return view(classes.one(id));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ClassView create(@Valid @RequestBody NewClass request) {
        return view(classes.create(request.name(), request.band(), Roster.of(request.names())));
    }

    @PutMapping("/{id}")
    ClassView change(@PathVariable UUID id, @Valid @RequestBody ClassChange request) {
        return view(classes.change(id, request.revision(), request.name(), request.band()));
    }

    /** Says when the class meets: term, week, holidays, what is otherwise on single dates. */
    @PutMapping("/{id}/calendar")
    ClassView meet(@PathVariable UUID id, @Valid @RequestBody CalendarRequest request) {
        return view(classes.meet(id, request.revision(), request.calendar()));
    }

    /** The questions of a method, with the reason for each answer. */
    @GetMapping("/method-questions")
    List<QuestionView> questions() {
        return Arrays.stream(MethodAnswer.Question.values())
                .map(q -> new QuestionView(
                        q,
                        q.label(),
                        q.answers().stream()
                                .map(s -> new SchoolView(s, s.label(), s.reason()))
                                .toList()))
                .toList();
    }

    @PutMapping("/{id}/method")
    ClassView teach(@PathVariable UUID id, @Valid @RequestBody MethodRequest request) {
        return view(classes.teach(
                id,
                request.revision(),
                ApiProblem.taken("schools", () -> new Method(request.schools())),
                request.namesHidden()));
    }

    /** Holds sheets planned for the class from now on against thresholds of its own. */
    @PutMapping("/{id}/thresholds")
    ClassView hold(@PathVariable UUID id, @Valid @RequestBody ThresholdsRequest request) {
        return view(classes.hold(id, request.revision(), request.thresholds()));
    }

    /** Says what share of the class must be secure in a skill before a lesson builds on it. */
    @PutMapping("/{id}/readiness")
    ClassView readyAt(@PathVariable UUID id, @Valid @RequestBody ReadinessRequest request) {
        return view(classes.readyAt(id, request.revision(), request.share()));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID id) {
        classes.delete(id);
    }

    @PostMapping("/{id}/students")
    ClassView add(@PathVariable UUID id, @Valid @RequestBody Names request) {
        return view(classes.add(id, Roster.of(request.names())));
    }

    /** @param seen the name as it was when the change was begun */
    record RenameRequest(
            @NotBlank @Size(max = Roster.LONGEST_NAME) String name,
            @NotNull @Size(max = Roster.LONGEST_NAME) String seen) {}

    @PutMapping("/{id}/students/{student}")
    ClassView rename(@PathVariable UUID id, @PathVariable UUID student, @Valid @RequestBody RenameRequest request) {
        return view(classes.rename(id, student, request.seen(), Roster.of(request.name())));
    }

    /** @param students of the class who go; @param to the class they go to */
    record MoveRequest(
            @NotNull @Size(min = 1, max = Roster.MOST_STUDENTS)
            Set<@NotNull UUID> students,

            @NotNull UUID to) {}

    /** Students go to another class with all their work. */
    @PostMapping("/{id}/moves")
    ClassView move(@PathVariable UUID id, @Valid @RequestBody MoveRequest request) {
        return view(classes.move(id, request.to(), request.students()));
    }

    /**
     * @param revision of the class that goes on
     * @param students of it who go on; the others stay
     * @param name of the new class
     */
    record PromotionRequest(
            @NotNull Integer revision,

            @NotNull @Size(min = 1, max = Roster.MOST_STUDENTS)
            Set<@NotNull UUID> students,

            @NotBlank @Size(max = Classes.LONGEST_NAME) String name,
            @NotNull GradeBand band) {}

    /** The class goes on in the next school year as a new class, taught in the same way. */
    @PostMapping("/{id}/promotion")
    @ResponseStatus(HttpStatus.CREATED)
    ClassView promote(@PathVariable UUID id, @Valid @RequestBody PromotionRequest request) {
        return view(classes.promote(id, request.revision(), request.students(), request.name(), request.band()));
    }

    /** A student leaves the school; what was done stays. */
    @PostMapping("/{id}/students/{student}/leaving")
    ClassView leave(@PathVariable UUID id, @PathVariable UUID student) {
        return view(classes.leave(id, student));
    }

    /** A student who left the school is back. */
    @DeleteMapping("/{id}/students/{student}/leaving")
    ClassView comeBack(@PathVariable UUID id, @PathVariable UUID student) {
        return view(classes.comeBack(id, student));
    }

    @DeleteMapping("/{id}/students/{student}")
    ClassView remove(@PathVariable UUID id, @PathVariable UUID student) {
        return view(classes.remove(id, student));
    }

    /** Looks a class list over without keeping anything. */
    @PostMapping(path = "/roster", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    RosterView roster(@RequestPart MultipartFile file) throws IOException {
        return view(Roster.ofFile(file.getBytes()));
    }

    /** Looks pasted names over without keeping anything. */
    @PostMapping(path = "/roster", consumes = MediaType.APPLICATION_JSON_VALUE)
    RosterView roster(@Valid @RequestBody Names request) {
        return view(Roster.of(request.names()));
    }

    private static RosterView view(Roster roster) {
        return new RosterView(roster.names(), roster.problems(), roster.notes());
    }

    private static ClassView view(ClassInfo c) {
        return new ClassView(
                c.id(),
                c.revision(),
                c.name(),
                c.band(),
                c.students().stream()
                        .map(s -> new StudentView(s.id(), s.name()))
                        .toList(),
                c.former().stream()
                        .map(f -> new FormerStudentView(
                                f.id(),
                                f.name(),
                                f.at(),
                                f.hasLeftSchool() ? null : new NamedClassView(f.now(), f.nowName())))
                        .toList(),
                c.calendar(),
                c.method().answers(),
                c.namesHidden(),
                c.thresholds(),
                c.readyShare());
    }
}
