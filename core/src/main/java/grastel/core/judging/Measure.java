package grastel.core.judging;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.colour.Temperature;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.GoalFields;
import grastel.core.reading.fields.FieldReading;
import grastel.core.reading.fields.Measured;
import grastel.core.reading.fields.Strokes;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The figure of a goal from its fields.
 *
 * @param fewest fields that must be filled for there to be a figure
 * @param ofAll true where the figure is one of all fields together, false where it is that of the worst
 * @param figures one for each part that can be judged, from the filled fields; empty where no part is whole
 * @param largest true where the largest of them is the one that counts
 */
record Measure(int fewest, boolean ofAll, Function<JudgedFields, List<Measure.Figure>> figures, boolean largest) {
    /** A half of the steps is bunched when its mean is under this share of the other's. */
    private static final double BUNCHED = 0.6;
    /** An end counts as missed when it stops this share of the range short. */
    private static final double END_MISSED = 0.12;

    private static final double SHARED_BY_CHROMA = 1.3;
    /** Fields a family has: tint, hue, shade. */
    private static final int FAMILY = 3;

    /** A field as asked and as read. @param cover what its recipe would look like to the reader */
    record PlannedVersusMeasured(FieldPlan asked, FieldReading read, ExpectedSpecks cover) {
        String id() {
            return read.field();
        }

        double lightness() {
            return read.lightness().value();
        }

        double error() {
            return read.lightness().plusMinus();
        }

        Lab colour() {
            return read.colour();
        }

        /** 95 % interval of how far two fields' L* are apart. */
        double apart(PlannedVersusMeasured other) {
            return read.lightness().apart(other.read.lightness());
        }

        /** 95 % interval of a* or b*: one and a half times what L* carries, and more than what the page's fields share. */
        double chromaError() {
            return Math.hypot(
                    1.5 * read.lightness().own(),
                    SHARED_BY_CHROMA * read.lightness().shared());
        }
    }

    /** @param field the field to look at, or null where it is all of them; @param atMm where along a strip, or null */
    record Figure(
            Measured measured,
            Cause cause,
            @Nullable String field,
            @Nullable Double atMm) {
        Figure(Measured measured, Cause cause, @Nullable String field) {
            this(measured, cause, field, null);
        }
    }

    /** One figure of all fields together. */
    private static Measure whole(int fewest, Function<JudgedFields, Figure> figure) {
        return new Measure(fewest, true, tried -> List.of(figure.apply(tried)), true);
    }

    /** Each field's figure; the largest is the worst. */
    private static Measure each(int fewest, Function<PlannedVersusMeasured, Figure> figure) {
        return new Measure(
                fewest, false, tried -> tried.each().stream().map(figure).toList(), true);
    }

    private static Measure each(Function<PlannedVersusMeasured, Measured> measure, Cause cause) {
        return each(1, p -> new Figure(measure.apply(p), cause, p.id()));
    }

    private static Measure families(Function<JudgedFields.Family, List<Figure>> figures, boolean largest) {
        return new Measure(
                FAMILY,
                true,
                tried -> tried.families().stream()
                        .map(figures)
                        .flatMap(List::stream)
                        .toList(),
                largest);
    }

    /** Strips of one exercise are tries at the same: the best of them counts. @param more true where more is better */
    private static Measure bestStrip(Function<StripFigures, Figure> figure, boolean more) {
        return new Measure(
                1,
                false,
                tried -> tried.each().stream().map(StripFigures::of).map(figure).toList(),
                more);
    }

    /** Of a whole picture; none where the picture does not tell. */
    private static Measure piece(Function<PieceFigures, Optional<Figure>> figure, boolean largest) {
        return told(pair -> PieceFigures.of(pair).flatMap(figure), largest);
    }

    /** Of its edges. */
    private static Measure edges(Function<PieceEdges, Optional<Figure>> figure, boolean largest) {
        return piece(piece -> figure.apply(piece.edges()), largest);
    }

    /** Of the strokes and the grain of a picture; none where they cannot be told. */
    private static Measure texture(Function<TextureFigures, Optional<Figure>> figure, boolean largest) {
        return told(pair -> TextureFigures.of(pair).flatMap(figure), largest);
    }

