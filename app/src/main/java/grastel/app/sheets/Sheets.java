package grastel.app.sheets;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.kit.Kit;
import grastel.app.platform.ApiProblem;
import grastel.app.sheets.Planner.Draft;
import grastel.core.exercise.GradeBand;
import grastel.core.exercise.SheetPlan;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.page.PageCode;
import grastel.core.page.PageLayout;
import grastel.core.page.SheetComposer;
import grastel.core.recipe.Method;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The front door of sheets. */
@Service
@Transactional
public class Sheets {
    private static final int MOST_REMEMBERED = 100;

    private final SheetRows sheets;
    private final PrintRuns runs;
    private final PrintedPages pages;
    private final Planner planner;
    private final Kit kit;
    private final Classes classes;
    private final SheetJson json;
    private final SecureRandom random = new SecureRandom();
    /** What was printed never changes, so it is parsed once. */
    private final Cache<UUID, Settled> printed =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    Sheets(
            SheetRows sheets,
            PrintRuns runs,
            PrintedPages pages,
            Planner planner,
            Kit kit,
            Classes classes,
            SheetJson json) {
        this.sheets = sheets;
        this.runs = runs;
        this.pages = pages;
        this.planner = planner;
        this.kit = kit;
        this.classes = classes;
        this.json = json;
    }

    /** @param printed true once any version was printed */
    public record SheetInfo(UUID id, String title, int version, SheetData data, boolean printed) {}

    /** A run, light enough for lists. @param pages how many were printed; @param parts pages of each student */
    public record RunInfo(
            UUID id,
            UUID sheet,
            String title,
            int version,
            UUID schoolClass,
            GradeBand band,
            Instant printedAt,
            int pages,
            int parts) {}

    /** One printed page and whose it is. @param part which page of the sheet, from 0 */
    public record PageInfo(UUID id, int number, int part, UUID student, RunInfo run) {}

    /** Everything needed to read a page. */
    public record PrintedSheet(PageInfo page, PageLayout layout, SheetPlan plan, Paper paper) {}

    /** A version as it is kept. */
    private record Settled(SheetPlan plan, List<PageLayout> pages) {}

    /** A sheet that a method would change. @param fields how many fields would get another recipe */
    record Changed(UUID sheet, String title, int fields, String problem) {}

    Draft draft(String title, SheetData data) {
        return planner.draft(title, data);
    }

    public SheetInfo create(String title, SheetData data) {
        Draft draft = planner.sound(title, data);
        Sheet sheet = new Sheet(Planner.titleOf(title, draft.plan()));
        sheet.versions().add(version(sheet, 1, data, draft));
        return info(sheets.save(sheet));
    }

    /** Changes a sheet; a printed version stays as it is and a new one begins. */
    public SheetInfo change(UUID id, String title, SheetData data) {
        Sheet sheet = find(id);
        Draft draft = planner.sound(title, data);
        sheet.rename(Planner.titleOf(title, draft.plan()));
        SheetVersion latest = sheet.latest();
        if (runs.existsByVersion(latest)) {
            sheet.versions().add(version(sheet, latest.number() + 1, data, draft));
        } else {
            set(latest, data, draft);
        }
        return info(sheet);
    }

    private SheetVersion version(Sheet sheet, int number, SheetData data, Draft draft) {
        SheetVersion version = new SheetVersion(sheet, number);
        set(version, data, draft);
        return version;
    }

    private void set(SheetVersion version, SheetData data, Draft draft) {
        version.set(data, json.write(data.exercises()), json.write(draft.plan()), json.write(draft.pages()));
    }

    public List<SheetInfo> all() {
        return sheets.findAllByOrderByCreatedAtDesc().stream().map(this::info).toList();
    }

    public SheetInfo one(UUID id) {
        return info(find(id));
    }

    /** Gives every student of a class the pages of the sheet's latest version. */
    public RunInfo print(UUID sheet, UUID schoolClass) {
        ClassInfo to = classes.one(schoolClass);
        if (to.students().isEmpty()) {
            throw ApiProblem.invalid("schoolClass", "NO_STUDENTS", to.name() + " has no students yet.");
        }
        List<UUID> students = to.students().stream().map(StudentInfo::id).toList();
        SheetVersion version = find(sheet).latest();
        int parts = json.pages(version.layout()).size();
        PrintRun run = new PrintRun(version, to.id(), to.band(), PageCode.newRun(random), students, parts);
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
                .map(p -> new SheetViews.PrintedPageView(
                        p.id(), p.number(), p.part() + 1, names.getOrDefault(p.student(), "")))
                .toList();
    }

    /** The run's pages in the order of the class list. */
    byte[] pdf(UUID id) {
        PrintRun run = findRun(id);
        ClassInfo to = classes.one(run.schoolClass());
        Map<UUID, String> names = to.namesHidden() ? Map.of() : names(to);
        Settled sheet = settled(run.version());
        List<PdfInk.Copy> copies = run.pages().stream()
                .map(p -> {
                    PageLayout page = sheet.pages().get(p.part());
                    return new PdfInk.Copy(page, forStudent(page.bare(), p, to, names));
                })
                .toList();
        return PdfInk.document(run.version().sheet().title(), copies);
    }

