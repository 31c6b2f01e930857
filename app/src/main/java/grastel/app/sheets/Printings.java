package grastel.app.sheets;

import static grastel.core.words.Words.say;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.kit.Kit;
import grastel.app.platform.ApiProblem;
import grastel.app.sheets.api.PiecesAtHand;
import grastel.app.sheets.api.RunInfo;
import grastel.app.sheets.api.TakenCodes;
import grastel.app.sheets.card.Cards;
import grastel.app.sheets.planning.OwnPages;
import grastel.app.sheets.rows.FirstTry;
import grastel.app.sheets.rows.PrintRun;
import grastel.app.sheets.rows.PrintRuns;
import grastel.app.sheets.rows.PrintedPages;
import grastel.app.sheets.rows.SheetJson;
import grastel.app.sheets.rows.SheetVersion;
import grastel.app.sheets.rows.StoredSheetVersion;
import grastel.app.sheets.rows.StoredSheets;
import grastel.core.checks.Require;
import grastel.core.exercise.finishedpiece.FinishedPiece;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.page.PageCode;
import grastel.core.page.PageLayout;
import grastel.core.page.SheetComposer;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.random.RandomGenerator;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was printed of sheets: for whom, with which codes, and what stood on each page. */
@Service
@Transactional
public class Printings {
    private final Sheets sheets;
    private final StoredSheets kept;
    private final PrintRuns runs;
    private final PrintedPages pages;
    private final OwnPages ownPages;
    private final Kit kit;
    private final Classes classes;
    private final SheetJson json;
    private final RandomGenerator random;
    private final List<TakenCodes> others;

    Printings(
            Sheets sheets,
            StoredSheets kept,
            PrintRuns runs,
            PrintedPages pages,
            OwnPages ownPages,
            Kit kit,
            Classes classes,
            SheetJson json,
            RandomGenerator random,
            List<TakenCodes> others) {
        this.sheets = sheets;
        this.kept = kept;
        this.runs = runs;
        this.pages = pages;
        this.ownPages = ownPages;
        this.kit = kit;
        this.classes = classes;
        this.json = json;
        this.random = random;
        this.others = others;
    }

    /** One printed page and whose it is. @param part which page of the sheet, from 0 */
    public record PageInfo(UUID id, int number, int part, UUID student, RunInfo run) {}

    /**
     * Everything needed to read a page.
     *
     * @param version what it was printed from
     * @param before what its student gave in of the same exercises before, the first first; empty but on personal pages
     */
    public record PrintedSheet(
            PageInfo page,
            ClassInfo schoolClass,
            PageLayout layout,
            SheetPlan plan,
            Paper paper,
            UUID version,
            List<Before> before) {}

    /**
     * An exercise of a page as its student did it before.
     *
     * @param exercise of the page, from 0
     * @param of which exercise that was on the pages from before
     * @param pages printed pages it was on
     * @param names of the fields here, by their names there
     */
    public record Before(int exercise, int of, List<UUID> pages, Map<String, String> names) {}

    /** What a run was printed from. @param paper its name, empty where it is no longer kept */
    public record Print(SheetPlan plan, String paper) {}

    /** Gives every student of a class the pages of the sheet's latest version. */
    public RunInfo print(UUID sheet, UUID schoolClass) {
        return print(sheet, schoolClass, false, false);
    }

    /**
     * @param card true for one card and a label for each student
     * @param variants true for another variant for each, where something of the sheet draws itself anew
     */
    public RunInfo print(UUID sheet, UUID schoolClass, boolean card, boolean variants) {
        ClassInfo to = classes.one(schoolClass);
        if (to.students().isEmpty()) {
            throw ApiProblem.invalid("schoolClass", "NO_STUDENTS", say("problem.has-no-students-yet", to.name()));
        }
        List<UUID> students = to.students().stream().map(StudentInfo::id).toList();
        SheetVersion version = kept.latest(sheet);
        List<PageLayout> layout = json.pages(version.layout());
        if (card) {
            Cards.problem(layout).ifPresent(words -> {
                throw ApiProblem.invalid("card", "NO_CARD", words);
            });
        }
        Map<UUID, OwnPages.Own> own = ownPages.of(version, json.data(version), to, variants);
        if (card && !own.isEmpty()) {
            throw ApiProblem.invalid("card", "NO_CARD", say("problem.not-all-draw-the"));
        }
        PrintRun run = new PrintRun(version, to.id(), to.band(), newCode(), card);
        for (UUID student : students) {
            OwnPages.Own pages = own.get(student);
            run.add(
                    pages == null ? null : pages.version(),
                    student,
                    pages == null ? StoredSheetVersion.drawn(layout) : pages.drawn());
        }
        return run(runs.saveAndFlush(run).id());
    }

