package grastel.app.show;

import static grastel.core.words.Words.say;

import grastel.app.bench.Bench;
import grastel.app.course.Courses;
import grastel.app.kit.Kit;
import grastel.app.platform.ApiProblem;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.Sheets.Latest;
import grastel.app.show.SceneViews.ShowView;
import grastel.core.exercise.showing.Demonstration;
import grastel.core.exercise.showing.Scene;
import grastel.core.media.Paper;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is shown to a class, scene by scene. */
@RestController
@RequestMapping("/api/show")
class ShowController {
    private final Sheets sheets;
    private final Courses courses;
    private final Bench bench;
    private final Kit kit;

    ShowController(Sheets sheets, Courses courses, Bench bench, Kit kit) {
        this.sheets = sheets;
        this.courses = courses;
        this.bench = bench;
        this.kit = kit;
    }

    @GetMapping("/sheets/{id}")
    ShowView sheet(@PathVariable UUID id) {
        Latest sheet = sheets.latest(Set.of(id)).get(id);
        if (sheet == null) {
            throw ApiProblem.notFound(say("thing.sheet"));
        }
        return ShowView.of(sheet.title(), "", scenes(sheet));
    }

    /** All sheets of a lesson. */
    @GetMapping("/lessons/{schoolClass}/{lesson}")
    ShowView lesson(@PathVariable UUID schoolClass, @PathVariable UUID lesson) {
        Courses.LessonSheets of = courses.sheets(schoolClass, lesson);
        Map<UUID, Latest> all = sheets.latest(Set.copyOf(of.sheets()));
        return ShowView.of(
                of.title(),
                of.aim(),
                of.sheets().stream()
                        .map(all::get)
                        .filter(Objects::nonNull)
                        .flatMap(s -> scenes(s).stream())
                        .toList());
    }

    @GetMapping("/stacks/{id}")
    ShowView stack(@PathVariable UUID id) {
        Bench.KeptStack kept = bench.stack(id);
        return ShowView.of(kept.name(), kept.note(), Demonstration.of(kept.name(), kept.note(), kept.stack()));
    }

    private List<Scene> scenes(Latest sheet) {
        Paper paper = kit.paper(sheet.paper()).paper();
        return sheet.plan().exercises().stream()
                .flatMap(e -> Demonstration.of(e, paper).stream())
                .toList();
    }
}
