package grastel.app.returns.screen;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import grastel.app.returns.page.Decisions;
import grastel.app.returns.page.GoalMark;
import grastel.app.returns.page.PageRows;
import grastel.app.returns.page.ReturnedPage;
import grastel.app.returns.page.ReturnedPages;
import grastel.app.returns.screen.ReturnViews.Notice;
import grastel.app.returns.screen.ReturnViews.PageRow;
import grastel.app.returns.screen.SureController.SureGoalView;
import grastel.app.returns.screen.SureController.SurePage;
import grastel.app.returns.screen.SureController.SureView;
import grastel.app.stored.StoredJson;
import grastel.core.checks.Require;
import grastel.core.judging.Level;
import grastel.core.reading.PageReading;
import grastel.core.reading.fields.FieldReading;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pages whose proposals leave nothing open: looked at together and accepted at once. */
@Service
@Transactional
class SurePages {
    /** What does not keep a page from being accepted with others. */
    private static final Set<Notice> HARMLESS =
            EnumSet.of(Notice.SHARED_PICTURE, Notice.THREE_MARKERS, Notice.ANOTHER_SHEET, Notice.OLDER_READER);

    private final ShownPages views;
    private final PageRows kept;
    private final Decisions decisions;
    private final ReturnedPages pages;
    private final StoredJson json;

    SurePages(ShownPages views, PageRows kept, Decisions decisions, ReturnedPages pages, StoredJson json) {
        this.views = views;
        this.kept = kept;
        this.decisions = decisions;
        this.pages = pages;
        this.json = json;
    }

    /** By name. */
    List<SureView> of(UUID run) {
        List<PageRow> rows = views.ofRun(run).stream().filter(SurePages::isSure).toList();
        List<UUID> ids = rows.stream().map(PageRow::id).toList();
        if (ids.isEmpty()) {
            return List.of();
        }
        Map<UUID, PageReading> readings = pages.readingsOf(ids).stream()
                .collect(Collectors.toMap(ReturnedPages.Reading::page, r -> json.reading(r.reading())));
        Map<UUID, List<GoalMark>> marks = kept.marksOf(ids).stream().collect(Collectors.groupingBy(GoalMark::page));
        return rows.stream()
                .filter(row -> Require.key(readings, row.id()).keys().suspects().isEmpty())
                .map(row -> view(row, Require.key(readings, row.id()), marks.getOrDefault(row.id(), List.of())))
                .sorted(Comparator.comparing(v -> v.student().name()))
                .toList();
    }

    private static boolean isSure(PageRow row) {
        return row.state() == ReturnedPage.State.READ
                && !row.confirmed()
                && !row.close()
                && !row.flagged()
                && !row.levels().isEmpty()
                && HARMLESS.containsAll(row.notices());
    }

    private static SureView view(PageRow row, PageReading reading, List<GoalMark> marks) {
        return new SureView(
                row.id(),
                row.read(),
                Require.present(row.place(), "whose it is").student(),
                reading.fields().stream()
                        .filter(f -> !f.blank())
                        .map(FieldReading::field)
                        .toList(),
                marks.stream().map(SurePages::goal).toList());
    }

    private static SureGoalView goal(GoalMark mark) {
        boolean secure = mark.proposed().compareTo(Level.SECURE) >= 0;
        return new SureGoalView(
                mark.goal().label(),
                mark.proposed().ordinal(),
                secure || mark.cause() == null ? null : mark.cause().sign(),
                mark.field());
    }

    /** Confirms all of them as proposed, or none where one is no longer what was looked at. */
    void accept(UUID run, List<SurePage> looked) {
        Map<UUID, SureView> sure = of(run).stream().collect(Collectors.toMap(SureView::id, v -> v));
        looked.stream().sorted(Comparator.comparing(SurePage::page)).distinct().forEach(page -> {
            SureView now = sure.get(page.page());
            if (now == null || !decisions.confirmAsRead(page.page(), page.read())) {
                throw ApiProblem.conflict("CHANGED_ELSEWHERE", say("problem.a-page-was-read"));
            }
        });
    }
}
