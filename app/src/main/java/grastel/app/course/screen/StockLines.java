package grastel.app.course.screen;

import static grastel.core.words.Words.say;

import grastel.app.course.CourseSchedule;
import grastel.app.course.Courses;
import grastel.app.kit.Kit;
import grastel.app.kit.Kit.KitPencil;
import grastel.app.platform.paper.CsvTable;
import grastel.core.checks.Require;
import grastel.core.colour.Srgb;
import grastel.core.media.Pencil;
import grastel.core.media.colourfile.CsvCell;
import grastel.core.planning.Schedule.OnPeriod;
import grastel.core.planning.kit.Demand;
import grastel.core.planning.kit.LeadUse;
import grastel.core.planning.kit.LeadUse.Day;
import grastel.core.planning.kit.LeadUse.Forecast;
import grastel.core.planning.kit.LeadUse.Stock;
import grastel.core.planning.kit.LeadUse.Use;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;

/** What all courses together want of each pencil, when one runs short and what to order. */
@Component
class StockLines {
    private final Courses courses;
    private final Kit kit;
    private final Clock clock;

    StockLines(Courses courses, Kit kit, Clock clock) {
        this.courses = courses;
        this.kit = kit;
        this.clock = clock;
    }

    /**
     * A pencil that courses use.
     *
     * @param copies there are of it; null where nobody said what the classes that use it have
     * @param fewest copies that a class which works with it has, where that is less; null elsewhere
     * @param students most that work with it in one lesson to come
     * @param leftMm of each copy, by what was drawn since somebody looked
     * @param neededMm of each copy for what is planned
     * @param shortOn the first day there is not enough, or null
     * @param order new ones that make it last and are enough for turns
     * @param moreForOneEach besides those, so that nobody waits for another
     */
    record StockLineView(
            @NotNull UUID pencil,
            @NotNull String code,
            @NotNull String name,
            @NotNull String colour,
            @Nullable Integer copies,
            @Nullable Integer fewest,
            @NotNull int students,
            @NotNull double leftMm,
            @NotNull double neededMm,
            @Nullable LocalDate shortOn,
            @NotNull int order,
            @NotNull int moreForOneEach) {}

    /** Those that run short first. Where nobody said what a class has, each student has its own. */
    List<StockLineView> all() {
        Map<String, KitPencil> known =
                kit.pencils().stream().collect(Collectors.toMap(p -> p.pencil().title(), p -> p, (one, other) -> one));
        List<Day> past = new ArrayList<>();
        List<Day> planned = new ArrayList<>();
        for (CourseSchedule lane : courses.all()) {
            lane.laid().periods().forEach(on -> (isPast(on) ? past : planned).add(day(on, lane, known)));
        }
        planned.sort(Comparator.comparing(Day::date));
        Map<UUID, Integer> copies = kit.copies();
        Map<Pencil, Stock> stock = new LinkedHashMap<>();
        known.values().forEach(p -> {
            int counted = Require.key(copies, p.id());
            stock.put(
                    p.pencil(),
                    new Stock(
                            isCounted(p, counted) ? counted : Math.max(1, students(p.pencil(), past, planned)),
                            p.leadMm(),
                            LocalDate.ofInstant(p.leadSeenAt(), clock.getZone())));
        });
        return LeadUse.forecasts(past, planned, stock).stream()
                .map(f -> {
                    KitPencil of = Require.key(known, f.pencil().title());
                    return line(
                            f,
                            of,
                            isCounted(of, Require.key(copies, of.id())),
                            fewest(f.pencil(), planned),
                            Require.key(stock, f.pencil()));
                })
                .toList();
    }

    /** What to buy, as a table for a spreadsheet. */
    ResponseEntity<byte[]> order() {
        return CsvTable.download(say("paper.order.file"), csv -> {
            csv.writeRecord("code", "name", "copies", "students", "to_order", "more_for_one_each", "runs_short_on");
            all().stream()
                    .filter(l -> l.order() > 0 || l.moreForOneEach() > 0)
                    .forEach(l -> csv.writeRecord(
                            CsvCell.harmless(l.code()),
                            CsvCell.harmless(l.name()),
                            l.copies() == null ? "" : String.valueOf(l.copies()),
                            String.valueOf(l.students()),
                            String.valueOf(l.order()),
                            String.valueOf(l.moreForOneEach()),
                            l.shortOn() == null ? "" : l.shortOn().toString()));
        });
    }

    /** One of which all are lost was counted too. */
    private static boolean isCounted(KitPencil pencil, int copies) {
        return copies > 0 || pencil.extra() < 0;
    }

    private static int fewest(Pencil pencil, List<Day> planned) {
        return planned.stream()
                .filter(d -> d.uses().containsKey(pencil))
                .mapToInt(d -> Require.key(d.uses(), pencil).copies())
                .min()
                .orElse(Integer.MAX_VALUE);
    }

    private static int students(Pencil pencil, List<Day> past, List<Day> planned) {
        return Stream.of(past, planned)
                .flatMap(List::stream)
                .filter(d -> d.uses().containsKey(pencil))
                .mapToInt(d -> Require.key(d.uses(), pencil).students())
                .max()
                .orElse(0);
    }

    /** What is past and was not logged counts as having gone as planned, as in laying. */
    private boolean isPast(OnPeriod on) {
        return on.logged() || on.period().date().isBefore(LocalDate.now(clock));
    }

    private static Day day(OnPeriod on, CourseSchedule lane, Map<String, KitPencil> known) {
        int students = lane.schoolClass().students().size();
        Map<Pencil, Use> uses = new HashMap<>();
        Demand.of(on.pieces().stream().flatMap(p -> p.stages().stream()).toList())
                .forEach(want -> {
                    KitPencil of = known.get(want.pencil().title());
                    if (of != null) {
                        uses.put(
                                of.pencil(), Use.of(want, students, lane.facts().copiesOf(of.pencil())));
                    }
                });
        return new Day(on.period().date(), uses);
    }

    private static StockLineView line(Forecast f, KitPencil pencil, boolean counted, int fewest, Stock stock) {
        return new StockLineView(
                pencil.id(),
                pencil.pencil().code(),
                pencil.pencil().name(),
                Srgb.of(pencil.masstone()).hex(),
                counted ? stock.copies() : null,
                fewest < stock.copies() ? fewest : null,
                f.students(),
                f.leftMm(),
                f.neededMm() / Math.max(1, stock.copies()),
                f.shortOn(),
                f.order(),
                f.moreForOneEach());
    }
}
