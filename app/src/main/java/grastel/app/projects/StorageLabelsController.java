package grastel.app.projects;

import static grastel.core.words.Words.say;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.platform.paper.PdfAnswer;
import grastel.app.projects.ProjectColours.With;
import grastel.app.projects.Projects.ProjectInfo;
import grastel.core.page.PageSize;
import grastel.core.project.Mat;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What comes after the last layer. */
@RestController
@RequestMapping("/api/projects/{id}")
class StorageLabelsController {
    /** Of a project that no class draws. */
    private static final int EMPTY_LABELS = 8;

    private final Projects projects;
    private final ProjectColours colours;
    private final Classes classes;

    StorageLabelsController(Projects projects, ProjectColours colours, Classes classes) {
        this.projects = projects;
        this.colours = colours;
        this.classes = classes;
    }

    /** Labels for a class, the mat's measures, how to keep pieces. Without names where the class shows none. */
    @GetMapping(path = "/keeping.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> keeping(@PathVariable UUID id, @RequestParam PageSize paper) {
        ProjectInfo of = projects.one(id);
        With with = colours.with(id, of.schoolClass(), of.settings());
        ClassInfo to = of.schoolClass() == null ? null : classes.one(of.schoolClass());
        byte[] pdf = StorageLabels.pdf(
                of.title(),
                paper,
                to == null ? "" : to.name(),
                names(to),
                say("paper.coloured-pencil-on", with.paper().name()),
                Mat.of(of.settings().frame()));
        return PdfAnswer.of(pdf, say("paper.labels-and-mat-pdf", of.title()));
    }

    private static List<String> names(@Nullable ClassInfo to) {
        if (to == null || to.students().isEmpty()) {
            return Collections.nCopies(EMPTY_LABELS, "");
        }
        return to.students().stream()
                .map(StudentInfo::name)
                .map(name -> to.namesHidden() ? "" : name)
                .toList();
    }
}
