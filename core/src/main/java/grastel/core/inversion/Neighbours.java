package grastel.core.inversion;

import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.UnaryOperator;

/** The recipes beside an asked one that a student's hand comes to. */
final class Neighbours {
    private static final double BLUNT = 0.35;
    private static final int MOST_GRADES = 2;
    private static final int MOST_PASSES = 2;

    private final List<Layer> asked;
    private final List<Pencil> sheet;
    private final List<Neighbour> all = new ArrayList<>();

    private Neighbours(List<Layer> asked, List<Pencil> sheet) {
        this.asked = asked;
        this.sheet = sheet;
    }

    /** @param way of the deed, the same in every recipe it can be done in */
    record Neighbour(MistakeVariant way, List<Layer> layers) {}

    /** @param asked layers in their order; @param sheet pencils on the student's table */
    static List<Neighbour> of(List<Layer> asked, List<Pencil> sheet) {
        Neighbours n = new Neighbours(asked, sheet);
        n.all.add(new Neighbour(MistakeVariant.AS_ASKED, asked));
        n.add(MistakeVariant.BLUNT, n.each(Neighbours::blunted));
        n.weights();
        n.foundations();
        n.missing();
        n.wrongPencils();
        return n.all;
    }

    private void add(MistakeVariant way, List<Layer> layers) {
        if (!layers.equals(asked) && all.stream().noneMatch(n -> n.layers().equals(layers))) {
            all.add(new Neighbour(way, layers));
        }
    }

    private List<Layer> each(UnaryOperator<Layer> change) {
        return asked.stream().map(change).toList();
    }

    private List<Layer> with(int at, UnaryOperator<Layer> change) {
        List<Layer> layers = new ArrayList<>(asked);
        layers.set(at, change.apply(layers.get(at)));
        return layers;
    }

    /** All layers, and the top one, a grade or some passes more or less. */
    private void weights() {
        int top = asked.size() - 1;
        add(MistakeVariant.ALL_LIGHTER, each(l -> graded(l, -1)));
        add(MistakeVariant.ALL_HARDER, each(l -> graded(l, 1)));
        add(MistakeVariant.TOP_LIGHTER, with(top, l -> graded(l, -1)));
        add(MistakeVariant.TOP_HARDER, with(top, l -> graded(l, 1)));
        for (int passes = 1; passes <= MOST_PASSES; passes++) {
            int by = passes;
            add(MistakeVariant.FEWER_PASSES, each(l -> passes(l, -by)));
            add(MistakeVariant.MORE_PASSES, each(l -> passes(l, by)));
            add(MistakeVariant.TOP_FEWER, with(top, l -> passes(l, -by)));
            add(MistakeVariant.TOP_MORE, with(top, l -> passes(l, by)));
        }
    }

    private void foundations() {
        if (asked.size() < 2) {
            return;
        }
        for (int by = 1; by <= MOST_GRADES; by++) {
            int grades = by;
            add(MistakeVariant.HEAVY_UNDER, with(0, l -> graded(l, grades)));
        }
        List<Layer> turned = new ArrayList<>(asked);
        Collections.reverse(turned);
        add(MistakeVariant.TURNED, turned);
    }

    private void missing() {
        for (int i = 0; i < asked.size() && asked.size() > 1; i++) {
            List<Layer> layers = new ArrayList<>(asked);
            layers.remove(i);
            add(i == asked.size() - 1 ? MistakeVariant.TOP_MISSING : MistakeVariant.UNDER_MISSING, layers);
        }
    }

    private void wrongPencils() {
        for (int i = 0; i < asked.size(); i++) {
            for (Pencil other : sheet) {
                if (asked.get(i) instanceof Layer.Colour
                        && !other.equals(asked.get(i).pencil())
                        && !other.colourless()) {
                    add(MistakeVariant.OTHER_PENCIL, with(i, l -> taken(l, other)));
                }
            }
        }
    }

    private static Layer blunted(Layer layer) {
        return layer instanceof Layer.Colour c
                ? new Layer.Colour(
                        new Pass(
                                c.pass().pencil(),
                                c.pass().pressure(),
                                Math.min(c.pass().point(), BLUNT),
                                c.pass().stroke()),
                        c.passes())
                : layer;
    }

    private static Layer graded(Layer layer, int by) {
        if (!(layer instanceof Layer.Colour c)) {
            return layer;
        }
        PressureGrade asked = PressureGrade.nearest(c.pass().pressure());
        int last = PressureGrade.values().length - 1;
        PressureGrade other = PressureGrade.values()[Math.max(0, Math.min(last, asked.ordinal() + by))];
        // of a class with pressures of its own by as much more or less as between grades as they are taught
        double pressure = Math.min(1, c.pass().pressure() * other.pressure() / asked.pressure());
        return new Layer.Colour(
                new Pass(c.pass().pencil(), pressure, c.pass().point(), c.pass().stroke()), c.passes());
    }

    private static Layer passes(Layer layer, int more) {
        return layer instanceof Layer.Colour c
                ? new Layer.Colour(c.pass(), Math.max(1, Math.min(Layer.MOST_PASSES, c.passes() + more)))
                : layer;
    }

    private static Layer taken(Layer layer, Pencil other) {
        return layer instanceof Layer.Colour c
                ? new Layer.Colour(
                        new Pass(
                                other,
                                c.pass().pressure(),
                                c.pass().point(),
                                c.pass().stroke()),
                        c.passes())
                : layer;
    }
}
