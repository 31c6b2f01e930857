package grastel.core.exercise;

import static grastel.core.words.Words.say;

/** Where the light on a picture comes from, as it lies on the table. */
public enum LightFrom {
    RIGHT(say("exercise.right")),
    UPPER_RIGHT(say("exercise.upper-right")),
    ABOVE(say("exercise.top")),
    UPPER_LEFT(say("exercise.upper-left")),
    LEFT(say("exercise.left")),
    LOWER_LEFT(say("exercise.lower-left")),
    BELOW(say("exercise.bottom")),
    LOWER_RIGHT(say("exercise.lower-right"));

    private final String words;

    LightFrom(String words) {
        this.words = words;
    }

    /** After “the”. */
    public String words() {
        return words;
    }

    /** The nearest. @param degrees from the right, anticlockwise */
    public static LightFrom at(double degrees) {
        return values()[Math.floorMod(Math.round(degrees * values().length / 360), values().length)];
    }
}
