package grastel.app.course.paper;

import static grastel.core.words.Words.say;

import grastel.app.course.CourseSchedule;
import grastel.app.course.CourseViews;
import grastel.app.course.CourseViews.LessonView;
import grastel.app.course.CourseViews.StageView;
import grastel.app.course.Courses;
import grastel.app.course.rota.RotaService;
import grastel.app.course.rota.RotaViews.RotaView;
import grastel.app.platform.ApiProblem;
import grastel.core.checks.Require;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.planning.Schedule.LessonPart;
import grastel.core.planning.Stage;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** A course on paper, and who takes which pencil when. Nothing is stored. */
@Service
public class CoursePapers {
    private final Courses courses;
    private final RotaService rotas;

    CoursePapers(Courses courses, RotaService rotas) {
        this.courses = courses;
        this.rotas = rotas;
    }

    public byte[] term(UUID schoolClass) {
        return TermPlan.pdf(CourseViews.of(courses.one(schoolClass)));
    }

    public byte[] plan(UUID schoolClass, String lesson) {
        CourseSchedule lane = courses.one(schoolClass);
        return plan(lane, view(lane, lesson));
    }

    /** @param period only what is done of the lesson there; all of it where null */
    public RotaView rota(UUID schoolClass, String lesson, LocalDateTime period) {
        CourseSchedule lane = courses.one(schoolClass);
        return rota(lane, view(lane, lesson), period);
    }

    public byte[] cards(UUID schoolClass, String lesson, LocalDateTime period) {
        CourseSchedule lane = courses.one(schoolClass);
        LessonView view = view(lane, lesson);
        return RotaCards.pdf(view.title(), rota(lane, view, period));
    }

    /** @param documents for the teacher's hand and the tables, as PDF; @param sheets of the lessons, in order */
    public record OfPeriod(List<byte[]> documents, List<UUID> sheets) {}

    /** Plans of a period's lessons, and cards where pencils are fewer than students. */
    public OfPeriod ofPeriod(UUID schoolClass, LocalDateTime period) {
        CourseSchedule lane = courses.one(schoolClass);
        List<LessonView> lessons = pieces(lane, period)
                .map(LessonPart::lesson)
                .distinct()
                .map(id -> view(lane, id))
                .toList();
        List<byte[]> documents = new ArrayList<>();
        for (LessonView lesson : lessons) {
            documents.add(plan(lane, lesson));
            if (lesson.wants().stream()
                    .anyMatch(
                            w -> w.copies() != null && w.copies() < lane.facts().students())) {
                documents.add(RotaCards.pdf(lesson.title(), rota(lane, lesson, period)));
            }
        }
        return new OfPeriod(
                documents,
                lessons.stream().flatMap(l -> l.sheets().stream()).distinct().toList());
    }

    private static byte[] plan(CourseSchedule lane, LessonView view) {
        List<ExercisePlan> exercises = view.sheets().stream()
                .map(lane.sheets()::get)
                .filter(Objects::nonNull)
                .flatMap(s -> s.plan().exercises().stream())
                .toList();
        return LessonPlan.pdf(
                CourseViews.of(lane), view, exercises, lane.schoolClass().band());
    }

    private RotaView rota(CourseSchedule lane, LessonView lesson, LocalDateTime period) {
        Map<String, StageView> words =
                lesson.stages().stream().collect(Collectors.toMap(StageView::id, Function.identity()));
        List<Stage> here = pieces(lane, period)
                .filter(p -> p.lesson().equals(lesson.id()))
                .flatMap(p -> p.stages().stream())
                .toList();
        return rotas.plan(
                new RotaService.Asked(
                        here.isEmpty() ? Require.key(lane.stages(), lesson.id()).stages() : here,
                        lane.schoolClass().calendar().tables(),
                        lane.facts(),
                        lane.pace().pace().speed()),
                stage -> PaperWords.stage(Require.key(words, stage.id())));
    }

    private static Stream<LessonPart> pieces(CourseSchedule lane, LocalDateTime period) {
        return lane.laid().periods().stream()
                .filter(p -> p.period().key().equals(period))
                .flatMap(p -> p.pieces().stream());
    }

    private static LessonView view(CourseSchedule lane, String lesson) {
        return lane.lessons().stream()
                .filter(l -> l.id().toString().equals(lesson))
                .findFirst()
                .map(l -> CourseViews.lesson(l, lane))
                .orElseThrow(() -> ApiProblem.notFound(say("thing.lesson")));
    }
}
