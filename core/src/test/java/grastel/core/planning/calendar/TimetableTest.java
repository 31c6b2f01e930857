package grastel.core.planning.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import grastel.core.planning.calendar.CalendarProblem.Kind;
import grastel.core.planning.calendar.Period.State;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Autumn 2026: 31 August is a Monday. */
class TimetableTest {
    private static final Dates TERM = new Dates(date(8, 31), date(12, 18), "autumn");
    private static final Slot TUESDAY = slot(DayOfWeek.TUESDAY, 11, 5, Turn.EVERY);
    private static final Dates HALF_TERM = new Dates(date(10, 26), date(10, 30), "half term");
    private static final LocalDateTime FIRST = date(9, 1).atTime(11, 5);

    @Test
    void meetsEveryWeekButInHolidays() {
        List<Period> periods = of(List.of(TUESDAY), List.of(HALF_TERM)).periods();
        assertThat(periods).hasSize(15).allMatch(p -> p.date().getDayOfWeek() == DayOfWeek.TUESDAY);
        assertThat(periods).extracting(Period::date).startsWith(date(9, 1)).doesNotContain(date(10, 27));
    }

    @Test
    void firstAndLastDayOfTheTermAreInIt() {
        Slot monday = slot(DayOfWeek.MONDAY, 9, 0, Turn.EVERY);
        Slot friday = slot(DayOfWeek.FRIDAY, 9, 0, Turn.EVERY);
        List<Period> periods = of(List.of(monday, friday), List.of()).periods();
        assertThat(periods.get(0).date()).isEqualTo(date(8, 31));
        assertThat(periods.get(periods.size() - 1).date()).isEqualTo(date(12, 18));
    }

    @Test
    void weeksTakeTurnsAndGoOnAfterAHolidayWhereTheyStopped() {
        Timetable timetable = new Timetable(
                TERM, Turn.B, List.of(slot(DayOfWeek.TUESDAY, 11, 5, Turn.A)), List.of(HALF_TERM), List.of());
        // B 31 Aug, A 7 Sep, … every other week up to A 19 Oct; the holiday week is not counted: B 2 Nov, A 9 Nov
        assertThat(timetable.periods())
                .extracting(Period::date)
                .containsExactly(
                        date(9, 8), date(9, 22), date(10, 6), date(10, 20), date(11, 10), date(11, 24), date(12, 8));
    }

    @Test
    void aTermThatBeginsMidWeekHasItsFirstWeekThen() {
        Timetable timetable =
                new Timetable(new Dates(date(9, 3), date(9, 30), ""), Turn.A, List.of(TUESDAY), List.of(), List.of());
        assertThat(timetable.periods()).extracting(Period::date).startsWith(date(9, 8));
    }

    @Test
    void changesOfSingleDates() {
        List<Change> changes = List.of(
                new Change.Cancelled(FIRST),
                new Change.Moved(FIRST.plusWeeks(1), date(9, 10).atTime(9, 0), 60, "Hall"),
                new Change.Resized(FIRST.plusWeeks(2), 30),
                new Change.Extra(date(9, 18).atTime(14, 0), 90, ""));
        Timetable timetable = new Timetable(TERM, Turn.EVERY, List.of(TUESDAY), List.of(), changes);
        assertThat(timetable.problems()).isEmpty();
        assertThat(timetable.periods().subList(0, 4))
                .containsExactly(
                        new Period(FIRST, FIRST, 50, "Room 4", State.CANCELLED),
                        new Period(FIRST.plusWeeks(1), date(9, 10).atTime(9, 0), 60, "Hall", State.MOVED),
                        new Period(FIRST.plusWeeks(2), FIRST.plusWeeks(2), 30, "Room 4", State.RESIZED),
                        new Period(date(9, 18).atTime(14, 0), date(9, 18).atTime(14, 0), 90, "", State.EXTRA));
    }

    @Test
    void cancellingAndRestoringGivesTheSame() {
        Timetable usual = of(List.of(TUESDAY), List.of());
        Timetable cancelled =
                new Timetable(TERM, Turn.EVERY, List.of(TUESDAY), List.of(), List.of(new Change.Cancelled(FIRST)));
        assertThat(cancelled.periods()).isNotEqualTo(usual.periods());
        assertThat(of(List.of(TUESDAY), List.of()).periods()).isEqualTo(usual.periods());
    }

