package grastel.core.reading.keys;

import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import java.util.List;

/**
 * What a pencil can look like in a key box.
 *
 * @param name the pencil's name
 * @param ramp its light on this paper from bare paper to as full as it gets, paper first; at least two
 */
public record KeyColour(String name, List<LinearRgb> ramp) {
    public KeyColour {
        ramp = List.copyOf(ramp);
        if (ramp.size() < 2) {
            throw new IllegalArgumentException("A ramp goes from paper to full: " + name + " has " + ramp.size());
        }
    }

    /** What its pencil looks like where it is as light as this: how hard it was pressed is left open. */
    LinearRgb asLightAs(LinearRgb seen) {
        double wanted = seen.luminance();
        LinearRgb before = ramp.get(0);
        for (LinearRgb next : ramp.subList(1, ramp.size())) {
            double here = before.luminance();
            double there = next.luminance();
            if ((wanted - here) * (wanted - there) <= 0 && here != there) {
                return between(before, next, (wanted - here) / (there - here));
            }
            before = next;
        }
        return nearestEnd(wanted).withLuminance(wanted);
    }

    /** Least luminance it gets on this paper. */
    public double darkest() {
        return ramp.stream().mapToDouble(LinearRgb::luminance).min().orElseThrow();
    }

    private LinearRgb nearestEnd(double luminance) {
        LinearRgb first = ramp.get(0);
        LinearRgb last = ramp.get(ramp.size() - 1);
        return Math.abs(first.luminance() - luminance) < Math.abs(last.luminance() - luminance) ? first : last;
    }

    public static Lab lab(LinearRgb light) {
        return Lab.of(light.toXyz());
    }

    private static LinearRgb between(LinearRgb one, LinearRgb other, double share) {
        return new LinearRgb(
                one.red() + share * (other.red() - one.red()),
                one.green() + share * (other.green() - one.green()),
                one.blue() + share * (other.blue() - one.blue()));
    }
}
