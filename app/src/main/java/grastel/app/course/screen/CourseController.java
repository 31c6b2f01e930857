package grastel.app.course.screen;

import static grastel.core.words.Words.say;

import grastel.app.course.Attendance;
import grastel.app.course.CourseData;
import grastel.app.course.CourseSchedule;
import grastel.app.course.CourseViews;
import grastel.app.course.CourseViews.CoursesView;
import grastel.app.course.CourseViews.LaneView;
import grastel.app.course.Courses;
import grastel.app.course.Outcome;
import grastel.app.course.outlines.Outlines;
import grastel.app.course.outlines.Outlines.Copied;
import grastel.app.course.outlines.Outlines.Materials;
import grastel.app.course.screen.StockLines.StockLineView;
import grastel.app.platform.ApiProblem;
import grastel.core.planning.Logged.Done;
import grastel.core.planning.Skill;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/courses")
class CourseController {
    private final Courses courses;
    private final Outlines outlines;
    private final StockLines stock;
    private final Clock clock;

    CourseController(Courses courses, Outlines outlines, StockLines stock, Clock clock) {
        this.courses = courses;
        this.outlines = outlines;
        this.stock = stock;
        this.clock = clock;
    }

    /** @param revision of the course that the change was made on, −1 where there was none; null for whichever is there */
    record CourseRequest(
            @NotNull Integer revision, @NotNull @Valid CourseData course) {}

    /**
     * @param lesson, stage where it stopped; only of {@code STOPPED}
     * @param absent students who were not there; left out, nobody is
     * @param note what else there is to remember, at most 600 characters
     */
    record LogRequest(
            @NotNull LocalDateTime period,
            @NotNull Outcome outcome,
            @Size(max = 60) String lesson,
            @Size(max = 60) String stage,
            @Size(max = 200) Set<UUID> absent,
            @Size(max = Attendance.MOST_NOTE) String note) {}

    record OutlineView(
            @NotNull String id,
            @NotNull String title,
            @NotNull String about,
            @NotNull int lessons) {}

    /**
     * @param outline its id
     * @param set pencils at hand, null for all of the kit
     * @param paper to draw on
     * @param from the day on or after which its first lesson begins; left out, in the first free period of the term
     */
    record OutlineRequest(
            @NotNull @Size(max = 40) String outline,
            UUID set,
            @NotNull UUID paper,
            LocalDate from) {}

    /** @param text of the file; @param from see {@link OutlineRequest} */
    record OutlineFileRequest(
            @NotNull @Size(max = 1_000_000) String text,
            UUID set,
            @NotNull UUID paper,
            LocalDate from) {}

    /**
     * @param of the class whose course is copied
     * @param set pencils at hand, null for all of the kit; counts only with a paper
     * @param paper to draw on; left out, every sheet keeps its paper and pencils
     * @param from see {@link OutlineRequest}
     */
    record CopyRequest(@NotNull UUID of, UUID set, UUID paper, LocalDate from) {}

    record PastCourseView(
            @NotNull UUID schoolClass,
            @NotNull String name,
            @NotNull int lessons) {}

    /** @param changes what is otherwise than in the class it comes from, one sentence each */
    record CopiedView(@NotNull LaneView lane, @NotNull List<String> changes) {}

    /** @param kind of exercise; @param at place of the new lesson in the course, from 0 */
    record KindRequest(
            @NotNull Integer revision,
            @NotNull @Size(max = 40) String kind,
            @NotNull Integer at,
            UUID set,
            @NotNull UUID paper) {}

    /** A lesson of no sheet. @param again the skill it teaches once more, null for none */
    record NextLessonRequest(
            @NotBlank @Size(max = 120) String title,
            @Size(max = 600) String aim,
            @Size(max = 4000) String notes,
            @NotNull @Min(0) @Max(600) Integer workMinutes,
            Skill again) {}

    /** @param at its place in the course, from 0; @param starts null where the term has no period for it */
    record NextLessonView(
            @NotNull UUID lesson, @NotNull int at, @Nullable LocalDateTime starts) {}

    /** Every class with its course on its periods. */
    @GetMapping
    CoursesView all() {
        return new CoursesView(
                LocalDate.now(clock),
                courses.all().stream().map(CourseViews::of).toList());
    }

    /** Courses of classes of last year, to be copied. */
    @GetMapping("/past")
    List<PastCourseView> past() {
        return courses.past().stream()
                .map(c -> new PastCourseView(c.schoolClass(), c.name(), c.lessons()))
                .toList();
    }

    /** What all courses want of each pencil, those that run short first. */
    @GetMapping("/stock")
    List<StockLineView> stock() {
        return stock.all();
    }

    /** What to buy. */
    @GetMapping(path = "/stock.csv", produces = "text/csv")
    ResponseEntity<byte[]> order() {
        return stock.order();
    }

