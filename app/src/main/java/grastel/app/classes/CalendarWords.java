package grastel.app.classes;

import static grastel.core.words.Words.say;

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
            case TERM_BACKWARDS -> say("problem.the-term-ends-before");
            case TERM_TOO_LONG -> say("problem.the-term-is-longer", Timetable.LONGEST_TERM_DAYS);
            case HOLIDAY_BACKWARDS -> say("problem.holiday-ends-before-it", number(p.where()));
            case HOLIDAY_OUTSIDE -> say("problem.holiday-has-no-day", number(p.where()));
            case SLOTS_OVERLAP -> say("problem.periods-and-of-the", number(p.other()), number(p.where()));
            case SLOT_PAST_MIDNIGHT -> say("problem.period-of-the-week", number(p.where()));
            case CHANGED_TWICE -> say("problem.changes-and-are-about", number(p.other()), number(p.where()));
            case CHANGE_OF_NOTHING -> say("problem.change-the-class-has", number(p.where()));
            case CHANGE_OUTSIDE -> say("problem.change-leads-out-of", number(p.where()));
            case HELD_AT_ONCE ->
                p.where().isEmpty()
                        ? say("problem.two-periods-of-the")
                        : say("problem.change-another-period-of", number(p.where()));
        };
    }

    /** {@code slots[2]} is the third. */
    private static int number(String where) {
        return 1 + Integer.parseInt(where.replaceAll("\\D", ""));
    }
}
