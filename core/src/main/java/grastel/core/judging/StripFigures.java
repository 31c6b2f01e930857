package grastel.core.judging;

import grastel.core.checks.Require;
import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.judging.Measure.Figure;
import grastel.core.judging.Measure.PlannedVersusMeasured;
import grastel.core.reading.fields.Measured;
import grastel.core.reading.strips.Bands;
import grastel.core.reading.strips.Profile;
import java.util.ArrayList;
import java.util.List;

/** Figures of one strip from the colours along it. Places are told in mm from its left end. */
final class StripFigures {
    /** Colours are compared over so much of the strip, mm. */
    private static final double WINDOW = 2;
    /** Ends and hues are taken from means over this, mm: long enough for grain to vanish. */
    private static final double COURSE = 8;
    /** Ends are what the last so many mm show. */
    private static final double END = 3;
    /** Half width of a 95 % interval in standard errors. */
    private static final double INTERVAL = 1.96;
    /** A strip that hardly changes has no slope to compare with; this at least, ΔE over the window. */
    private static final double LEAST_SLOPE = 0.5;
    /** A stretch that changes less than this share of the mean is meant to stay as it is. */
    private static final double UNCHANGED = 0.25;
    /** How many times the mean the steepest place of a recipe counts at most. */
    private static final double STEEPEST = 1.8;
    /** Under this a hue is not to be told. */
    private static final double LEAST_CHROMA = 8;
    /** Shares of the way between both colours that bound the overlap, and the part of a straight fade between them. */
    private static final double FIRST_GONE = 0.12;

    private static final double FULL_WAY = 1 - 2 * FIRST_GONE;
    /** The join is looked for this far from either end, as a share of the length. */
    private static final double JOIN_FROM = 0.12;

    private final Profile along;
    private final FieldPlan asked;
    private final String field;
    /** 95 % interval of the L* of a window. */
    private final double error;

    private StripFigures(PlannedVersusMeasured pair) {
        along = Require.present(pair.read().profile(), "the profile of a strip");
        asked = pair.asked();
        field = pair.read().field();
        error = 2 * along.noise() / Math.sqrt(WINDOW / along.stepMm());
    }

    static StripFigures of(PlannedVersusMeasured pair) {
        return new StripFigures(pair);
    }

    /**
     * Largest change over a window against the change that the plan makes: at a line its step, elsewhere the trend. One detector
     * says what is a line.
     */
    Figure largestJump() {
        List<Bands.Band> lines = Bands.find(along);
        Figure worst = steepest(lines);
        for (Bands.Band line : lines) {
            double at = line.atMm() - along.startMm();
            double planned = plannedChange(at);
            double jump = (Math.abs(line.step()) + Math.abs(line.slope()) * WINDOW) / planned;
            if (jump > worst.measured().value()) {
                worst = figure(jump, INTERVAL * line.stepError() / planned, Cause.BAND, at);
            }
        }
        return worst;
    }

    /** The steepest place away from lines. */
    private Figure steepest(List<Bands.Band> lines) {
        double worst = 0;
        double at = END;
        for (double x = END; x <= along.lengthMm() - END; x += along.stepMm()) {
            double here = x;
            boolean line =
                    lines.stream().anyMatch(b -> Math.abs(b.atMm() - along.startMm() - here) < Bands.NEIGHBOURHOOD_MM);
            double jump = line ? 0 : along.slope(x, WINDOW) / plannedChange(x);
            if (jump > worst) {
                worst = jump;
                at = x;
            }
        }
        return figure(worst, 0.5 * error / plannedChange(at), Cause.FADES_TOO_FAST, at);
    }

