package grastel.app.returns;

import grastel.app.classes.StudentsDeleted;
import grastel.app.platform.AfterCommit;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.Ownership;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.Sheets.PageInfo;
import grastel.app.sheets.Sheets.RunInfo;
import grastel.core.exercise.FieldPlan;
import grastel.core.exercise.Goal;
import grastel.core.exercise.GradeBand;
import grastel.core.exercise.Ladder;
import grastel.core.judging.Cause;
import grastel.core.judging.Level;
import grastel.core.reading.PageReading;
import java.time.Clock;
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
import java.util.stream.Stream;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The front door of returned pages. Whatever changes a page's state takes the page for itself first. */
@Service
@Transactional
public class Returns {
    private final ReturnedPages pages;
    private final GoalMarks marks;
    private final ScanFiles files;
    private final MarkChanges changes;
    private final Sheets sheets;
    private final ReadingWorkers workers;
    private final ReturnEvents events;
    private final JsonMapper json;
    private final Clock clock;

    Returns(
            ReturnedPages pages,
            GoalMarks marks,
            ScanFiles files,
            MarkChanges changes,
            Sheets sheets,
            ReadingWorkers workers,
            ReturnEvents events,
            JsonMapper json,
            Clock clock) {
        this.pages = pages;
        this.marks = marks;
        this.files = files;
        this.changes = changes;
        this.sheets = sheets;
        this.workers = workers;
        this.events = events;
        this.json = json;
        this.clock = clock;
    }