    /** Courses to start from. */
    @GetMapping("/outlines")
    List<OutlineView> outlines() {
        return outlines.shipped().entrySet().stream()
                .map(o -> new OutlineView(
                        o.getKey(),
                        o.getValue().title(),
                        o.getValue().about(),
                        o.getValue().lessons().size()))
                .toList();
    }

    /** Puts other lessons in the place of a class's. */
    @PutMapping("/{schoolClass}")
    LaneView set(@PathVariable UUID schoolClass, @Valid @RequestBody CourseRequest request) {
        return CourseViews.of(courses.set(schoolClass, request.revision(), request.course()));
    }

    /** Adds the lessons of an outline, fitted to the class. */
    @PostMapping("/{schoolClass}/outline")
    LaneView start(@PathVariable UUID schoolClass, @Valid @RequestBody OutlineRequest request) {
        return CourseViews.of(outlines.addShipped(
                schoolClass, request.outline(), new Materials(request.set(), request.paper()), request.from()));
    }

    /** Adds the lessons of an outline file, fitted to the class. */
    @PostMapping("/{schoolClass}/outline-file")
    LaneView take(@PathVariable UUID schoolClass, @Valid @RequestBody OutlineFileRequest request) {
        return CourseViews.of(outlines.addFile(
                schoolClass, request.text(), new Materials(request.set(), request.paper()), request.from()));
    }

    /** Adds the lessons of another class's course, with sheets of its own. */
    @PostMapping("/{schoolClass}/copy")
    CopiedView copy(@PathVariable UUID schoolClass, @Valid @RequestBody CopyRequest request) {
        Materials materials = request.paper() == null ? null : new Materials(request.set(), request.paper());
        Copied copied = outlines.copy(schoolClass, request.of(), materials, request.from());
        return new CopiedView(CourseViews.of(copied.course()), copied.changes());
    }

    /** The course as an outline, its sheets included. */
    @GetMapping(path = "/{schoolClass}/outline", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> export(@PathVariable UUID schoolClass) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("outline.json")
                                .build()
                                .toString())
                .body(outlines.export(schoolClass));
    }

    /** Inserts a lesson of one exercise, planned for the class. */
    @PostMapping("/{schoolClass}/lessons")
    LaneView insert(@PathVariable UUID schoolClass, @Valid @RequestBody KindRequest request) {
        return CourseViews.of(outlines.insert(
                schoolClass,
                request.revision(),
                request.kind(),
                request.at(),
                new Materials(request.set(), request.paper())));
    }

    /** Puts a lesson before the first one that has not begun. */
    @PostMapping("/{schoolClass}/next-lesson")
    @ResponseStatus(HttpStatus.CREATED)
    NextLessonView next(@PathVariable UUID schoolClass, @Valid @RequestBody NextLessonRequest request) {
        UUID id = UUID.randomUUID();
        CourseSchedule lane = courses.next(
                schoolClass,
                new CourseData.LessonData(
                        id,
                        request.title(),
                        request.aim(),
                        List.of(),
                        CourseData.USUAL_SHOW,
                        CourseData.USUAL_LOOK,
                        request.workMinutes(),
                        null,
                        request.notes(),
                        null,
                        null,
                        request.again(),
                        List.of()));
        return next(lane, id);
    }

    /** Gives a group something of its own to do while the others are at the first lesson that has not begun. */
    @PostMapping("/{schoolClass}/beside")
    @ResponseStatus(HttpStatus.CREATED)
    NextLessonView beside(@PathVariable UUID schoolClass, @Valid @RequestBody CourseData.GroupWork request) {
        CourseSchedule lane = courses.beside(schoolClass, request);
        return next(lane, courses.next(lane).orElseThrow());
    }

    private static NextLessonView next(CourseSchedule lane, UUID lesson) {
        return new NextLessonView(
                lesson,
                lane.lessons().stream().map(CourseData.LessonData::id).toList().indexOf(lesson),
                lane.begins(lesson).orElse(null));
    }

    /** Notes what happened in a period. */
    @PostMapping("/{schoolClass}/log")
    LaneView log(@PathVariable UUID schoolClass, @Valid @RequestBody LogRequest request) {
        if (request.outcome() == Outcome.STOPPED && (request.lesson() == null || request.stage() == null)) {
            throw ApiProblem.invalid("stage", "MISSING", say("problem.say-after-which-stage"));
        }
        return CourseViews.of(courses.log(
                schoolClass,
                request.period(),
                request.outcome(),
                new Done(request.lesson(), request.stage()),
                request.absent() == null ? Set.of() : request.absent(),
                request.note() == null ? "" : request.note().strip()));
    }

    /** Forgets what was noted of a period. */
    @DeleteMapping("/{schoolClass}/log/{period}")
    LaneView unlog(@PathVariable UUID schoolClass, @PathVariable LocalDateTime period) {
        return CourseViews.of(courses.unlog(schoolClass, period));
    }
}