    /**
     * What the plan changes over a window: the mean over the part that changes at all, for the ends may be meant to stay as they
     * are; and where the recipe is steeper of itself, no hand can be smoother than that there.
     *
     * @param at from the first slice on
     */
    private double plannedChange(double at) {
        List<Lab> plan = asked.predicted();
        double[] steps = new double[plan.size() - 1];
        double whole = 0;
        for (int i = 0; i < steps.length; i++) {
            steps[i] = ColourDifference.cie76(plan.get(i), plan.get(i + 1));
            whole += steps[i];
        }
        double course = 0;
        int changing = 0;
        for (double step : steps) {
            if (step > UNCHANGED * whole / steps.length) {
                course += step;
                changing++;
            }
        }
        double windows = asked.widthMm() / steps.length / WINDOW;
        double mean = course / Math.max(1, changing) / windows;
        return Math.max(LEAST_SLOPE, Math.max(mean, steepestNear(at, steps) / windows / STEEPEST));
    }

    /** The steepest step of the plan that reaches into the neighbourhood of a place. */
    private double steepestNear(double at, double[] steps) {
        double length = asked.widthMm() / steps.length;
        double steepest = 0;
        for (int i = 0; i < steps.length; i++) {
            double from = i * length - Bands.NEIGHBOURHOOD_MM;
            double to = (i + 1) * length + Bands.NEIGHBOURHOOD_MM;
            double place = along.startMm() + at;
            steepest = place >= from && place <= to ? Math.max(steepest, steps[i]) : steepest;
        }
        return steepest;
    }

    /** All L* that the strip goes the wrong way, each turn larger than noise. */
    Figure reversals() {
        double sign = Math.signum(asked(1).lightness() - asked(0).lightness());
        double threshold = Math.max(0.5, error);
        double sum = 0;
        double best = Double.NEGATIVE_INFINITY;
        double fall = 0;
        double at = 0;
        double deepest = 0;
        for (double x = WINDOW; x <= along.lengthMm() - WINDOW; x += along.stepMm()) {
            double here = sign * along.around(x, 2 * WINDOW).lightness();
            if (here >= best) {
                sum += fall > threshold ? fall : 0;
                best = here;
                fall = 0;
            } else if (best - here > fall) {
                fall = best - here;
                if (fall > deepest) {
                    deepest = fall;
                    at = x;
                }
            }
        }
        sum += fall > threshold ? fall : 0;
        return figure(sum, threshold, Cause.TURNS_BACK, at);
    }

    /** L* between the light end and the paper asked for there. */
    Figure endFromPaper() {
        boolean rightIsLight = asked(1).lightness() > asked(0).lightness();
        double at = rightIsLight ? along.lengthMm() - END / 2 : END / 2;
        double paper = asked(rightIsLight ? 1 : 0).lightness();
        double end = along.around(at, END).lightness();
        return figure(Math.max(0, paper - end), 0.5 + error, Cause.STOPS_SHORT, at);
    }

    /** L* from the darkest to the lightest part, % of what was asked. */
    Figure range() {
        double lightest = Double.NEGATIVE_INFINITY;
        double darkest = Double.POSITIVE_INFINITY;
        for (double x = END; x <= along.lengthMm() - END / 2; x += along.stepMm()) {
            double here = along.around(x, END).lightness();
            lightest = Math.max(lightest, here);
            darkest = Math.min(darkest, here);
        }
        double reach = Math.max(1, Math.abs(asked(1).lightness() - asked(0).lightness()));
        double askedDarkest = Math.min(asked(0).lightness(), asked(1).lightness());
        Cause cause = darkest - askedDarkest > 0.12 * reach ? Cause.NEVER_DARK : Cause.NEVER_LIGHT;
        return new Figure(
                new Measured(100 * (lightest - darkest) / reach, 100 * (0.5 + error) / reach), cause, field, null);
    }

    /** L* by which the middle leaves the straight way between both ends: lighter is a gap, darker a bump. */
    Figure join() {
        double length = along.lengthMm();
        double left = along.around(COURSE / 2, COURSE).lightness();
        double right = along.around(length - COURSE / 2, COURSE).lightness();
        double worst = 0;
        double at = length / 2;
        for (double x = JOIN_FROM * length; x <= (1 - JOIN_FROM) * length; x += along.stepMm()) {
            double straight = left + (right - left) * (x - COURSE / 2) / (length - COURSE);
            double off = along.around(x, 2 * WINDOW).lightness() - straight;
            if (Math.abs(off) > Math.abs(worst)) {
                worst = off;
                at = x;
            }
        }
        return figure(Math.abs(worst), 0.5 + error, worst > 0 ? Cause.JOIN_GAP : Cause.JOIN_BUMP, at);
    }

