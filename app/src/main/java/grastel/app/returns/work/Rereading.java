package grastel.app.returns.work;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import grastel.app.returns.page.GoalMark;
import grastel.app.returns.page.NewMark;
import grastel.app.returns.page.PageAssignment;
import grastel.app.returns.page.PageImage;
import grastel.app.returns.page.PageRows;
import grastel.app.returns.page.ReturnEvents;
import grastel.app.returns.page.ReturnedPage;
import grastel.app.returns.work.PageStore.Result;
import grastel.app.returns.work.PageStore.Taken;
import grastel.app.returns.work.ReadingJob.Read;
import grastel.core.judging.Proposal;
import grastel.core.reading.Overlays;
import grastel.core.reading.picture.UnreadablePage;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/**
 * Another look at a page that was read before, with the reader as it is now. First what it would change is shown; only then is
 * it taken over, and marks a teacher has decided stay as decided.
 */
@Service
public class Rereading {
    private final PageRows rows;
    private final ReadingJob job;
    private final PageStore store;
    private final Pictures pictures;
    private final ReturnEvents events;

    Rereading(PageRows rows, ReadingJob job, PageStore store, Pictures pictures, ReturnEvents events) {
        this.rows = rows;
        this.job = job;
        this.store = store;
        this.pictures = pictures;
        this.events = events;
    }

    /** What would change, goal by goal; goals that would stay as they are are left out. */
    public List<RereadGoalView> preview(UUID id) {
        Result now = look(id, job::again).result();
        // A goal over several pages is kept with one of them.
        List<UUID> pages = new ArrayList<>(rows.readOf(now.siblings()));
        pages.add(id);
        List<GoalMark> marks = rows.marksOf(pages);
        List<RereadGoalView> changes = new ArrayList<>();
        for (NewMark mark : store.marks(now)) {
            Optional<GoalMark> before = marks.stream().filter(mark::isOf).findFirst();
            if (before.isEmpty() || differs(before.get(), mark.proposal())) {
                changes.add(view(before, mark.proposal()));
            }
        }
        return changes;
    }

    public void adopt(UUID id) {
        Read now = look(id, job::again);
        store.renew(id, now.result());
        pictures.make(id, now);
        events.changed(id, now.result().whose());
    }

    /** What a page's figures are read from. */
    public Overlays overlays(UUID id) {
        return look(id, job::overlays);
    }

    /** How much lighter or darker than planned its pictures are. */
    public BufferedImage againstPlan(UUID id) {
        return look(id, job::againstPlan);
    }

    /** Corners of a drawing without markers, as they seem to lie in a page that was not read; none where none is seen. */
    public Optional<List<double[]>> drawing(UUID id) {
        try {
            return job.drawing(Taken.of(rows.find(id), null));
        } catch (UnreadablePage e) {
            return Optional.empty();
        }
    }

    /** A straightened picture; made anew where the program ended between keeping a page's figures and its pictures. */
    public byte[] picture(UUID id, String part) {
        return own(id, part).or(() -> elsewhere(id, part)).orElseThrow(() -> ApiProblem.notFound(say("thing.picture")));
    }

    private Optional<byte[]> own(UUID id, String part) {
        return pictures.find(id, part).or(() -> made(id, part));
    }

    /**
     * A field that a goal of this page names and that is on another: a goal over several pages is kept with one of them, and
     * what is done again is judged together with what was there before.
     */
    private Optional<byte[]> elsewhere(UUID id, String field) {
        PageAssignment whose = rows.find(id).whose();
        if (whose == null || field.equals(PageImage.WHOLE)) {
            return Optional.empty();
        }
        return job.alsoAt(whose.printedPage(), field)
                .flatMap(place -> rows.readOf(place.printedPages()).stream().map(page -> own(page, place.field())))
                .flatMap(Optional::stream)
                .findFirst();
    }

    private Optional<byte[]> made(UUID id, String part) {
        ReturnedPage page = rows.find(id);
        return page.state() == ReturnedPage.State.READ
                ? pictures.makeMissing(id, part, page.readAt(), () -> look(id, job::again))
                : Optional.empty();
    }

    private interface Look<T> {
        T at(Taken page) throws UnreadablePage;
    }

    private <T> T look(UUID id, Look<T> look) {
        ReturnedPage page = rows.find(id);
        if (page.state() != ReturnedPage.State.READ) {
            throw ApiProblem.conflict("NOT_READ", say("problem.this-page-has-not"));
        }
        try {
            return look.at(Taken.of(page, null));
        } catch (UnreadablePage e) {
            throw new ApiProblem(
                    HttpStatus.UNPROCESSABLE_CONTENT, e.problem().name(), say("problem.this-time-the-page"));
        }
    }

    private static boolean differs(GoalMark before, Proposal now) {
        Double figure = now.figure() == null ? null : now.figure().value();
        boolean sameFigure = figure == null
                ? before.figure() == null
                : before.figure() != null
                        && Math.abs(figure - before.figure())
                                < Math.pow(10, -now.goal().digits()) / 2;
        return before.proposed() != now.level() || !sameFigure;
    }

    private static RereadGoalView view(Optional<GoalMark> before, Proposal now) {
        return new RereadGoalView(
                now.goal().label(),
                before.map(m -> m.proposed().ordinal()).orElse(null),
                now.level().ordinal(),
                before.map(GoalMark::figure).orElse(null),
                now.figure() == null ? null : now.figure().value(),
                before.map(GoalMark::level).map(Enum::ordinal).orElse(null));
    }
}
