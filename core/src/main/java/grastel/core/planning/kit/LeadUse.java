package grastel.core.planning.kit;

import grastel.core.exercise.FieldWork.PictureWork;
import grastel.core.media.Pencil;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Lead that drawing takes, in mm of a pencil's length. Sharpening takes more than the mark itself. Rules of thumb of the
 * craft, not measured for any one pencil: what a class notes as worn corrects them.
 */
public final class LeadUse {
    /** Area of one layer between two sharpenings, cm² (8–10). */
    private static final double SHARPENED_EVERY_CM2 = 9;
    /** Length one sharpening takes, mm. */
    private static final double SHARPENING_MM = 0.7;
    /** Length that goes into the marks between two sharpenings at full pressure, mm; in proportion to pressure below. */
    private static final double MARKS_MM = 0.4;
    /** A stub shorter than this cannot be held, mm. */
    public static final double STUB_MM = 40;
    /** Length of a new pencil, mm. */
    public static final double NEW_MM = 170;

    private LeadUse() {}

    /** What one piece of work takes of its pencil, mm; 0 for solvent. */
    public static double mm(PictureWork piece) {
        double turns = piece.cm2() * piece.passes() / SHARPENED_EVERY_CM2;
        return piece.pencil() == null ? 0 : turns * (SHARPENING_MM + MARKS_MM * piece.pressure());
    }

    /**
     * What a class does with a pencil on a day.
     *
     * @param mm taken of it by all students together
     * @param students who work with it
     * @param inTurns copies that are enough if they take turns
     * @param copies the class has at hand
     */
    public record Use(double mm, int students, int inTurns, int copies) {
        /** @param copies the class has at hand; null where nobody said: then each student has its own */
        public static Use of(Demand.Want want, int students, @Nullable Integer copies) {
            return new Use(
                    want.leadMm() * students,
                    students,
                    want.fewestCopies(students),
                    copies == null ? students : copies);
        }

        private int missing() {
            return Math.max(0, inTurns - copies);
        }

        private int missingForOneEach() {
            return Math.max(0, students - copies);
        }
    }

    /** A day's work of a class. */
    public record Day(LocalDate date, Map<Pencil, Use> uses) {
        Optional<Use> of(Pencil pencil) {
            return Optional.ofNullable(uses.get(pencil));
        }
    }

    /** What there is of a pencil. @param copies ≥ 0; @param leadMm left of each; @param lookedAt the day that was seen */
    public record Stock(int copies, double leadMm, LocalDate lookedAt) {
        /** What of all copies can still be used up, mm. */
        public double usable() {
            return copies * Math.max(0, leadMm - STUB_MM);
        }
    }

    /**
     * What becomes of a pencil.
     *
     * @param leftMm of each copy now, by what was drawn since it was looked at, ≥ 0
     * @param neededMm of all copies together for what is planned
     * @param students most that work with it in one lesson to come
     * @param shortOn the first day there is not enough lead, or too few copies even for turns; null where it lasts
     * @param order how many new ones make it last, and are enough for turns in every class
     * @param moreForOneEach besides those, so that nobody waits for another
     */
    public record Forecast(
            Pencil pencil,
            double leftMm,
            double neededMm,
            int students,
            @Nullable LocalDate shortOn,
            int order,
            int moreForOneEach) {}

    /** Of every pencil that is planned for or was used, those that run short first. @param past, planned in order of days */
    public static List<Forecast> forecasts(List<Day> past, List<Day> planned, Map<Pencil, Stock> stock) {
        return stock.entrySet().stream()
                .map(e -> forecast(e.getKey(), e.getValue(), past, planned))
                .flatMap(Optional::stream)
                .sorted(Comparator.comparing(Forecast::shortOn, Comparator.nullsLast(Comparator.naturalOrder()))
                        .thenComparing(f -> f.pencil().code()))
                .toList();
    }

    private static Optional<Forecast> forecast(Pencil pencil, Stock stock, List<Day> past, List<Day> planned) {
        double used = past.stream()
                .filter(d -> d.date().isAfter(stock.lookedAt()))
                .flatMap(d -> d.of(pencil).stream())
                .mapToDouble(Use::mm)
                .sum();
        double left = stock.copies() == 0 ? 0 : Math.max(0, stock.leadMm() - used / stock.copies());
        double usable = new Stock(stock.copies(), left, stock.lookedAt()).usable();
        double needed = 0;
        int students = 0;
        int missing = 0;
        int missingForOneEach = 0;
        LocalDate shortOn = null;
        for (Day day : planned) {
            Use use = day.of(pencil).orElse(new Use(0, 0, 0, 0));
            needed += use.mm();
            students = Math.max(students, use.students());
            missing = Math.max(missing, use.missing());
            missingForOneEach = Math.max(missingForOneEach, use.missingForOneEach());
            boolean isShort = needed > usable || use.missing() > 0;
            shortOn = shortOn == null && isShort ? day.date() : shortOn;
        }
        if (needed == 0 && used == 0) {
            return Optional.empty();
        }
        int forLead = (int) Math.ceil(Math.max(0, needed - usable) / (NEW_MM - STUB_MM) - 1e-9);
        int order = Math.max(forLead, missing);
        return Optional.of(
                new Forecast(pencil, left, needed, students, shortOn, order, Math.max(0, missingForOneEach - order)));
    }
}
