package grastel.core.planning;

import grastel.core.planning.Pace.Observation;
import grastel.core.planning.Schedule.OnPeriod;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What a class's log and its returned pages tell of its pace.
 *
 * @param periods that were logged and in which something was drawn
 * @param pages that came back of lessons that were logged
 */
public record PaceEvidence(Pace pace, int periods, int pages) {
    /**
     * How far a student came on a sheet.
     *
     * @param student told from others by it
     * @param sheet place of the sheet in the lesson, from 0
     * @param field the last one with pigment, in the order of work
     * @param received the day it came back
     */
    public record Came(String student, String lesson, int sheet, String field, LocalDate received) {}

    /** @param usual set-up and clearing of the class, at the usual pace */
    public static PaceEvidence of(List<Lesson> lessons, List<Logged> log, ClassTime usual, List<Came> came) {
        List<OnPeriod> logged = Scheduler.lay(lessons, List.of(), usual, log).periods();
        List<Observation> all = new ArrayList<>();
        for (OnPeriod on : logged) {
            boolean stopped = log.stream()
                    .anyMatch(l -> l.period().key().equals(on.period().key()) && l.stopped());
            double work = paced(stages(on));
            double minutes = on.room() - unpaced(stages(on));
            if (work > 0 && minutes > 0) {
                all.add(Pace.logged(work, minutes, !stopped));
            }
        }
        int periods = all.size();
        for (Lesson lesson : lessons) {
            all.addAll(Pace.ofOneLesson(pages(lesson, logged, came)));
        }
        return new PaceEvidence(Pace.learned(all), periods, all.size() - periods);
    }

    private static List<Observation> pages(Lesson lesson, List<OnPeriod> logged, List<Came> came) {
        List<Stage> work = lesson.stages().stream().filter(Stage::isPaced).toList();
        Map<String, Integer> reached = new LinkedHashMap<>();
        Map<String, LocalDate> received = new HashMap<>();
        for (Came one : came) {
            if (one.lesson().equals(lesson.id())) {
                place(work, one).ifPresent(at -> {
                    reached.merge(one.student(), at, Math::max);
                    received.merge(one.student(), one.received(), (a, b) -> a.isAfter(b) ? a : b);
                });
            }
        }
        List<Observation> seen = new ArrayList<>();
        reached.forEach((student, at) -> {
            double minutes = logged.stream()
                    .filter(on -> !on.period().date().isAfter(received.get(student)))
                    .mapToDouble(on -> minutes(on, lesson))
                    .sum();
            if (minutes > 0) {
                seen.add(Pace.page(work, at, minutes));
            }
        });
        return seen;
    }

    /** How many stages have been begun when this field has. */
    private static Optional<Integer> place(List<Stage> work, Came came) {
        return IntStream.range(0, work.size())
                .filter(i -> work.get(i).part().sheet() == came.sheet()
                        && work.get(i).part().field().equals(came.field()))
                .boxed()
                .reduce((a, b) -> b)
                .map(i -> i + 1);
    }

    /** The time for drawing in a period as far as it was this lesson's, in proportion to its work there. */
    private static double minutes(OnPeriod on, Lesson lesson) {
        double own = paced(on.pieces().stream()
                .filter(p -> p.lesson().equals(lesson.id()))
                .flatMap(p -> p.stages().stream())
                .toList());
        double all = paced(stages(on));
        return all == 0 ? 0 : Math.max(0, on.room() - unpaced(stages(on))) * own / all;
    }

    private static List<Stage> stages(OnPeriod on) {
        return on.pieces().stream().flatMap(p -> p.stages().stream()).toList();
    }

    private static double paced(List<Stage> stages) {
        return stages.stream()
                .filter(Stage::isPaced)
                .mapToDouble(Stage::minutes)
                .sum();
    }

    private static double unpaced(List<Stage> stages) {
        return stages.stream()
                .filter(s -> !s.isPaced())
                .mapToDouble(Stage::minutes)
                .sum();
    }
}
