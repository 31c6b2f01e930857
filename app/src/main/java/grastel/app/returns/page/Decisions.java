package grastel.app.returns.page;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import grastel.app.platform.Ownership;
import grastel.core.judging.Level;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a teacher decides about proposals; every change is kept with who and when. */
@Service
@Transactional
public class Decisions {
    private final PageRows rows;
    private final MarkChanges changes;
    private final ReturnEvents events;
    private final Clock clock;

    Decisions(PageRows rows, MarkChanges changes, ReturnEvents events, Clock clock) {
        this.rows = rows;
        this.changes = changes;
        this.events = events;
        this.clock = clock;
    }

    /** Takes the proposals of a reading as the teacher's decision; false where the page has been confirmed or read anew since. */
    public boolean confirmAsRead(UUID id, Instant read) {
        ReturnedPage page = rows.forChange(id);
        if (page.confirmedAt() != null || !read.equals(page.readAt())) {
            return false;
        }
        confirm(page, Map.of());
        return true;
    }

    /** What somebody saw of a page, in one word: when it was read and when it was confirmed. */
    public static String seen(@Nullable Instant read, @Nullable Instant confirmed) {
        return (read == null ? "" : read) + "/" + (confirmed == null ? "" : confirmed);
    }

    /** False where a page was read, confirmed or reopened since somebody saw it so. It stays locked until the transaction ends. */
    public boolean isAsSeen(UUID id, String seen) {
        ReturnedPage page = rows.forChange(id);
        return seen.equals(seen(page.readAt(), page.confirmedAt()));
    }

    /** Takes the proposals, or the levels given instead, as the teacher's decision. @param changed by mark */
    public void confirm(UUID id, Map<UUID, Level> changed) {
        confirm(rows.forChange(id), changed);
    }

    private void confirm(ReturnedPage page, Map<UUID, Level> changed) {
        if (page.state() != ReturnedPage.State.READ) {
            throw ApiProblem.conflict("NOT_READ", say("problem.this-page-has-not"));
        }
        requireMarksOf(page, changed.keySet());
        Instant now = clock.instant();
        for (GoalMark mark : page.marks()) {
            Level to = changed.getOrDefault(mark.id(), mark.proposed());
            if (mark.level() != to) {
                changes.save(new MarkChange(mark, to, Ownership.deciding()));
            }
            mark.decide(to, Ownership.deciding(), now);
        }
        page.confirmed(now);
        events.changed(page);
    }

    private static void requireMarksOf(ReturnedPage page, Set<UUID> marks) {
        Set<UUID> own = page.marks().stream().map(GoalMark::id).collect(Collectors.toSet());
        if (!own.containsAll(marks)) {
            throw ApiProblem.conflict("CHANGED_ELSEWHERE", say("problem.this-page-was-read"));
        }
    }

    /** Takes a confirmation back: the proposals stand again, undecided. */
    public void reopen(UUID id) {
        ReturnedPage page = rows.forChange(id);
        if (page.confirmedAt() == null) {
            throw ApiProblem.conflict("NOT_CONFIRMED", say("problem.this-page-has-not-been"));
        }
        page.marks().stream()
                .filter(m -> m.level() != null)
                .forEach(m -> changes.save(new MarkChange(m, null, Ownership.deciding())));
        page.reopen();
        events.changed(page);
    }

    /** What was decided about a page, in order. */
    public List<MarkChange> history(UUID page) {
        return changes.findByPageOrderByCreatedAt(page);
    }
}
