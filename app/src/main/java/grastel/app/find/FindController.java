package grastel.app.find;

import grastel.app.bench.Bench;
import grastel.app.classes.Classes;
import grastel.app.course.Courses;
import grastel.app.kit.Kit;
import grastel.app.projects.Projects;
import grastel.app.sheets.Sheets;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/find")
class FindController {
    private static final int MOST = 12;

    private final Classes classes;
    private final Sheets sheets;
    private final Courses courses;
    private final Kit kit;
    private final Bench bench;
    private final Projects projects;

    FindController(Classes classes, Sheets sheets, Courses courses, Kit kit, Bench bench, Projects projects) {
        this.classes = classes;
        this.sheets = sheets;
        this.courses = courses;
        this.kit = kit;
        this.bench = bench;
        this.projects = projects;
    }

    enum Kind {
        STUDENT,
        CLASS,
        LESSON,
        SHEET,
        PENCIL,
        STACK,
        PROJECT
    }

    /** @param within what it belongs to, in words, or empty; @param schoolClass only of a lesson */
    record FoundView(
            @NotNull Kind kind,
            @NotNull UUID id,
            @NotNull String name,
            @NotNull String within,
            @Nullable UUID schoolClass) {}

    /** Whatever of this teacher's has a name like it, the best first. @param q a few letters; accents and case do not count */
    @GetMapping
    List<FoundView> find(@RequestParam @Size(max = 60) String q) {
        String typed = Fold.of(q.strip());
        if (typed.isEmpty()) {
            return List.of();
        }
        record Hit(FoundView found, int match) {}
        return all().map(f -> new Hit(f, Fold.match(f.name(), typed)))
                .filter(h -> h.match() > 0)
                .sorted(Comparator.comparingInt(Hit::match)
                        .reversed()
                        .thenComparing(h -> h.found().kind())
                        .thenComparing(h -> h.found().name()))
                .limit(MOST)
                .map(Hit::found)
                .toList();
    }

    private Stream<FoundView> all() {
        List<Classes.ClassName> names = classes.classNames();
        Map<UUID, String> byId =
                names.stream().collect(Collectors.toMap(Classes.ClassName::id, Classes.ClassName::name));
        return Stream.of(
                        classes.studentNames().stream()
                                .map(s -> new FoundView(Kind.STUDENT, s.id(), s.name(), s.className(), null)),
                        names.stream().map(c -> new FoundView(Kind.CLASS, c.id(), c.name(), "", null)),
                        courses.titles().stream()
                                .map(l -> new FoundView(
                                        Kind.LESSON,
                                        l.id(),
                                        l.title(),
                                        byId.getOrDefault(l.schoolClass(), ""),
                                        l.schoolClass())),
                        sheets.titles().stream().map(s -> new FoundView(Kind.SHEET, s.id(), s.title(), "", null)),
                        kit.pencils().stream()
                                .map(p -> new FoundView(
                                        Kind.PENCIL, p.id(), p.pencil().title(), p.range(), null)),
                        bench.names().stream().map(s -> new FoundView(Kind.STACK, s.id(), s.name(), "", null)),
                        projects.titles().stream()
                                .map(p -> new FoundView(
                                        Kind.PROJECT, p.id(), p.title(), byId.getOrDefault(p.schoolClass(), ""), null)))
                .flatMap(s -> s);
    }
}
