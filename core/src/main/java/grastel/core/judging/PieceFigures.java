package grastel.core.judging;

import grastel.core.colour.Lab;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.exercise.plan.PicturePlan.FocusPoint;
import grastel.core.fit.Slope;
import grastel.core.judging.Measure.Figure;
import grastel.core.judging.Measure.PlannedVersusMeasured;
import grastel.core.reading.fields.Measured;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Figures of a drawn picture held against its plan, cell by cell. What the picture cannot tell has no figure: too few edges to
 * see a proportion by, no shadow that has a colour.
 */
final class PieceFigures {
    /** The frame's own line and what strays over it, cells. */
    private static final int MARGIN = 2;
    /** Areas that are smaller say nothing, cells. */
    static final int LEAST_CELLS = 30;

    private static final double HIGHEST = 0.98;
    private static final double LOWEST = 0.02;
    /** An end that stops so much of the range short is missed. */
    private static final double END_MISSED = 0.1;

    /** A highlight may be so far from paper, L*. */
    private static final double OPEN = 4;
    /** A highlight is no more than this share of the picture: a bare background is none. */
    private static final double MOST_HIGHLIGHT = 0.15;

    /** Fewer cells inside highlights say nothing. */
    private static final int LEAST_HIGHLIGHT = 6;

    /** Zones whose plan turns less tell nothing of the light, L*. */
    private static final double TURNS = 2.5;
    /** Under this likeness the light is another. */
    private static final double OTHER_LIGHT = 0.4;
    /** Cells that are alike as they lie within one swing of the hand. */
    static final double ALIKE = 25;

    /** A plan whose focus is weaker than this, of the strongest elsewhere, has it in another place. */
    private static final double FOCUSED = 0.85;
    /** Areas this far apart hardly overlap, radii. */
    private static final double APART = 1.6;

    /** Colour that a shadow has in the plan, C*. */
    private static final double COLOURED = 14;

    /** Of stripes: how much one direction prevails, 0…1. */
    private static final double ONE_WAY = 0.45;

    private final PlannedVersusMeasured pair;
    private final PicturePlan plan;
    private final int columns;
    private final int rows;
    private final byte[] places;
    private final int[] zones;
    private final Grid planned;
    private final Grid drawn;
    private final Lab[] colours;
    private final Lab[] wanted;

    private PieceFigures(PlannedVersusMeasured pair, Registration laid) {
        this.pair = pair;
        this.plan = pair.asked().ownPicture();
        this.columns = plan.columns();
        this.rows = plan.rows();
        this.places = plan.places();
        this.zones = IntStream.range(0, places.length)
                .map(i -> plan.tone(places[i]).zone())
                .toArray();
        this.wanted = laid.planned();
        this.colours = laid.drawn();
        this.planned = Grid.lightness(columns, wanted);
        this.drawn = Grid.lightness(columns, colours);
    }

    /** None where the field was not read as a picture of the plan's size. */
    static Optional<PieceFigures> of(PlannedVersusMeasured pair) {
        return Registration.of(pair.asked().picture(), pair.read().picture()).map(laid -> new PieceFigures(pair, laid));
    }

    private boolean isIn(int i) {
        int x = i % columns;
        int y = i / columns;
        return x >= MARGIN && y >= MARGIN && x < columns - MARGIN && y < rows - MARGIN;
    }

    private IntStream cells() {
        return IntStream.range(0, places.length).filter(this::isIn);
    }

    private Figure figure(double value, double plusMinus, Cause cause) {
        return new Figure(new Measured(value, plusMinus), cause, pair.id());
    }

    /** How far main outlines lie from where they are planned, mm, of nine in ten. */
    Optional<Figure> proportion() {
        return Displacement.of(planned, drawn).map(mm -> figure(mm * plan.cellMm(), plan.cellMm(), Cause.OUTLINES_OFF));
    }

    /** What is told of its edges. */
    PieceEdges edges() {
        return new PieceEdges(pair, zones, planned, drawn, cells().toArray());
    }

    /** How much of the planned range from dark to light is there, %. */
    Optional<Figure> range() {
        Grid plans = planned.mean(1);
        Grid drew = drawn.mean(1);
        double[] asked = cells().mapToDouble(i -> plans.at(i)).sorted().toArray();
        double[] got = cells().mapToDouble(i -> drew.at(i)).sorted().toArray();
        double reach = Math.max(1, end(asked, HIGHEST) - end(asked, LOWEST));
        boolean light = end(asked, HIGHEST) - end(got, HIGHEST) > END_MISSED * reach;
        boolean dark = end(got, LOWEST) - end(asked, LOWEST) > END_MISSED * reach;
        Cause cause = light && dark ? Cause.VALUES_IN_THE_MIDDLE : light ? Cause.LIGHTS_COVERED : Cause.DARKS_MISSING;
        double share = (end(got, HIGHEST) - end(got, LOWEST)) / reach;
        return Optional.of(figure(100 * share, 100 * Math.sqrt(2) * pair.error() / reach, cause));
    }

