package grastel.app.returns.work;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grastel.app.chart.Charts;
import grastel.app.chart.Charts.PrintedChart;
import grastel.app.decoding.Decoder;
import grastel.app.platform.Failure;
import grastel.app.platform.storage.TransientFailure;
import grastel.app.returns.page.NewMark;
import grastel.app.returns.page.PageAssignment;
import grastel.app.returns.page.ReturnEvents;
import grastel.app.returns.page.ReturnedPage;
import grastel.app.returns.page.SheetPosition;
import grastel.app.returns.work.PageStore.Result;
import grastel.app.returns.work.PageStore.Taken;
import grastel.app.sheets.Printings;
import grastel.app.sheets.Printings.PageInfo;
import grastel.app.sheets.Printings.PrintedSheet;
import grastel.app.stored.StoredJson;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.judging.Judge;
import grastel.core.judging.Proposal;
import grastel.core.media.Paper;
import grastel.core.page.PageCode;
import grastel.core.page.PageLayout;
import grastel.core.reading.DrawingFinder;
import grastel.core.reading.Overlays;
import grastel.core.reading.PageReader;
import grastel.core.reading.PageReading;
import grastel.core.reading.fields.FieldReading;
import grastel.core.reading.light.EvenPage;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reading.place.FoundPage;
import java.awt.image.BufferedImage;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** Reads one taken page: decode, find, look the sheet up, measure, judge, keep. */
@Service
public class ReadingJob {
    static final String UNKNOWN_SHEET = "UNKNOWN_SHEET";
    public static final String FAILED = "FAILED";
    /** Sent from a phone for one class, and a page of another. */
    static final String OTHER_CLASS = "OTHER_CLASS";

    /**
     * A page during whose reading the program ended so often is not tried again by itself. Whoever kills or switches it off
     * says nothing about the page, so that takes many; a crash of the program counts as five.
     */
    private static final int MOST_TRIES = 20;

    private static final Logger LOG = LoggerFactory.getLogger(ReadingJob.class);

    private final PageStore store;
    private final Printings printings;
    private final Charts charts;
    private final RememberedKeyColours inks;
    private final ReadAhead readAhead;
    private final Pictures pictures;
    private final Decoder decoder;
    private final ReturnEvents events;
    private final StoredJson json;
    private final Clock clock;
    /** A printed plan never changes; the paper it is on may be set right in the kit. */
    private record Judged(UUID version, GradeBand band, Paper paper) {}

    private final Cache<Judged, List<Judge>> judges =
            Caffeine.newBuilder().maximumSize(50).build();

    /** A reader keeps a detector's work space, and making one takes most of a second. */
    private final ThreadLocal<PageReader> readers = ThreadLocal.withInitial(PageReader::new);

    ReadingJob(
            PageStore store,
            Printings printings,
            Charts charts,
            RememberedKeyColours inks,
            ReadAhead readAhead,
            Pictures pictures,
            Decoder decoder,
            ReturnEvents events,
            StoredJson json,
            Clock clock) {
        this.store = store;
        this.printings = printings;
        this.charts = charts;
        this.inks = inks;
        this.readAhead = readAhead;
        this.pictures = pictures;
        this.decoder = decoder;
        this.events = events;
        this.json = json;
        this.clock = clock;
    }

    /** What a page gives. @param page what pictures of it are made from */
    record Read(Result result, EvenPage page, PageLayout layout) {}

    /**
     * Call as the page's owner. Whatever happens, the page ends in a state that says it; but where that
     * cannot be kept just now it is as it was, and what went wrong is thrown.
     *
     * @return whose page it was found to be
     */
    Optional<PageAssignment> read(Taken taken) {
        String code = null;
        if (taken.tries() > MOST_TRIES) {
            store.fail(taken.id(), FAILED, 0, null);
            return Optional.empty();
        }
        try {
            Picture picture = picture(taken);
            FoundPage found = parted(taken, picture);
            code = found.code().map(PageCode::toString).orElse(null);
            Optional<PrintedSheet> printed = printed(taken, found);
            if (printed.isEmpty() && readChart(taken, picture, found)) {
                return Optional.empty();
            }
            if (printed.isEmpty()) {
                store.fail(taken.id(), code == null ? UnreadablePage.Problem.NO_CODE.name() : UNKNOWN_SHEET, 0, code);
                return Optional.empty();
            }
            PrintedSheet sheet = printed.get();
            if (taken.onlyClass() != null
                    && !taken.onlyClass().equals(sheet.page().run().schoolClass())) {
                store.fail(taken.id(), OTHER_CLASS, 0, code);
                return Optional.empty();
            }
            pictures.make(taken.id(), kept(taken, measures(picture, found, sheet), sheet, code));
            return Optional.of(PageAssignment.of(sheet.page()));
        } catch (UnreadablePage e) {
            if (e.getCause() != null) {
                LOG.info("Page {} cannot be read ({}): {}", taken.id(), e.problem(), Failure.of(e.getCause()));
            }
            if (e.problem() == UnreadablePage.Problem.BACK) {
                store.back(taken.id());
            } else {
                store.fail(taken.id(), e.problem().name(), e.figure(), code);
            }
        } catch (RuntimeException | Error e) {
            if (TransientFailure.is(e)) {
                throw e;
            }
            LOG.error("Reading page {} failed: {}", taken.id(), Failure.of(e));
            store.fail(taken.id(), FAILED, 0, code);
        }
        return Optional.empty();
    }

