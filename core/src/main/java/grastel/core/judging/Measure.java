package grastel.core.judging;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.colour.Temperature;
import grastel.core.exercise.FieldPlan;
import grastel.core.exercise.Goal;
import grastel.core.reading.FieldReading;
import grastel.core.reading.Measured;
import grastel.core.reading.StepScale;
import grastel.core.reading.Strokes;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleSupplier;
import java.util.function.Function;

/**
 * The figure of a goal from its fields.
 *
 * @param fewest fields that must be filled for there to be a figure
 * @param ofAll true where the figure is one of all fields together, false where it is that of the worst
 * @param figure from the filled fields
 */
record Measure(int fewest, boolean ofAll, Function<List<Measure.Pair>, Measure.Figure> figure) {
    /** A half of the steps is bunched when its mean is under this share of the other's. */
    private static final double BUNCHED = 0.6;
    /** An end counts as missed when it stops this share of the range short. */
    private static final double END_MISSED = 0.12;
    /** Fields a family has: tint, hue, shade. */
    private static final int FAMILY = 3;

    /** A field as asked and as read. @param plannedSpecks of its recipe as the reader would see it, % */
    record Pair(FieldPlan asked, FieldReading read, DoubleSupplier plannedSpecks) {
        double lightness() {
            return read.lightness().value();
        }

        double error() {
            return read.lightness().plusMinus();
        }

        Lab colour() {
            return read.colour();
        }

        /** 95 % interval of a* or b*: they carry about one and a half times the error of L*. */
        double chromaError() {
            return 1.5 * error();
        }
    }

    /** @param field the field to look at, or null where it is all of them; @param atMm where along a strip, or null */
    record Figure(Measured measured, Cause cause, String field, Double atMm) {
        Figure(Measured measured, Cause cause, String field) {
            this(measured, cause, field, null);
        }
    }

    /** @param strip true where it is asked of strips, not of boxes */
    static Measure of(Goal goal, boolean strip) {
        return switch (goal) {
            case ORDER, SHRINKING_STEPS -> new Measure(2, true, Measure::order);
            case EQUAL_STEPS -> new Measure(2, true, Measure::equalSteps);
            case FULL_RANGE -> strip ? bestStrip(StripFigures::range, true) : new Measure(2, true, Measure::range);
            case EVEN_INSIDE -> worst(FieldReading::unevenness, Cause.PATCHY);
            case RICH_DARK, SPECKS_GONE -> worst(FieldReading::specks, Cause.SPECKS_LEFT);
            case NEAT_EDGE -> worst(FieldReading::outside, Cause.OVER_EDGE);
            case SMOOTH_FADE -> bestStrip(StripFigures::largestJump, false);
            case NO_REVERSAL -> bestStrip(StripFigures::reversals, false);
            case FADES_TO_PAPER -> bestStrip(StripFigures::endFromPaper, false);
            case CLEAN_JOIN -> bestStrip(StripFigures::join, false);
            case WIDE_OVERLAP -> bestStrip(StripFigures::overlap, true);
            case HUE_ONE_WAY -> bestStrip(StripFigures::hueBack, false);
            case CHROMA_KEPT -> bestStrip(StripFigures::chromaKept, true);
            case DIRECTION_KEPT -> new Measure(1, false, f -> largest(f, Measure::swing, Cause.DIRECTION_SWINGS));
            case SPECKS_AS_ASKED -> new Measure(1, false, Measure::cover);
            case HUE_HOLDS -> new Measure(FAMILY, true, Measure::hueHolds);
            case TINT_LIGHTER -> new Measure(FAMILY, true, f -> lift(f, 0, 1, Cause.TINT_TOO_WEAK));
            case SHADE_DARKER -> new Measure(FAMILY, true, f -> lift(f, 1, 2, Cause.SHADE_TOO_LIGHT));
            case SHADE_CHROMA -> new Measure(FAMILY, true, Measure::shadeChroma);
            case BLENDER_KEEPS_VALUE -> new Measure(2, true, Measure::blenderShift);
            case CHROMA_FALLS -> new Measure(2, true, Measure::chromaFalls);
            case NEUTRAL_MIDDLE -> new Measure(1, false, f -> largest(f, Measure::chroma, Cause.STILL_COLOURED));
            case NEAR_TARGET -> new Measure(1, false, f -> largest(f, Measure::off, Cause.OFF_TARGET));
            case DEEP_BLACK ->
                new Measure(1, false, f -> largest(f, p -> p.read().lightness(), Cause.BLACK_TOO_LIGHT));
            case PAPER_LEFT_BARE -> new Measure(0, false, f -> largest(f, Measure::offPaper, Cause.PAPER_COVERED));
            case TEMPERATURE_TURNS -> new Measure(4, true, Measure::temperature);
            case ZONE_VALUES -> new Measure(2, true, FormFigures::spread);
            case CORE_DARKEST -> new Measure(2, true, FormFigures::core);
            case HIGHLIGHT_KEPT -> new Measure(0, false, f -> largest(f, Measure::offPaper, Cause.HIGHLIGHT_GONE));
        };
    }

