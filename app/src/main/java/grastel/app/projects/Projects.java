package grastel.app.projects;

import grastel.app.classes.Classes;
import grastel.app.platform.ApiProblem;
import grastel.app.projects.ProjectRows.Line;
import grastel.core.exercise.GradeBand;
import grastel.core.reading.Picture;
import grastel.core.reference.Reference;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The front door of projects. */
@Service
@Transactional
public class Projects {
    /** Islands that suit how far a class is, mm²: what a hand of that age fills neatly. */
    private static final Map<GradeBand, Double> ISLANDS =
            new EnumMap<>(Map.of(GradeBand.FIRST_STEPS, 40.0, GradeBand.DEVELOPING, 20.0, GradeBand.ADVANCED, 8.0));

    private static final int MOST_PROJECTS = 200;

    private final ProjectRows projects;
    private final Classes classes;
    private final ProjectPictures pictures;
    private final JsonMapper json;

    Projects(ProjectRows projects, Classes classes, ProjectPictures pictures, JsonMapper json) {
        this.projects = projects;
        this.classes = classes;
        this.pictures = pictures;
        this.json = json;
    }

    /** @param schoolClass who draws it, or null */
    public record ProjectInfo(
            UUID id,
            int revision,
            String title,
            UUID schoolClass,
            Rights rights,
            String rightsNote,
            ProjectData settings) {}

    /** @param schoolClass who draws it, or null */
    public record Title(UUID id, String title, UUID schoolClass) {}

    /** What all projects are called. */
    @Transactional(readOnly = true)
    public List<Title> titles() {
        return projects.titles();
    }

    /** The newest first. */
    @Transactional(readOnly = true)
    public List<ProjectInfo> all() {
        return projects.lines().stream().map(this::info).toList();
    }

    @Transactional(readOnly = true)
    public ProjectInfo one(UUID id) {
        return projects.line(id).map(this::info).orElseThrow(() -> ApiProblem.notFound("project"));
    }

    /** @param file JPEG, PNG or TIFF; looked at before anything is kept */
    public ProjectInfo create(String title, UUID schoolClass, Rights rights, String rightsNote, byte[] file) {
        GradeBand band =
                Optional.ofNullable(schoolClass).map(c -> classes.one(c).band()).orElse(GradeBand.DEVELOPING);
        if (projects.count() >= MOST_PROJECTS) {
            throw ApiProblem.conflict("TOO_MANY", "There are " + MOST_PROJECTS + " projects. Delete one first.");
        }
        ProjectData settings = ProjectData.usual(ISLANDS.get(band));
        Picture picture = pictures.decoded(UUID.randomUUID(), file);
        ApiProblem.taken("file", () -> Reference.of(picture, settings.view(), settings.frame()));
        Project made = projects.saveAndFlush(new Project(
                title.strip(), schoolClass, rights, rightsNote.strip(), json.writeValueAsString(settings), file));
        return one(made.id());
    }

    /** @param known the revision the change was made on; null for whichever is there */
    ProjectInfo change(UUID id, Integer known, String title, UUID schoolClass, ProjectData settings) {
        if (schoolClass != null) {
            classes.one(schoolClass);
        }
        Project found = projects.forChange(id).orElseThrow(() -> ApiProblem.notFound("project"));
        found.requireUnchanged(known, "This project");
        pictures.reference(id, settings);
        found.change(title.strip(), schoolClass, json.writeValueAsString(settings));
        projects.flush();
        return one(id);
    }

    void delete(UUID id) {
        projects.delete(projects.forChange(id).orElseThrow(() -> ApiProblem.notFound("project")));
        projects.flush();
        pictures.forget(id);
    }

    private ProjectInfo info(Line line) {
        return new ProjectInfo(
                line.id(),
                line.revision(),
                line.title(),
                line.schoolClass(),
                line.rights(),
                line.rightsNote(),
                json.readValue(line.settings(), ProjectData.class));
    }
}
