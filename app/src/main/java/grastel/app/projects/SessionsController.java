package grastel.app.projects;

import grastel.app.classes.Classes;
import grastel.app.platform.paper.PdfAnswer;
import grastel.app.projects.ProjectColours.With;
import grastel.app.projects.Projects.ProjectInfo;
import grastel.core.exercise.Piece.Work;
import grastel.core.exercise.Setting;
import grastel.core.exercise.finishedpiece.FinishedPiece;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.media.PencilSet;
import grastel.core.page.PageSize;
import grastel.core.project.WorkSessions;
import grastel.core.project.WorkSessions.Session;
import grastel.core.reference.Zones;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A picture in as many sessions as it takes. */
@RestController
@RequestMapping("/api/projects/{id}")
class SessionsController {
    private final Projects projects;
    private final ProjectColours colours;
    private final ProjectPictures pictures;
    private final Classes classes;

    SessionsController(Projects projects, ProjectColours colours, ProjectPictures pictures, Classes classes) {
        this.projects = projects;
        this.colours = colours;
        this.pictures = pictures;
        this.classes = classes;
    }

    /** @param work to be done, a line each, as on the printed sheet */
    record ProjectSessionView(
            @NotNull List<String> work, @NotNull double minutes) {}

    /** Sessions and the names of the zones, from 1. */
    private record Cut(ProjectInfo of, List<Session> sessions, List<String> names) {}

    /** Zones in the class's order, cut into sessions, with what to look at before the end. @param minutes of a session */
    @GetMapping(path = "/sessions.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> print(
            @PathVariable UUID id, @RequestParam PageSize paper, @RequestParam @Min(20) @Max(240) int minutes) {
        Cut cut = cut(id, minutes);
        return PdfAnswer.of(
                SessionSheet.pdf(cut.of().title(), paper, cut.names(), cut.sessions(), minutes),
                cut.of().title() + ", sessions.pdf");
    }

    /** The same sessions, to become lessons. @param minutes of a session */
    @GetMapping("/sessions")
    List<ProjectSessionView> sessions(@PathVariable UUID id, @RequestParam @Min(20) @Max(240) int minutes) {
        Cut cut = cut(id, minutes);
        return cut.sessions().stream()
                .map(session -> new ProjectSessionView(
                        session.work().stream()
                                .map(share -> SessionSheet.words(share, cut.names()))
                                .toList(),
                        session.minutes()))
                .toList();
    }

    private Cut cut(UUID id, int minutes) {
        ProjectInfo of = projects.one(id);
        ProjectData settings = of.settings();
        With with = colours.with(id, of.schoolClass(), settings);
        Work work = colours.drawn(id, settings, with);
        GradeBand band = of.schoolClass() == null
                ? GradeBand.DEVELOPING
                : classes.one(of.schoolClass()).band();
        List<Integer> order = FinishedPiece.order(work.tones(), with.method());
        Setting setting = new Setting(new PencilSet(of.title(), with.pencils()), with.paper(), with.method(), band);
        List<Session> sessions =
                WorkSessions.of(order, WorkSessions.minutes(work, order, settings.frame(), setting), minutes);
        Zones zones = pictures.zones(id, settings);
        List<String> names = IntStream.range(0, zones.zones().size())
                .mapToObj(zone -> settings.name(zones, zone))
                .toList();
        return new Cut(of, sessions, names);
    }
}
