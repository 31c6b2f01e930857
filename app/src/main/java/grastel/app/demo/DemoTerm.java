package grastel.app.demo;

import grastel.app.classes.CalendarData;
import grastel.app.classes.CalendarData.DatesData;
import grastel.app.classes.CalendarData.SlotData;
import grastel.core.planning.ClassTime;
import grastel.core.planning.calendar.Turn;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.stream.Stream;

/** A term whose tenth week it is, whatever day the demo is looked at; classes meet on that weekday and on another. */
final class DemoTerm {
    private static final int WEEKS_BEFORE = 9;
    private static final int WEEKS_AFTER = 5;
    /** Weeks before this one that the half term lies. */
    private static final int HALF_TERM = 3;

    private DemoTerm() {}

    /** @param aWeek periods a week, 1 or 2 */
    static CalendarData around(LocalDate today, LocalTime starts, int minutes, int aWeek) {
        LocalDate monday = today.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        DatesData term = new DatesData(
                monday.minusWeeks(WEEKS_BEFORE), monday.plusWeeks(WEEKS_AFTER).plusDays(4), "Term");
        LocalDate halfTerm = monday.minusWeeks(HALF_TERM);
        DayOfWeek other = today.getDayOfWeek().getValue() < DayOfWeek.THURSDAY.getValue()
                ? today.getDayOfWeek().plus(2)
                : DayOfWeek.TUESDAY;
        return new CalendarData(
                CalendarData.VERSION,
                term,
                Turn.EVERY,
                Stream.of(today.getDayOfWeek(), other)
                        .limit(aWeek)
                        .map(day -> new SlotData(day, starts, minutes, "Room 4", Turn.EVERY))
                        .toList(),
                List.of(new DatesData(halfTerm, halfTerm.plusDays(4), "Half term")),
                List.of(),
                (int) ClassTime.USUAL_SET_UP,
                (int) ClassTime.USUAL_CLEARING,
                List.of());
    }
}
