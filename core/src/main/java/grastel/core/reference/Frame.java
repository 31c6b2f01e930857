package grastel.core.reference;

/** What is drawn in. @param widthMm and heightMm {@value #LEAST_MM} … {@value #MOST_MM} */
public record Frame(double widthMm, double heightMm) {
    public static final double LEAST_MM = 40;
    public static final double MOST_MM = 600;

    public Frame {
        requireLength("width", widthMm);
        requireLength("height", heightMm);
    }

    private static void requireLength(String name, double mm) {
        if (!(mm >= LEAST_MM && mm <= MOST_MM)) {
            throw new IllegalArgumentException(
                    "A frame's " + name + " is " + LEAST_MM + " … " + MOST_MM + " mm, was " + mm);
        }
    }

    double aspect() {
        return widthMm / heightMm;
    }
}