    /** Where the page is of a chart: reads it and hands it on. @return whether it is */
    private boolean readChart(Taken taken, Picture picture, FoundPage found) throws UnreadablePage {
        Optional<PrintedChart> chart = found.code().flatMap(charts::printed);
        if (chart.isEmpty()) {
            return false;
        }
        PageLayout layout = chart.get().layout();
        PageReader.Measures measures =
                PageReader.measure(picture, found, layout, chart.get().paper(), PageReader.KeyColours.UNKNOWN);
        charts.keep(chart.get(), measures.reading(), Pictures.whole(measures.straightened(), layout));
        store.chart(taken.id());
        return true;
    }

    private Read kept(Taken taken, PageReader.Measures measures, PrintedSheet printed, @Nullable String code) {
        Read read = judged(measures, printed, code);
        store.keep(taken.id(), read.result());
        return read;
    }

    /** Reads a page once more without keeping anything. Call as its owner. */
    Read again(Taken taken) throws UnreadablePage {
        Picture picture = picture(taken);
        FoundPage found = found(taken, picture);
        PrintedSheet printed = printings.printed(taken.printedPage());
        return judged(
                measures(picture, found, printed),
                printed,
                found.code().map(PageCode::toString).orElse(null));
    }

    /** What the figures of a page are read from, to be laid over it. Call as its owner. */
    Overlays overlays(Taken taken) throws UnreadablePage {
        Picture picture = picture(taken);
        return measures(picture, found(taken, picture), printings.printed(taken.printedPage()))
                .overlays();
    }

    /** How much lighter or darker than planned its pictures are, to be laid over it. Call as its owner. */
    BufferedImage againstPlan(Taken taken) throws UnreadablePage {
        Picture picture = picture(taken);
        PrintedSheet printed = printings.printed(taken.printedPage());
        return PlanOverlay.of(
                printed.layout(),
                printed.plan(),
                measures(picture, found(taken, picture), printed).reading());
    }

    /** Where a drawing without markers seems to lie in a picture. Call as its owner. */
    Optional<List<double[]>> drawing(Taken taken) throws UnreadablePage {
        return DrawingFinder.corners(picture(taken));
    }

    /** Stops decoding a page; what comes after takes no long. */
    void cancel(UUID page) {
        decoder.cancel(page);
    }

    /** As {@link #found}; of a picture that turns out to hold several sheets the others are put in the queue. */
    private FoundPage parted(Taken taken, Picture picture) throws UnreadablePage {
        if (taken.corners() == null && taken.printedPage() == null && taken.spot() == null) {
            List<FoundPage> all = readers.get().findAll(picture);
            if (all.size() > 1) {
                store.part(
                                taken.id(),
                                all.stream()
                                        .map(p -> SheetPosition.of(p, picture))
                                        .toList())
                        .forEach(page -> events.changed(page, null));
            }
            return all.get(0);
        }
        return found(taken, picture);
    }

    /** Its sheet in the picture: as pointed at, where it lies, or whose code says so; else the first. */
    private FoundPage found(Taken taken, Picture picture) throws UnreadablePage {
        if (taken.corners() != null) {
            return Corners.parse(taken.corners()).found(picture.width(), picture.height());
        }
        List<FoundPage> all = readers.get().findAll(picture);
        if (taken.spot() != null) {
            return SheetPosition.parse(taken.spot()).nearest(all, picture);
        }
        return all.stream().filter(p -> isOf(taken, p)).findFirst().orElse(all.get(0));
    }