    /** What the teacher keeps: pages as they should come out, figures, rubric, notes. */
    byte[] teacherPdf(UUID sheet) {
        SheetVersion version = find(sheet).latest();
        Settled settled = settledOrDraft(version);
        GradeBand band = version.schoolClass() == null
                ? GradeBand.DEVELOPING
                : classes.one(version.schoolClass()).band();
        return TeacherPages.pdf(version.sheet().title(), settled.plan(), settled.pages(), band);
    }

    /** One page of the latest version without a student. @param number from 1 */
    String svg(UUID sheet, int number) {
        List<PageLayout> layouts = settledOrDraft(find(sheet).latest()).pages();
        if (number < 1 || number > layouts.size()) {
            throw ApiProblem.notFound("page");
        }
        return SvgInk.document(layouts.get(number - 1));
    }

    /** Which of a class's sheets another method would change. */
    List<Changed> changedBy(Method method, UUID schoolClass) {
        classes.one(schoolClass);
        return sheets.findAllByOrderByCreatedAtDesc().stream()
                .filter(s -> schoolClass.equals(s.latest().schoolClass()))
                .map(s -> changed(s, method))
                .flatMap(Optional::stream)
                .toList();
    }

    private Optional<Changed> changed(Sheet sheet, Method method) {
        SheetVersion latest = sheet.latest();
        Draft other = planner.draft(sheet.title(), data(latest), method);
        List<ApiProblem.FieldProblem> problems = other.problems();
        if (!problems.isEmpty()) {
            return Optional.of(
                    new Changed(sheet.id(), sheet.title(), 0, problems.get(0).message()));
        }
        SheetPlan before = json.plan(latest.plan());
        int differing = before.differing(other.plan());
        return differing == 0 ? Optional.empty() : Optional.of(new Changed(sheet.id(), sheet.title(), differing, null));
    }

    /** The page a code names, if it is one of this teacher's. */
    public Optional<PrintedSheet> printed(PageCode code) {
        return pages.findByRunCodeAndNumber(code.run(), code.page()).map(this::printed);
    }

    public PageInfo page(UUID id) {
        PrintedPage found = pages.findById(id).orElseThrow(() -> ApiProblem.notFound("printed page"));
        return info(found, info(found.run()));
    }

    /** A page with its layout as printed for its student. */
    public PrintedSheet printed(UUID page) {
        return printed(pages.findById(page).orElseThrow(() -> ApiProblem.notFound("printed page")));
    }

    private PrintedSheet printed(PrintedPage found) {
        PrintRun run = found.run();
        ClassInfo to = classes.one(run.schoolClass());
        Settled sheet = settled(run.version());
        return new PrintedSheet(
                info(found, info(run)),
                forStudent(sheet.pages().get(found.part()), found, to, names(to)),
                sheet.plan(),
                kit.paper(run.version().paper()).paper());
    }

    /** The pencils that could have been taken for those of a sheet. */
    public List<Pencil> pencilsAtHand() {
        return kit.everything().pencils();
    }

    /** The plan a run was printed from. */
    public SheetPlan plan(UUID run) {
        return settled(findRun(run).version()).plan();
    }

    /** Of a printed version. */
    private Settled settled(SheetVersion version) {
        return printed.get(version.id(), id -> settledOrDraft(version));
    }

    private Settled settledOrDraft(SheetVersion version) {
        return new Settled(json.plan(version.plan()), json.pages(version.layout()));
    }

    private static PageLayout forStudent(PageLayout on, PrintedPage page, ClassInfo to, Map<UUID, String> names) {
        PageCode code = new PageCode(page.run().code(), page.number());
        return SheetComposer.forStudent(on, names.getOrDefault(page.student(), ""), to.name(), code);
    }

    private static Map<UUID, String> names(ClassInfo to) {
        return to.students().stream().collect(Collectors.toMap(StudentInfo::id, StudentInfo::name));
    }

    private Sheet find(UUID id) {
        return sheets.findById(id).orElseThrow(() -> ApiProblem.notFound("sheet"));
    }

    private PrintRun findRun(UUID id) {
        return runs.findById(id).orElseThrow(() -> ApiProblem.notFound("print run"));
    }

    private SheetData data(SheetVersion v) {
        return new SheetData(v.schoolClass(), v.pencilSet(), v.paper(), v.pageSize(), json.exercises(v.exercises()));
    }

    private SheetInfo info(Sheet sheet) {
        SheetVersion latest = sheet.latest();
        return new SheetInfo(
                sheet.id(), sheet.title(), latest.number(), data(latest), runs.existsByVersionSheet(sheet));
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
                run.pageCount(),
                run.parts());
    }

    private static PageInfo info(PrintedPage page, RunInfo run) {
        return new PageInfo(page.id(), page.number(), page.part(), page.student(), run);
    }
}
