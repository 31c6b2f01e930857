package grastel.app.classes;

import static grastel.core.words.Words.say;

import com.fasterxml.jackson.annotation.JsonIgnore;
import grastel.core.checks.Require;
import grastel.core.planning.ClassTime;
import grastel.core.planning.calendar.Change;
import grastel.core.planning.calendar.Dates;
import grastel.core.planning.calendar.Period;
import grastel.core.planning.calendar.Slot;
import grastel.core.planning.calendar.Timetable;
import grastel.core.planning.calendar.Turn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * When a class meets, how long it takes to begin and to clear, and how it sits; as it is asked for and as it is kept.
 *
 * @param version of this shape, {@value #VERSION}
 * @param term null where it meets every week of the year; holidays and changes then do nothing
 * @param firstWeek what the term's first week is where slots take turns
 * @param setUpMinutes before anyone draws
 * @param clearingMinutes after it
 * @param tables seats at each table; empty for as many tables of four as the class needs
 */
public record CalendarData(
        Integer version,
        @Valid @Nullable DatesData term,
        Turn firstWeek,
        @NotNull @Size(max = 20) List<@NotNull @Valid SlotData> slots,
        @Size(max = 60) List<@NotNull @Valid DatesData> holidays,
        @Size(max = 400) List<@NotNull @Valid ChangeData> changes,
        @Min(0) @Max(60) Integer setUpMinutes,
        @Min(0) @Max(60) Integer clearingMinutes,
        @Size(max = 20) List<@NotNull @Min(1) @Max(40) Integer> tables) {
    public static final int VERSION = 1;
    /** Nothing said yet. */
    public static final CalendarData NONE = of(List.of());

    public CalendarData {
        version = version == null ? VERSION : version;
        firstWeek = firstWeek == null ? Turn.EVERY : firstWeek;
        slots = slots == null ? List.of() : List.copyOf(slots);
        holidays = holidays == null ? List.of() : List.copyOf(holidays);
        changes = changes == null ? List.of() : List.copyOf(changes);
        setUpMinutes = setUpMinutes == null ? (int) ClassTime.USUAL_SET_UP : setUpMinutes;
        clearingMinutes = clearingMinutes == null ? (int) ClassTime.USUAL_CLEARING : clearingMinutes;
        tables = tables == null ? List.of() : List.copyOf(tables);
    }

    public static CalendarData of(List<SlotData> slots) {
        return new CalendarData(
                VERSION,
                null,
                Turn.EVERY,
                slots,
                List.of(),
                List.of(),
                (int) ClassTime.USUAL_SET_UP,
                (int) ClassTime.USUAL_CLEARING,
                List.of());
    }

    /** The same week without the dates of a term. */
    CalendarData withoutDates() {
        return new CalendarData(
                version, null, firstWeek, slots, List.of(), List.of(), setUpMinutes, clearingMinutes, tables);
    }

    /** @param name what the days are, empty for none */
    public record DatesData(
            @NotNull LocalDate from,
            @NotNull LocalDate to,
            @Size(max = 60) String name) {
        Dates toDates() {
            return new Dates(from, to, name == null ? "" : name);
        }
    }

    public record SlotData(
            @NotNull DayOfWeek day,
            @NotNull LocalTime starts,
            @NotNull @Min(Slot.SHORTEST) @Max(Slot.LONGEST) Integer minutes,
            @Size(max = 40) String room,
            Turn turn) {
        public SlotData {
            room = room == null ? "" : room;
            turn = turn == null ? Turn.EVERY : turn;
        }

        Slot toSlot() {
            return new Slot(day, starts, minutes, room, turn);
        }
    }

    /** @param period when the timetable has it, or when the extra one is; @param to only of moved; @param minutes not of cancelled */
    public record ChangeData(
            @NotNull Kind kind,
            @NotNull LocalDateTime period,
            LocalDateTime to,
            @Min(Slot.SHORTEST) @Max(Slot.LONGEST) Integer minutes,
            @Size(max = 40) String room) {
        public enum Kind {
            CANCELLED,
            MOVED,
            RESIZED,
            EXTRA
        }

        /** @throws IllegalArgumentException where what the kind needs is left out */
        Change toChange() {
            String where = room == null ? "" : room;
            return switch (kind) {
                case CANCELLED -> new Change.Cancelled(period);
                case MOVED -> new Change.Moved(period, needed(to, say("problem.say-when-it-is-held")), length(), where);
                case RESIZED -> new Change.Resized(period, length());
                case EXTRA -> new Change.Extra(period, length(), where);
            };
        }

        private int length() {
            return needed(minutes, say("problem.say-its-minutes"));
        }

        private static <T> T needed(T value, String otherwise) {
            if (value == null) {
                throw new IllegalArgumentException(otherwise);
            }
            return value;
        }
    }

    /** What of it lies in a term. */
    Timetable timetable() {
        return new Timetable(
                Require.present(term, "the term").toDates(),
                firstWeek,
                slots.stream().map(SlotData::toSlot).toList(),
                holidays.stream().map(DatesData::toDates).toList(),
                changes.stream().map(ChangeData::toChange).toList());
    }

    /** All periods of the term; none where no term is given. */
    public List<Period> periods() {
        return term == null ? List.of() : timetable().periods();
    }

    /** How a class uses a period at the usual pace. */
    public ClassTime time() {
        return new ClassTime(setUpMinutes, clearingMinutes, 1);
    }

    /** Minutes that the longest period leaves for a lesson; none where nobody said when the class meets. */
    public OptionalDouble room() {
        return slots.stream().mapToDouble(s -> time().room(s.minutes())).max();
    }

    /** The periods of a day, the cancelled ones too. */
    public List<Period> on(LocalDate date) {
        if (term != null) {
            return periods().stream().filter(p -> p.date().equals(date)).toList();
        }
        return slots.stream()
                .filter(s -> s.day() == date.getDayOfWeek())
                .map(s -> date.atTime(s.starts()).withNano(0))
                .sorted()
                .map(at -> new Period(at, at, lengthAt(at), "", Period.State.USUAL))
                .toList();
    }

    /** The first day after one on which the class meets. */
    public Optional<LocalDate> heldAfter(LocalDate day) {
        if (term == null) {
            return day.plusDays(1)
                    .datesUntil(day.plusDays(8))
                    .filter(d -> slots.stream().anyMatch(s -> s.day() == d.getDayOfWeek()))
                    .findFirst();
        }
        return periods().stream()
                .filter(p -> p.isHeld() && p.date().isAfter(day))
                .map(Period::date)
                .findFirst();
    }

    private int lengthAt(LocalDateTime at) {
        return slots.stream()
                .filter(s -> s.day() == at.getDayOfWeek() && s.starts().equals(at.toLocalTime()))
                .findFirst()
                .orElseThrow()
                .minutes();
    }

    @JsonIgnore
    public boolean hasTerm() {
        return term != null;
    }
}
