package grastel.core.reading;

import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import java.util.List;

/**
 * What a pencil can look like in a key box.
 *
 * @param name the pencil's name
 * @param ramp its light on this paper from bare paper to as full as it gets, paper first; at least two
 */
public record KeyInk(String name, List<LinearRgb> ramp) {
    public KeyInk {
        ramp = List.copyOf(ramp);
        if (ramp.size() < 2) {
            throw new IllegalArgumentException("A ramp goes from paper to full: " + name + " has " + ramp.size());
        }
    }

    /** The place of the ramp nearest to a colour: how hard it was pressed is left open. */
    LinearRgb nearest(LinearRgb seen) {
        Lab aim = lab(seen);
        LinearRgb best = ramp.get(0);
        double least = Double.POSITIVE_INFINITY;
        for (int i = 1; i < ramp.size(); i++) {
            for (int step = 0; step <= 8; step++) {
                LinearRgb there = between(ramp.get(i - 1), ramp.get(i), step / 8.0);
                Lab at = lab(there);
                double off =
                        square(at.lightness() - aim.lightness()) + square(at.a() - aim.a()) + square(at.b() - aim.b());
                if (off < least) {
                    least = off;
                    best = there;
                }
            }
        }
        return best;
    }

    /** The place of the ramp of a value. */
    LinearRgb atLightness(double lightness) {
        LinearRgb best = ramp.get(0);
        for (LinearRgb there : ramp) {
            double off = Math.abs(lab(there).lightness() - lightness);
            best = off < Math.abs(lab(best).lightness() - lightness) ? there : best;
        }
        return best;
    }

    static Lab lab(LinearRgb light) {
        return Lab.of(light.toXyz());
    }

    private static LinearRgb between(LinearRgb one, LinearRgb other, double share) {
        return new LinearRgb(
                one.red() + share * (other.red() - one.red()),
                one.green() + share * (other.green() - one.green()),
                one.blue() + share * (other.blue() - one.blue()));
    }

    private static double square(double x) {
        return x * x;
    }
}
