package grastel.app.projects;

import static grastel.core.words.Words.say;

import grastel.app.classes.Classes;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.paper.PdfAnswer;
import grastel.app.projects.GuideSheet.Lines;
import grastel.app.projects.Projects.ProjectInfo;
import grastel.core.colour.Lab;
import grastel.core.colour.MunsellValue;
import grastel.core.exercise.LightFrom;
import grastel.core.page.PageSize;
import grastel.core.reference.Focus;
import grastel.core.reference.LightDirection;
import grastel.core.reference.Outlines.Area;
import grastel.core.reference.Proportions;
import grastel.core.reference.Reference;
import grastel.core.reference.ValueMap;
import grastel.core.reference.Zones;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Pictures that are drawn from. Settings come with every question, so that a slider asks without keeping anything. */
@RestController
@RequestMapping("/api/projects")
class ProjectsController {
    private final Projects projects;
    private final ProjectPictures pictures;
    private final Classes classes;

    ProjectsController(Projects projects, ProjectPictures pictures, Classes classes) {
        this.projects = projects;
        this.pictures = pictures;
        this.classes = classes;
    }

    /**
     * @param className null where nobody draws it yet
     * @param ofProject and student where it is one student's own picture for another project
     */
    record ProjectView(
            @NotNull UUID id,
            @NotNull int revision,
            @NotNull String title,
            UUID schoolClass,
            @Nullable String className,
            UUID ofProject,
            UUID student,
            @NotNull Rights rights,
            @NotNull String rightsNote,
            @NotNull ProjectData settings) {}

    /** @param revision of the project that the change was made on */
    record ProjectRequest(
            @NotNull Integer revision,
            @NotBlank @Size(max = 120) String title,
            UUID schoolClass,
            @NotNull @Valid ProjectData settings) {}

    /**
     * @param x and y shares of the frame; @param radiusMm of the area that counts as it
     * @param light where it seems to come from; null where zones are lit from different sides
     */
    record FocusView(
            @NotNull double x,
            @NotNull double y,
            @NotNull double radiusMm,
            @Nullable LightFrom light,
            @NotNull SubjectView subject) {}

    /** How large the subject is, mm, and how wide against its height in small numbers. */
    record SubjectView(
            @NotNull double widthMm,
            @NotNull double heightMm,
            @NotNull int wide,
            @NotNull int high) {}

    /** @param value Munsell, 0…10; @param share of the frame, 0…1 */
    record ValueStepView(
            @NotNull double lightness,
            @NotNull double value,
            @NotNull double areaMm2,
            @NotNull double share) {}

    /**
     * @param steps the darkest first
     * @param outlines an SVG path in mm from the frame's top left
     * @param areas how many
     * @param coarser what was smoothed and joined so that there are no more areas than can be drawn; null where it is as wanted
     */
    record ValuesView(
            @NotNull List<ValueStepView> steps,
            @NotNull String outlines,
            @NotNull int areas,
            @Nullable CoarserView coarser) {}

    /** @param smoothMm details under this are gone; @param islandMm2 areas under this have joined a neighbour */
    record CoarserView(@NotNull double smoothMm, @NotNull double islandMm2) {
        static @Nullable CoarserView of(ValueMap values, ValueMap.Wanted wanted) {
            ValueMap.Wanted used = values.used();
            return used.equals(wanted) ? null : new CoarserView(used.smoothMm(), used.islandMm2());
        }
    }

    @GetMapping
    List<ProjectView> all() {
        List<Classes.ClassName> names = classes.classNames();
        return projects.all().stream().map(p -> view(p, names)).toList();
    }

    @GetMapping("/{id}")
    ProjectView one(@PathVariable UUID id) {
        return view(projects.one(id), classes.classNames());
    }

    /** Takes a picture in. Whoever does says why the class may draw from it. */
    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    ProjectView create(
            @RequestPart MultipartFile file,
            @RequestParam @NotBlank @Size(max = 120) String title,
            @RequestParam(required = false) UUID schoolClass,
            @RequestParam Rights rights,
            @RequestParam(defaultValue = "") @Size(max = 300) String rightsNote)
            throws IOException {
        return view(projects.create(title, schoolClass, rights, rightsNote, file.getBytes()), classes.classNames());
    }

