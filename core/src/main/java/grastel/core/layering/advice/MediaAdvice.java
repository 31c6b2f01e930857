package grastel.core.layering.advice;

import grastel.core.colour.ColourDifference;
import grastel.core.layering.Layer;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stack;
import grastel.core.layering.Stacks;
import grastel.core.layering.Surface;
import grastel.core.layering.Swatch;
import grastel.core.layering.advice.Advice.Code;
import grastel.core.layering.advice.Advice.Remedy;
import grastel.core.layering.advice.Advice.Severity;
import grastel.core.layering.advice.Advice.Warning;
import grastel.core.media.Pencil;
import grastel.core.media.Pencil.Binder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What to mind where pencils and other media lie over one another. */
final class MediaAdvice {
    /** Graphite that changes a colour over it by more is a nuisance, ΔE00. */
    private static final double SMEARED = 3;
    /** A layer should find so much of its hold, share. */
    private static final double HOLDS = 0.75;

    private MediaAdvice() {}

    /** Of the whole stack: dust is everybody's. */
    static List<Warning> on(Stack stack) {
        List<Layer> layers = stack.layers();
        int dust = last(stack, layers.size(), Binder.SOFT_PASTEL);
        boolean blended = layers.stream().anyMatch(Layer.Stump.class::isInstance);
        return dust < 0
                ? List.of()
                : List.of(new Warning(
                        Code.PASTEL_DUST,
                        Severity.NOTE,
                        dust,
                        0,
                        0,
                        Remedy.STUMP,
                        blended ? Optional.empty() : Stacks.inserted(stack, layers.size(), new Layer.Stump())));
    }

    /** Of one layer. @param stages see {@link Stack#stages} */
    static List<Warning> on(Stack stack, List<Swatch> stages, int i, Layer.Colour colour) {
        List<Warning> found = new ArrayList<>();
        graphite(stack, stages, i, colour).ifPresent(found::add);
        slick(stack, stages.get(i), i, colour).ifPresent(found::add);
        if (last(stack, i, Binder.OIL_PASTEL) >= 0
                && Surface.hardness(colour.pass().pressure()) > 0) {
            found.add(new Warning(
                    Code.SCRAPES_THROUGH,
                    Severity.NOTE,
                    i,
                    colour.pass().pressure(),
                    PressureGrade.FIRM.pressure(),
                    Remedy.PRESS_LESS,
                    Optional.of(Stacks.replaced(stack, i, Stacks.pressed(colour, PressureGrade.FIRM.pressure())))));
        }
        return found;
    }

    /** Its dust in a colour over it, unless it was lifted before. */
    private static Optional<Warning> graphite(Stack stack, List<Swatch> stages, int i, Layer.Colour colour) {
        int graphite = last(stack, i, Binder.GRAPHITE);
        if (graphite < 0
                || colour.pass().pencil().binder() == Binder.GRAPHITE
                || stack.layers().subList(graphite, i).stream().anyMatch(Layer.Lift.class::isInstance)) {
            return Optional.empty();
        }
        Stack clean = Stacks.without(stack.withLayers(stack.layers().subList(0, i + 1)), graphite);
        double smeared = ColourDifference.ciede2000(
                stages.get(i + 1).colour(), clean.swatch().colour());
        return smeared <= SMEARED
                ? Optional.empty()
                : Optional.of(new Warning(
                        Code.GRAPHITE_SMEARS,
                        Severity.CAUTION,
                        i,
                        smeared,
                        SMEARED,
                        Remedy.LIFT_FIRST,
                        Stacks.inserted(stack, i, new Layer.Lift(1))));
    }

    /** A pencil over crayon or oil pastel, which it hardly takes hold on. */
    private static Optional<Warning> slick(Stack stack, Swatch before, int i, Layer.Colour colour) {
        double hold =
                before.surface().grip(colour.pass().pencil()) / before.surface().grip();
        int slick = Math.max(last(stack, i, Binder.CRAYON), last(stack, i, Binder.OIL_PASTEL));
        return hold >= HOLDS || slick < 0
                ? Optional.empty()
                : Optional.of(new Warning(
                        Code.SLIDES_OFF,
                        Severity.CAUTION,
                        i,
                        hold,
                        HOLDS,
                        Remedy.MOVE_LAST,
                        Optional.of(Stacks.movedLast(stack, slick))));
    }

    /** The last layer below {@code i} of a medium; −1 if there is none. */
    private static int last(Stack stack, int i, Binder binder) {
        for (int j = i - 1; j >= 0; j--) {
            Pencil under = stack.layers().get(j).pencil();
            if (under != null && under.binder() == binder) {
                return j;
            }
        }
        return -1;
    }
}
