package grastel.app.returns;

import grastel.app.classes.StudentsDeleted;
import grastel.app.platform.AfterCommit;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.Ownership;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.Sheets.PageInfo;
import grastel.core.exercise.Goal;
import grastel.core.judging.Cause;
import grastel.core.judging.Level;
import grastel.core.reading.PageReading;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The front door of returned pages. */
@Service
@Transactional
public class Returns {
    private final ReturnedPages pages;
    private final ScanFiles files;
    private final MarkChanges changes;
    private final Sheets sheets;
    private final ReadingWorkers workers;
    private final ReturnEvents events;
    private final JsonMapper json;
    private final Clock clock;

    Returns(
            ReturnedPages pages,
            ScanFiles files,
            MarkChanges changes,
            Sheets sheets,
            ReadingWorkers workers,
            ReturnEvents events,
            JsonMapper json,
            Clock clock) {
        this.pages = pages;
        this.files = files;
        this.changes = changes;
        this.sheets = sheets;
        this.workers = workers;
        this.events = events;
        this.json = json;
        this.clock = clock;
    }

    /** A goal of an attempt. @param level the teacher's where confirmed, else the proposal */
    public record Mark(UUID id, Goal goal, Level proposed, Level level, Double figure, Cause cause, String field) {}

    /** A student's page as read. @param boxes L* by box id, in sheet order */
    public record Attempt(
            UUID page,
            UUID printedPage,
            UUID student,
            boolean confirmed,
            Instant received,
            List<Box> boxes,
            List<Mark> marks) {}

    public record Box(String field, double lightness, boolean blank) {}

    /** How far the pages of a run have come. */
    public record Progress(int printed, int waiting, int read, int confirmed, int unreadable) {}

    /** The attempts of a run, one a student: the confirmed page, else the one that came last. */
    public List<Attempt> attempts(UUID run) {
        return attempts(sheets.pages(run));
    }

    private List<Attempt> attempts(List<PageInfo> printed) {
        Map<UUID, ReturnedPage> best = new HashMap<>();
        for (ReturnedPage page : returned(printed)) {
            if (page.state() == ReturnedPage.State.READ) {
                best.merge(
                        page.printedPage(), page, (a, b) -> a.confirmedAt() != null && b.confirmedAt() == null ? a : b);
            }
        }
        return printed.stream()
                .filter(p -> best.containsKey(p.id()))
                .map(p -> attempt(best.get(p.id()), p.student()))
                .toList();
    }

    /** Every attempt of a student over all runs, newest first. */
    public List<Attempt> attemptsOf(UUID student) {
        List<PageInfo> printed = sheets.runs().stream()
                .flatMap(run -> sheets.pages(run.id()).stream())
                .filter(p -> p.student().equals(student))
                .toList();
        return attempts(printed).stream()
                .sorted(Comparator.comparing(Attempt::received).reversed())
                .toList();
    }

    public Progress progress(UUID run) {
        List<PageInfo> printed = sheets.pages(run);
        List<ReturnedPage> all = returned(printed);
        Map<UUID, Boolean> confirmed = new HashMap<>();
        all.stream()
                .filter(p -> p.state() == ReturnedPage.State.READ)
                .forEach(p -> confirmed.merge(p.printedPage(), p.confirmedAt() != null, Boolean::logicalOr));
        int done = (int) confirmed.values().stream().filter(c -> c).count();
        int waiting = (int) all.stream()
                .filter(p -> p.state() == ReturnedPage.State.QUEUED || p.state() == ReturnedPage.State.READING)
                .count();
        int unreadable = (int) all.stream()
                .filter(p -> p.state() == ReturnedPage.State.UNREADABLE)
                .count();
        return new Progress(printed.size(), waiting, confirmed.size(), done, unreadable);
    }

    /** Pages that belong to no printed page (yet): waiting, unreadable or cancelled. */
    public int unplaced() {
        return (int) pages.findByPrintedPageIsNullOrderByCreatedAt().stream()
                .filter(p -> p.state() == ReturnedPage.State.UNREADABLE)
                .count();
    }

    /** Takes the proposals, or the levels given instead, as the teacher's decision. @param changed by mark */
    public void confirm(UUID id, Map<UUID, Level> changed) {
        ReturnedPage page = find(id);
        if (page.state() != ReturnedPage.State.READ) {
            throw ApiProblem.conflict("NOT_READ", "This page has not been read yet.");
        }
        Instant now = clock.instant();
        for (GoalMark mark : page.marks()) {
            Level to = changed.getOrDefault(mark.id(), mark.proposed());
            if (mark.level() != to) {
                changes.save(new MarkChange(mark.id(), mark.level(), to, Ownership.current()));
            }
            mark.decide(to, Ownership.current(), now);
        }
        page.confirmed(now);
        events.changed(id);
    }

