package grastel.app.sheets;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.kit.Kit;
import grastel.app.platform.ApiProblem;
import grastel.core.exercise.ExercisePlan;
import grastel.core.exercise.GradeBand;
import grastel.core.exercise.pressurescale.PressureScale;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.page.PageCode;
import grastel.core.page.PageLayout;
import grastel.core.page.PageSize;
import grastel.core.page.PageTooFull;
import grastel.core.page.SheetComposer;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The front door of sheets. */
@Service
@Transactional
public class Sheets {
    private final SheetRows sheets;
    private final PrintRuns runs;
    private final PrintedPages pages;
    private final Kit kit;
    private final Classes classes;
    private final JsonMapper json;
    private final SecureRandom random = new SecureRandom();

    Sheets(SheetRows sheets, PrintRuns runs, PrintedPages pages, Kit kit, Classes classes, JsonMapper json) {
        this.sheets = sheets;
        this.runs = runs;
        this.pages = pages;
        this.kit = kit;
        this.classes = classes;
        this.json = json;
    }

    /** What a pressure scale is made from. */
    public record Parameters(UUID pencil, UUID paper, PageSize pageSize, PressureScale scale) {}

    /** A sheet not yet kept. */
    public record Draft(ExercisePlan plan, PageLayout layout, Pencil pencil, Paper paper) {}

    /** @param printed true once any version was printed */
    public record SheetInfo(UUID id, String title, int version, Parameters parameters, boolean printed) {}

    /** A run, light enough for lists. */
    public record RunInfo(
            UUID id,
            UUID sheet,
            String title,
            int version,
            UUID schoolClass,
            GradeBand band,
            Instant printedAt,
            int pages) {}

    /** One printed page and whose it is. */
    public record PageInfo(UUID id, int number, UUID student, RunInfo run) {}

    /** Everything needed to read a page. */
    public record PrintedSheet(PageInfo page, PageLayout layout, ExercisePlan plan, Pencil pencil, Paper paper) {}

    public Draft draft(String title, Parameters parameters, GradeBand band) {
        Pencil pencil = kit.pencil(parameters.pencil()).pencil();
        Paper paper = kit.paper(parameters.paper()).paper();
        ExercisePlan plan = parameters.scale().plan(pencil, paper, band);
        String head = title == null || title.isBlank() ? SheetWording.title(pencil) : title.strip();
        try {
            PageLayout layout = SheetComposer.compose(
                    parameters.pageSize(), SheetWording.words(head, plan, pencil, paper), SheetWording.fields(plan));
            return new Draft(plan, layout, pencil, paper);
        } catch (PageTooFull e) {
            throw ApiProblem.invalid("boxMm", "PAGE_FULL", e.getMessage() + ". Choose smaller boxes.");
        }
    }

    public SheetInfo create(String title, Parameters parameters) {
        Draft draft = draft(title, parameters, GradeBand.DEVELOPING);
        Sheet sheet = new Sheet(titleOf(title, draft));
        sheet.versions().add(new SheetVersion(sheet, 1, parameters, write(draft.plan()), write(draft.layout())));
        return info(sheets.save(sheet));
    }

    /** Changes a sheet; a printed version stays as it is and a new one begins. */
    public SheetInfo change(UUID id, String title, Parameters parameters) {
        Sheet sheet = find(id);
        Draft draft = draft(title, parameters, GradeBand.DEVELOPING);
        sheet.rename(titleOf(title, draft));
        SheetVersion latest = sheet.latest();
        if (runs.existsByVersion(latest)) {
            sheet.versions()
                    .add(new SheetVersion(
                            sheet, latest.number() + 1, parameters, write(draft.plan()), write(draft.layout())));
        } else {
            latest.set(parameters, write(draft.plan()), write(draft.layout()));
        }
        return info(sheet);
    }

    public List<SheetInfo> all() {
        return sheets.findAllByOrderByCreatedAtDesc().stream().map(this::info).toList();
    }

    public SheetInfo one(UUID id) {
        return info(find(id));
    }

    /** Gives every student of a class a page of the sheet's latest version. */
    public RunInfo print(UUID sheet, UUID schoolClass) {
        ClassInfo to = classes.one(schoolClass);
        if (to.students().isEmpty()) {
            throw ApiProblem.invalid("schoolClass", "NO_STUDENTS", to.name() + " has no students yet.");
        }
        List<UUID> students = to.students().stream().map(StudentInfo::id).toList();
        PrintRun run = new PrintRun(find(sheet).latest(), to.id(), to.band(), PageCode.newRun(random), students);
        return info(runs.save(run));
    }