    /** @param complete false where some fields were left empty */
    Optional<Figure> measured(List<Pair> tried, boolean complete) {
        boolean enough = tried.size() >= fewest && (complete || !ofAll || fewest == 2);
        return enough ? Optional.of(figure.apply(tried)) : Optional.empty();
    }

    private static Measure worst(Function<FieldReading, Measured> measure, Cause cause) {
        return new Measure(1, false, fields -> largest(fields, p -> measure.apply(p.read()), cause));
    }

    /** Strips of one exercise are tries at the same: the best of them counts. @param more true where more is better */
    private static Measure bestStrip(Function<StripFigures, Figure> figure, boolean more) {
        return new Measure(1, false, strips -> best(strips, figure, more));
    }

    private static Figure best(List<Pair> strips, Function<StripFigures, Figure> figure, boolean more) {
        List<Figure> figures = strips.stream().map(StripFigures::of).map(figure).toList();
        return more ? most(figures) : least(figures);
    }

    /** Where no strokes can be told apart, no direction was kept, as far as can be seen: the teacher looks. */
    private static Measured swing(Pair field) {
        Strokes strokes = field.read().strokes();
        return strokes == null ? new Measured(90, 90) : new Measured(strokes.spread(), 3);
    }

    /** The field whose cover is furthest from what its recipe gives, in points. */
    private static Figure cover(List<Pair> fields) {
        List<Figure> offs = new ArrayList<>();
        for (Pair field : fields) {
            Measured specks = field.read().specks();
            double off = specks.value() - field.plannedSpecks().getAsDouble();
            offs.add(new Figure(
                    new Measured(Math.abs(off), specks.plusMinus()),
                    off > 0 ? Cause.COVER_TOO_OPEN : Cause.COVER_TOO_DENSE,
                    field.read().field()));
        }
        return most(offs);
    }

    private static Figure largest(List<Pair> fields, Function<Pair, Measured> measure, Cause cause) {
        Pair worst = fields.stream()
                .max(Comparator.comparingDouble(p -> measure.apply(p).value()))
                .orElseThrow();
        return new Figure(measure.apply(worst), cause, worst.read().field());
    }

    private static StepScale steps(List<Pair> fields) {
        return StepScale.of(fields.stream().map(Pair::read).toList(), true, reach(fields));
    }

    private static double reach(List<Pair> fields) {
        return Math.max(
                1,
                fields.get(0).asked().askedLightness()
                        - fields.get(fields.size() - 1).asked().askedLightness());
    }

    private static Figure order(List<Pair> fields) {
        StepScale scale = steps(fields);
        Cause cause = scale.smallestStep().value() < 0 ? Cause.ORDER_REVERSED : Cause.NEIGHBOURS_ALIKE;
        return new Figure(
                scale.smallestStep(),
                cause,
                fields.get(scale.smallestAt()).read().field());
    }

    private static Figure equalSteps(List<Pair> fields) {
        StepScale scale = steps(fields);
        Cause cause = Cause.STEP_JUMPS;
        if (scale.darkHalfMean() < BUNCHED * scale.lightHalfMean()) {
            cause = Cause.BUNCHED_DARK;
        } else if (scale.lightHalfMean() < BUNCHED * scale.darkHalfMean()) {
            cause = Cause.BUNCHED_LIGHT;
        }
        return new Figure(scale.spread(), cause, null);
    }

    private static Figure range(List<Pair> fields) {
        double reach = reach(fields);
        Pair lightest =
                fields.stream().max(Comparator.comparingDouble(Pair::lightness)).orElseThrow();
        Pair darkest =
                fields.stream().min(Comparator.comparingDouble(Pair::lightness)).orElseThrow();
        double askedLightest = fields.get(0).asked().askedLightness();
        double askedDarkest = fields.get(fields.size() - 1).asked().askedLightness();
        boolean notLight = askedLightest - lightest.lightness() > END_MISSED * reach;
        boolean notDark = darkest.lightness() - askedDarkest > END_MISSED * reach;
        Cause cause = notLight && notDark ? Cause.ALL_MIDDLE : notLight ? Cause.NEVER_LIGHT : Cause.NEVER_DARK;
        return new Figure(steps(fields).rangeUsed(), cause, null);
    }

