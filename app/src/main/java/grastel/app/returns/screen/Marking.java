package grastel.app.returns.screen;

import static grastel.core.words.Words.say;

import grastel.app.account.Accounts;
import grastel.app.platform.ApiProblem;
import grastel.app.returns.page.Decisions;
import grastel.app.returns.page.WrittenNote;
import grastel.app.returns.screen.ReturnViews.ConfirmRequest;
import grastel.app.returns.screen.ReturnViews.DecisionView;
import grastel.app.returns.screen.ReturnViews.GoalLevel;
import grastel.app.returns.screen.ReturnViews.NoteRequest;
import grastel.app.returns.screen.ReturnViews.PageDetail;
import grastel.app.returns.work.PageSorting;
import grastel.core.judging.Level;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a teacher decides about a page, and the page as it stands then: one transaction, so that nothing is asked for twice. */
@Service
@Transactional
class Marking {
    private static final String CHANGED = "CHANGED_ELSEWHERE";

    private final Decisions decisions;
    private final PageSorting sorting;
    private final ShownPages views;
    private final Accounts accounts;

    Marking(Decisions decisions, PageSorting sorting, ShownPages views, Accounts accounts) {
        this.decisions = decisions;
        this.sorting = sorting;
        this.views = views;
        this.accounts = accounts;
    }

    PageDetail confirm(UUID page, ConfirmRequest request) {
        requireAsSeen(page, request.seen());
        List<GoalLevel> changed = request.changed();
        Map<UUID, Level> levels = new HashMap<>();
        for (int i = 0; i < changed.size(); i++) {
            GoalLevel one = changed.get(i);
            if (levels.putIfAbsent(one.mark(), one.level()) != null) {
                throw ApiProblem.invalid("changed[" + i + "].mark", "TWICE", say("problem.a-goal-was-sent"));
            }
        }
        decisions.confirm(page, levels);
        return views.detail(page);
    }

    PageDetail reopen(UUID page, String seen) {
        requireAsSeen(page, seen);
        decisions.reopen(page);
        return views.detail(page);
    }

    PageDetail note(UUID page, NoteRequest request) {
        if (!sorting.note(page, request.flagged(), request.note(), request.seen())) {
            WrittenNote now = sorting.written(page);
            String by = now.by() == null ? say("thing.somebody") : accounts.displayName(now.by());
            throw ApiProblem.conflict(CHANGED, say("problem.note-changed", by, now.words()));
        }
        return views.detail(page);
    }

    /** Whoever decides must have seen what was decided last: what it was, and by whom, is told. */
    private void requireAsSeen(UUID page, String seen) {
        if (decisions.isAsSeen(page, seen)) {
            return;
        }
        PageDetail now = views.detail(page);
        List<DecisionView> history = now.history();
        if (history.isEmpty()) {
            throw ApiProblem.conflict(CHANGED, say("problem.page-read-anew"));
        }
        String by = history.get(history.size() - 1).by();
        throw ApiProblem.conflict(
                CHANGED,
                now.row().confirmed()
                        ? say("problem.page-confirmed-meanwhile", by, levels(now))
                        : say("problem.page-reopened-meanwhile", by));
    }

    private static String levels(PageDetail page) {
        return page.goals().stream()
                .map(goal -> goal.called().label() + " " + goal.level())
                .collect(Collectors.joining(", "));
    }
}
