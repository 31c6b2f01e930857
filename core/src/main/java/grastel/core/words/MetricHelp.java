package grastel.core.words;

/** A figure that a person is told of, in words of the catalogue. */
public interface MetricHelp {
    /** By which the catalogue has it. */
    String key();

    default String label() {
        return say("label");
    }

    /** What is measured, with its unit. */
    default String measures() {
        return say("measures");
    }

    /** What that is taken for in the drawing. */
    default String standsFor() {
        return say("standsFor");
    }

    /** What it does not tell. */
    default String cannotSee() {
        return say("cannotSee");
    }

    /** What the catalogue says of it. */
    default String say(String what) {
        return Words.say(key() + "." + what);
    }
}