    /** Takes in a picture that one student draws instead of the class's; printed with the class's sheet. */
    @PostMapping(path = "/{id}/own", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    ProjectView createOwn(
            @PathVariable UUID id,
            @RequestPart MultipartFile file,
            @RequestParam UUID student,
            @RequestParam Rights rights,
            @RequestParam(defaultValue = "") @Size(max = 300) String rightsNote)
            throws IOException {
        return view(projects.createOwn(id, student, rights, rightsNote, file.getBytes()), classes.classNames());
    }

    @PutMapping("/{id}")
    ProjectView change(@PathVariable UUID id, @Valid @RequestBody ProjectRequest request) {
        return view(
                projects.change(id, request.revision(), request.title(), request.schoolClass(), request.settings()),
                classes.classNames());
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID id) {
        projects.delete(id);
    }

    /** What lies in the frame. */
    @GetMapping(path = "/{id}/reference.png", produces = MediaType.IMAGE_PNG_VALUE)
    byte[] reference(@PathVariable UUID id, @Valid @ParameterObject ProjectData settings) {
        return Painted.png(Painted.of(pictures.reference(id, settings)));
    }

    /** The same in few values. */
    @GetMapping(path = "/{id}/values.png", produces = MediaType.IMAGE_PNG_VALUE)
    byte[] valuesPicture(@PathVariable UUID id, @Valid @ParameterObject ProjectData settings) {
        return Painted.png(Painted.of(pictures.values(id, settings)));
    }

    @GetMapping("/{id}/values")
    ValuesView values(@PathVariable UUID id, @Valid @ParameterObject ProjectData settings) {
        ValueMap values = pictures.values(id, settings);
        List<Area> areas = values.outlines(settings.followMm()).areas();
        double frame = settings.frameWidthMm() * settings.frameHeightMm();
        return new ValuesView(
                values.steps().stream()
                        .map(s -> new ValueStepView(
                                s.lightness(),
                                MunsellValue.of(Lab.luminanceOf(s.lightness())),
                                s.areaMm2(),
                                s.areaMm2() / frame))
                        .toList(),
                areas.stream().map(SvgPath::of).collect(Collectors.joining()),
                areas.size(),
                CoarserView.of(values, settings.wanted()));
    }

    /** Where the eye goes first by the picture's contrast, and where the light comes from by its shading: proposals. */
    @GetMapping("/{id}/focus")
    FocusView focus(@PathVariable UUID id, @Valid @ParameterObject ProjectData settings) {
        Reference reference = pictures.reference(id, settings);
        Focus focus = Focus.proposed(reference, settings.frame());
        Zones zones = pictures.zones(id, settings);
        LightDirection light = LightDirection.proposed(reference, zones);
        Proportions of = Proportions.of(reference, zones);
        return new FocusView(
                focus.x(),
                focus.y(),
                focus.radiusMm(),
                light.isClear() ? light.from() : null,
                new SubjectView(of.widthMm(), of.heightMm(), of.wide(), of.high()));
    }

    /** Three pages: to draw on, the values with their key, the picture with the same lines. */
    @GetMapping(path = "/{id}/guide.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> guide(
            @PathVariable UUID id,
            @RequestParam PageSize paper,
            @RequestParam Lines lines,
            @RequestParam boolean outlines) {
        ProjectInfo of = projects.one(id);
        ProjectData settings = of.settings();
        if (!GuideSheet.fits(settings.frame(), paper)) {
            throw ApiProblem.invalid(
                    "frameWidthMm",
                    "FRAME_TOO_LARGE",
                    say(
                            "problem.the-frame-of-mm",
                            settings.frameWidthMm(),
                            settings.frameHeightMm(),
                            paper == PageSize.A4 ? "A4" : "Letter"));
        }
        ValueMap values = pictures.values(id, settings);
        byte[] pdf = new GuideSheet(of.title(), settings, new GuideSheet.Wanted(paper, lines, outlines))
                .pdf(pictures.reference(id, settings), values, values.outlines(settings.followMm()));
        return PdfAnswer.of(pdf, of.title() + ".pdf");
    }

    private static ProjectView view(ProjectInfo p, List<Classes.ClassName> names) {
        return new ProjectView(
                p.id(),
                p.revision(),
                p.title(),
                p.schoolClass(),
                names.stream()
                        .filter(c -> c.id().equals(p.schoolClass()))
                        .map(Classes.ClassName::name)
                        .findFirst()
                        .orElse(null),
                p.ofProject(),
                p.student(),
                p.rights(),
                p.rightsNote(),
                p.settings());
    }
}
