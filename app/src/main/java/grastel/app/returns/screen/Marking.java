package grastel.app.returns.screen;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import grastel.app.returns.page.Decisions;
import grastel.app.returns.screen.ReturnViews.GoalLevel;
import grastel.app.returns.screen.ReturnViews.NoteRequest;
import grastel.app.returns.screen.ReturnViews.PageDetail;
import grastel.app.returns.work.PageSorting;
import grastel.core.judging.Level;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a teacher decides about a page, and the page as it stands then: one transaction, so that nothing is asked for twice. */
@Service
@Transactional
class Marking {
    private final Decisions decisions;
    private final PageSorting sorting;
    private final ShownPages views;

    Marking(Decisions decisions, PageSorting sorting, ShownPages views) {
        this.decisions = decisions;
        this.sorting = sorting;
        this.views = views;
    }

    PageDetail confirm(UUID page, List<GoalLevel> changed) {
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

    PageDetail reopen(UUID page) {
        decisions.reopen(page);
        return views.detail(page);
    }

    PageDetail note(UUID page, NoteRequest request) {
        sorting.note(page, request.flagged(), request.note());
        return views.detail(page);
    }
}