    static double end(double[] sorted, double share) {
        return sorted[(int) Math.min(sorted.length - 1.0, share * sorted.length)];
    }

    /** Root mean square of how far zones are from their planned L*. */
    Optional<Figure> values() {
        double squares = 0;
        double worst = 0;
        int count = 0;
        for (int[] zone : zones(1)) {
            double off = mean(zone, drawn) - mean(zone, planned);
            squares += off * off;
            worst = Math.abs(off) > Math.abs(worst) ? off : worst;
            count++;
        }
        Cause cause = worst > 0 ? Cause.ZONE_TOO_LIGHT : Cause.ZONE_TOO_DARK;
        return count == 0 ? Optional.empty() : Optional.of(figure(Math.sqrt(squares / count), pair.error(), cause));
    }

    private static double mean(int[] cells, Grid of) {
        return Arrays.stream(cells).mapToDouble(of::at).average().orElseThrow();
    }

    /** Cells of each zone that is large enough. @param inside so many cells from its border */
    private List<int[]> zones(int inside) {
        List<List<Integer>> all = new ArrayList<>();
        IntStream.rangeClosed(0, Arrays.stream(zones).max().orElseThrow()).forEach(z -> all.add(new ArrayList<>()));
        cells().filter(i -> isInside(i, inside)).forEach(i -> all.get(zones[i]).add(i));
        return all.stream()
                .filter(z -> z.size() >= LEAST_CELLS)
                .map(z -> z.stream().mapToInt(Integer::intValue).toArray())
                .toList();
    }

    /** True where the zone goes on to all sides. */
    private boolean isInside(int i, int by) {
        int x = i % columns;
        int y = i / columns;
        return x >= by
                && y >= by
                && x < columns - by
                && y < rows - by
                && zones[i - by] == zones[i]
                && zones[i + by] == zones[i]
                && zones[i - by * columns] == zones[i]
                && zones[i + by * columns] == zones[i];
    }

    /**
     * How alike the ways are in which zones turn from light to shadow, 100 × the correlation of the planes laid through them: a light
     * from the other side turns them round, a hand that is not steady does not.
     */
    Optional<Figure> light() {
        return turned(Cause.LIGHT_TURNED, Cause.LIGHT_UNCLEAR);
    }

    /** The same of parts that each fade their own way. */
    Optional<Figure> fades() {
        return turned(Cause.FADES_OTHER_WAY, Cause.FADES_OTHER_WAY);
    }

    private Optional<Figure> turned(Cause other, Cause unclear) {
        double both = 0;
        double ofPlan = 0;
        double ofDrawn = 0;
        int told = 0;
        for (int[] zone : zones(2)) {
            Slope plans = Slope.of(columns, planned::at, zone);
            Slope drew = Slope.of(columns, drawn::at, zone);
            if (plans.swing() >= TURNS) {
                both += zone.length * plans.with(drew);
                ofPlan += zone.length * plans.with(plans);
                ofDrawn += zone.length * drew.with(drew);
                told++;
            }
        }
        if (told == 0 || ofDrawn == 0) {
            return Optional.empty();
        }
        double likeness = both / Math.sqrt(ofPlan * ofDrawn);
        double error = (1 - likeness * likeness + 0.05) / Math.sqrt(told);
        Cause cause = likeness < OTHER_LIGHT ? other : unclear;
        return Optional.of(figure(100 * likeness, 100 * error, cause));
    }

    /** Share of the planned highlights that is as light as paper, %. */
    Optional<Figure> highlights() {
        double most = MOST_HIGHLIGHT * places.length;
        List<int[]> open = Areas.of(columns, places.length, this::isBare).stream()
                .filter(area -> area.length <= most)
                .toList();
        int[] inside = open.stream()
                .flatMapToInt(Arrays::stream)
                .filter(this::isIn)
                .filter(i -> isBare(i - 1) && isBare(i + 1) && isBare(i - columns) && isBare(i + columns))
                .toArray();
        if (inside.length < LEAST_HIGHLIGHT) {
            return Optional.empty();
        }
        // both as smooth: a small highlight shares its mean with what lies beside it
        Grid plans = planned.mean(1);
        Grid drew = drawn.mean(1);
        double kept = Arrays.stream(inside)
                        .filter(i -> drew.at(i) >= plans.at(i) - OPEN)
                        .count()
                / (double) inside.length;
        double error = 2 * Math.sqrt((kept * (1 - kept) + 0.01) * ALIKE / (inside.length + ALIKE));
        return Optional.of(figure(100 * kept, 100 * error, Cause.HIGHLIGHT_GONE));
    }

    private boolean isBare(int i) {
        return plan.tone(places[i]).recipe().steps().isEmpty();
    }

