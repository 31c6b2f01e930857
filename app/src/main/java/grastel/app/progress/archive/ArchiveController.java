package grastel.app.progress.archive;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/progress")
class ArchiveController {
    private final Archives archives;

    ArchiveController(Archives archives) {
        this.archives = archives;
    }

    /** What there is of a class: what goes when it is deleted. @param marks goals judged on its pages; @param ended when its term ended, null where it has not */
    record HoldingsView(
            @NotNull int students,
            @NotNull int printings,
            @NotNull int pages,
            @NotNull int confirmed,
            @NotNull int marks,
            @Nullable LocalDate ended) {}

    @GetMapping("/classes/{id}/holdings")
    HoldingsView holdings(@PathVariable UUID id) {
        ClassArchive all = archives.of(id);
        return new HoldingsView(
                all.students().size(),
                all.printings().size(),
                all.pages().size(),
                (int) all.pages().stream().filter(ClassArchive.Page::confirmed).count(),
                all.pages().stream().mapToInt(p -> p.goals().size()).sum(),
                archives.ended(id).orElse(null));
    }

    /** Everything of a class as one file: JSON, and a picture of each page. */
    @GetMapping(path = "/classes/{id}/archive", produces = "application/zip")
    void archive(@PathVariable UUID id, HttpServletResponse response) throws IOException {
        ClassArchive all = archives.of(id);
        write(all, all.name(), response);
    }

    /** Everything of one student, as of a class. */
    @GetMapping(path = "/students/{student}/archive", produces = "application/zip")
    void ofStudent(@PathVariable UUID student, HttpServletResponse response) throws IOException {
        ClassArchive all = archives.ofStudent(student);
        write(all, all.students().get(0).name(), response);
    }

    private void write(ClassArchive all, String name, HttpServletResponse response) throws IOException {
        response.setContentType("application/zip");
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename(name + ".zip", StandardCharsets.UTF_8)
                        .build()
                        .toString());
        archives.write(all, response.getOutputStream());
    }
}