    /** A goal of an attempt. @param exercise of the sheet, from 0; @param level the teacher's where confirmed, else the proposal */
    public record Mark(
            UUID id, int exercise, Goal goal, Level proposed, Level level, Double figure, Cause cause, String field) {
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

    /** How far a student came on a page. @param field the last one begun, in the order of work */
    public record Reach(UUID schoolClass, UUID sheet, UUID run, UUID student, String field, Instant received) {}

    /**
     * A goal as a teacher confirmed it.
     *
     * @param exercise of the sheet, from 0
     * @param nearly, secure and beyond thresholds it was held against
     * @param band they are for
     * @param field to look at; of a goal of a whole set the last one begun
     * @param read when the reading was made that its pictures belong to
     */
    public record Confirmed(
            UUID student,
            UUID run,
            int exercise,
            String kind,
            Goal goal,
            Level level,
            Double figure,
            Double plusMinus,
            double nearly,
            double secure,
            double beyond,
            GradeBand band,
            Cause cause,
            String field,
            UUID page,
            Instant read,
            Instant received) {
        /** Its student did not come so far: that says nothing of what was done. */
        public boolean isNotReached() {
            return level == Level.NOT_TRIED && cause == Cause.NOT_REACHED;
        }

        /** The attempt it is a goal of. */
        public Tried attempt() {
            return new Tried(student, run, exercise);
        }

        /** The level as it counts in a band. */
        public Level in(GradeBand now) {
            return level.moved(figure, new Ladder(nearly, secure, beyond), band, now);
        }
    }

    /** What one student gave in of one exercise of one printing. @param exercise of the sheet, from 0 */
    public record Tried(UUID student, UUID run, int exercise) {}

    /** Every goal confirmed of classes' students, the first received first; those that were not tried too. */
    public List<Confirmed> confirmed(Collection<UUID> classes) {
        return classes.isEmpty() ? List.of() : marks.confirmed(classes);
    }

    /** The same of one student. */
    public List<Confirmed> confirmedOf(UUID student) {
        return marks.confirmedOf(student);
    }

    /** Of all pages of classes that were read, the first received first. */
    public List<Reach> reached(Collection<UUID> classes) {
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
        List<UUID> order = sheets.pages(run).stream().map(PageInfo::id).toList();
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
        return progress(sheets.run(run), pages.ofRuns(List.of(run)));
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
    public Map<String, Earlier> earlier(List<Sheets.Before> before) {
        return earlier(Map.of("", before)).get("");
    }

    /** The same of many pages at once. */
    public <K> Map<K, Map<String, Earlier>> earlier(Map<K, List<Sheets.Before>> before) {
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
            for (Sheets.Before b : of) {
                b.pages().stream()
                        .map(attempts::get)
                        .filter(Objects::nonNull)
                        .forEach(a -> boxes.get(a.page()).stream()
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
                        .collect(Collectors.toMap(
                                ReturnedPages.Reading::page, r -> json.readValue(r.reading(), PageReading.class)));
    }

    private List<Box> boxes(String reading) {
        return json.readValue(reading, PageReading.class).fields().stream()
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
        return marksOf(of.stream().map(PageLine::id).toList()).stream()
                .collect(Collectors.groupingBy(GoalMark::page, Collectors.mapping(Returns::mark, Collectors.toList())));
    }

    private static Mark mark(GoalMark m) {
        return new Mark(m.id(), m.exercise(), m.goal(), m.proposed(), m.standing(), m.figure(), m.cause(), m.field());
    }

    /** Takes the proposals of a reading as the teacher's decision; false where the page has been confirmed or read anew since. */
    boolean confirmAsRead(UUID id, Instant read) {
        ReturnedPage page = forChange(id);
        if (page.confirmedAt() != null || !read.equals(page.readAt())) {
            return false;
        }
        confirm(page, Map.of());
        return true;
    }

    /** Takes the proposals, or the levels given instead, as the teacher's decision. @param changed by mark */
    public void confirm(UUID id, Map<UUID, Level> changed) {
        confirm(forChange(id), changed);
    }

    private void confirm(ReturnedPage page, Map<UUID, Level> changed) {
        if (page.state() != ReturnedPage.State.READ) {
            throw ApiProblem.conflict("NOT_READ", "This page has not been read yet.");
        }
        requireMarksOf(page, changed.keySet());
        Instant now = clock.instant();
        for (GoalMark mark : page.marks()) {
            Level to = changed.getOrDefault(mark.id(), mark.proposed());
            if (mark.level() != to) {
                changes.save(new MarkChange(mark, to, Ownership.current()));
            }
            mark.decide(to, Ownership.current(), now);
        }
        page.confirmed(now);
        events.changed(page);
    }

    private static void requireMarksOf(ReturnedPage page, Set<UUID> marks) {
        Set<UUID> own = page.marks().stream().map(GoalMark::id).collect(Collectors.toSet());
        if (!own.containsAll(marks)) {
            throw ApiProblem.conflict(
                    "CHANGED_ELSEWHERE",
                    "This page was read anew meanwhile and its goals are not those you decided on. Look again.");
        }
    }

    /** Takes a confirmation back: the proposals stand again, undecided. */
    void reopen(UUID id) {
        ReturnedPage page = forChange(id);
        if (page.confirmedAt() == null) {
            throw ApiProblem.conflict("NOT_CONFIRMED", "This page has not been confirmed.");
        }
        page.marks().stream()
                .filter(m -> m.level() != null)
                .forEach(m -> changes.save(new MarkChange(m, null, Ownership.current())));
        page.reopen();
        events.changed(page);
    }

    List<GoalMark> marks(UUID page) {
        return marksOf(List.of(page));
    }

    List<GoalMark> marksOf(Collection<UUID> ofPages) {
        return ofPages.isEmpty() ? List.of() : marks.ofPages(ofPages);
    }

    /** Words for the student of a page, and whether it is put aside for a second look; null leaves either as it is. */
    void note(UUID id, Boolean flagged, String words) {
        int found = flagged == null ? 1 : pages.flag(id, flagged);
        found = words == null ? found : pages.note(id, words.strip());
        if (found == 0) {
            throw ApiProblem.notFound("page");
        }
        events.changed(find(id));
    }

    /** What was decided about a page, in order. */
    List<MarkChange> history(UUID page) {
        return changes.findByPageOrderByCreatedAt(page);
    }

    /** Two pages of one sheet that were taken for one another's change places; both are read again as what they are. */
    void swap(UUID one, UUID other) {
        Map<UUID, ReturnedPage> both = Stream.of(one, other)
                .distinct()
                .sorted()
                .map(this::forChange)
                .collect(Collectors.toMap(ReturnedPage::id, Function.identity()));
        ReturnedPage a = both.get(one);
        ReturnedPage b = both.get(other);
        requireOpen(a);
        requireOpen(b);
        if (a.printedPage() == null
                || b.printedPage() == null
                || a.printedPage().equals(b.printedPage())) {
            throw ApiProblem.conflict("NOT_TWO_STUDENTS", "Only pages of two different students can be swapped.");
        }
        Whose mine = a.whose();
        a.queueAgain(b.whose(), a.corners());
        b.queueAgain(mine, b.corners());
        queued(a);
        queued(b);
    }

    /** Says by hand whose page it is, and where its corners are; it is then read again. */
    void match(UUID id, UUID printedPage, Corners corners) {
        Whose whose = Whose.of(sheets.page(printedPage));
        if (corners != null && corners.ofDrawing() && !hasPicture(printedPage)) {
            throw ApiProblem.invalid(
                    "drawing", "NO_PICTURE", "This sheet has no picture to draw: point at its four markers instead.");
        }
        ReturnedPage page = forChange(id);
        requireOpen(page);
        page.queueAgain(whose, corners == null ? null : corners.toString());
        queued(page);
    }

    /** Whether pages of a run hold a picture. */
    boolean holdsPicture(UUID run) {
        return sheets.pages(run).stream()
                .findFirst()
                .map(PageInfo::id)
                .filter(this::hasPicture)
                .isPresent();
    }

    private boolean hasPicture(UUID printedPage) {
        return sheets.printed(printedPage).plan().fields().stream().anyMatch(FieldPlan::hasPicture);
    }

    /** Reads a page once more, as it came. */
    void again(UUID id) {
        ReturnedPage page = forChange(id);
        requireOpen(page);
        page.queueAgain(null, null);
        queued(page);
    }

    private void queued(ReturnedPage page) {
        events.changed(page);
        AfterCommit.run(workers::wake);
    }

    void cancel(UUID id) {
        ReturnedPage page = forChange(id);
        if (page.state() == ReturnedPage.State.QUEUED || page.state() == ReturnedPage.State.READING) {
            page.cancel();
            events.changed(page);
            AfterCommit.run(() -> workers.cancel(id));
        }
    }

    /** Deletes a page with its pictures and marks, and its file when it was the last page of it. */
    void delete(UUID id) {
        ReturnedPage page = forChange(id);
        pages.delete(page);
        pages.flush();
        files.deleteWithoutPages();
        events.changed(page);
        AfterCommit.run(() -> workers.cancel(id));
    }

    /** Pictures of students who are gone go too. */
    @EventListener
    void forget(StudentsDeleted deleted) {
        files.deleteWithoutPages();
    }

    /** A page, if it is this teacher's. */
    ReturnedPage find(UUID id) {
        return pages.findById(id).orElseThrow(() -> ApiProblem.notFound("page"));
    }

    /** A page, if it is this teacher's, which nobody else changes until the transaction ends. */
    private ReturnedPage forChange(UUID id) {
        return pages.forChange(id).orElseThrow(() -> ApiProblem.notFound("page"));
    }

    PageLine line(UUID id) {
        return pages.line(id).orElseThrow(() -> ApiProblem.notFound("page"));
    }

    /** Of pages that are this teacher's. */
    List<PageLine> linesOf(Collection<UUID> ids) {
        return ids.isEmpty() ? List.of() : pages.lines(ids);
    }

    List<PageLine> ofRun(UUID run) {
        return pages.ofRuns(List.of(run));
    }

    /** Ids of what was read of printed pages. */
    List<UUID> readOf(List<UUID> printedPages) {
        return printedPages.isEmpty() ? List.of() : pages.readOf(printedPages);
    }

    List<PageLine> withoutSheet() {
        return pages.withoutSheet();
    }

    PageReading reading(ReturnedPage page) {
        return json.readValue(page.reading(), PageReading.class);
    }

    private static void requireOpen(ReturnedPage page) {
        if (page.confirmedAt() != null) {
            throw ApiProblem.conflict("CONFIRMED", "You have confirmed this page. Its marks stay as they are.");
        }
        if (page.state() == ReturnedPage.State.READING) {
            throw ApiProblem.conflict("BEING_READ", "This page is being read now. Try again in a moment.");
        }
    }
}
