package grastel.app.platform.colleagues;

import static grastel.core.words.Words.say;

/** What an endpoint is about. */
public enum About {
    CLASS,
    STUDENT,
    /** A printing of a sheet. */
    RUN,
    /** A returned page. */
    PAGE,
    /** A list, of which a colleague is shown what belongs to the class. */
    LIST;

    /** What is not there for whoever may not see it. */
    String words() {
        return say(
                switch (this) {
                    case CLASS, LIST -> "thing.class";
                    case STUDENT -> "thing.student";
                    case RUN -> "thing.print-run";
                    case PAGE -> "thing.page";
                });
    }
}
