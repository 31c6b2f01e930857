package grastel.app.course.screen;

import grastel.app.course.CourseSchedule;
import grastel.app.course.Courses;
import grastel.app.kit.Kit;
import grastel.app.kit.Kit.KitPencil;
import grastel.core.checks.Require;
import grastel.core.colour.Srgb;
import grastel.core.media.Pencil;
import grastel.core.planning.Schedule.OnPeriod;
import grastel.core.planning.kit.Demand;
import grastel.core.planning.kit.LeadUse;
import grastel.core.planning.kit.LeadUse.Day;
import grastel.core.planning.kit.LeadUse.Forecast;
import grastel.core.planning.kit.LeadUse.Stock;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What lead all courses together take, and when a pencil runs short. */
@Component
class LeadLines {
    private final Courses courses;
    private final Kit kit;
    private final Clock clock;

    LeadLines(Courses courses, Kit kit, Clock clock) {
        this.courses = courses;
        this.kit = kit;
        this.clock = clock;
    }

    /**
     * A pencil that courses use.
     *
     * @param copies there are of it
     * @param leftMm of each copy, by what was drawn since somebody looked
     * @param neededMm of each copy for what is planned
     * @param shortOn the first day there is not enough, or null
     * @param order new ones that make it last
     */
    record LeadLineView(
            @NotNull UUID pencil,
            @NotNull String code,
            @NotNull String name,
            @NotNull String colour,
            @NotNull int copies,
            @NotNull double leftMm,
            @NotNull double neededMm,
            @Nullable LocalDate shortOn,
            @NotNull int order) {}

    /** Those that run short first. */
    List<LeadLineView> all() {
        Map<String, KitPencil> known =
                kit.pencils().stream().collect(Collectors.toMap(p -> p.pencil().title(), p -> p, (one, other) -> one));
        Map<String, Integer> copies = copies();
        Map<Pencil, Stock> stock = new LinkedHashMap<>();
        known.forEach((name, p) -> stock.put(
                p.pencil(),
                new Stock(
                        Math.max(1, copies.getOrDefault(name, p.copies())),
                        p.leadMm(),
                        LocalDate.ofInstant(p.leadSeenAt(), clock.getZone()))));
        List<Day> past = new ArrayList<>();
        List<Day> planned = new ArrayList<>();
        for (CourseSchedule lane : courses.all()) {
            lane.laid().periods().forEach(on -> (isPast(on) ? past : planned).add(day(on, lane, known)));
        }
        planned.sort(Comparator.comparing(Day::date));
        return LeadUse.forecasts(past, planned, stock).stream()
                .map(f -> line(f, Require.key(known, f.pencil().title()), Require.key(stock, f.pencil())))
                .toList();
    }

    /** What is past and was not logged counts as having gone as planned, as in laying. */
    private boolean isPast(OnPeriod on) {
        return on.logged() || on.period().date().isBefore(LocalDate.now(clock));
    }

    /** The largest number of each that any class has: classes use the same ones, one after another. */
    private Map<String, Integer> copies() {
        Map<String, Integer> most = new HashMap<>();
        kit.atHand().values().stream()
                .map(Map::entrySet)
                .flatMap(Collection::stream)
                .forEach(e -> most.merge(e.getKey().title(), e.getValue(), Math::max));
        return most;
    }

    private static Day day(OnPeriod on, CourseSchedule lane, Map<String, KitPencil> known) {
        Map<Pencil, Double> mm = new HashMap<>();
        Demand.of(on.pieces().stream().flatMap(p -> p.stages().stream()).toList())
                .forEach(want -> {
                    KitPencil of = known.get(want.pencil().title());
                    if (of != null) {
                        mm.merge(
                                of.pencil(),
                                want.leadMm() * lane.schoolClass().students().size(),
                                Double::sum);
                    }
                });
        return new Day(on.period().date(), mm);
    }

    private static LeadLineView line(Forecast f, KitPencil pencil, Stock stock) {
        return new LeadLineView(
                pencil.id(),
                pencil.pencil().code(),
                pencil.pencil().name(),
                Srgb.of(pencil.masstone()).hex(),
                stock.copies(),
                f.leftMm(),
                f.neededMm() / stock.copies(),
                f.shortOn(),
                f.order());
    }
}
