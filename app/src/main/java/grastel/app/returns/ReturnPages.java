package grastel.app.returns;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.returns.ReturnViews.BoxReadingView;
import grastel.app.returns.ReturnViews.GoalView;
import grastel.app.returns.ReturnViews.Notice;
import grastel.app.returns.ReturnViews.PageDetail;
import grastel.app.returns.ReturnViews.PageRow;
import grastel.app.returns.ReturnViews.PersonView;
import grastel.app.returns.ReturnViews.PlaceView;
import grastel.app.returns.ReturnViews.QualityView;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.Sheets.PageInfo;
import grastel.app.sheets.Sheets.PrintedSheet;
import grastel.app.sheets.Sheets.RunInfo;
import grastel.core.colour.Lab;
import grastel.core.colour.MunsellValue;
import grastel.core.page.PageLayout;
import grastel.core.page.Rect;
import grastel.core.reading.FieldReading;
import grastel.core.reading.PageReading;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Puts returned pages together with whose they are, for the screen. */
@Component
@Transactional(readOnly = true)
class ReturnPages {
    private static final double NOT_FLAT_MM = 0.4;
    private static final double COARSE_DPI = 140;

    private final Returns returns;
    private final Sheets sheets;
    private final Classes classes;

    ReturnPages(Returns returns, Sheets sheets, Classes classes) {
        this.returns = returns;
        this.sheets = sheets;
        this.classes = classes;
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
            return new PageDetail(row(page, files, null, List.of()), null, null, null, List.of(), List.of());
        }
        PrintedSheet sheet = sheets.printed(page.printedPage());
        RunInfo run = sheet.page().run();
        PlaceView place = place(sheet.page(), classes.one(run.schoolClass()));
        List<Notice> notices = notices(page, returns.ofRun(run.id()), isOlder(run));
        PageRow row = row(page, files, place, notices);
        if (page.reading() == null) {
            return new PageDetail(row, null, null, null, List.of(), List.of());
        }
        PageReading reading = returns.reading(page);
        return new PageDetail(
                row,
                sheet.layout().size().widthMm(),
                sheet.layout().size().heightMm(),
                new QualityView(reading.dpi(), reading.flatnessMm(), reading.lightSpread(), reading.markers()),
                boxes(sheet, reading.fields()),
                page.marks().stream().map(m -> goal(m, sheet)).toList());
    }

    private static List<BoxReadingView> boxes(PrintedSheet sheet, List<FieldReading> fields) {
        List<BoxReadingView> boxes = new ArrayList<>();
        for (int i = 0; i < fields.size(); i++) {
            FieldReading f = fields.get(i);
            Rect rect = sheet.layout().fields().stream()
                    .filter(l -> l.id().equals(f.field()))
                    .map(PageLayout.Field::rect)
                    .findFirst()
                    .orElseThrow();
            double asked = sheet.plan().field(f.field()).askedLightness();
            Double step = i == 0
                    ? null
                    : fields.get(i - 1).lightness().value() - f.lightness().value();
            boxes.add(new BoxReadingView(
                    f.field(),
                    rect.x(),
                    rect.y(),
                    rect.width(),
                    rect.height(),
                    MunsellValue.of(Lab.luminanceOf(asked)),
                    asked,
                    f.value(),
                    f.lightness().value(),
                    f.lightness().plusMinus(),
                    f.specks().value(),
                    f.unevenness().value(),
                    f.outside().value(),
                    f.blank(),
                    step));
        }
        return boxes;
    }

    private static GoalView goal(GoalMark m, PrintedSheet sheet) {
        boolean several = sheet.plan().exercises().size() > 1;
        return new GoalView(
                m.id(),
                m.goal(),
                several ? sheet.plan().exercises().get(m.exercise()).title() : "",
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
                m.cause(),
                m.field());
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
            PageReading reading = returns.reading(page);
            if (reading.markers() < 4) {
                notices.add(Notice.MARKER_MISSING);
            }
            if (reading.flatnessMm() > NOT_FLAT_MM) {
                notices.add(Notice.NOT_FLAT);
            }
            if (reading.dpi() < COARSE_DPI) {
                notices.add(Notice.COARSE);
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
