package grastel.core.inversion;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.inversion.Neighbours.Neighbour;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.Swatch;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** The ways in which one field may have been drawn, and how likely each made what was read. */
public final class Inversion {
    /** Two hands press alike and not alike. */
    private static final double[] HANDS = {0.85, 1, 1.18};
    /** How far predictions are off with a kit nobody has measured, ΔE00. */
    private static final double MODEL_ERROR = 2.5;
    /** The same of specks, points. */
    private static final double SPECKS_ERROR = 5;
    /** Specks are seen by their contrast: where a film is pale they say little, so they rule nothing out alone, standard deviations. */
    private static final double MOST_BY_SPECKS = 3;
    /** Half width of a 95 % interval in standard deviations. */
    private static final double INTERVAL = 1.96;

    private final List<Explanation> explanations;

    private Inversion(List<Explanation> explanations) {
        this.explanations = explanations;
    }

    /** How a field may have been drawn, and what that looks like. @param specks paper still showing, % */
    public record Explanation(MistakeVariant way, List<Layer> layers, Lab colour, double specks) {
        public MistakeKind deed() {
            return way.deed();
        }
    }

    /** How likely each way made what was read of a field: logarithms; ways that cannot be gone there are left out. */
    public record Likelihoods(Map<MistakeVariant, Double> ways) {
        public Likelihoods {
            ways = Map.copyOf(ways);
        }
    }

    /**
     * What was read.
     *
     * @param colour mean colour
     * @param plusMinus half of the 95 % interval of its lightness
     * @param specks paper still showing, %
     * @param specksPlusMinus half of the 95 % interval
     */
    public record Seen(Lab colour, double plusMinus, double specks, double specksPlusMinus) {}

    /** @param asked layers in their order, one at least; @param sheet pencils on the student's table */
    public static Inversion of(List<Layer> asked, Paper paper, List<Pencil> sheet) {
        List<Explanation> all = new ArrayList<>();
        for (Neighbour neighbour : Neighbours.of(asked, sheet)) {
            for (double hand : HANDS) {
                List<Layer> layers =
                        neighbour.layers().stream().map(l -> pressed(l, hand)).toList();
                Swatch swatch = Swatch.bare(paper);
                for (Layer layer : layers) {
                    swatch = swatch.with(layer);
                }
                all.add(new Explanation(neighbour.way(), layers, swatch.colour(), 100 * swatch.specks()));
            }
        }
        return new Inversion(all);
    }

    private static Layer pressed(Layer layer, double by) {
        return layer instanceof Layer.Colour c
                ? new Layer.Colour(
                        new Pass(
                                c.pass().pencil(),
                                Math.min(1, c.pass().pressure() * by),
                                c.pass().point(),
                                c.pass().stroke()),
                        c.passes())
                : layer;
    }

    /** Of all that a way comes to here, the mean: what explains everything explains nothing. */
    public Likelihoods likelihoods(Seen seen) {
        Map<MistakeVariant, List<Double>> all = new EnumMap<>(MistakeVariant.class);
        explanations.forEach(
                e -> all.computeIfAbsent(e.way(), w -> new ArrayList<>()).add(likelihood(e, seen)));
        Map<MistakeVariant, Double> means = new EnumMap<>(MistakeVariant.class);
        all.forEach((way, of) -> means.put(way, mean(of)));
        return new Likelihoods(means);
    }

    /** Of likelihoods, by their logarithms. */
    static double mean(List<Double> logarithms) {
        double most = logarithms.stream().mapToDouble(l -> l).max().orElseThrow();
        double sum = logarithms.stream().mapToDouble(l -> Math.exp(l - most)).sum();
        return most + Math.log(sum / logarithms.size());
    }

    /** The recipe as it is asked. */
    Explanation asked() {
        return explanations.get(HANDS.length / 2);
    }

    /** The way of doing a deed that comes nearest to what was read; the recipe itself where the deed cannot be done with it. */
    Explanation nearest(MistakeKind deed, Seen seen) {
        return explanations.stream()
                .filter(e -> e.deed() == deed)
                .max(Comparator.comparingDouble(e -> likelihood(e, seen)))
                .orElseGet(this::asked);
    }

    private static double likelihood(Explanation e, Seen seen) {
        double colour = ColourDifference.ciede2000(e.colour(), seen.colour())
                / Math.hypot(MODEL_ERROR, seen.plusMinus() / INTERVAL);
        double specks = (e.specks() - seen.specks()) / Math.hypot(SPECKS_ERROR, seen.specksPlusMinus() / INTERVAL);
        return -(colour * colour + Math.min(MOST_BY_SPECKS * MOST_BY_SPECKS, specks * specks)) / 2;
    }
}