    /** How strong the contrast at the focus is, % of the strongest elsewhere; not where the plan has another place strongest. */
    Optional<Figure> focus() {
        FocusPoint focus = plan.guide().focus();
        if (focus == null) {
            return Optional.empty();
        }
        int x = (int) (focus.at().x() / plan.cellMm());
        int y = (int) (focus.at().y() / plan.cellMm());
        int radius = (int) Math.round(focus.radiusMm() / plan.cellMm());
        Grid plans = planned.mean(1);
        Grid drew = drawn.mean(1);
        double asked = plans.spread(x, y, radius) / elsewhere(plans, x, y, radius);
        double strongest = elsewhere(drew, x, y, radius);
        if (!(asked >= FOCUSED) || strongest == 0) {
            return Optional.empty();
        }
        double here = drew.spread(x, y, radius);
        return Optional.of(
                figure(100 * here / strongest, 100 * pair.error() / strongest * here / strongest, Cause.FOCUS_WEAK));
    }

    /** The strongest contrast of areas that hardly overlap with the focus. */
    private double elsewhere(Grid of, int x, int y, int radius) {
        double strongest = 0;
        int step = Math.max(1, radius / 2);
        for (int cy = radius; cy < rows - radius; cy += step) {
            for (int cx = radius; cx < columns - radius; cx += step) {
                if (Math.hypot(cx - x, cy - y) >= APART * radius) {
                    strongest = Math.max(strongest, of.spread(cx, cy, radius));
                }
            }
        }
        return strongest;
    }

    /** How alike light and dark lie with the plan, as seen from a little away: 100 × the correlation. */
    Optional<Figure> pattern() {
        Grid plans = planned.mean(1);
        Grid drew = drawn.mean(1);
        int[] cells = cells().toArray();
        double both = covariance(cells, plans, drew);
        double ofPlan = covariance(cells, plans, plans);
        double ofDrawn = covariance(cells, drew, drew);
        if (ofPlan == 0 || ofDrawn == 0) {
            return Optional.empty();
        }
        double likeness = both / Math.sqrt(ofPlan * ofDrawn);
        double error = 2 * (1 - likeness * likeness) / Math.sqrt(cells.length / ALIKE);
        return Optional.of(figure(100 * likeness, 100 * error, Cause.PATTERN_LOST));
    }

    private static double covariance(int[] cells, Grid one, Grid other) {
        double ofOne = mean(cells, one);
        double ofOther = mean(cells, other);
        return Arrays.stream(cells)
                .mapToDouble(i -> (one.at(i) - ofOne) * (other.at(i) - ofOther))
                .sum();
    }

    /** Chroma of the shadows that have one in the plan, % of the plan's. */
    Optional<Figure> shadows() {
        double[] asked = cells().mapToDouble(planned::at).sorted().toArray();
        double dark = end(asked, 1 / 3.0);
        Grid a = Grid.of(columns, colours, Lab::a).mean(2);
        Grid b = Grid.of(columns, colours, Lab::b).mean(2);
        double drew = 0;
        double plans = 0;
        int count = 0;
        for (int i : cells().filter(i -> planned.at(i) <= dark).toArray()) {
            double chroma = wanted[i].chroma();
            if (chroma >= COLOURED) {
                drew += (a.at(i) * wanted[i].a() + b.at(i) * wanted[i].b()) / chroma;
                plans += chroma;
                count++;
            }
        }
        return count < LEAST_CELLS
                ? Optional.empty()
                : Optional.of(figure(
                        100 * Math.max(0, drew / plans),
                        100 * pair.chromaError() / (plans / count),
                        Cause.SHADOWS_GREY));
    }

    /** How much further the colours of the zones lie from their common middle than in the plan, each by its area, C*. */
    Optional<Figure> spread() {
        double further = Math.max(0, spread(colours) - spread(wanted));
        return Optional.of(figure(further, pair.chromaError(), Cause.COLOURS_APART));
    }

    private double spread(Lab[] of) {
        Grid a = Grid.of(columns, of, Lab::a);
        Grid b = Grid.of(columns, of, Lab::b);
        int[] all = zones(1).stream().flatMapToInt(Arrays::stream).toArray();
        if (all.length == 0) {
            return 0;
        }
        double middleA = mean(all, a);
        double middleB = mean(all, b);
        return zones(1).stream()
                        .mapToDouble(zone -> zone.length * Math.hypot(mean(zone, a) - middleA, mean(zone, b) - middleB))
                        .sum()
                / all.length;
    }

    /** How uneven areas are beyond what the plan has, root mean square, L*; of what is seen from a little away. */
    Optional<Figure> smoothness() {
        Grid rest = drawn.less(planned);
        Grid seen = rest.mean(1).less(rest.mean(5));
        double squares = 0;
        int count = 0;
        Grid.Turn turn = new Grid.Turn();
        for (int[] zone : zones(5)) {
            for (int i : zone) {
                squares += seen.at(i) * seen.at(i);
                turn.add(seen, i);
                count++;
            }
        }
        if (count < ALIKE * ALIKE) {
            return Optional.empty();
        }
        double uneven = Math.sqrt(squares / count);
        Cause cause = turn.oneWay() > ONE_WAY ? Cause.STRIPED : Cause.BLOTCHY;
        return Optional.of(figure(uneven, 2 * uneven / Math.sqrt(count / ALIKE), cause));
    }
}