    private static Measure told(Function<PlannedVersusMeasured, Optional<Figure>> figure, boolean largest) {
        return new Measure(
                1,
                false,
                tried -> tried.each().stream()
                        .map(figure)
                        .flatMap(Optional::stream)
                        .toList(),
                largest);
    }

    /** @param strip true where it is asked of strips, not of boxes */
    static Measure of(Goal goal, boolean strip) {
        return switch (goal) {
            case ORDER, SHRINKING_STEPS -> whole(2, Measure::order);
            case EQUAL_STEPS -> whole(2, Measure::equalSteps);
            case FULL_RANGE -> strip ? bestStrip(StripFigures::range, true) : whole(2, Measure::range);
            case EVEN_INSIDE -> each(p -> p.read().unevenness(), Cause.PATCHY);
            case RICH_DARK, SPECKS_GONE -> each(p -> p.read().specks(), Cause.SPECKS_LEFT);
            case PROPORTION -> piece(PieceFigures::proportion, true);
            case PICTURE_RANGE -> piece(PieceFigures::range, false);
            case PICTURE_VALUES -> piece(PieceFigures::values, true);
            case LIGHT_AS_PLANNED -> piece(PieceFigures::light, false);
            case HIGHLIGHTS_LEFT -> piece(PieceFigures::highlights, false);
            case NO_DARK_LINES -> edges(PieceEdges::lines, true);
            case SHADOWS_COLOURED -> piece(PieceFigures::shadows, false);
            case STRONGEST_AT_FOCUS -> piece(PieceFigures::focus, false);
            case EDGES_READ -> edges(PieceEdges::kept, false);
            case FADES_TURN -> piece(PieceFigures::fades, false);
            case STROKES_FOLLOW -> texture(TextureFigures::direction, true);
            case STROKE_LENGTH -> texture(TextureFigures::length, true);
            case DETAIL_SHOWS -> texture(TextureFigures::detail, false);
            case TOOTH_LEFT -> texture(TextureFigures::tooth, false);
            case SUBJECT_STANDS -> edges(PieceEdges::background, false);
            case PATTERN_READS -> piece(PieceFigures::pattern, false);
            case EDGES_SOFT -> edges(PieceEdges::softness, false);
            case COLOURS_TOGETHER -> piece(PieceFigures::spread, true);
            case EDGES_CRISP -> edges(PieceEdges::crispness, true);
            case SMOOTH_AREAS -> piece(PieceFigures::smoothness, true);
            case NEAT_EDGE -> each(p -> p.read().outside(), Cause.OVER_EDGE);
            case SMOOTH_FADE -> bestStrip(StripFigures::largestJump, false);
            case NO_REVERSAL -> bestStrip(StripFigures::reversals, false);
            case FADES_TO_PAPER -> bestStrip(StripFigures::endFromPaper, false);
            case CLEAN_JOIN -> bestStrip(StripFigures::join, false);
            case WIDE_OVERLAP -> bestStrip(StripFigures::overlap, true);
            case HUE_ONE_WAY -> bestStrip(StripFigures::hueBack, false);
            case CHROMA_KEPT -> bestStrip(StripFigures::chromaKept, true);
            case DIRECTION_KEPT -> each(Measure::swing, Cause.DIRECTION_SWINGS);
            case SPECKS_AS_ASKED -> each(1, Measure::cover);
            case HUE_HOLDS -> families(Measure::turns, true);
            case TINT_LIGHTER -> families(f -> List.of(lift(f.tint(), f.hue(), f.tint(), Cause.TINT_TOO_WEAK)), false);
            case SHADE_DARKER ->
                families(f -> List.of(lift(f.hue(), f.shade(), f.shade(), Cause.SHADE_TOO_LIGHT)), false);
            case SHADE_CHROMA -> families(f -> List.of(shadeChroma(f)), false);
            case BLENDER_KEEPS_VALUE ->
                new Measure(
                        2,
                        true,
                        tried -> tried.changes().stream()
                                .map(Measure::valueMoved)
                                .toList(),
                        true);
            case CHROMA_FALLS -> new Measure(2, true, Measure::chromaSteps, false);
            case NEUTRAL_MIDDLE -> each(Measure::chroma, Cause.STILL_COLOURED);
            case NEAR_TARGET -> each(Measure::off, Cause.OFF_TARGET);
            case DEEP_BLACK -> each(p -> p.read().lightness(), Cause.BLACK_TOO_LIGHT);
            case PAPER_LEFT_BARE -> each(0, p -> new Figure(offPaper(p), Cause.PAPER_COVERED, p.id()));
            case TEMPERATURE_TURNS -> new Measure(4, true, Measure::temperatures, false);
            case ZONE_VALUES -> whole(2, tried -> FormFigures.spread(tried.each()));
            case CORE_DARKEST -> new Measure(2, true, FormFigures::core, true);
            case HIGHLIGHT_KEPT -> each(0, p -> new Figure(offPaper(p), Cause.HIGHLIGHT_GONE, p.id()));
        };
    }

