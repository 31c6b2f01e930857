package grastel.app.returns;

import grastel.app.returns.api.Confirmed;
import grastel.app.returns.api.PageProgress;
import grastel.app.returns.page.Decisions;
import grastel.app.returns.page.GoalMark;
import grastel.app.returns.page.GoalMarks;
import grastel.app.returns.page.PageLine;
import grastel.app.returns.page.PageRows;
import grastel.app.returns.page.ReturnedPage;
import grastel.app.returns.page.ReturnedPages;
import grastel.app.sheets.Printings;
import grastel.app.sheets.Printings.PageInfo;
import grastel.app.sheets.api.RunInfo;
import grastel.app.stored.StoredJson;
import grastel.core.checks.Require;
import grastel.core.exercise.goal.Goal;
import grastel.core.judging.Cause;
import grastel.core.judging.Level;
import grastel.core.reading.PageReading;
import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The front door of returned pages: what came back, as other places see it. */
@Service
@Transactional
public class Returns {
    private final ReturnedPages pages;
    private final GoalMarks marks;
    private final PageRows rows;
    private final Decisions decisions;
    private final Printings printings;
    private final StoredJson json;

    Returns(
            ReturnedPages pages,
            GoalMarks marks,
            PageRows rows,
            Decisions decisions,
            Printings printings,
            StoredJson json) {
        this.pages = pages;
        this.marks = marks;
        this.rows = rows;
        this.decisions = decisions;
        this.printings = printings;
        this.json = json;
    }

    /** A goal of an attempt. @param exercise of the sheet, from 0; @param level the teacher's where confirmed, else the proposal */
    public record Mark(
            UUID id,
            int exercise,
            Goal goal,
            Level proposed,
            Level level,
            @Nullable Double figure,
            @Nullable Cause cause,
            @Nullable String field) {
        /** Its student did not come so far: it says nothing of the class. */
        public boolean isNotReached() {
            return level == Level.NOT_TRIED && cause == Cause.NOT_REACHED;
        }
    }

    /** A student's page as read. @param read when its present reading was made, which its pictures belong to */
    public record Attempt(
            UUID page,
            UUID printedPage,
            UUID run,
            UUID student,
            boolean confirmed,
            Instant received,
            Instant read,
            List<Mark> marks) {}

    /** Every goal confirmed of those who are in classes now, wherever they were before, the first received first; those that were not tried too. */
    public List<Confirmed> confirmed(Collection<UUID> classes) {
        return classes.isEmpty() ? List.of() : marks.confirmed(classes);
    }

    /** Every goal confirmed on pages that were printed for a class, the first received first. */
    public List<Confirmed> confirmedIn(UUID schoolClass) {
        return marks.confirmedIn(schoolClass);
    }

    /** The same of one student. */
    public List<Confirmed> confirmedOf(UUID student) {
        return marks.confirmedOf(student);
    }

    /** Of all pages of classes that were read, the first received first. */
    public List<PageProgress> reached(Collection<UUID> classes) {
        return classes.isEmpty() ? List.of() : pages.reached(classes);
    }

    /** A field as read, L*. */
    public record Box(String field, double lightness, boolean blank) {}

    /** How far the pages of a run have come. */
    public record Progress(int printed, int waiting, int read, int confirmed, int unreadable) {}

    /** What has come back of a run. @param attempts one a printed page */
    public record Standing(Progress progress, List<Attempt> attempts) {}

    /** The attempts of a run in the order of its pages: of each page the confirmed one, else the one that came last. */
    public List<Attempt> attempts(UUID run) {
        List<UUID> order = printings.pages(run).stream().map(PageInfo::id).toList();
        return attempts(pages.ofRuns(List.of(run))).stream()
                .sorted(Comparator.comparingInt(a -> order.indexOf(a.printedPage())))
                .toList();
    }

    /** Every attempt of a student over all runs, newest first. */
    public List<Attempt> attemptsOf(UUID student) {
        return attempts(pages.ofStudent(student)).stream()
                .sorted(Comparator.comparing(Attempt::received).reversed())
                .toList();
    }

    /** Words a teacher wrote to pages, by page; pages without are left out. */
    public Map<UUID, String> notes(Collection<UUID> ofPages) {
        return ofPages.isEmpty()
                ? Map.of()
                : pages.notes(ofPages).stream()
                        .collect(Collectors.toMap(ReturnedPages.Note::page, ReturnedPages.Note::words));
    }

    /** Of runs those that something has come back of. */
    public Set<UUID> back(Collection<UUID> runs) {
        return runs.isEmpty() ? Set.of() : pages.back(runs);
    }

    /** What has come back of runs, by run. */
    public Map<UUID, Standing> standings(Collection<RunInfo> runs) {
        List<PageLine> all = runs.isEmpty()
                ? List.of()
                : pages.ofRuns(runs.stream().map(RunInfo::id).toList());
        Map<UUID, List<PageLine>> byRun = all.stream().collect(Collectors.groupingBy(PageLine::run));
        Map<UUID, List<Attempt>> attempts = attempts(all).stream().collect(Collectors.groupingBy(Attempt::run));
        return runs.stream()
                .collect(Collectors.toMap(
                        RunInfo::id,
                        run -> new Standing(
                                progress(run, byRun.getOrDefault(run.id(), List.of())),
                                attempts.getOrDefault(run.id(), List.of()))));
    }

