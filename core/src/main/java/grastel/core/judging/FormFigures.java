package grastel.core.judging;

import grastel.core.exercise.plan.GoalFields;
import grastel.core.judging.Measure.Figure;
import grastel.core.judging.Measure.PlannedVersusMeasured;
import grastel.core.reading.fields.Measured;
import java.util.Comparator;
import java.util.List;

/** Figures of a form from the values of its zones. */
final class FormFigures {
    private FormFigures() {}

    /** Root mean square distance of the zones from their planned value, L*. */
    static Figure spread(List<PlannedVersusMeasured> zones) {
        double squares = 0;
        double error = 0;
        for (PlannedVersusMeasured zone : zones) {
            squares += square(off(zone));
            error = Math.max(error, zone.error());
        }
        PlannedVersusMeasured worst = zones.stream()
                .max(Comparator.comparingDouble(z -> Math.abs(off(z))))
                .orElseThrow();
        Cause cause = off(worst) > 0 ? Cause.ZONE_TOO_LIGHT : Cause.ZONE_TOO_DARK;
        return new Figure(new Measured(Math.sqrt(squares / zones.size()), error), cause, worst.id());
    }

    /** L* from the core shadow up to the next darkest zone; none where the core or all others were left out. */
    static List<Figure> core(JudgedFields tried) {
        GoalFields.Among of = (GoalFields.Among) tried.of();
        PlannedVersusMeasured core = tried.filled().get(of.field());
        if (core == null) {
            return List.of();
        }
        return tried.each().stream()
                .filter(zone -> !zone.id().equals(core.id()))
                .min(Comparator.comparingDouble(PlannedVersusMeasured::lightness))
                .map(next -> new Figure(
                        new Measured(next.lightness() - core.lightness(), next.apart(core)),
                        Cause.CORE_NOT_DARKEST,
                        core.id()))
                .stream()
                .toList();
    }

    private static double off(PlannedVersusMeasured zone) {
        return zone.lightness() - zone.asked().askedLightness();
    }

    private static double square(double x) {
        return x * x;
    }
}