    private boolean isOf(Taken taken, FoundPage page) {
        return page.code()
                .flatMap(printings::printed)
                .filter(p -> p.page().id().equals(taken.printedPage()))
                .isPresent();
    }

    private Picture picture(Taken taken) throws UnreadablePage {
        Optional<Picture> ahead = readAhead.take(taken.file());
        return ahead.isPresent()
                ? ahead.get()
                : decoder.decode(taken.id(), taken.file(), store.content(taken.file()), taken.index());
    }

    /** Whose page it is: as matched by hand, else as its code says. */
    private Optional<PrintedSheet> printed(Taken taken, FoundPage found) {
        return taken.printedPage() != null
                ? Optional.of(printings.printed(taken.printedPage()))
                : found.code().flatMap(printings::printed);
    }

    private Read judged(PageReader.Measures measures, PrintedSheet printed, @Nullable String code) {
        List<PageReading> before = before(printed);
        Result result = new Result(
                PageAssignment.of(printed.page()),
                code,
                new ReturnedPage.Kept(
                        json.reading(measures.reading()),
                        measures.reading().flags(),
                        furthest(printed.plan(), measures.reading())),
                PageReader.VERSION,
                clock.instant().truncatedTo(ChronoUnit.MICROS),
                siblings -> marks(
                        printed,
                        measures.reading(),
                        Stream.concat(before.stream(), siblings.stream()).toList()),
                siblings(printed.page()));
        return new Read(result, measures.straightened(), printed.layout());
    }

    private PageReader.Measures measures(Picture picture, FoundPage found, PrintedSheet printed) throws UnreadablePage {
        return PageReader.measure(picture, found, printed.layout(), printed.paper(), inks.of(printed));
    }

    /** What was done before of the same fields: goals of several fields are judged with it. */
    private List<PageReading> before(PrintedSheet printed) {
        return printed.before().stream()
                .flatMap(before -> store.readings(before.pages()).stream().map(r -> r.named(before.names())))
                .toList();
    }

    /** Printed pages on which a field may be. @param field its name there */
    record Place(List<UUID> printedPages, String field) {}

    /** Where else a field of a page may be: on the sheet's other pages, or on those that its student did before. */
    Stream<Place> alsoAt(UUID printedPage, String field) {
        PrintedSheet printed = printings.printed(printedPage);
        return Stream.concat(
                Stream.of(new Place(siblings(printed.page()), field)),
                printed.before().stream()
                        .flatMap(before -> before.names().entrySet().stream()
                                .filter(e -> e.getValue().equals(field))
                                .map(e -> new Place(before.pages(), e.getKey()))));
    }

    /** The other pages of the same sheet of one student. */
    private List<UUID> siblings(PageInfo page) {
        if (page.run().parts() < 2) {
            return List.of();
        }
        return printings.pages(page.run().id()).stream()
                .filter(p -> p.student().equals(page.student()) && !p.id().equals(page.id()))
                .map(PageInfo::id)
                .toList();
    }

    private static @Nullable String furthest(SheetPlan plan, PageReading reading) {
        Set<String> begun = reading.fields().stream()
                .filter(f -> !f.blank())
                .map(FieldReading::field)
                .collect(Collectors.toSet());
        return plan.fields().stream()
                .map(FieldPlan::id)
                .filter(begun::contains)
                .reduce((a, b) -> b)
                .orElse(null);
    }

    private List<NewMark> marks(PrintedSheet printed, PageReading reading, List<PageReading> others) {
        List<NewMark> marks = new ArrayList<>();
        List<Judge> judges = judges(printed);
        for (int exercise = 0; exercise < judges.size(); exercise++) {
            for (Proposal proposal : judges.get(exercise).judge(reading, others)) {
                ExercisePlan plan = printed.plan().exercises().get(exercise);
                marks.add(new NewMark(
                        exercise,
                        plan.kind(),
                        marks.size(),
                        proposal,
                        printed.page().run().band(),
                        plan.factor(proposal.goal())));
            }
        }
        return marks;
    }

    /** One of each exercise. */
    private List<Judge> judges(PrintedSheet printed) {
        return judges.get(
                new Judged(printed.version(), printed.page().run().band(), printed.paper()),
                judged -> printed.plan().exercises().stream()
                        .map(exercise -> new Judge(exercise, judged.band(), judged.paper()))
                        .toList());
    }
}
