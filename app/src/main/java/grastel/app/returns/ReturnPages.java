package grastel.app.returns;

import grastel.app.account.Accounts;
import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.platform.SignedIn;
import grastel.app.returns.ReturnViews.BeforeView;
import grastel.app.returns.ReturnViews.DecisionView;
import grastel.app.returns.ReturnViews.GoalView;
import grastel.app.returns.ReturnViews.KeysView;
import grastel.app.returns.ReturnViews.LevelBeforeView;
import grastel.app.returns.ReturnViews.Notice;
import grastel.app.returns.ReturnViews.PageDetail;
import grastel.app.returns.ReturnViews.PageRow;
import grastel.app.returns.ReturnViews.PersonView;
import grastel.app.returns.ReturnViews.PlaceView;
import grastel.app.returns.ReturnViews.QualityView;
import grastel.app.returns.ReturnViews.SuspectView;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.Sheets.PageInfo;
import grastel.app.sheets.Sheets.PrintedSheet;
import grastel.app.sheets.Sheets.RunInfo;
import grastel.core.exercise.ExercisePlan;
import grastel.core.judging.Level;
import grastel.core.media.Pencil;
import grastel.core.reading.FieldReading;
import grastel.core.reading.KeyReport;
import grastel.core.reading.PageReader;
import grastel.core.reading.PageReading;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Puts returned pages together with whose they are, for the screen. */
@Component
@Transactional(readOnly = true)
class ReturnPages {
    private final Returns returns;
    private final Sheets sheets;
    private final Classes classes;
    private final Accounts accounts;

    ReturnPages(Returns returns, Sheets sheets, Classes classes, Accounts accounts) {
        this.returns = returns;
        this.sheets = sheets;
        this.classes = classes;
        this.accounts = accounts;
    }

    List<PageRow> ofRun(UUID run) {
        Map<UUID, PageInfo> printed = new HashMap<>();
        sheets.pages(run).forEach(p -> printed.put(p.id(), p));
        List<ReturnedPage> pages = returns.ofRun(run);
        RunInfo info = sheets.run(run);
        ClassInfo to = classes.one(info.schoolClass());
        boolean older = isOlder(info);
        Map<UUID, String> files = returns.fileNames(pages);
        return pages.stream()
                .map(p -> row(p, files, place(printed.get(p.printedPage()), to), notices(p, pages, older)))
                .toList();
    }

    List<PageRow> unplaced() {
        List<ReturnedPage> pages = returns.withoutSheet();
        Map<UUID, String> files = returns.fileNames(pages);
        return pages.stream().map(p -> row(p, files, null, List.of())).toList();
    }

    PageDetail detail(UUID id) {
        ReturnedPage page = returns.find(id);
        Map<UUID, String> files = returns.fileNames(List.of(page));
        if (page.printedPage() == null) {
            return unread(row(page, files, null, List.of()), page);
        }
        PrintedSheet sheet = sheets.printed(page.printedPage());
        RunInfo run = sheet.page().run();
        PlaceView place = place(sheet.page(), classes.one(run.schoolClass()));
        List<Notice> notices = notices(page, returns.ofRun(run.id()), isOlder(run));
        PageRow row = row(page, files, place, notices);
        if (page.reading() == null) {
            return unread(row, page);
        }
        PageReading reading = returns.reading(page);
        return new PageDetail(
                row,
                sheet.layout().size().widthMm(),
                sheet.layout().size().heightMm(),
                quality(reading, sheet),
                FieldViews.of(sheet, reading.fields()),
                page.marks().stream().map(m -> goal(m, sheet)).toList(),
                page.note(),
                history(page),
                before(page, sheet));
    }

    private static PageDetail unread(PageRow row, ReturnedPage page) {
        return new PageDetail(row, null, null, null, List.of(), List.of(), page.note(), List.of(), null);
    }

    /** The last page of the same sheet, of whatever printing, that its student gave in before. */
    private BeforeView before(ReturnedPage page, PrintedSheet sheet) {
        PageInfo at = sheet.page();
        List<UUID> printed = sheets.runs().stream()
                .filter(r -> r.sheet().equals(at.run().sheet()))
                .flatMap(r -> sheets.pages(r.id()).stream())
                .filter(p -> p.student().equals(at.student()) && p.part() == at.part())
                .map(PageInfo::id)
                .toList();
        return returns.readOf(printed).stream()
                .filter(p -> p.createdAt().isBefore(page.createdAt()))
                .max(Comparator.comparing(ReturnedPage::createdAt))
                .map(p -> new BeforeView(
                        p.id(),
                        p.createdAt(),
                        returns.reading(p).fields().stream()
                                .map(FieldReading::field)
                                .toList(),
                        p.marks().stream().map(m -> before(m, sheet)).toList()))
                .orElse(null);
    }