    /** The figure that counts; none where too little was filled, or no part of the goal is whole. */
    Optional<Figure> measured(JudgedFields tried) {
        int count = tried.filled().size();
        if (count < fewest || count == 0) {
            return Optional.empty();
        }
        Comparator<Figure> byValue =
                Comparator.comparingDouble(f -> f.measured().value());
        return figures.apply(tried).stream().max(largest ? byValue : byValue.reversed());
    }

    /** Where no strokes can be told apart, no direction was kept, as far as can be seen: the teacher looks. */
    private static Measured swing(PlannedVersusMeasured field) {
        Strokes strokes = field.read().strokes();
        return strokes == null ? new Measured(90, 90) : new Measured(strokes.spread(), 3);
    }

    /** How far a field's cover is from what its recipe gives, in points. */
    private static Figure cover(PlannedVersusMeasured field) {
        Measured specks = field.read().specks();
        double off = specks.value() - field.cover().specks(field.asked());
        return new Figure(
                new Measured(Math.abs(off), specks.plusMinus()),
                off > 0 ? Cause.COVER_TOO_OPEN : Cause.COVER_TOO_DENSE,
                field.id());
    }

    private static StepScale steps(JudgedFields tried) {
        return StepScale.of(
                tried.row().stream()
                        .map(p -> new StepScale.Step(p.place(), p.field().read().lightness()))
                        .toList(),
                true,
                tried.reach());
    }

    private static Figure order(JudgedFields tried) {
        StepScale scale = steps(tried);
        Cause cause = scale.smallestStep().value() < 0 ? Cause.ORDER_REVERSED : Cause.NEIGHBOURS_ALIKE;
        return new Figure(
                scale.smallestStep(),
                cause,
                tried.row().get(scale.smallestAt()).field().id());
    }

    private static Figure equalSteps(JudgedFields tried) {
        StepScale scale = steps(tried);
        Cause cause = Cause.STEP_JUMPS;
        if (scale.darkHalfMean() < BUNCHED * scale.lightHalfMean()) {
            cause = Cause.BUNCHED_DARK;
        } else if (scale.lightHalfMean() < BUNCHED * scale.darkHalfMean()) {
            cause = Cause.BUNCHED_LIGHT;
        }
        return new Figure(scale.spread(), cause, null);
    }

    private static Figure range(JudgedFields tried) {
        double lightest = tried.each().stream()
                .mapToDouble(PlannedVersusMeasured::lightness)
                .max()
                .orElseThrow();
        double darkest = tried.each().stream()
                .mapToDouble(PlannedVersusMeasured::lightness)
                .min()
                .orElseThrow();
        double missed = END_MISSED * tried.reach();
        boolean notLight = tried.askedAt(0) - lightest > missed;
        boolean notDark = darkest - tried.askedAt(tried.of().all().size() - 1) > missed;
        Cause cause = notLight && notDark ? Cause.ALL_MIDDLE : notLight ? Cause.NEVER_LIGHT : Cause.NEVER_DARK;
        return new Figure(steps(tried).rangeUsed(), cause, null);
    }

