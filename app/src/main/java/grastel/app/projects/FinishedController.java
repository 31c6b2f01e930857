package grastel.app.projects;

import grastel.app.projects.ProjectColours.With;
import grastel.core.page.PageSize;
import grastel.core.project.SeenFinished;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A project as it will look, and as the sheet it is drawn on. */
@RestController
@RequestMapping("/api/projects/{id}")
class FinishedController {
    private final Projects projects;
    private final ProjectColours colours;
    private final ProjectSheets sheets;

    FinishedController(Projects projects, ProjectColours colours, ProjectSheets sheets) {
        this.projects = projects;
        this.colours = colours;
        this.sheets = sheets;
    }

    /** How a finished picture is looked at. */
    enum Seen {
        IN_PENCILS,
        VALUES,
        DIFFERENCE
    }

    record HandOutRequest(@NotNull PageSize paper) {}

    record HandedOutView(@NotNull UUID sheet) {}

    /** In these pencils on this paper. Of the difference the darker is the farther, black 20 ΔE00 and more. */
    @GetMapping(path = "/finished.png", produces = MediaType.IMAGE_PNG_VALUE)
    byte[] picture(@PathVariable UUID id, @RequestParam Seen seen, @Valid @ParameterObject ProjectData settings) {
        With with = colours.with(id, projects.one(id).schoolClass(), settings);
        SeenFinished finished = new SeenFinished(colours.fine(id, settings, with), with.paper());
        return Painted.png(
                switch (seen) {
                    case IN_PENCILS -> finished.inPencils();
                    case VALUES -> finished.values();
                    case DIFFERENCE -> finished.difference(colours.reference(id, settings));
                });
    }

    /** Makes the sheet it is drawn on, as it is kept: to be printed, laid into a course, read and judged like any other. */
    @PostMapping("/sheet")
    @ResponseStatus(HttpStatus.CREATED)
    HandedOutView sheet(@PathVariable UUID id, @Valid @RequestBody HandOutRequest request) {
        return new HandedOutView(sheets.make(id, request.paper()));
    }
}