    private static Figure hueHolds(List<Pair> families) {
        List<Figure> turns = new ArrayList<>();
        for (int i = 0; i < families.size(); i += FAMILY) {
            Pair hue = families.get(i + 1);
            for (Pair other : List.of(families.get(i), families.get(i + 2))) {
                double turn = Math.abs(Math.IEEEremainder(
                        other.colour().hueDegrees() - hue.colour().hueDegrees(), 360));
                double error = Math.toDegrees(Math.atan2(
                        other.chromaError(),
                        Math.max(
                                1,
                                Math.min(other.colour().chroma(), hue.colour().chroma()))));
                turns.add(new Figure(
                        new Measured(turn, error),
                        Cause.HUE_DRIFTS,
                        other.read().field()));
            }
        }
        return most(turns);
    }

    /** Least distance in L* from one field of a family down to the next. */
    private static Figure lift(List<Pair> families, int lighter, int darker, Cause cause) {
        List<Figure> lifts = new ArrayList<>();
        for (int i = 0; i < families.size(); i += FAMILY) {
            Pair light = families.get(i + lighter);
            Pair dark = families.get(i + darker);
            Pair judged = lighter == 0 ? light : dark;
            lifts.add(new Figure(
                    new Measured(light.lightness() - dark.lightness(), Math.hypot(light.error(), dark.error())),
                    cause,
                    judged.read().field()));
        }
        return least(lifts);
    }

    private static Figure shadeChroma(List<Pair> families) {
        List<Figure> kept = new ArrayList<>();
        for (int i = 0; i < families.size(); i += FAMILY) {
            Pair hue = families.get(i + 1);
            Pair shade = families.get(i + 2);
            double of = Math.max(1, hue.colour().chroma());
            kept.add(new Figure(
                    new Measured(100 * shade.colour().chroma() / of, 100 * shade.chromaError() / of),
                    Cause.SHADE_MUDDY,
                    shade.read().field()));
        }
        return least(kept);
    }

    /** Fields come in pairs: plain, blended. */
    private static Figure blenderShift(List<Pair> pairs) {
        List<Figure> shifts = new ArrayList<>();
        for (int i = 0; i + 1 < pairs.size(); i += 2) {
            Pair plain = pairs.get(i);
            Pair blended = pairs.get(i + 1);
            shifts.add(new Figure(
                    new Measured(
                            Math.abs(blended.lightness() - plain.lightness()),
                            Math.hypot(plain.error(), blended.error())),
                    Cause.VALUE_MOVED,
                    blended.read().field()));
        }
        return most(shifts);
    }

    private static Figure chromaFalls(List<Pair> fields) {
        List<Figure> steps = new ArrayList<>();
        for (int i = 1; i < fields.size(); i++) {
            Pair before = fields.get(i - 1);
            Pair now = fields.get(i);
            steps.add(new Figure(
                    new Measured(
                            before.colour().chroma() - now.colour().chroma(),
                            Math.hypot(before.chromaError(), now.chromaError())),
                    Cause.CHROMA_UNEVEN,
                    now.read().field()));
        }
        return least(steps);
    }

    /** Fields are cool, cool warmed, warm, warm cooled. */
    private static Figure temperature(List<Pair> fields) {
        double warmed = warmth(fields.get(1)) - warmth(fields.get(0));
        double cooled = warmth(fields.get(2)) - warmth(fields.get(3));
        Pair worse = fields.get(warmed < cooled ? 1 : 3);
        return new Figure(
                new Measured(Math.min(warmed, cooled), Math.sqrt(2) * worse.chromaError()),
                Cause.TEMPERATURE_SAME,
                worse.read().field());
    }

    private static double warmth(Pair field) {
        return Temperature.warmth(field.colour());
    }

    private static Measured chroma(Pair field) {
        return new Measured(field.colour().chroma(), field.chromaError());
    }

    private static Measured off(Pair field) {
        double off = ColourDifference.ciede2000(field.asked().asked().get(0), field.colour());
        return new Measured(off, field.chromaError());
    }

    private static Measured offPaper(Pair field) {
        return new Measured(Math.abs(field.asked().askedLightness() - field.lightness()), field.error());
    }

    private static Figure most(List<Figure> figures) {
        return figures.stream()
                .max(Comparator.comparingDouble(f -> f.measured().value()))
                .orElseThrow();
    }

    private static Figure least(List<Figure> figures) {
        return figures.stream()
                .min(Comparator.comparingDouble(f -> f.measured().value()))
                .orElseThrow();
    }
}