    @Test
    void timesAreLocalThroughBothChangesOfTheClock() {
        // Europe changes on 25 October 2026 and 28 March 2027
        Timetable year = new Timetable(
                new Dates(date(8, 31), LocalDate.of(2027, 7, 16), ""),
                Turn.EVERY,
                List.of(TUESDAY),
                List.of(),
                List.of());
        assertThat(year.periods()).allMatch(p -> p.starts().toLocalTime().equals(LocalTime.of(11, 5)));
        assertThat(year.periods()).hasSize(46);
    }

    @Test
    void whatCannotBeIsSaidAllAtOnce() {
        Timetable timetable = of(
                List.of(
                        TUESDAY,
                        slot(DayOfWeek.TUESDAY, 11, 30, Turn.EVERY),
                        slot(DayOfWeek.FRIDAY, 23, 30, Turn.EVERY)),
                List.of(
                        new Dates(date(10, 30), date(10, 26), "backwards"),
                        new Dates(LocalDate.of(2027, 2, 1), LocalDate.of(2027, 2, 5), "outside")));
        assertThat(timetable.problems())
                .containsExactlyInAnyOrder(
                        new CalendarProblem(Kind.SLOTS_OVERLAP, "slots[1]", "slots[0]"),
                        new CalendarProblem(Kind.SLOT_PAST_MIDNIGHT, "slots[2]", ""),
                        new CalendarProblem(Kind.HOLIDAY_BACKWARDS, "holidays[0]", ""),
                        new CalendarProblem(Kind.HOLIDAY_OUTSIDE, "holidays[1]", ""));
    }

    @Test
    void slotsOfDifferentWeeksDoNotOverlap() {
        Timetable timetable =
                of(List.of(slot(DayOfWeek.TUESDAY, 11, 5, Turn.A), slot(DayOfWeek.TUESDAY, 11, 5, Turn.B)), List.of());
        assertThat(timetable.problems()).isEmpty();
        assertThat(timetable.periods()).hasSize(16);
    }

    @Test
    void aTermThatEndsBeforeItStartsHasNoPeriods() {
        Timetable timetable = new Timetable(
                new Dates(date(12, 18), date(8, 31), ""), Turn.EVERY, List.of(TUESDAY), List.of(), List.of());
        assertThat(timetable.problems()).extracting(CalendarProblem::kind).containsExactly(Kind.TERM_BACKWARDS);
        assertThat(timetable.periods()).isEmpty();
    }

    @Test
    void aTermOfCenturiesIsRefusedQuickly() {
        Timetable timetable = new Timetable(
                new Dates(date(8, 31), LocalDate.of(9999, 12, 31), ""),
                Turn.EVERY,
                List.of(TUESDAY),
                List.of(),
                List.of());
        assertThat(timetable.problems()).extracting(CalendarProblem::kind).containsExactly(Kind.TERM_TOO_LONG);
        assertThat(timetable.periods()).isEmpty();
    }

    @Test
    void changesThatCannotBe() {
        assertThat(problem(new Change.Cancelled(FIRST.plusDays(1)))).isEqualTo(Kind.CHANGE_OF_NOTHING);
        assertThat(problem(new Change.Extra(FIRST, 40, ""))).isEqualTo(Kind.HELD_AT_ONCE);
        assertThat(problem(new Change.Moved(FIRST, FIRST.plusYears(1), 40, ""))).isEqualTo(Kind.CHANGE_OUTSIDE);
        assertThat(problem(new Change.Moved(FIRST, FIRST.plusWeeks(1).plusMinutes(20), 40, "")))
                .isEqualTo(Kind.HELD_AT_ONCE);
        assertThat(problem(new Change.Cancelled(FIRST), new Change.Resized(FIRST, 30)))
                .isEqualTo(Kind.CHANGED_TWICE);
    }

    @Test
    void lengthsAreWithinReason() {
        assertThatThrownBy(() -> new Slot(DayOfWeek.MONDAY, LocalTime.NOON, 0, "", Turn.EVERY))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("asked for 0");
        assertThatThrownBy(() -> new Change.Extra(FIRST, 5000, "")).hasMessageContaining("5000");
    }

    private static Kind problem(Change... changes) {
        List<CalendarProblem> problems =
                new Timetable(TERM, Turn.EVERY, List.of(TUESDAY), List.of(), List.of(changes)).problems();
        assertThat(problems).hasSize(1);
        return problems.get(0).kind();
    }

    private static Timetable of(List<Slot> slots, List<Dates> holidays) {
        return new Timetable(TERM, Turn.EVERY, slots, holidays, List.of());
    }

    private static Slot slot(DayOfWeek day, int hour, int minute, Turn turn) {
        return new Slot(day, LocalTime.of(hour, minute), 50, "Room 4", turn);
    }

    private static LocalDate date(int month, int day) {
        return LocalDate.of(2026, month, day);
    }
}
