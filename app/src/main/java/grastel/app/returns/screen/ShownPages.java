package grastel.app.returns.screen;

import grastel.app.account.Accounts;
import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.returns.Returns;
import grastel.app.returns.api.CauseView;
import grastel.app.returns.page.Decisions;
import grastel.app.returns.page.GoalMark;
import grastel.app.returns.page.PageAssignment;
import grastel.app.returns.page.PageLine;
import grastel.app.returns.page.PageRows;
import grastel.app.returns.page.ReturnedPage;
import grastel.app.returns.page.ReturnedPages;
import grastel.app.returns.screen.ReturnViews.BeforeBoxView;
import grastel.app.returns.screen.ReturnViews.BeforeView;
import grastel.app.returns.screen.ReturnViews.CalledView;
import grastel.app.returns.screen.ReturnViews.DecisionView;
import grastel.app.returns.screen.ReturnViews.GoalFigureView;
import grastel.app.returns.screen.ReturnViews.GoalView;
import grastel.app.returns.screen.ReturnViews.KeysView;
import grastel.app.returns.screen.ReturnViews.LadderView;
import grastel.app.returns.screen.ReturnViews.LevelBeforeView;
import grastel.app.returns.screen.ReturnViews.MeasuredFigureView;
import grastel.app.returns.screen.ReturnViews.Notice;
import grastel.app.returns.screen.ReturnViews.PageDetail;
import grastel.app.returns.screen.ReturnViews.PageRow;
import grastel.app.returns.screen.ReturnViews.PersonView;
import grastel.app.returns.screen.ReturnViews.PlaceView;
import grastel.app.returns.screen.ReturnViews.QualityView;
import grastel.app.returns.screen.ReturnViews.SuspectView;
import grastel.app.sheets.Printings;
import grastel.app.sheets.Printings.PageInfo;
import grastel.app.sheets.Printings.PrintedSheet;
import grastel.app.sheets.api.RunInfo;
import grastel.core.checks.Require;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.judging.Judge;
import grastel.core.media.Pencil;
import grastel.core.reading.PageReader;
import grastel.core.reading.PageReading;
import grastel.core.reading.fields.FieldReading;
import grastel.core.reading.keys.KeyReport;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Puts returned pages together with whose they are, for the screen. */
@Component
@Transactional(readOnly = true)
class ShownPages {
    private final Returns returns;
    private final PageRows rows;
    private final Decisions decisions;
    private final ReturnedPages pages;
    private final Printings printings;
    private final Classes classes;
    private final Accounts accounts;

    ShownPages(
            Returns returns,
            PageRows rows,
            Decisions decisions,
            ReturnedPages pages,
            Printings printings,
            Classes classes,
            Accounts accounts) {
        this.returns = returns;
        this.rows = rows;
        this.decisions = decisions;
        this.pages = pages;
        this.printings = printings;
        this.classes = classes;
        this.accounts = accounts;
    }

    List<PageRow> ofRun(UUID run) {
        RunInfo info = printings.run(run);
        ClassInfo to = classes.one(info.schoolClass());
        boolean older = printings.isPrintedAgain(info);
        List<PageLine> lines = rows.ofRun(run);
        Map<UUID, Long> read = lines.stream()
                .filter(PageLine::isRead)
                .collect(Collectors.groupingBy(PageLine::printedPage, Collectors.counting()));
        Map<UUID, List<GoalMark>> marks = rows
                .marksOf(lines.stream().map(PageLine::id).toList())
                .stream()
                .collect(Collectors.groupingBy(GoalMark::page));
        return lines.stream()
                .map(p -> {
                    boolean second = read.getOrDefault(p.printedPage(), 0L) > (p.isRead() ? 1 : 0);
                    return row(
                            p,
                            place(p.printedPage(), p.student(), info, to),
                            marks.getOrDefault(p.id(), List.of()),
                            notices(p, second, older));
                })
                .toList();
    }

    List<PageRow> unplaced() {
        return rows.withoutSheet().stream()
                .map(p -> row(p, null, List.of(), notices(p, false, false)))
                .toList();
    }

