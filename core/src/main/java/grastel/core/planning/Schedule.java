package grastel.core.planning;

import grastel.core.planning.calendar.Period;
import java.util.List;
import java.util.stream.Stream;

/**
 * Lessons on periods.
 *
 * @param periods all held periods in order, the empty ones too
 * @param left what found no place, in the order of the course
 */
public record Schedule(List<OnPeriod> periods, List<Left> left) {
    public Schedule {
        periods = List.copyOf(periods);
        left = List.copyOf(left);
    }

    /**
     * A period and what is done in it.
     *
     * @param room minutes there are for it
     * @param planned minutes after which three of four students are done
     * @param median minutes after which half of them are
     * @param quick minutes after which the quickest quarter is
     * @param logged true where it is what happened, not what is planned
     */
    public record OnPeriod(
            Period period,
            List<LessonPart> pieces,
            double room,
            double planned,
            double median,
            double quick,
            boolean logged) {
        public OnPeriod {
            pieces = List.copyOf(pieces);
        }

        /** Minutes without work for three of four students. */
        public double slack() {
            return room - planned;
        }
    }

    /**
     * Stages of one lesson that follow one another.
     *
     * @param goesOn true where the lesson has more stages after these
     * @param stop how good it is to stop there
     */
    public record LessonPart(String lesson, List<Stage> stages, boolean goesOn, Stop stop) {
        public LessonPart {
            stages = List.copyOf(stages);
        }
    }

    /** Why stages found no place. */
    public enum Why {
        /** The term has no period left. */
        NO_PERIOD_LEFT,
        /** A later lesson is pinned, and there is no room before it. */
        NOT_BEFORE_THE_PINNED,
        /** Stages that must not be parted are longer than any period. */
        LONGER_THAN_ANY_PERIOD
    }

    /** @param stages of the lesson, those without a place */
    public record Left(String lesson, List<Stage> stages, Why why) {
        public Left {
            stages = List.copyOf(stages);
        }
    }

    /** The periods of a lesson. */
    public Stream<OnPeriod> of(String lesson) {
        return periods.stream()
                .filter(p ->
                        p.pieces().stream().anyMatch(piece -> piece.lesson().equals(lesson)));
    }
}
