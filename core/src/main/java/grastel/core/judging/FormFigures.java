package grastel.core.judging;

import grastel.core.judging.Measure.Figure;
import grastel.core.judging.Measure.Pair;
import grastel.core.reading.Measured;
import java.util.Comparator;
import java.util.List;

/** Figures of a form from the values of its zones. */
final class FormFigures {
    private FormFigures() {}

    /** Root mean square distance of the zones from their planned value, L*. */
    static Figure spread(List<Pair> zones) {
        double squares = 0;
        double error = 0;
        for (Pair zone : zones) {
            squares += square(off(zone));
            error = Math.max(error, zone.error());
        }
        Pair worst = zones.stream()
                .max(Comparator.comparingDouble(z -> Math.abs(off(z))))
                .orElseThrow();
        Cause cause = off(worst) > 0 ? Cause.ZONE_TOO_LIGHT : Cause.ZONE_TOO_DARK;
        return new Figure(
                new Measured(Math.sqrt(squares / zones.size()), error),
                cause,
                worst.read().field());
    }

    /** L* from the zone that was to be darkest up to the next darkest. */
    static Figure core(List<Pair> zones) {
        Pair core = zones.stream()
                .min(Comparator.comparingDouble(z -> z.asked().askedLightness()))
                .orElseThrow();
        Pair next = zones.stream()
                .filter(z -> z != core)
                .min(Comparator.comparingDouble(Pair::lightness))
                .orElse(core);
        return new Figure(
                new Measured(next.lightness() - core.lightness(), Math.hypot(next.error(), core.error())),
                Cause.CORE_NOT_DARKEST,
                core.read().field());
    }

    private static double off(Pair zone) {
        return zone.lightness() - zone.asked().askedLightness();
    }

    private static double square(double x) {
        return x * x;
    }
}