    /** A code that no page of the installation has. */
    public String newCode() {
        String code = PageCode.newRun(random);
        while (isTaken(code)) {
            code = PageCode.newRun(random);
        }
        return code;
    }

    private boolean isTaken(String code) {
        return runs.existsByCode(code) || others.stream().anyMatch(o -> o.isTaken(code));
    }

    /** The newest first. */
    public List<RunInfo> runs() {
        return runs.infos();
    }

    /** Runs by their ids. */
    public Map<UUID, RunInfo> runs(Collection<UUID> ids) {
        return ids.isEmpty() ? Map.of() : runs.infos(ids).stream().collect(Collectors.toMap(RunInfo::id, r -> r));
    }

    /** The last run of each class that has one, by class. */
    public Map<UUID, RunInfo> latestRuns() {
        return runs.latest().stream().collect(Collectors.toMap(RunInfo::schoolClass, r -> r, (one, other) -> one));
    }

    /** Printings of sheets, the newest first. */
    public List<RunInfo> runsOf(Collection<UUID> ofSheets) {
        return ofSheets.isEmpty() ? List.of() : runs.ofSheets(ofSheets);
    }

    /** Printings of sheets on which a picture is drawn, the newest first. @param piece its id, see {@link PiecesAtHand} */
    public List<RunInfo> runsOfPiece(String piece) {
        return runsOf(sheets.all().stream()
                .filter(sheet -> sheet.data().exercises().stream()
                        .map(e -> e.values().get(FinishedPiece.PIECE))
                        .anyMatch(value -> value != null && piece.equals(value.word())))
                .map(Sheets.SheetInfo::id)
                .toList());
    }

    /** Printings a student was given a page of, the newest first. */
    public List<RunInfo> runsOfStudent(UUID student) {
        return runs.ofStudent(student);
    }

    public RunInfo run(UUID id) {
        return runs.info(id).orElseThrow(() -> ApiProblem.notFound(say("thing.print-run")));
    }

    /** True if the same sheet was printed for the same class again later. */
    public boolean isPrintedAgain(RunInfo run) {
        return runs.isPrintedAgain(run.sheet(), run.schoolClass(), run.printedAt());
    }

    public List<PageInfo> pages(UUID run) {
        RunInfo info = run(run);
        return pages.ofRun(run).stream()
                .map(p -> new PageInfo(p.id(), p.number(), p.part(), p.student(), info))
                .toList();
    }

    /** Holds pages until the end of the transaction: whoever judges them together does so one after another, on every node. */
    public void hold(Collection<UUID> printedPages) {
        if (printedPages.size() > 1) {
            pages.held(printedPages);
        }
    }

    /** The page a code names, if it is one of this teacher's. */
    public Optional<PrintedSheet> printed(PageCode code) {
        return pages.row(code.run(), code.page()).map(this::printed);
    }

    /** A page with its layout as printed for its student. */
    public PrintedSheet printed(@Nullable UUID page) {
        return printed(row(page));
    }

    private PrintedSheet printed(PrintedPages.Row found) {
        ClassInfo to = classes.one(found.run().schoolClass());
        StoredSheetVersion sheet = kept.settled(found.version());
        return new PrintedSheet(
                info(found),
                to,
                layout(found, sheet.pages().get(found.part()), to),
                sheet.plan(),
                kit.paper(found.paper()).paper(),
                found.version(),
                before(found.student(), sheet, there(List.of(sheet))));
    }

    public PageInfo page(UUID id) {
        return info(row(id));
    }

    private static PageLayout layout(PrintedPages.Row found, PageLayout page, ClassInfo to) {
        PageCode code = new PageCode(found.code(), found.number());
        Map<UUID, String> names = to.names();
        return found.run().card()
                ? Cards.page(page, names.getOrDefault(found.student(), ""), code)
                : forStudent(page, code, found.student(), to, names);
    }

