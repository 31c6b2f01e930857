package grastel.app.projects;

import static grastel.core.words.Words.say;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.storage.StoredFiles;
import grastel.app.projects.ProjectRows.Line;
import grastel.core.checks.Require;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.reading.picture.Picture;
import grastel.core.reference.Reference;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
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
    private final StoredFiles files;

    Projects(ProjectRows projects, Classes classes, ProjectPictures pictures, JsonMapper json, StoredFiles files) {
        this.projects = projects;
        this.classes = classes;
        this.pictures = pictures;
        this.json = json;
        this.files = files;
    }

    /**
     * @param schoolClass who draws it, or null
     * @param ofProject and student where it is one student's own picture for another project, in the frame, set and paper of that;
     *     else null
     */
    public record ProjectInfo(
            UUID id,
            int revision,
            String title,
            UUID schoolClass,
            UUID ofProject,
            UUID student,
            Rights rights,
            String rightsNote,
            ProjectData settings) {}

    /** @param schoolClass who draws it, or null */
    public record Title(UUID id, String title, UUID schoolClass) {}

    /** What all projects are called; pictures of one student's own left out. */
    @Transactional(readOnly = true)
    public List<Title> titles() {
        return projects.titles();
    }

    /** The newest first. */
    @Transactional(readOnly = true)
    public List<ProjectInfo> all() {
        List<Line> lines = projects.lines();
        Map<UUID, Line> byId = lines.stream().collect(Collectors.toMap(Line::id, l -> l));
        return lines.stream()
                .map(line -> info(line, byId.get(line.ofProject())))
                .toList();
    }

    @Transactional(readOnly = true)
    public ProjectInfo one(UUID id) {
        Line line = line(id);
        return info(line, line.ofProject() == null ? null : line(line.ofProject()));
    }

    /** Which project a student draws instead of a class's, by student. */
    @Transactional(readOnly = true)
    public Map<UUID, UUID> own(UUID project) {
        return projects.own(project).stream().collect(Collectors.toMap(Line::student, Line::id));
    }

    private Line line(UUID id) {
        return projects.line(id).orElseThrow(() -> ApiProblem.notFound(say("thing.project")));
    }

    /** @param file JPEG, PNG or TIFF; looked at before anything is kept */
    public ProjectInfo create(String title, UUID schoolClass, Rights rights, String rightsNote, byte[] file) {
        GradeBand band =
                Optional.ofNullable(schoolClass).map(c -> classes.one(c).band()).orElse(GradeBand.DEVELOPING);
        if (projects.countByOfProjectIsNull() >= MOST_PROJECTS) {
            throw ApiProblem.conflict("TOO_MANY", say("problem.there-are-projects-delete", MOST_PROJECTS));
        }
        Picture picture = pictures.decoded(UUID.randomUUID(), file);
        ProjectData settings = ProjectData.usual(Require.key(ISLANDS, band), picture.width() > picture.height());
        requireFit(picture, settings);
        Project made = projects.saveAndFlush(new Project(
                title.strip(),
                schoolClass,
                rights,
                rightsNote.strip(),
                json.writeValueAsString(settings),
                files.put(file)));
        return one(made.id());
    }

    /** A picture that one student draws instead of the class's, in the same frame, of the same pencils, on the same paper. */
    ProjectInfo createOwn(UUID project, UUID student, Rights rights, String rightsNote, byte[] file) {
        ProjectInfo of = one(project);
        if (of.ofProject() != null) {
            throw ApiProblem.conflict("OWN_OF_OWN", say("problem.this-picture-is-one"));
        }
        StudentInfo whose = of.schoolClass() == null
                ? null
                : classes.one(of.schoolClass()).students().stream()
                        .filter(s -> s.id().equals(student))
                        .findFirst()
                        .orElse(null);
        if (whose == null) {
            throw ApiProblem.invalid("student", "NOT_IN_CLASS", say("problem.a-picture-of-their"));
        }
        if (own(project).containsKey(student)) {
            throw ApiProblem.conflict("HAS_OWN", say("problem.has-a-picture-of", whose.name()));
        }
        ProjectData settings = of.settings().ofAnother();
        requireFit(pictures.decoded(UUID.randomUUID(), file), settings);
        Project made = new Project(
                of.title(),
                of.schoolClass(),
                rights,
                rightsNote.strip(),
                json.writeValueAsString(settings),
                files.put(file));
        return one(projects.saveAndFlush(made.ownOf(project, student)).id());
    }

    private static void requireFit(Picture picture, ProjectData settings) {
        ApiProblem.taken("file", () -> Reference.of(picture, settings.view(), settings.frame()));
    }

    /** @param known the revision the change was made on; null for whichever is there */
    ProjectInfo change(UUID id, Integer known, String title, UUID schoolClass, ProjectData settings) {
        if (schoolClass != null) {
            classes.one(schoolClass);
        }
        Project found = projects.forChange(id).orElseThrow(() -> ApiProblem.notFound(say("thing.project")));
        found.requireUnchanged(known, say("thing.this-project"));
        pictures.reference(id, settings);
        found.change(title.strip(), schoolClass, json.writeValueAsString(settings));
        projects.flush();
        return one(id);
    }

    void delete(UUID id) {
        Project found = projects.forChange(id).orElseThrow(() -> ApiProblem.notFound(say("thing.project")));
        Collection<UUID> own = own(id).values();
        projects.delete(found);
        projects.flush();
        pictures.forget(id);
        own.forEach(pictures::forget);
    }

    /** @param of whose title, class, frame, set and paper it shares; null for its own */
    private ProjectInfo info(Line line, @Nullable Line of) {
        ProjectData settings = json.readValue(line.settings(), ProjectData.class);
        return new ProjectInfo(
                line.id(),
                line.revision(),
                of == null ? line.title() : of.title(),
                of == null ? line.schoolClass() : of.schoolClass(),
                line.ofProject(),
                line.student(),
                line.rights(),
                line.rightsNote(),
                of == null ? settings : settings.within(json.readValue(of.settings(), ProjectData.class)));
    }
}