    PageDetail detail(UUID id) {
        PageLine line = rows.line(id);
        ReturnedPage page = rows.find(id);
        if (line.printedPage() == null) {
            return unread(row(line, null, List.of(), notices(line, false, false)), page);
        }
        PrintedSheet sheet = printings.printed(line.printedPage());
        PageInfo at = sheet.page();
        PlaceView place = place(at.id(), at.student(), at.run(), sheet.schoolClass());
        List<Notice> notices = notices(line, pages.isReadTwice(at.id(), id), printings.isPrintedAgain(at.run()));
        List<GoalMark> marks = page.marks();
        PageRow row = row(line, place, marks, notices);
        if (page.reading() == null) {
            return unread(row, page);
        }
        PageReading reading = rows.reading(page);
        return new PageDetail(
                row,
                sheet.layout().size().widthMm(),
                sheet.layout().size().heightMm(),
                quality(reading, sheet),
                FieldViews.of(sheet, reading.fields()),
                marks.stream().map(m -> goal(m, sheet)).toList(),
                figures(reading, sheet),
                page.note(),
                history(id, sheet),
                before(page, sheet).orElse(null));
    }

    private PageDetail unread(PageRow row, ReturnedPage page) {
        return new PageDetail(
                row, null, null, null, List.of(), List.of(), List.of(), page.note(), history(page.id(), null), null);
    }

    /** The last page of the same sheet, of whatever printing, that its student gave in before; or what is done again here. */
    private Optional<BeforeView> before(ReturnedPage page, PrintedSheet sheet) {
        if (!sheet.before().isEmpty()) {
            return again(sheet);
        }
        PageAssignment of = Require.present(page.whose(), "whose it is");
        return pages.readBefore(of.student(), of.sheet(), of.part(), page.createdAt(), Limit.of(1)).stream()
                .findFirst()
                .map(p -> new BeforeView(
                        p.createdAt(),
                        rows.reading(p).fields().stream()
                                .map(FieldReading::field)
                                .map(f -> new BeforeBoxView(f, p.id(), p.readAt(), f))
                                .toList(),
                        p.marks().stream().map(m -> before(m, sheet)).toList()));
    }

    private Optional<BeforeView> again(PrintedSheet sheet) {
        Map<String, Returns.Earlier> fields = returns.earlier(sheet.before());
        Map<UUID, Returns.Attempt> attempts =
                returns
                        .attemptsAt(sheet.before().stream()
                                .flatMap(b -> b.pages().stream())
                                .toList())
                        .stream()
                        .collect(Collectors.toMap(Returns.Attempt::printedPage, a -> a));
        return fields.values().stream()
                .map(Returns.Earlier::received)
                .max(Comparator.naturalOrder())
                .map(received -> new BeforeView(
                        received,
                        fields.entrySet().stream()
                                .map(e -> new BeforeBoxView(
                                        e.getKey(),
                                        e.getValue().page(),
                                        e.getValue().read(),
                                        e.getValue().field()))
                                .toList(),
                        levels(sheet, attempts)));
    }

    /** Levels reached before, of each goal the last. */
    private static List<LevelBeforeView> levels(PrintedSheet sheet, Map<UUID, Returns.Attempt> attempts) {
        record Of(int exercise, Goal goal) {}
        Map<Of, LevelBeforeView> last = new LinkedHashMap<>();
        for (Printings.Before b : sheet.before()) {
            b.pages().stream()
                    .map(attempts::get)
                    .filter(Objects::nonNull)
                    .flatMap(a -> a.marks().stream())
                    .filter(m -> m.exercise() == b.of())
                    .forEach(m -> last.put(
                            new Of(b.exercise(), m.goal()),
                            new LevelBeforeView(
                                    m.goal(),
                                    exercise(b.exercise(), sheet),
                                    m.level().ordinal(),
                                    m.figure())));
        }
        return List.copyOf(last.values());
    }

    /** Of exercises that measure more than they judge. */
    private static List<MeasuredFigureView> figures(PageReading reading, PrintedSheet sheet) {
        return sheet.plan().exercises().stream()
                .filter(e -> !e.figures().isEmpty())
                .flatMap(e -> new Judge(e, sheet.page().run().band(), sheet.paper()).figures(reading).stream())
                .flatMap(p -> Stream.ofNullable(p.figure())
                        .map(f -> new MeasuredFigureView(CalledView.of(p.goal()), f.value(), f.plusMinus())))
                .toList();
    }

