package grastel.app.sheets;

import static grastel.core.words.Words.say;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.kit.Kit;
import grastel.app.platform.ApiProblem;
import grastel.app.sheets.RedoSheet.Composed;
import grastel.app.sheets.api.RunInfo;
import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.rows.PrintRun;
import grastel.app.sheets.rows.PrintRuns;
import grastel.app.sheets.rows.PrintedPages;
import grastel.app.sheets.rows.Sheet;
import grastel.app.sheets.rows.SheetJson;
import grastel.app.sheets.rows.SheetRows;
import grastel.app.sheets.rows.SheetVersion;
import grastel.app.sheets.rows.SheetVersions;
import grastel.app.sheets.rows.StoredSheetVersion;
import grastel.app.sheets.rows.StoredSheets;
import grastel.core.checks.Require;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.media.Paper;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pages for single students, each of its own: fields that are done again, with what to do differently. */
@Service
@Transactional
public class RedoSheets {
    private final PrintedPages pages;
    private final SheetRows sheetRows;
    private final SheetVersions versions;
    private final PrintRuns runs;
    private final Printings printings;
    private final StoredSheets kept;
    private final Classes classes;
    private final Kit kit;
    private final SheetJson json;

    RedoSheets(
            PrintedPages pages,
            SheetRows sheetRows,
            SheetVersions versions,
            PrintRuns runs,
            Printings printings,
            StoredSheets kept,
            Classes classes,
            Kit kit,
            SheetJson json) {
        this.pages = pages;
        this.sheetRows = sheetRows;
        this.versions = versions;
        this.runs = runs;
        this.printings = printings;
        this.kept = kept;
        this.classes = classes;
        this.kit = kit;
        this.json = json;
    }

    /**
     * Fields of an exercise that a student had.
     *
     * @param advice by the field's name there, in the order of the sheet: what to do differently, or empty
     */
    public record Again(UUID run, int exercise, Map<String, String> advice) {}

    /** @param exercises what matters most first: what finds no room on one page with it is left out */
    public record RedoItem(UUID student, List<Again> exercises) {}

    /** An exercise on a page. @param advice by the field's name on the page */
    public record Part(String title, Map<String, String> advice) {}

    /** A student's page. @param left how many exercises found no room; @param pages one, or more where one exercise alone needs them */
    public record Page(UUID student, List<Part> parts, int left, int pages, double minutes) {}

    /** What a student was given in a run, and on which paper. @param version it was printed from */
    public record Given(UUID version, SheetPlan plan, Paper paper) {}

    /** What students were given in runs, by student and run. */
    @Transactional(readOnly = true)
    public Map<UUID, Map<UUID, Given>> given(Set<UUID> ofRuns) {
        Map<UUID, Paper> papers =
                kit.papers().stream().collect(Collectors.toMap(Kit.KitPaper::id, Kit.KitPaper::paper));
        Map<UUID, Map<UUID, Given>> given = new HashMap<>();
        origins(ofRuns)
                .forEach((student, byRun) -> byRun.forEach((run, from) -> given.computeIfAbsent(
                                student, s -> new HashMap<>())
                        .put(run, new Given(from.version(), from.sheet().plan(), Require.key(papers, from.paper())))));
        return given;
    }

    /** What would be printed; students for whom there is nothing are left out. */
    @Transactional(readOnly = true)
    public List<Page> look(UUID schoolClass, String title, List<RedoItem> asked) {
        return composed(classes.one(schoolClass), title, asked).stream()
                .map(Composed::page)
                .toList();
    }