    /** How far a tint and a shade turn from their hue. */
    private static List<Figure> turns(JudgedFields.Family family) {
        return Stream.of(family.tint(), family.shade())
                .map(other -> turn(other, family.hue()))
                .toList();
    }

    private static Figure turn(PlannedVersusMeasured other, PlannedVersusMeasured hue) {
        double turn = Math.abs(
                Math.IEEEremainder(other.colour().hueDegrees() - hue.colour().hueDegrees(), 360));
        double chroma =
                Math.max(1, Math.min(other.colour().chroma(), hue.colour().chroma()));
        double error = Math.toDegrees(Math.atan2(other.chromaError(), chroma));
        return new Figure(new Measured(turn, error), Cause.HUE_DRIFTS, other.id());
    }

    /** Distance in L* from one field down to another. @param judged which of them is to be looked at */
    private static Figure lift(
            PlannedVersusMeasured light, PlannedVersusMeasured dark, PlannedVersusMeasured judged, Cause cause) {
        return new Figure(new Measured(light.lightness() - dark.lightness(), light.apart(dark)), cause, judged.id());
    }

    private static Figure shadeChroma(JudgedFields.Family family) {
        PlannedVersusMeasured shade = family.shade();
        double of = Math.max(1, family.hue().colour().chroma());
        return new Figure(
                new Measured(100 * shade.colour().chroma() / of, 100 * shade.chromaError() / of),
                Cause.SHADE_MUDDY,
                shade.id());
    }

    private static Figure valueMoved(JudgedFields.Changed change) {
        PlannedVersusMeasured plain = change.plain();
        PlannedVersusMeasured changed = change.changed();
        return new Figure(
                new Measured(Math.abs(changed.lightness() - plain.lightness()), plain.apart(changed)),
                Cause.VALUE_MOVED,
                changed.id());
    }

    /** Chroma lost from each filled field of a row to the next, for each step asked between them. */
    private static List<Figure> chromaSteps(JudgedFields tried) {
        List<JudgedFields.Placed> row = tried.row();
        List<Figure> steps = new ArrayList<>();
        for (int i = 1; i < row.size(); i++) {
            PlannedVersusMeasured before = row.get(i - 1).field();
            PlannedVersusMeasured now = row.get(i).field();
            int asked = row.get(i).place() - row.get(i - 1).place();
            steps.add(new Figure(
                    new Measured(
                            (before.colour().chroma() - now.colour().chroma()) / asked,
                            Math.hypot(before.chromaError(), now.chromaError()) / asked),
                    Cause.CHROMA_UNEVEN,
                    now.id()));
        }
        return steps;
    }

    private static List<Figure> temperatures(JudgedFields tried) {
        GoalFields.Temperatures of = (GoalFields.Temperatures) tried.of();
        return Stream.of(
                        tried.changed(of.warmed()).map(c -> temperature(c, 1)),
                        tried.changed(of.cooled()).map(c -> temperature(c, -1)))
                .flatMap(Optional::stream)
                .toList();
    }

    /** @param way 1 towards warm, −1 towards cool */
    private static Figure temperature(JudgedFields.Changed change, int way) {
        double turned = way * (warmth(change.changed()) - warmth(change.plain()));
        return new Figure(
                new Measured(turned, Math.sqrt(2) * change.changed().chromaError()),
                Cause.TEMPERATURE_SAME,
                change.changed().id());
    }

    private static double warmth(PlannedVersusMeasured field) {
        return Temperature.warmth(field.colour());
    }

    private static Measured chroma(PlannedVersusMeasured field) {
        return new Measured(field.colour().chroma(), field.chromaError());
    }

    private static Measured off(PlannedVersusMeasured field) {
        double off = ColourDifference.ciede2000(field.asked().asked().get(0), field.colour());
        return new Measured(off, field.chromaError());
    }

    private static Measured offPaper(PlannedVersusMeasured field) {
        return new Measured(Math.abs(field.asked().askedLightness() - field.lightness()), field.error());
    }
}
