package grastel.core.colour;

/**
 * Value as art classes count it: Munsell value, 0 black … 10 white. ASTM D1535-14, the fifth-degree polynomial of
 * luminance against value, with magnesium oxide's 102.57 % taken out so that the perfect diffuser is 10.
 */
public final class MunsellValue {
    private MunsellValue() {}

    /** Luminance factor 0…1 of a Munsell value 0…10. */
    public static double luminanceOf(double value) {
        double percent =
                value * (1.1914 + value * (-0.22533 + value * (0.23352 + value * (-0.020484 + value * 0.00081939))));
        return percent / 100;
    }

    /**
     * Munsell value of a luminance factor, by bisection to 1e-9.
     *
     * @param luminance Y, 0…1; outside counts as the nearer end
     */
    public static double of(double luminance) {
        double low = 0;
        double high = 10;
        for (int i = 0; i < 34; i++) {
            double middle = (low + high) / 2;
            if (luminanceOf(middle) < luminance) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }
}
