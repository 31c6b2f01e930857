package grastel.app.returns.page;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import grastel.app.stored.StoredJson;
import grastel.core.checks.Require;
import grastel.core.reading.PageReading;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Returned pages of the teacher who asks, as they are kept. */
@Service
@Transactional
public class PageRows {
    private final ReturnedPages pages;
    private final GoalMarks marks;
    private final StoredJson json;

    PageRows(ReturnedPages pages, GoalMarks marks, StoredJson json) {
        this.pages = pages;
        this.marks = marks;
        this.json = json;
    }

    /** A page, if it is this teacher's. */
    public ReturnedPage find(UUID id) {
        return pages.findById(id).orElseThrow(() -> ApiProblem.notFound(say("thing.page")));
    }

    /** A page, if it is this teacher's, which nobody else changes until the transaction ends. */
    public ReturnedPage forChange(UUID id) {
        return pages.forChange(id).orElseThrow(() -> ApiProblem.notFound(say("thing.page")));
    }

    public PageLine line(UUID id) {
        return pages.line(id).orElseThrow(() -> ApiProblem.notFound(say("thing.page")));
    }

    /** Of pages that are this teacher's. */
    public List<PageLine> linesOf(Collection<UUID> ids) {
        return ids.isEmpty() ? List.of() : pages.lines(ids);
    }

    public List<PageLine> ofRun(UUID run) {
        return pages.ofRuns(List.of(run));
    }

    /** Ids of what was read of printed pages. */
    public List<UUID> readOf(List<UUID> printedPages) {
        return printedPages.isEmpty() ? List.of() : pages.readOf(printedPages);
    }

    public List<PageLine> withoutSheet() {
        return pages.withoutSheet();
    }

    public PageReading reading(ReturnedPage page) {
        return json.reading(Require.present(page.reading(), "what was read of a page"));
    }

    List<GoalMark> marks(UUID page) {
        return marksOf(List.of(page));
    }

    public List<GoalMark> marksOf(Collection<UUID> ofPages) {
        return ofPages.isEmpty() ? List.of() : marks.ofPages(ofPages);
    }
}