    public List<RunInfo> runs() {
        return runs.findAllByOrderByCreatedAtDesc().stream().map(Sheets::info).toList();
    }

    public RunInfo run(UUID id) {
        return info(findRun(id));
    }

    public List<PageInfo> pages(UUID run) {
        PrintRun found = findRun(run);
        RunInfo info = info(found);
        return found.pages().stream().map(p -> info(p, info)).toList();
    }

    List<SheetViews.PrintedPageView> pagesWithNames(UUID run) {
        PrintRun found = findRun(run);
        Map<UUID, String> names = names(classes.one(found.schoolClass()));
        return found.pages().stream()
                .map(p -> new SheetViews.PrintedPageView(p.id(), p.number(), names.getOrDefault(p.student(), "")))
                .toList();
    }

    /** The run's pages in the order of the class list. */
    byte[] pdf(UUID id) {
        PrintRun run = findRun(id);
        return PdfInk.document(run.version().sheet().title(), layouts(run));
    }

    /** The page a code names, if it is one of this teacher's. */
    public Optional<PageInfo> page(PageCode code) {
        return runs.findByCode(code.run())
                .flatMap(run -> run.pages().stream()
                        .filter(p -> p.number() == code.page())
                        .findFirst()
                        .map(p -> info(p, info(run))));
    }

    public PageInfo page(UUID id) {
        PrintedPage found = pages.findById(id).orElseThrow(() -> ApiProblem.notFound("printed page"));
        return info(found, info(found.run()));
    }

    /** A page with its layout as printed for its student. */
    public PrintedSheet printed(UUID page) {
        PrintedPage found = pages.findById(page).orElseThrow(() -> ApiProblem.notFound("printed page"));
        PrintRun run = found.run();
        SheetVersion version = run.version();
        ClassInfo to = classes.one(run.schoolClass());
        return new PrintedSheet(
                info(found, info(run)),
                layout(found, layout(version), to, names(to)),
                json.readValue(version.plan(), ExercisePlan.class),
                kit.pencil(version.pencil()).pencil(),
                kit.paper(version.paper()).paper());
    }

    /** The plan a run was printed from. */
    public ExercisePlan plan(UUID run) {
        return json.readValue(findRun(run).version().plan(), ExercisePlan.class);
    }

    private List<PageLayout> layouts(PrintRun run) {
        ClassInfo to = classes.one(run.schoolClass());
        Map<UUID, String> names = names(to);
        PageLayout sheet = layout(run.version());
        return run.pages().stream().map(p -> layout(p, sheet, to, names)).toList();
    }

    private static PageLayout layout(PrintedPage page, PageLayout sheet, ClassInfo to, Map<UUID, String> names) {
        PageCode code = new PageCode(page.run().code(), page.number());
        return SheetComposer.forStudent(sheet, names.getOrDefault(page.student(), ""), to.name(), code);
    }

    private static Map<UUID, String> names(ClassInfo to) {
        return to.students().stream().collect(Collectors.toMap(StudentInfo::id, StudentInfo::name));
    }

    private PageLayout layout(SheetVersion version) {
        return json.readValue(version.layout(), PageLayout.class);
    }

    private String write(Object value) {
        return json.writeValueAsString(value);
    }

    private Sheet find(UUID id) {
        return sheets.findById(id).orElseThrow(() -> ApiProblem.notFound("sheet"));
    }

    private PrintRun findRun(UUID id) {
        return runs.findById(id).orElseThrow(() -> ApiProblem.notFound("print run"));
    }

    private static String titleOf(String title, Draft draft) {
        return title == null || title.isBlank() ? SheetWording.title(draft.pencil()) : title.strip();
    }

    private SheetInfo info(Sheet sheet) {
        SheetVersion latest = sheet.latest();
        return new SheetInfo(
                sheet.id(), sheet.title(), latest.number(), latest.parameters(), runs.existsByVersionSheet(sheet));
    }

    private static RunInfo info(PrintRun run) {
        SheetVersion version = run.version();
        return new RunInfo(
                run.id(),
                version.sheet().id(),
                version.sheet().title(),
                version.number(),
                run.schoolClass(),
                run.band(),
                run.createdAt(),
                run.pages().size());
    }

    private static PageInfo info(PrintedPage page, RunInfo run) {
        return new PageInfo(page.id(), page.number(), page.student(), run);
    }
}
