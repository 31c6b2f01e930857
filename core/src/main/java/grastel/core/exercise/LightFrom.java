package grastel.core.exercise;

/** Where the light on a picture comes from, as it lies on the table. */
public enum LightFrom {
    RIGHT("right"),
    UPPER_RIGHT("upper right"),
    ABOVE("top"),
    UPPER_LEFT("upper left"),
    LEFT("left"),
    LOWER_LEFT("lower left"),
    BELOW("bottom"),
    LOWER_RIGHT("lower right");

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
