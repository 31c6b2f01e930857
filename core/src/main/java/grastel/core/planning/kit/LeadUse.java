package grastel.core.planning.kit;

import grastel.core.exercise.FieldWork.Piece;
import grastel.core.media.Pencil;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

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

    private LeadUse() {}

    /** What one piece of work takes of its pencil, mm; 0 for solvent. */
    public static double mm(Piece piece) {
        double turns = piece.cm2() * piece.passes() / SHARPENED_EVERY_CM2;
        return piece.pencil() == null ? 0 : turns * (SHARPENING_MM + MARKS_MM * piece.pressure());
    }

    /** A day's work of a class. @param mm taken of each pencil by all students together */
    public record Day(LocalDate date, Map<Pencil, Double> mm) {}

    /** What there is of a pencil. @param copies ≥ 1; @param leadMm left of each */
    public record Stock(int copies, double leadMm) {
        /** What of all copies can still be used up, mm. */
        public double usable() {
            return copies * Math.max(0, leadMm - STUB_MM);
        }
    }

    /** When a pencil runs short. @param on the first day there is not enough; @param missingMm by the last day */
    public record Short(Pencil pencil, LocalDate on, double missingMm) {}

    /** The pencils that do not last, in the order they run short. @param days in order */
    public static List<Short> shortages(List<Day> days, Map<Pencil, Stock> stock) {
        Map<Pencil, Double> used = new LinkedHashMap<>();
        Map<Pencil, LocalDate> since = new LinkedHashMap<>();
        for (Day day : days) {
            day.mm().forEach((pencil, mm) -> {
                double sum = used.merge(pencil, mm, Double::sum);
                if (Optional.ofNullable(stock.get(pencil))
                        .filter(s -> sum > s.usable())
                        .isPresent()) {
                    since.putIfAbsent(pencil, day.date());
                }
            });
        }
        return since.entrySet().stream()
                .map(e -> new Short(
                        e.getKey(),
                        e.getValue(),
                        used.get(e.getKey()) - stock.get(e.getKey()).usable()))
                .toList();
    }
}