    /** Length over which both colours are seen. */
    Figure overlap() {
        double length = along.lengthMm();
        Lab from = along.around(COURSE / 2, COURSE);
        Lab to = along.around(length - COURSE / 2, COURSE);
        double way = Math.max(1, square(ColourDifference.cie76(from, to)));
        double begins = Double.NaN;
        double ends = length;
        for (double x = WINDOW; x <= length - WINDOW; x += along.stepMm()) {
            Lab here = along.around(x, 2 * WINDOW);
            double share = ((here.lightness() - from.lightness()) * (to.lightness() - from.lightness())
                            + (here.a() - from.a()) * (to.a() - from.a())
                            + (here.b() - from.b()) * (to.b() - from.b()))
                    / way;
            if (Double.isNaN(begins) && share > FIRST_GONE) {
                begins = x;
            }
            if (share < 1 - FIRST_GONE) {
                ends = x;
            }
        }
        double wide = Double.isNaN(begins) ? 0 : Math.max(0, ends - begins) / FULL_WAY;
        return figure(wide, 3, Cause.OVERLAP_NARROW, (begins + ends) / 2);
    }

    /** Degrees that the hue turns against its way from the left to the right end, each turn larger than noise. */
    Figure hueBack() {
        List<Double> hues = new ArrayList<>();
        List<Double> places = new ArrayList<>();
        double turned = 0;
        Lab before = null;
        for (double x = COURSE / 2; x <= along.lengthMm() - COURSE / 2; x += COURSE / 4) {
            Lab here = along.around(x, COURSE / 2);
            if (here.chroma() > LEAST_CHROMA) {
                turned += before == null ? 0 : Math.IEEEremainder(here.hueDegrees() - before.hueDegrees(), 360);
                hues.add(turned);
                places.add(x);
                before = here;
            }
        }
        if (hues.size() < 2) {
            return new Figure(new Measured(0, 5), Cause.HUE_TURNS_BACK, field, null);
        }
        double sign = Math.signum(turned);
        double best = 0;
        double back = 0;
        double at = places.get(0);
        for (int i = 0; i < hues.size(); i++) {
            double here = sign * hues.get(i);
            best = Math.max(best, here);
            if (best - here > back) {
                back = best - here;
                at = places.get(i);
            }
        }
        return figure(back, 2, Cause.HUE_TURNS_BACK, at);
    }

    /** Least chroma against what was asked at the same place, %. */
    Figure chromaKept() {
        double least = Double.POSITIVE_INFINITY;
        double at = 0;
        for (double x = COURSE / 2; x <= along.lengthMm() - COURSE / 2; x += COURSE / 4) {
            double wanted = askedAt(x / along.lengthMm()).chroma();
            if (wanted > LEAST_CHROMA) {
                double kept = 100 * along.around(x, COURSE / 2).chroma() / wanted;
                if (kept < least) {
                    least = kept;
                    at = x;
                }
            }
        }
        return figure(Math.min(999, least), 3, Cause.CHROMA_LOST, at);
    }

    /** @param at from the first slice on */
    private Figure figure(double value, double plusMinus, Cause cause, double at) {
        return new Figure(new Measured(value, plusMinus), cause, field, along.startMm() + at);
    }

    private Lab asked(int end) {
        return asked.asked().get(end == 0 ? 0 : asked.asked().size() - 1);
    }

    private Lab askedAt(double share) {
        int i = (int) Math.round(share * (asked.asked().size() - 1));
        return asked.asked().get(Math.max(0, Math.min(asked.asked().size() - 1, i)));
    }

    private static double square(double x) {
        return x * x;
    }
}
