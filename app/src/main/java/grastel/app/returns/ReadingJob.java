package grastel.app.returns;

import grastel.app.returns.PageStore.NewImage;
import grastel.app.returns.PageStore.NewMark;
import grastel.app.returns.PageStore.Result;
import grastel.app.returns.PageStore.Taken;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.Sheets.PageInfo;
import grastel.app.sheets.Sheets.PrintedSheet;
import grastel.core.exercise.ExercisePlan;
import grastel.core.judging.Judge;
import grastel.core.judging.Proposal;
import grastel.core.page.PageCode;
import grastel.core.page.PageLayout;
import grastel.core.page.Rect;
import grastel.core.reading.FoundPage;
import grastel.core.reading.Overlays;
import grastel.core.reading.PageReader;
import grastel.core.reading.PageReading;
import grastel.core.reading.Picture;
import grastel.core.reading.PictureFile;
import grastel.core.reading.Straightened;
import grastel.core.reading.UnreadablePage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Reads one taken page: decode, find, look the sheet up, measure, judge, keep. */
@Service
class ReadingJob {
    static final String UNKNOWN_SHEET = "UNKNOWN_SHEET";
    static final String FAILED = "FAILED";
    /** Sent from a phone for one class, and a page of another. */
    static final String OTHER_CLASS = "OTHER_CLASS";
    /** Paper shown around a box in its picture, mm. */
    static final double CROP_MARGIN_MM = 2.5;

    private static final double PAGE_PX_PER_MM = 2.2;
    private static final double CROP_PX_PER_MM = 6;
    private static final Logger LOG = LoggerFactory.getLogger(ReadingJob.class);

    private final PageStore store;
    private final Sheets sheets;
    private final KeyInks inks;
    private final ReadAhead readAhead;
    private final ReadingSettings settings;
    private final JsonMapper json;
    /** A reader keeps a detector's work space, and making one takes most of a second. */
    private final ThreadLocal<PageReader> readers = ThreadLocal.withInitial(PageReader::new);

    ReadingJob(
            PageStore store,
            Sheets sheets,
            KeyInks inks,
            ReadAhead readAhead,
            ReadingSettings settings,
            JsonMapper json) {
        this.store = store;
        this.sheets = sheets;
        this.inks = inks;
        this.readAhead = readAhead;
        this.settings = settings;
        this.json = json;
    }

    /** Call as the page's owner. Whatever happens, the page ends in a state that says it. */
    void read(Taken taken) {
        String code = null;
        try {
            Picture picture = picture(taken);
            FoundPage found = found(taken, picture);
            code = found.code().map(PageCode::toString).orElse(null);
            Optional<UUID> printed = printedPage(taken, found);
            if (printed.isEmpty()) {
                store.fail(taken.id(), code == null ? UnreadablePage.Problem.NO_CODE.name() : UNKNOWN_SHEET, 0, code);
                return;
            }
            PrintedSheet sheet = sheets.printed(printed.get());
            if (taken.onlyClass() != null
                    && !taken.onlyClass().equals(sheet.page().run().schoolClass())) {
                store.fail(taken.id(), OTHER_CLASS, 0, code);
                return;
            }
            store.keep(taken.id(), measure(picture, found, sheet, code));
        } catch (UnreadablePage e) {
            store.fail(taken.id(), e.problem().name(), e.figure(), code);
        } catch (RuntimeException e) {
            LOG.error("Reading page {} failed", taken.id(), e);
            store.fail(taken.id(), FAILED, 0, code);
        }
    }

    /** Reads a page once more without keeping anything. Call as its owner. */
    Result again(Taken taken) throws UnreadablePage {
        Picture picture = picture(taken);
        FoundPage found = found(taken, picture);
        return measure(
                picture,
                found,
                sheets.printed(taken.printedPage()),
                found.code().map(PageCode::toString).orElse(null));
    }

    /** What the figures of a page are read from, to be laid over it. Call as its owner. */
    Overlays overlays(Taken taken) throws UnreadablePage {
        Picture picture = picture(taken);
        return measures(picture, found(taken, picture), sheets.printed(taken.printedPage()))
                .overlays();
    }

    private FoundPage found(Taken taken, Picture picture) throws UnreadablePage {
        return taken.corners() == null
                ? readers.get().find(picture)
                : FoundPage.pointedAt(Corners.parse(taken.corners()).inPixels(picture.width(), picture.height()));
    }

    private Picture picture(Taken taken) throws UnreadablePage {
        Optional<Picture> ahead = readAhead.take(taken.file());
        return ahead.isPresent()
                ? ahead.get()
                : PictureFile.decode(store.content(taken.file()), taken.index(), settings.limits());
    }

    /** Whose page it is: as matched by hand, else as its code says. */
    private Optional<UUID> printedPage(Taken taken, FoundPage found) {
        if (taken.printedPage() != null) {
            return Optional.of(taken.printedPage());
        }
        return found.code().flatMap(sheets::page).map(PageInfo::id);
    }

    private Result measure(Picture picture, FoundPage found, PrintedSheet printed, String code) throws UnreadablePage {
        PageReader.Measures measures = measures(picture, found, printed);
        List<UUID> siblings = siblings(printed.page());
        return new Result(
                printed.page().id(),
                code,
                json.writeValueAsString(measures.reading()),
                PageReader.VERSION,
                images(measures.straightened(), printed.layout()),
                marks(printed, measures.reading(), store.readings(siblings)),
                siblings);
    }

    private PageReader.Measures measures(Picture picture, FoundPage found, PrintedSheet printed) throws UnreadablePage {
        return readers.get().measure(picture, found, printed.layout(), printed.paper(), inks.of(printed));
    }

    /** The other pages of the same sheet of one student. */
    private List<UUID> siblings(PageInfo page) {
        if (page.run().parts() < 2) {
            return List.of();
        }
        return sheets.pages(page.run().id()).stream()
                .filter(p -> p.student().equals(page.student()) && !p.id().equals(page.id()))
                .map(PageInfo::id)
                .toList();
    }

    private static List<NewMark> marks(PrintedSheet printed, PageReading reading, List<PageReading> others) {
        List<NewMark> marks = new ArrayList<>();
        List<ExercisePlan> exercises = printed.plan().exercises();
        for (int i = 0; i < exercises.size(); i++) {
            int exercise = i;
            Judge judge = new Judge(exercises.get(i), printed.page().run().band(), printed.paper());
            for (Proposal proposal : judge.judge(reading, others)) {
                int place = marks.size();
                marks.add(new NewMark(exercise, place, proposal));
            }
        }
        return marks;
    }

    /** The page and its boxes, made side by side: the page alone takes as long as all boxes. */
    private static List<NewImage> images(Straightened page, PageLayout layout) {
        record Part(String name, Rect area, double pxPerMm) {}
        List<Part> parts = new ArrayList<>();
        Rect whole = new Rect(0, 0, layout.size().widthMm(), layout.size().heightMm());
        parts.add(new Part(PageImage.WHOLE, whole, PAGE_PX_PER_MM));
        layout.fields().forEach(f -> parts.add(new Part(f.id(), f.rect().inset(-CROP_MARGIN_MM), CROP_PX_PER_MM)));
        return parts.parallelStream()
                .map(part -> new NewImage(part.name(), Jpeg.encode(page.part(part.area(), part.pxPerMm()))))
                .toList();
    }
}