    /** What students did before of what is on the pages of a run, by printed page; empty but for personal ones. */
    public Map<UUID, List<Before>> before(UUID run) {
        List<PrintedPages.OfRun> rows = pages.ofRun(run);
        Map<UUID, StoredSheetVersion> from =
                kept.settled(rows.stream().map(PrintedPages.OfRun::version).collect(Collectors.toSet()));
        List<PrintedPages.OfRun> there = there(from.values());
        return rows.stream()
                .collect(Collectors.toMap(
                        PrintedPages.OfRun::id, p -> before(p.student(), Require.key(from, p.version()), there)));
    }

    private List<Before> before(UUID student, StoredSheetVersion sheet, List<PrintedPages.OfRun> there) {
        Map<UUID, List<PrintedPages.OfRun>> own = there.stream()
                .filter(p -> p.student().equals(student))
                .collect(Collectors.groupingBy(PrintedPages.OfRun::run));
        Map<UUID, StoredSheetVersion> from =
                kept.settled(own.values().stream().map(l -> l.get(0).version()).collect(Collectors.toSet()));
        return sheet.firstTries().stream()
                .filter(t -> own.containsKey(t.run()))
                .map(t -> new Before(
                        t.exercise(),
                        t.of(),
                        Require.key(own, t.run()).stream()
                                .map(PrintedPages.OfRun::id)
                                .toList(),
                        t.names(
                                Require.key(
                                                from,
                                                Require.key(own, t.run()).get(0).version())
                                        .plan(),
                                sheet.plan())))
                .toList();
    }

    /** Every page of the runs in which something of sheets was done before. */
    private List<PrintedPages.OfRun> there(Collection<StoredSheetVersion> of) {
        Set<UUID> runsBefore = of.stream()
                .flatMap(s -> s.firstTries().stream())
                .map(FirstTry::run)
                .collect(Collectors.toSet());
        return runsBefore.isEmpty() ? List.of() : pages.ofRuns(runsBefore);
    }

    /** The pencils that could have been taken for those of a sheet. */
    public List<Pencil> pencilsAtHand() {
        return kit.everything().pencils();
    }

    /** The plan a run was printed from. */
    public SheetPlan plan(UUID run) {
        return Optional.ofNullable(plans(List.of(run)).get(run))
                .orElseThrow(() -> ApiProblem.notFound(say("thing.print-run")));
    }

    /** The plans runs were printed from, by run. */
    public Map<UUID, SheetPlan> plans(Collection<UUID> ofRuns) {
        return printed(ofRuns, (run, plan) -> plan);
    }

    /** What runs were printed from and on, by run. */
    public Map<UUID, Print> prints(Collection<UUID> ofRuns) {
        if (ofRuns.isEmpty()) {
            return Map.of();
        }
        Map<UUID, String> papers = kit.papers().stream()
                .collect(Collectors.toMap(Kit.KitPaper::id, p -> p.paper().name()));
        return printed(ofRuns, (run, plan) -> new Print(plan, papers.getOrDefault(run.paper(), "")));
    }

    private <T> Map<UUID, T> printed(Collection<UUID> ofRuns, BiFunction<PrintRuns.Printed, SheetPlan, T> as) {
        if (ofRuns.isEmpty()) {
            return Map.of();
        }
        List<PrintRuns.Printed> from = runs.versions(ofRuns);
        Map<UUID, StoredSheetVersion> sheets =
                kept.settled(from.stream().map(PrintRuns.Printed::version).collect(Collectors.toSet()));
        return from.stream()
                .collect(Collectors.toMap(
                        PrintRuns.Printed::run,
                        p -> as.apply(p, Require.key(sheets, p.version()).plan())));
    }

    static PageLayout forStudent(PageLayout on, PageCode code, UUID student, ClassInfo to, Map<UUID, String> names) {
        return SheetComposer.forStudent(on, names.getOrDefault(student, ""), to.name(), code);
    }

    private PrintedPages.Row row(@Nullable UUID page) {
        return pages.row(page).orElseThrow(() -> ApiProblem.notFound(say("thing.printed-page")));
    }

    private static PageInfo info(PrintedPages.Row page) {
        return new PageInfo(page.id(), page.number(), page.part(), page.student(), page.run());
    }
}
