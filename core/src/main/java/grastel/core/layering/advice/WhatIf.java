package grastel.core.layering.advice;

import grastel.core.layering.Layer;
import grastel.core.layering.Stack;
import grastel.core.layering.Stacks;
import grastel.core.layering.Stroke;
import grastel.core.layering.Swatch;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The neighbours of a stack: what else could be done, all at once. */
public final class WhatIf {
    private static final double SHARP = 0.95;
    private static final double DULL = 0.2;

    private WhatIf() {}

    public enum Kind {
        ORDER_REVERSED,
        ONE_PASS_MORE,
        ONE_PASS_LESS,
        SHARPER,
        DULLER,
        CIRCLES,
        ONE_WAY,
        WHITE_OVER,
        BLENDER_OVER,
        SOLVENT_OVER
    }

    /** @param swatch what the stack gives */
    public record Variant(Kind kind, Stack stack, Swatch swatch) {}

    /**
     * @param white what to burnish with in white, if the kit has one
     * @param blender a colourless blender, if the kit has one
     * @return only those that can be done and differ from the stack
     */
    public static List<Variant> around(Stack stack, Optional<Pencil> white, Optional<Pencil> blender) {
        List<Variant> variants = new ArrayList<>();
        if (stack.layers().isEmpty()) {
            return List.of();
        }
        if (stack.layers().size() > 1) {
            add(variants, stack, Kind.ORDER_REVERSED, Stacks.reversed(stack));
        }
        int top = Stacks.topColour(stack);
        if (top >= 0) {
            aroundTop(variants, stack, top);
        }
        if (stack.layers().size() < Stack.MOST_LAYERS) {
            white.ifPresent(w -> add(variants, stack, Kind.WHITE_OVER, stack.with(new Layer.Burnish(w, 1))));
            blender.ifPresent(b -> add(variants, stack, Kind.BLENDER_OVER, stack.with(new Layer.Burnish(b, 1))));
            add(variants, stack, Kind.SOLVENT_OVER, stack.with(new Layer.Solvent()));
        }
        return List.copyOf(variants);
    }

    private static void aroundTop(List<Variant> variants, Stack stack, int top) {
        Layer.Colour colour = (Layer.Colour) stack.layers().get(top);
        Stacks.passes(stack, top, 1).ifPresent(s -> add(variants, stack, Kind.ONE_PASS_MORE, s));
        Stacks.passes(stack, top, -1).ifPresent(s -> add(variants, stack, Kind.ONE_PASS_LESS, s));
        if (colour.pass().point() < SHARP) {
            add(variants, stack, Kind.SHARPER, Stacks.replaced(stack, top, Stacks.pointed(colour, SHARP)));
        }
        if (colour.pass().point() > DULL) {
            add(variants, stack, Kind.DULLER, Stacks.replaced(stack, top, Stacks.pointed(colour, DULL)));
        }
        boolean circles = colour.pass().stroke() == Stroke.CIRCLES;
        Stroke other = circles ? Stroke.ONE_WAY : Stroke.CIRCLES;
        add(
                variants,
                stack,
                circles ? Kind.ONE_WAY : Kind.CIRCLES,
                Stacks.replaced(stack, top, Stacks.stroked(colour, other)));
    }

    private static void add(List<Variant> variants, Stack from, Kind kind, Stack stack) {
        if (!stack.equals(from)) {
            variants.add(new Variant(kind, stack, stack.swatch()));
        }
    }
}