    /** Prints the pages, in the order of the class list. */
    public RunInfo print(UUID schoolClass, String title, List<RedoItem> asked) {
        ClassInfo to = classes.one(schoolClass);
        List<Composed> all = composed(to, title, asked);
        if (all.isEmpty()) {
            throw ApiProblem.invalid("students", "NOTHING_AGAIN", say("problem.there-is-nothing-for"));
        }
        Sheet sheet = sheetRows.save(new Sheet(title, true));
        Composed first = all.get(0);
        SheetVersion its = version(sheet, 1, schoolClass, first);
        PrintRun run = new PrintRun(its, schoolClass, to.band(), printings.newCode(), false);
        run.add(its, first.page().student(), StoredSheetVersion.drawn(first.layouts()));
        for (Composed one : all.subList(1, all.size())) {
            SheetVersion version = version(sheet, run.pages().size() + 1, schoolClass, one);
            run.add(version, one.page().student(), StoredSheetVersion.drawn(one.layouts()));
        }
        return printings.run(runs.saveAndFlush(run).id());
    }

    private SheetVersion version(Sheet sheet, int number, UUID schoolClass, Composed of) {
        SheetVersion version = new SheetVersion(sheet, number);
        version.set(
                new SheetData(schoolClass, null, of.paper(), of.layouts().get(0).size(), List.of()),
                json.exercises(List.of()),
                json.plan(of.plan()),
                json.pages(of.layouts()));
        version.triedBefore(json.firstTries(of.firstTries()));
        return versions.save(version);
    }

    private List<Composed> composed(ClassInfo to, String title, List<RedoItem> asked) {
        Map<UUID, RedoItem> byStudent =
                asked.stream().collect(Collectors.toMap(RedoItem::student, a -> a, (one, two) -> one));
        Map<UUID, Map<UUID, Origin>> origins = origins(asked.stream()
                .flatMap(a -> a.exercises().stream())
                .map(Again::run)
                .collect(Collectors.toSet()));
        return to.students().stream()
                .map(StudentInfo::id)
                .filter(byStudent::containsKey)
                .map(s -> composed(Require.key(byStudent, s), title, to.band(), origins.getOrDefault(s, Map.of())))
                .flatMap(Optional::stream)
                .toList();
    }

    /** What a student's page of a run was printed from. */
    record Origin(UUID version, UUID paper, StoredSheetVersion sheet) {}

    /** By student and run. */
    private Map<UUID, Map<UUID, Origin>> origins(Set<UUID> ofRuns) {
        List<PrintedPages.OfRun> rows = ofRuns.isEmpty() ? List.of() : pages.ofRuns(ofRuns);
        Map<UUID, StoredSheetVersion> from =
                kept.settled(rows.stream().map(PrintedPages.OfRun::version).collect(Collectors.toSet()));
        Map<UUID, Map<UUID, Origin>> origins = new HashMap<>();
        rows.forEach(p -> origins.computeIfAbsent(p.student(), s -> new HashMap<>())
                .put(p.run(), new Origin(p.version(), p.paper(), Require.key(from, p.version()))));
        return origins;
    }

    private Optional<Composed> composed(RedoItem asked, String title, GradeBand band, Map<UUID, Origin> origins) {
        List<Again> there = asked.exercises().stream()
                .filter(a -> origins.containsKey(a.run()) && !a.advice().isEmpty())
                .toList();
        if (there.isEmpty()) {
            return Optional.empty();
        }
        // One page is on one paper: that of what matters most.
        UUID paper = Require.key(origins, there.get(0).run()).paper();
        List<Again> onPaper = there.stream()
                .filter(a -> Require.key(origins, a.run()).paper().equals(paper))
                .toList();
        RedoSheet personal = new RedoSheet(asked.student(), title, band, origins, kit.paper(paper));
        List<Again> chosen = List.of(onPaper.get(0));
        Composed page = personal.compose(chosen, asked.exercises().size() - 1);
        for (Again more : onPaper.subList(1, onPaper.size())) {
            List<Again> with = new ArrayList<>(chosen);
            with.add(more);
            Composed tried = personal.compose(with, asked.exercises().size() - with.size());
            if (tried.layouts().size() == 1) {
                chosen = with;
                page = tried;
            }
        }
        return Optional.of(page);
    }
}
