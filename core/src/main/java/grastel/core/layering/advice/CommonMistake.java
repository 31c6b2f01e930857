package grastel.core.layering.advice;

import grastel.core.layering.Layer;
import grastel.core.layering.Stack;
import grastel.core.layering.Stacks;
import grastel.core.layering.Stroke;
import java.util.ArrayList;
import java.util.List;

/** A way in which hands commonly depart from a plan, so that its look can be computed beside the right one. */
public enum CommonMistake {
    /** Not sharpened again. */
    BLUNT_POINT {
        @Override
        Layer.Colour slipped(Layer.Colour c) {
            return Stacks.pointed(c, BLUNT);
        }
    },
    /** Pressed about twice as hard from the beginning. */
    TOO_HEAVY {
        @Override
        Layer.Colour slipped(Layer.Colour c) {
            return Stacks.pressed(c, Math.min(1, TWICE * c.pass().pressure()));
        }
    },
    /** Half the pressure. */
    TOO_LIGHT {
        @Override
        Layer.Colour slipped(Layer.Colour c) {
            return Stacks.pressed(c, c.pass().pressure() / TWICE);
        }
    },
    /** Strokes that all run one way. */
    ONE_DIRECTION {
        @Override
        Layer.Colour slipped(Layer.Colour c) {
            return Stacks.stroked(c, Stroke.ONE_WAY);
        }
    },
    /** First layer last. */
    ORDER_TURNED_ROUND {
        @Override
        public Stack in(Stack stack) {
            return Stacks.reversed(stack);
        }
    },
    /** Stopped before the last layer. */
    LAST_LAYER_LEFT_OUT {
        @Override
        public Stack in(Stack stack) {
            return stack.layers().isEmpty()
                    ? stack
                    : Stacks.without(stack, stack.layers().size() - 1);
        }
    };

    private static final double BLUNT = 0.15;
    private static final double TWICE = 2;

    Layer.Colour slipped(Layer.Colour c) {
        return c;
    }

    /** The stack as it comes out with this slip; the same where there is nothing to slip in. */
    public Stack in(Stack stack) {
        List<Layer> layers = new ArrayList<>();
        for (Layer layer : stack.layers()) {
            layers.add(layer instanceof Layer.Colour c ? slipped(c) : layer);
        }
        return stack.withLayers(layers);
    }
}