    /** How far the pages of runs have come, by run. */
    public Map<UUID, Progress> progress(Collection<RunInfo> runs) {
        Map<UUID, List<PageLine>> byRun = runs.isEmpty()
                ? Map.of()
                : pages.ofRuns(runs.stream().map(RunInfo::id).toList()).stream()
                        .collect(Collectors.groupingBy(PageLine::run));
        return runs.stream()
                .collect(Collectors.toMap(RunInfo::id, run -> progress(run, byRun.getOrDefault(run.id(), List.of()))));
    }

    public Progress progress(UUID run) {
        return progress(printings.run(run), pages.ofRuns(List.of(run)));
    }

    private static Progress progress(RunInfo run, List<PageLine> all) {
        Set<UUID> read = new HashSet<>();
        Set<UUID> confirmed = new HashSet<>();
        all.stream().filter(PageLine::isRead).forEach(p -> read.add(p.printedPage()));
        all.stream().filter(PageLine::isRead).filter(PageLine::confirmed).forEach(p -> confirmed.add(p.printedPage()));
        int waiting = (int) all.stream().filter(PageLine::isWaiting).count();
        int unreadable = (int) all.stream()
                .filter(p -> p.state() == ReturnedPage.State.UNREADABLE)
                .count();
        return new Progress(run.pages(), waiting, read.size(), confirmed.size(), unreadable);
    }

    /** What was read in the fields of pages, in the order of the sheet, by page. */
    public Map<UUID, List<Box>> boxes(Collection<UUID> ofPages) {
        return ofPages.isEmpty()
                ? Map.of()
                : pages.readingsOf(ofPages).stream()
                        .collect(Collectors.toMap(ReturnedPages.Reading::page, r -> boxes(r.reading())));
    }

    /** A field as it was done before. @param read when the reading was made that its picture belongs to */
    public record Earlier(UUID page, Instant received, Instant read, String field) {}

    /** What came back of fields before, by the field here: of each the last. @param before the first first */
    public Map<String, Earlier> earlier(List<Printings.Before> before) {
        return Require.key(earlier(Map.of("", before)), "");
    }

    /** The same of many pages at once. */
    public <K> Map<K, Map<String, Earlier>> earlier(Map<K, List<Printings.Before>> before) {
        Set<UUID> printed = before.values().stream()
                .flatMap(Collection::stream)
                .flatMap(b -> b.pages().stream())
                .collect(Collectors.toSet());
        Map<UUID, Attempt> attempts =
                attemptsAt(printed).stream().collect(Collectors.toMap(Attempt::printedPage, Function.identity()));
        Map<UUID, List<Box>> boxes =
                boxes(attempts.values().stream().map(Attempt::page).toList());
        Map<K, Map<String, Earlier>> all = new HashMap<>();
        before.forEach((key, of) -> {
            Map<String, Earlier> byField = new HashMap<>();
            for (Printings.Before b : of) {
                b.pages().stream()
                        .map(attempts::get)
                        .filter(Objects::nonNull)
                        .forEach(a -> Require.key(boxes, a.page()).stream()
                                .filter(box -> b.names().containsKey(box.field()))
                                .forEach(box -> byField.put(
                                        b.names().get(box.field()),
                                        new Earlier(a.page(), a.received(), a.read(), box.field()))));
            }
            all.put(key, byField);
        });
        return all;
    }

    /** The attempts that count of printed pages. */
    public List<Attempt> attemptsAt(Collection<UUID> printedPages) {
        return printedPages.isEmpty() ? List.of() : attempts(pages.ofPrintedPages(printedPages));
    }

    /** What was read on pages, by page. */
    public Map<UUID, PageReading> readings(Collection<UUID> ofPages) {
        return ofPages.isEmpty()
                ? Map.of()
                : pages.readingsOf(ofPages).stream()
                        .collect(Collectors.toMap(ReturnedPages.Reading::page, r -> json.reading(r.reading())));
    }

    private List<Box> boxes(String reading) {
        return json.reading(reading).fields().stream()
                .map(f -> new Box(f.field(), f.lightness().value(), f.blank()))
                .toList();
    }

    /** Unreadable pages that belong to no printed page (yet). */
    public int unplaced() {
        return pages.countUnplaced();
    }

    /** Of each printed page the attempt that counts. @param lines in the order they came */
    private List<Attempt> attempts(List<PageLine> lines) {
        Map<UUID, PageLine> best = new HashMap<>();
        lines.stream()
                .filter(PageLine::isRead)
                .forEach(p -> best.merge(p.printedPage(), p, (a, b) -> a.confirmed() && !b.confirmed() ? a : b));
        Map<UUID, List<Mark>> byPage = marks(best.values());
        return best.values().stream()
                .map(p -> new Attempt(
                        p.id(),
                        p.printedPage(),
                        p.run(),
                        p.student(),
                        p.confirmed(),
                        p.received(),
                        p.readAt(),
                        byPage.getOrDefault(p.id(), List.of())))
                .toList();
    }

    private Map<UUID, List<Mark>> marks(Collection<PageLine> of) {
        return rows.marksOf(of.stream().map(PageLine::id).toList()).stream()
                .collect(Collectors.groupingBy(GoalMark::page, Collectors.mapping(Returns::mark, Collectors.toList())));
    }

    private static Mark mark(GoalMark m) {
        return new Mark(m.id(), m.exercise(), m.goal(), m.proposed(), m.standing(), m.figure(), m.cause(), m.field());
    }

    /** Takes the proposals, or the levels given instead, as the teacher's decision. @param changed by mark */
    public void confirm(UUID page, Map<UUID, Level> changed) {
        decisions.confirm(page, changed);
    }
}