    private static LevelBeforeView before(GoalMark m, PrintedSheet sheet) {
        Level level = m.level() == null ? m.proposed() : m.level();
        return new LevelBeforeView(m.goal(), exercise(m, sheet), level.ordinal(), m.figure());
    }

    /** Its title where the sheet holds several; a sheet may have had others before. */
    private static String exercise(GoalMark m, PrintedSheet sheet) {
        List<ExercisePlan> all = sheet.plan().exercises();
        return all.size() < 2 || m.exercise() >= all.size()
                ? ""
                : all.get(m.exercise()).title();
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

    private List<DecisionView> history(ReturnedPage page) {
        Map<UUID, GoalMark> marks = page.marks().stream().collect(Collectors.toMap(GoalMark::id, Function.identity()));
        Map<UUID, String> names =
                accounts.all().stream().collect(Collectors.toMap(SignedIn::id, SignedIn::displayName));
        return returns.history(page).stream()
                .map(c -> new DecisionView(
                        c.createdAt(),
                        names.getOrDefault(c.by(), ""),
                        marks.get(c.mark()).goal().label(),
                        marks.get(c.mark()).proposed().ordinal(),
                        c.from() == null ? null : c.from().ordinal(),
                        c.to() == null ? null : c.to().ordinal()))
                .toList();
    }

    private static GoalView goal(GoalMark m, PrintedSheet sheet) {
        return new GoalView(
                m.id(),
                m.goal(),
                exercise(m, sheet),
                m.goal().label(),
                m.goal().figure(),
                m.goal().unit(),
                m.goal().digits(),
                m.goal().praise(),
                m.proposed().ordinal(),
                m.level() == null ? null : m.level().ordinal(),
                m.figure(),
                m.plusMinus(),
                m.nearly(),
                m.secure(),
                m.beyond(),
                m.close(),
                CauseView.of(m.cause()),
                m.field(),
                m.atMm());
    }

    private static PageRow row(ReturnedPage p, Map<UUID, String> files, PlaceView place, List<Notice> notices) {
        List<Integer> levels = p.marks().stream()
                .map(m -> (m.level() == null ? m.proposed() : m.level()).ordinal())
                .toList();
        boolean close = p.confirmedAt() == null && p.marks().stream().anyMatch(GoalMark::close);
        return new PageRow(
                p.id(),
                files.getOrDefault(p.file(), ""),
                p.index() + 1,
                p.createdAt(),
                p.state(),
                p.problem(),
                p.problemFigure(),
                p.foundCode(),
                place,
                levels,
                close,
                p.confirmedAt() != null,
                p.flagged(),
                notices);
    }

    private static PlaceView place(PageInfo page, ClassInfo to) {
        String student = to.students().stream()
                .filter(s -> s.id().equals(page.student()))
                .map(Classes.StudentInfo::name)
                .findFirst()
                .orElse("");
        RunInfo run = page.run();
        return new PlaceView(
                page.id(),
                run.id(),
                run.title(),
                run.version(),
                run.printedAt(),
                new PersonView(page.student(), student),
                new PersonView(to.id(), to.name()));
    }

    private List<Notice> notices(ReturnedPage page, List<ReturnedPage> ofRun, boolean olderRun) {
        List<Notice> notices = new ArrayList<>();
        boolean second = ofRun.stream()
                .anyMatch(p -> p != page
                        && p.state() == ReturnedPage.State.READ
                        && page.printedPage().equals(p.printedPage()));
        if (second) {
            notices.add(Notice.SECOND_PAGE);
        }
        if (olderRun) {
            notices.add(Notice.OLDER_RUN);
        }
        if (page.reading() != null) {
            returns.reading(page).flags().forEach(flag -> notices.add(Notice.of(flag)));
            if (page.readerVersion() != null && page.readerVersion() < PageReader.VERSION) {
                notices.add(Notice.OLDER_READER);
            }
            if (page.foundCode() == null) {
                notices.add(Notice.BY_HAND);
            }
        }
        return notices;
    }

    /** True if the same sheet was printed for the same class again later. */
    private boolean isOlder(RunInfo run) {
        return sheets.runs().stream()
                .anyMatch(r -> r.sheet().equals(run.sheet())
                        && r.schoolClass().equals(run.schoolClass())
                        && r.printedAt().isAfter(run.printedAt()));
    }
}