    private static LevelBeforeView before(GoalMark m, PrintedSheet sheet) {
        return new LevelBeforeView(
                m.goal(), exercise(m.exercise(), sheet), m.standing().ordinal(), m.figure());
    }

    /** Its title where the sheet holds several; a sheet may have had others before. */
    private static String exercise(int exercise, @Nullable PrintedSheet sheet) {
        List<ExercisePlan> all = sheet == null ? List.of() : sheet.plan().exercises();
        return all.size() < 2 || exercise >= all.size() ? "" : all.get(exercise).title();
    }

    private static QualityView quality(PageReading reading, PrintedSheet sheet) {
        List<Pencil> palette = sheet.plan().palette();
        KeyReport keys = reading.keys();
        return new QualityView(
                reading.dpi(),
                reading.flatnessMm(),
                reading.lightSpread(),
                reading.markers(),
                new KeysView(
                        keys.used(),
                        keys.before(),
                        keys.after(),
                        keys.suspects().stream()
                                .map(s ->
                                        new SuspectView(palette.get(s.pencil()).name(), s.looksLike()))
                                .toList()));
    }

    /** @param sheet null where the page belongs to none now */
    private List<DecisionView> history(UUID page, @Nullable PrintedSheet sheet) {
        return decisions.history(page).stream()
                .map(c -> new DecisionView(
                        c.createdAt(),
                        accounts.displayName(c.by()),
                        exercise(c.exercise(), sheet),
                        c.goal().label(),
                        c.proposed().ordinal(),
                        c.from() == null ? null : c.from().ordinal(),
                        c.to() == null ? null : c.to().ordinal()))
                .toList();
    }

    private static GoalView goal(GoalMark m, PrintedSheet sheet) {
        return new GoalView(
                m.id(),
                m.goal(),
                exercise(m.exercise(), sheet),
                CalledView.of(m.goal()),
                m.proposed().ordinal(),
                m.level() == null ? null : m.level().ordinal(),
                m.close(),
                new LadderView(m.nearly(), m.secure(), m.beyond()),
                new GoalFigureView(m.figure(), m.plusMinus(), CauseView.orNone(m.cause()), m.field(), m.atMm()));
    }

    private static PageRow row(PageLine p, @Nullable PlaceView place, List<GoalMark> marks, List<Notice> notices) {
        int doubts =
                p.confirmed() ? 0 : (int) marks.stream().filter(GoalMark::close).count();
        return new PageRow(
                p.id(),
                p.file(),
                p.index() + 1,
                p.received(),
                p.readAt(),
                p.state(),
                p.problem(),
                p.problemFigure(),
                p.foundCode(),
                place,
                marks.stream().map(m -> m.standing().ordinal()).toList(),
                doubts > 0,
                doubts,
                p.confirmed(),
                p.flagged(),
                notices,
                Decisions.seen(p.readAt(), p.confirmedAt()));
    }

    private static PlaceView place(UUID printedPage, UUID of, RunInfo run, ClassInfo to) {
        return new PlaceView(
                printedPage,
                run.id(),
                run.title(),
                run.version(),
                run.printedAt(),
                new PersonView(of, to.names().getOrDefault(of, "")),
                new PersonView(to.id(), to.name()));
    }

    private static List<Notice> notices(PageLine page, boolean second, boolean olderRun) {
        List<Notice> notices = new ArrayList<>();
        if (second) {
            notices.add(Notice.SECOND_PAGE);
        }
        if (olderRun) {
            notices.add(Notice.OLDER_RUN);
        }
        if (page.spot() != null) {
            notices.add(Notice.SHARED_PICTURE);
        }
        if (page.isRead()) {
            page.pageFlags().forEach(flag -> notices.add(Notice.of(flag)));
            if (page.readerVersion() != null && page.readerVersion() < PageReader.VERSION) {
                notices.add(Notice.OLDER_READER);
            }
            if (page.foundCode() == null) {
                notices.add(Notice.BY_HAND);
            }
        }
        return notices;
    }
}