    /** Takes a confirmation back: the proposals stand again, undecided. */
    void reopen(UUID id) {
        ReturnedPage page = find(id);
        if (page.confirmedAt() == null) {
            throw ApiProblem.conflict("NOT_CONFIRMED", "This page has not been confirmed.");
        }
        page.marks().forEach(m -> changes.save(new MarkChange(m.id(), m.level(), null, Ownership.current())));
        page.reopen();
        events.changed(id);
    }

    List<GoalMark> marks(UUID page) {
        return List.copyOf(find(page).marks());
    }

    /** Puts a page aside for a second look, and words for its student on it. */
    void note(UUID id, boolean flagged, String words) {
        find(id).noted(flagged, words.strip());
        events.changed(id);
    }

    /** What was decided about a page's marks, in order. */
    List<MarkChange> history(ReturnedPage page) {
        return changes.findByMarkInOrderByCreatedAt(
                page.marks().stream().map(GoalMark::id).toList());
    }

    /** Two pages of one sheet that were taken for one another's change places; both are read again as what they are. */
    void swap(UUID one, UUID other) {
        ReturnedPage a = find(one);
        ReturnedPage b = find(other);
        requireOpen(a);
        requireOpen(b);
        if (a.printedPage() == null
                || b.printedPage() == null
                || a.printedPage().equals(b.printedPage())) {
            throw ApiProblem.conflict("NOT_TWO_STUDENTS", "Only pages of two different students can be swapped.");
        }
        UUID mine = a.printedPage();
        a.queueAgain(b.printedPage(), a.corners());
        b.queueAgain(mine, b.corners());
        events.changed(one);
        events.changed(other);
        AfterCommit.run(workers::wake);
    }

    /** Says by hand whose page it is, and where its corners are; it is then read again. */
    void match(UUID id, UUID printedPage, Corners corners) {
        ReturnedPage page = find(id);
        requireOpen(page);
        sheets.page(printedPage);
        page.queueAgain(printedPage, corners == null ? null : corners.toString());
        events.changed(id);
        AfterCommit.run(workers::wake);
    }

    /** Reads a page once more, as it came. */
    void again(UUID id) {
        ReturnedPage page = find(id);
        requireOpen(page);
        page.queueAgain(null, null);
        events.changed(id);
        AfterCommit.run(workers::wake);
    }

    void cancel(UUID id) {
        ReturnedPage page = find(id);
        if (page.state() == ReturnedPage.State.QUEUED || page.state() == ReturnedPage.State.READING) {
            page.cancel();
            events.changed(id);
        }
    }

    /** Deletes a page with its pictures and marks, and its file when it was the last page of it. */
    void delete(UUID id) {
        pages.delete(find(id));
        pages.flush();
        files.deleteWithoutPages();
        events.changed(id);
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

    List<ReturnedPage> ofRun(UUID run) {
        return returned(sheets.pages(run));
    }

    /** What was read of printed pages. */
    List<ReturnedPage> readOf(List<UUID> printedPages) {
        return pages.findByPrintedPageInOrderByCreatedAt(printedPages).stream()
                .filter(p -> p.state() == ReturnedPage.State.READ)
                .toList();
    }

    List<ReturnedPage> withoutSheet() {
        return pages.findByPrintedPageIsNullOrderByCreatedAt();
    }

    Map<UUID, String> fileNames(Collection<ReturnedPage> of) {
        List<UUID> ids = of.stream().map(ReturnedPage::file).distinct().toList();
        return files.names(ids).stream()
                .collect(Collectors.toMap(ScanFiles.FileName::getId, ScanFiles.FileName::getName));
    }

    ScanFile file(UUID id) {
        return files.findById(id).orElseThrow(() -> ApiProblem.notFound("file"));
    }

    PageReading reading(ReturnedPage page) {
        return json.readValue(page.reading(), PageReading.class);
    }

    private List<ReturnedPage> returned(List<PageInfo> printed) {
        return pages.findByPrintedPageInOrderByCreatedAt(
                printed.stream().map(PageInfo::id).toList());
    }

    private Attempt attempt(ReturnedPage page, UUID student) {
        List<Box> boxes = reading(page).fields().stream()
                .map(f -> new Box(f.field(), f.lightness().value(), f.blank()))
                .toList();
        List<Mark> marks = new ArrayList<>();
        page.marks()
                .forEach(m -> marks.add(new Mark(
                        m.id(),
                        m.goal(),
                        m.proposed(),
                        m.level() == null ? m.proposed() : m.level(),
                        m.figure(),
                        m.cause(),
                        m.field())));
        return new Attempt(
                page.id(), page.printedPage(), student, page.confirmedAt() != null, page.createdAt(), boxes, marks);
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
