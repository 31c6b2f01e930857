package grastel.app.progress;

import grastel.app.classes.Classes;
import grastel.app.progress.Redos.Wanted;
import grastel.app.sheets.RedoSheets;
import grastel.app.sheets.api.RunInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Pages with what students do again. */
@RestController
@RequestMapping("/api/progress/classes/{id}/redo")
class RedoController {
    private static final int MOST_STUDENTS = 200;

    private final Redos redos;
    private final Classes classes;

    RedoController(Redos redos, Classes classes) {
        this.redos = redos;
        this.classes = classes;
    }

    /**
     * @param students who; all where none is named
     * @param run of which printing; null for the newest that was confirmed
     * @param field of that printing that all do again; null for each what it missed
     */
    record RedoRequest(
            @Size(max = MOST_STUDENTS) Set<@NotNull UUID> students,
            UUID run,
            @Size(max = 20) String field) {
        Wanted of(UUID schoolClass) {
            return new Wanted(schoolClass, students, run, field);
        }
    }

    /** @param advice what to do differently, empty where nothing is known */
    record RedoFieldView(@NotNull String field, @NotNull String advice) {}

    record RedoPartView(@NotNull String title, @NotNull List<RedoFieldView> fields) {}

    /** @param left exercises that found no room on the page; @param minutes of work */
    record RedoStudentView(
            @NotNull UUID student,
            @NotNull String name,
            @NotNull List<RedoPartView> parts,
            @NotNull int left,
            @NotNull int pages,
            @NotNull double minutes) {}

    record RedoLookView(@NotNull String title, @NotNull List<RedoStudentView> students) {}

    /** @param run to be printed */
    record RedoRunView(@NotNull UUID run, @NotNull int pages) {}

    /** What the pages would hold; who has nothing to do again is left out. */
    @PostMapping("/preview")
    RedoLookView preview(@PathVariable UUID id, @Valid @RequestBody RedoRequest request) {
        Redos.Look look = redos.look(request.of(id));
        Map<UUID, String> names = classes.one(id).names();
        return new RedoLookView(
                look.title(), look.pages().stream().map(p -> student(p, names)).toList());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    RedoRunView print(@PathVariable UUID id, @Valid @RequestBody RedoRequest request) {
        RunInfo run = redos.print(request.of(id));
        return new RedoRunView(run.id(), run.pages());
    }

    private static RedoStudentView student(RedoSheets.Page page, Map<UUID, String> names) {
        return new RedoStudentView(
                page.student(),
                names.getOrDefault(page.student(), ""),
                page.parts().stream()
                        .map(part -> new RedoPartView(
                                part.title(),
                                part.advice().entrySet().stream()
                                        .map(e -> new RedoFieldView(e.getKey(), e.getValue()))
                                        .toList()))
                        .toList(),
                page.left(),
                page.pages(),
                page.minutes());
    }
}
