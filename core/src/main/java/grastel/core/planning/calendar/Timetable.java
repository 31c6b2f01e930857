package grastel.core.planning.calendar;

import grastel.core.planning.calendar.CalendarProblem.Kind;
import grastel.core.planning.calendar.Period.State;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * When a class meets in a term. Times are local: a change of the clock moves no period against the school's bell.
 *
 * @param term first and last day
 * @param firstWeek what the week of the term's first day is where slots take turns; weeks without a school day are not
 *     counted, so that A and B go on after a holiday where they stopped
 * @param slots weekly meetings
 * @param holidays days without school
 * @param changes what is otherwise on single dates; those about no period of the timetable do nothing
 */
public record Timetable(Dates term, Turn firstWeek, List<Slot> slots, List<Dates> holidays, List<Change> changes) {
    /** A school year and the summer after it. */
    public static final int LONGEST_TERM_DAYS = 400;

    private static final int SCHOOL_DAYS = 5;

    public Timetable {
        slots = List.copyOf(slots);
        holidays = List.copyOf(holidays);
        changes = List.copyOf(changes);
    }

    /** All periods in the order they are held, the cancelled ones in their places; none of a timetable with a term that cannot be. */
    public List<Period> periods() {
        if (!termProblems().isEmpty()) {
            return List.of();
        }
        Map<LocalDateTime, Period> periods = usual();
        for (Change change : changes) {
            Period before = periods.get(change.period());
            if (change instanceof Change.Extra extra) {
                periods.putIfAbsent(
                        extra.period(),
                        new Period(extra.period(), extra.period(), extra.minutes(), extra.room(), State.EXTRA));
            } else if (before != null) {
                periods.put(change.period(), changed(before, change));
            }
        }
        return periods.values().stream().sorted().toList();
    }

    private Map<LocalDateTime, Period> usual() {
        Map<LocalDateTime, Period> periods = new HashMap<>();
        LocalDate monday = term.from().with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        Turn turn = firstWeek == Turn.B ? Turn.B : Turn.A;
        for (; !monday.isAfter(term.to()); monday = monday.plusWeeks(1)) {
            for (Slot slot : slots) {
                LocalDate date = monday.with(TemporalAdjusters.nextOrSame(slot.day()));
                if (slot.turn().meets(turn) && isSchoolDay(date)) {
                    LocalDateTime at = date.atTime(slot.starts());
                    periods.putIfAbsent(at, new Period(at, at, slot.minutes(), slot.room(), State.USUAL));
                }
            }
            turn = hasSchool(monday) ? turn.next() : turn;
        }
        return periods;
    }

    private boolean hasSchool(LocalDate monday) {
        return monday.datesUntil(monday.plusDays(SCHOOL_DAYS)).anyMatch(this::isSchoolDay);
    }

    private boolean isSchoolDay(LocalDate date) {
        return term.holds(date) && holidays.stream().noneMatch(h -> h.holds(date));
    }

    private static Period changed(Period p, Change change) {
        if (change instanceof Change.Moved moved) {
            String room = moved.room().isEmpty() ? p.room() : moved.room();
            return new Period(p.key(), moved.to(), moved.minutes(), room, State.MOVED);
        }
        if (change instanceof Change.Resized resized) {
            return new Period(p.key(), p.starts(), resized.minutes(), p.room(), State.RESIZED);
        }
        return new Period(p.key(), p.starts(), p.minutes(), p.room(), State.CANCELLED);
    }

    /** What of it cannot be, all of it at once; empty for a sound timetable. */
    public List<CalendarProblem> problems() {
        List<CalendarProblem> problems = new ArrayList<>(termProblems());
        for (int i = 0; i < holidays.size(); i++) {
            Dates holiday = holidays.get(i);
            if (holiday.isBackwards()) {
                problems.add(CalendarProblem.of(Kind.HOLIDAY_BACKWARDS, "holidays[" + i + "]"));
            } else if (holiday.to().isBefore(term.from()) || holiday.from().isAfter(term.to())) {
                problems.add(CalendarProblem.of(Kind.HOLIDAY_OUTSIDE, "holidays[" + i + "]"));
            }
        }
        slotProblems(problems);
        if (problems.isEmpty()) {
            changeProblems(problems);
        }
        return List.copyOf(problems);
    }

    private List<CalendarProblem> termProblems() {
        if (term.isBackwards()) {
            return List.of(CalendarProblem.of(Kind.TERM_BACKWARDS, "term"));
        }
        return term.from().plusDays(LONGEST_TERM_DAYS).isBefore(term.to())
                ? List.of(CalendarProblem.of(Kind.TERM_TOO_LONG, "term"))
                : List.of();
    }

    private void slotProblems(List<CalendarProblem> problems) {
        for (int i = 0; i < slots.size(); i++) {
            if (slots.get(i).endMinute() > 24 * 60) {
                problems.add(CalendarProblem.of(Kind.SLOT_PAST_MIDNIGHT, "slots[" + i + "]"));
            }
            for (int k = 0; k < i; k++) {
                if (slots.get(i).overlaps(slots.get(k))) {
                    problems.add(new CalendarProblem(Kind.SLOTS_OVERLAP, "slots[" + i + "]", "slots[" + k + "]"));
                }
            }
        }
    }

    private void changeProblems(List<CalendarProblem> problems) {
        Map<LocalDateTime, Period> usual = usual();
        Map<LocalDateTime, Integer> seen = new HashMap<>();
        for (int i = 0; i < changes.size(); i++) {
            Change change = changes.get(i);
            String where = "changes[" + i + "]";
            Integer earlier = seen.putIfAbsent(change.period(), i);
            if (earlier != null) {
                problems.add(new CalendarProblem(Kind.CHANGED_TWICE, where, "changes[" + earlier + "]"));
            } else if (change instanceof Change.Extra == usual.containsKey(change.period())) {
                Kind kind = change instanceof Change.Extra ? Kind.HELD_AT_ONCE : Kind.CHANGE_OF_NOTHING;
                problems.add(CalendarProblem.of(kind, where));
            } else if (!term.holds(heldOn(change))) {
                problems.add(CalendarProblem.of(Kind.CHANGE_OUTSIDE, where));
            }
        }
        if (problems.isEmpty()) {
            collisions(problems);
        }
    }

    private static LocalDate heldOn(Change change) {
        return change instanceof Change.Moved moved
                ? moved.to().toLocalDate()
                : change.period().toLocalDate();
    }

    private void collisions(List<CalendarProblem> problems) {
        Period before = null;
        for (Period period : periods().stream().filter(Period::isHeld).toList()) {
            if (before != null && before.ends().isAfter(period.starts())) {
                boolean usual = period.state() == State.USUAL;
                Period named = usual ? before : period;
                Period other = usual ? period : before;
                problems.add(new CalendarProblem(Kind.HELD_AT_ONCE, place(named), place(other)));
            }
            before = before == null || period.ends().isAfter(before.ends()) ? period : before;
        }
    }

    /** The change that made a period what it is. */
    private String place(Period period) {
        for (int i = 0; i < changes.size(); i++) {
            if (changes.get(i).period().equals(period.key())) {
                return "changes[" + i + "]";
            }
        }
        return "";
    }
}
