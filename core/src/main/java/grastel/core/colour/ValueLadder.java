package grastel.core.colour;

import java.util.ArrayList;
import java.util.List;

/**
 * A teacher's own value scale: so many greys from white to black, equally far apart in Munsell value.
 *
 * @param steps 3…11
 */
public record ValueLadder(int steps) {
    private static final double LIGHTEST = 9.5;
    private static final double DARKEST = 1;

    public ValueLadder {
        if (steps < 3 || steps > 11) {
            throw new IllegalArgumentException("A value ladder has 3…11 steps, asked for " + steps);
        }
    }

    /** Munsell value of a step. @param step 1 lightest … steps darkest */
    public double valueOf(int step) {
        return LIGHTEST + (DARKEST - LIGHTEST) * (step - 1) / (steps - 1);
    }

    /** The step nearest to a Munsell value, 1 lightest. */
    public int nearest(double value) {
        double at = 1 + (value - LIGHTEST) / (DARKEST - LIGHTEST) * (steps - 1);
        return (int) Math.min(steps, Math.max(1, Math.round(at)));
    }

    /** The greys, lightest first. */
    public List<Lab> greys() {
        List<Lab> greys = new ArrayList<>();
        for (int step = 1; step <= steps; step++) {
            greys.add(new Lab(Lab.lightnessOf(MunsellValue.luminanceOf(valueOf(step))), 0, 0));
        }
        return List.copyOf(greys);
    }
}
