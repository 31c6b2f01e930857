package grastel.core.layering;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/** Small changes to a stack that give another one. */
public final class Stacks {
    private Stacks() {}

    public static Stack without(Stack stack, int i) {
        List<Layer> layers = new ArrayList<>(stack.layers());
        layers.remove(i);
        return stack.withLayers(layers);
    }

    public static Stack movedLast(Stack stack, int i) {
        List<Layer> layers = new ArrayList<>(stack.layers());
        layers.add(layers.remove(i));
        return stack.withLayers(layers);
    }

    /** Empty where there is no room for a layer more. */
    public static Optional<Stack> inserted(Stack stack, int i, Layer layer) {
        if (stack.layers().size() == Stack.MOST_LAYERS) {
            return Optional.empty();
        }
        List<Layer> layers = new ArrayList<>(stack.layers());
        layers.add(i, layer);
        return Optional.of(stack.withLayers(layers));
    }

    public static Stack replaced(Stack stack, int i, Layer by) {
        List<Layer> layers = new ArrayList<>(stack.layers());
        layers.set(i, by);
        return stack.withLayers(layers);
    }

    public static Stack reversed(Stack stack) {
        List<Layer> layers = new ArrayList<>(stack.layers());
        Collections.reverse(layers);
        return stack.withLayers(layers);
    }

    /** A layer with passes more or fewer; empty where that cannot be. */
    public static Optional<Stack> passes(Stack stack, int i, int more) {
        Layer layer = stack.layers().get(i);
        if (layer instanceof Layer.Colour c && fits(c.passes() + more)) {
            return Optional.of(replaced(stack, i, new Layer.Colour(c.pass(), c.passes() + more)));
        }
        if (layer instanceof Layer.Burnish b && fits(b.passes() + more)) {
            return Optional.of(replaced(stack, i, new Layer.Burnish(b.burnisher(), b.passes() + more)));
        }
        return Optional.empty();
    }

    private static boolean fits(int passes) {
        return passes >= 1 && passes <= Layer.MOST_PASSES;
    }

    /** The topmost layer of colour; −1 if there is none. */
    public static int topColour(Stack stack) {
        for (int i = stack.layers().size() - 1; i >= 0; i--) {
            if (stack.layers().get(i) instanceof Layer.Colour) {
                return i;
            }
        }
        return -1;
    }

    /** A pass taken from the layer that has most of them, or that layer left out if it has one. */
    public static Optional<Stack> onePassLess(Stack stack) {
        int most = -1;
        for (int i = 0; i < stack.layers().size(); i++) {
            if (stack.layers().get(i) instanceof Layer.Colour c
                    && (most < 0 || c.passes() > ((Layer.Colour) stack.layers().get(most)).passes())) {
                most = i;
            }
        }
        if (most < 0) {
            return Optional.empty();
        }
        int at = most;
        return Optional.of(passes(stack, most, -1).orElseGet(() -> without(stack, at)));
    }

    /** The first colour at a whisper, once: enough for a foundation. */
    public static Optional<Stack> whisperedFirst(Stack stack) {
        for (int i = 0; i < stack.layers().size(); i++) {
            if (stack.layers().get(i) instanceof Layer.Colour c) {
                Pass p = c.pass();
                Pass whisper = new Pass(p.pencil(), PressureGrade.WHISPER.pressure(), p.point(), p.stroke());
                return Optional.of(replaced(stack, i, new Layer.Colour(whisper, 1)));
            }
        }
        return Optional.empty();
    }

    public static Layer.Colour stroked(Layer.Colour c, Stroke stroke) {
        Pass p = c.pass();
        return new Layer.Colour(new Pass(p.pencil(), p.pressure(), p.point(), stroke), c.passes());
    }

    public static Layer.Colour pointed(Layer.Colour c, double point) {
        Pass p = c.pass();
        return new Layer.Colour(new Pass(p.pencil(), p.pressure(), point, p.stroke()), c.passes());
    }

    public static Layer.Colour pressed(Layer.Colour c, double pressure) {
        Pass p = c.pass();
        return new Layer.Colour(new Pass(p.pencil(), pressure, p.point(), p.stroke()), c.passes());
    }
}
