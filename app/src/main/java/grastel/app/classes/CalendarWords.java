package grastel.app.classes;

import grastel.app.platform.ApiProblem;
import grastel.app.platform.ApiProblem.FieldProblem;
import grastel.core.planning.calendar.CalendarProblem;
import grastel.core.planning.calendar.Dates;
import grastel.core.planning.calendar.Timetable;
import grastel.core.planning.calendar.Turn;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.HttpStatus;

/** What cannot be in a class's calendar, in words. */
final class CalendarWords {
    private static final LocalDate ANY_MONDAY = LocalDate.of(2001, 1, 1);

    private CalendarWords() {}

    /** @throws ApiProblem naming everything that cannot be, by its place */
    static void requireSound(CalendarData data) {
        List<FieldProblem> problems = problems(data).stream()
                .map(p -> new FieldProblem(
                        p.where().isEmpty() ? "slots" : p.where(), p.kind().name(), words(p)))
                .toList();
        if (!problems.isEmpty()) {
            throw new ApiProblem(
                    HttpStatus.UNPROCESSABLE_CONTENT, "INVALID", problems.get(0).message(), problems);
        }
    }

    private static List<CalendarProblem> problems(CalendarData data) {
        for (int i = 0; i < data.changes().size(); i++) {
            ApiProblem.taken("changes[" + i + "]", data.changes().get(i)::toChange);
        }
        if (data.hasTerm()) {
            return data.timetable().problems();
        }
        return new Timetable(
                        new Dates(ANY_MONDAY, ANY_MONDAY, ""),
                        Turn.EVERY,
                        data.slots().stream().map(CalendarData.SlotData::toSlot).toList(),
                        List.of(),
                        List.of())
                .problems();
    }

    private static String words(CalendarProblem p) {
        return switch (p.kind()) {
            case TERM_BACKWARDS -> "The term ends before it starts.";
            case TERM_TOO_LONG -> "The term is longer than " + Timetable.LONGEST_TERM_DAYS + " days.";
            case HOLIDAY_BACKWARDS -> "Holiday " + number(p.where()) + " ends before it starts.";
            case HOLIDAY_OUTSIDE -> "Holiday " + number(p.where()) + " has no day in the term.";
            case SLOTS_OVERLAP ->
                "Periods " + number(p.other()) + " and " + number(p.where()) + " of the week overlap.";
            case SLOT_PAST_MIDNIGHT -> "Period " + number(p.where()) + " of the week runs past midnight.";
            case CHANGED_TWICE ->
                "Changes " + number(p.other()) + " and " + number(p.where()) + " are about one period.";
            case CHANGE_OF_NOTHING -> "Change " + number(p.where()) + ": the class has no period then.";
            case CHANGE_OUTSIDE -> "Change " + number(p.where()) + " leads out of the term.";
            case HELD_AT_ONCE ->
                p.where().isEmpty()
                        ? "Two periods of the class are held at once."
                        : "Change " + number(p.where()) + ": another period of the class is held then.";
        };
    }

    /** {@code slots[2]} is the third. */
    private static int number(String where) {
        return 1 + Integer.parseInt(where.replaceAll("\\D", ""));
    }
}
