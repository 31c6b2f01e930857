package grastel.app.returns.work;

import static grastel.core.words.Words.say;

import grastel.app.classes.StudentsDeleted;
import grastel.app.platform.AfterCommit;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.Ownership;
import grastel.app.returns.api.PagesWait;
import grastel.app.returns.page.PageAssignment;
import grastel.app.returns.page.PageRows;
import grastel.app.returns.page.ReturnEvents;
import grastel.app.returns.page.ReturnedPage;
import grastel.app.returns.page.ReturnedPages;
import grastel.app.returns.page.ScanFiles;
import grastel.app.returns.page.WrittenNote;
import grastel.app.sheets.Printings;
import grastel.app.sheets.Printings.PageInfo;
import grastel.core.checks.Require;
import grastel.core.exercise.plan.FieldPlan;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Whose a page is, whether it is read again, put aside or thrown away. Whatever changes a page takes it for itself first. */
@Service
@Transactional
public class PageSorting {
    private final PageRows rows;
    private final ReturnedPages pages;
    private final ScanFiles files;
    private final Printings printings;
    private final ReadingWorkers workers;
    private final ReturnEvents events;
    private final ApplicationEventPublisher news;

    PageSorting(
            PageRows rows,
            ReturnedPages pages,
            ScanFiles files,
            Printings printings,
            ReadingWorkers workers,
            ReturnEvents events,
            ApplicationEventPublisher news) {
        this.rows = rows;
        this.pages = pages;
        this.files = files;
        this.printings = printings;
        this.workers = workers;
        this.events = events;
        this.news = news;
    }

    /** Words for the student of a page, and whether it is put aside for a second look; null leaves either as it is. */
    public boolean note(UUID id, @Nullable Boolean flagged, @Nullable String words, String seen) {
        ReturnedPage page = rows.find(id);
        if (words != null && pages.note(id, words.strip(), seen.strip(), Ownership.deciding()) == 0) {
            return false;
        }
        if (flagged != null) {
            pages.flag(id, flagged);
        }
        events.changed(page);
        return true;
    }

    /** The words on a page as they are now. */
    public WrittenNote written(UUID id) {
        return pages.written(id).orElseThrow(() -> ApiProblem.notFound(say("thing.page")));
    }

    /** Two pages of one sheet that were taken for one another's change places; both are read again as what they are. */
    public void swap(UUID one, UUID other) {
        Map<UUID, ReturnedPage> both = Stream.of(one, other)
                .distinct()
                .sorted()
                .map(rows::forChange)
                .collect(Collectors.toMap(ReturnedPage::id, Function.identity()));
        ReturnedPage a = Require.key(both, one);
        ReturnedPage b = Require.key(both, other);
        requireOpen(a);
        requireOpen(b);
        if (a.printedPage() == null
                || b.printedPage() == null
                || a.printedPage().equals(b.printedPage())) {
            throw ApiProblem.conflict("NOT_TWO_STUDENTS", say("problem.only-pages-of-two"));
        }
        PageAssignment mine = a.whose();
        a.queueAgain(b.whose(), a.corners());
        b.queueAgain(mine, b.corners());
        queued(a);
        queued(b);
    }

    /** Says by hand whose page it is, and where its corners are; it is then read again. */
    public void match(UUID id, UUID printedPage, @Nullable Corners corners) {
        PageAssignment whose = PageAssignment.of(printings.page(printedPage));
        if (corners != null && corners.ofDrawing() && !hasPicture(printedPage)) {
            throw ApiProblem.invalid("drawing", "NO_PICTURE", say("problem.this-sheet-has-no"));
        }
        ReturnedPage page = rows.forChange(id);
        requireOpen(page);
        page.queueAgain(whose, corners == null ? null : corners.toString());
        queued(page);
    }

    /** Whether pages of a run hold a picture. */
    public boolean holdsPicture(UUID run) {
        return printings.pages(run).stream()
                .findFirst()
                .map(PageInfo::id)
                .filter(this::hasPicture)
                .isPresent();
    }

    private boolean hasPicture(UUID printedPage) {
        return printings.printed(printedPage).plan().fields().stream().anyMatch(FieldPlan::hasPicture);
    }

    /** Reads a page once more, as it came. */
    public void again(UUID id) {
        ReturnedPage page = rows.forChange(id);
        requireOpen(page);
        page.queueAgain(null, null);
        queued(page);
    }

    private void queued(ReturnedPage page) {
        events.changed(page);
        news.publishEvent(new PagesWait());
    }

    public void cancel(UUID id) {
        ReturnedPage page = rows.forChange(id);
        if (page.state() == ReturnedPage.State.QUEUED || page.state() == ReturnedPage.State.READING) {
            page.cancel();
            events.changed(page);
            AfterCommit.run(() -> workers.cancel(id));
        }
    }

    /** Deletes a page with its pictures and marks, and its file when it was the last page of it. */
    public void delete(UUID id) {
        ReturnedPage page = rows.forChange(id);
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

    private static void requireOpen(ReturnedPage page) {
        if (page.confirmedAt() != null) {
            throw ApiProblem.conflict("CONFIRMED", say("problem.you-have-confirmed-this"));
        }
        if (page.state() == ReturnedPage.State.READING) {
            throw ApiProblem.conflict("BEING_READ", say("problem.this-page-is-being"));
        }
    }
}
