package grastel.core.planning.calendar;

import java.time.LocalDateTime;

/** What is otherwise than every week. Periods are named by when they would have been. */
public sealed interface Change {
    /** The period it is about. */
    LocalDateTime period();

    record Cancelled(LocalDateTime period) implements Change {}

    /** Held at another time. @param minutes its length there; @param room its room there, empty for the usual */
    record Moved(LocalDateTime period, LocalDateTime to, int minutes, String room) implements Change {
        public Moved {
            Slot.requireLength(minutes);
        }
    }

    /** Shorter or longer than usual. */
    record Resized(LocalDateTime period, int minutes) implements Change {
        public Resized {
            Slot.requireLength(minutes);
        }
    }

    /** Held though no slot has it. */
    record Extra(LocalDateTime period, int minutes, String room) implements Change {
        public Extra {
            Slot.requireLength(minutes);
        }
    }
}
