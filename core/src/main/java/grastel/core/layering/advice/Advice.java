package grastel.core.layering.advice;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PigmentOptics;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stack;
import grastel.core.layering.Stacks;
import grastel.core.layering.Stroke;
import grastel.core.layering.Swatch;
import grastel.core.layering.SwatchParts;
import grastel.core.media.Masstone;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What to watch out for in a stack. Values only: the words live with the interface. */
public final class Advice {
    /** With so few light layers left, the tooth is as good as full. */
    private static final int LAYERS_LEFT = 1;

    /** Of pale colours a light layer hardly shows anyhow; only under this is it the tooth. */
    private static final double TOOTH_FULL = 0.4;

    private static final double MUDDY = 0.35;
    private static final double JUST_SEEN = 1;
    private static final double HARD_LINE_PRESSURE = 0.6;
    /** A first layer pressed harder than this leaves the next ones little room. */
    private static final double HARD_FIRST_PRESSURE = 0.6;

    private static final double ENOUGH_TO_DISSOLVE = 0.10;
    private static final double DARKER_BY = 3;
    /** A dark that leaves less of a light colour's chroma drowns it. */
    private static final double DROWNED = 0.5;

    private static final double DROWNING_LIGHTNESS = 30;
    private static final double LIGHT_LIGHTNESS = 55;
    private static final double LIGHT_CHROMA = 30;
    /** Share of its usual hold that a stroke needs to bite into a burnish. */
    private static final double BITES = 0.35;

    private Advice() {}

    /** What a stack is meant to be: opposites and darks are faults in a colour and the means of the others. */
    public enum Intention {
        COLOUR,
        SHADOW,
        BLACK
    }

    public enum Code {
        TOOTH_NEARLY_FULL,
        HARD_LAYER_FIRST,
        MUDDY,
        DARK_DROWNS_COLOUR,
        BLACK_CROSSES_WHITE,
        ADDS_LITTLE,
        BURNISH_OVER_HARD_LINES,
        SOLVENT_ON_TOO_LITTLE,
        LAYER_AFTER_BURNISH,
        ACCENT_AFTER_BURNISH,
        GRAPHITE_SMEARS,
        SLIDES_OFF,
        SCRAPES_THROUGH,
        PASTEL_DUST,
        DARKER_THAN_PENCILS_GO
    }

    public enum Severity {
        /** Good to know. */
        NOTE,
        /** Will probably disappoint. */
        CAUTION
    }

    public enum Remedy {
        LEAVE_OUT,
        MOVE_LAST,
        ONE_PASS_LESS,
        WHISPER,
        LIGHTER,
        KEEP_APART,
        CIRCLES,
        ONE_PASS_MORE,
        DARK_FOUNDATION,
        LIFT_FIRST,
        PRESS_LESS,
        STUMP
    }

    /**
     * @param layer the layer it concerns, from 0; null for the whole stack
     * @param figure what was found
     * @param limit what it is held against, in the same unit: tooth and mud as shares, ΔE00, pressure, thickness or L*
     * @param remedy what would help
     * @param remedied the stack with the remedy done, where that is one stack
     */
    public record Warning(
            Code code,
            Severity severity,
            @Nullable Integer layer,
            double figure,
            double limit,
            Remedy remedy,
            Optional<Stack> remedied) {}

    /**
     * @param goal the colour that is wanted, if any
     * @param burnishLast true where the class is taught that nothing follows a burnish
     */
    public static List<Warning> on(Stack stack, Optional<Lab> goal, Intention intention, boolean burnishLast) {
        List<Swatch> stages = stack.stages();
        List<Warning> found = new ArrayList<>();
        for (int i = 0; i < stack.layers().size(); i++) {
            layer(stack, stages, i, burnishLast, found);
        }
        hardFirst(stack, found);
        whole(stack, stages.get(stages.size() - 1), intention, found);
        goal.ifPresent(wanted -> tooDark(stack, wanted, found));
        return List.copyOf(found);
    }

    private static void layer(Stack stack, List<Swatch> stages, int i, boolean burnishLast, List<Warning> found) {
        Layer layer = stack.layers().get(i);
        Swatch before = stages.get(i);
        if (layer instanceof Layer.Burnish) {
            hardLines(stack, i, found);
        } else if (layer instanceof Layer.Solvent && before.meanThickness() < ENOUGH_TO_DISSOLVE) {
            found.add(new Warning(
                    Code.SOLVENT_ON_TOO_LITTLE,
                    Severity.CAUTION,
                    i,
                    before.meanThickness(),
                    ENOUGH_TO_DISSOLVE,
                    Remedy.ONE_PASS_MORE,
                    morePassesBelow(stack, i)));
        } else if (layer instanceof Layer.Colour colour) {
            colour(stack, before, i, colour, burnishLast, found);
            found.addAll(MediaAdvice.on(stack, stages, i, colour));
        }
        double added =
                ColourDifference.ciede2000(before.colour(), stages.get(i + 1).colour());
        if (added < JUST_SEEN && withoutIt(stack, stages, i) < JUST_SEEN) {
            found.add(new Warning(
                    Code.ADDS_LITTLE,
                    Severity.NOTE,
                    i,
                    added,
                    JUST_SEEN,
                    Remedy.LEAVE_OUT,
                    Optional.of(Stacks.without(stack, i))));
        }
    }

    /** What the finished stack would lose without a layer, ΔE00. */
    private static double withoutIt(Stack stack, List<Swatch> stages, int i) {
        return ColourDifference.ciede2000(
                stages.get(stages.size() - 1).colour(),
                Stacks.without(stack, i).swatch().colour());
    }

    private static void colour(
            Stack stack, Swatch before, int i, Layer.Colour colour, boolean burnishLast, List<Warning> found) {
        int burnish = burnishBelow(stack, i);
        if (burnish >= 0) {
            afterBurnish(stack, before, i, colour, burnish, burnishLast, found);
        }
        Pencil pencil = colour.pass().pencil();
        if (isBlack(pencil) && stack.layers().stream().anyMatch(l -> l.pencil() != null && isWhite(l.pencil()))) {
            found.add(new Warning(
                    Code.BLACK_CROSSES_WHITE,
                    Severity.CAUTION,
                    i,
                    PigmentOptics.of(pencil).masstone.lightness(),
                    Masstone.BLACK_LIGHTNESS,
                    Remedy.KEEP_APART,
                    Optional.empty()));
        }
    }

    private static int burnishBelow(Stack stack, int i) {
        for (int j = 0; j < i; j++) {
            if (stack.layers().get(j) instanceof Layer.Burnish) {
                return j;
            }
        }
        return -1;
    }

    /** A sharp hard accent bites into the shine, another layer slides on it. */
    private static void afterBurnish(
            Stack stack,
            Swatch before,
            int i,
            Layer.Colour colour,
            int burnish,
            boolean burnishLast,
            List<Warning> found) {
        double grip = before.surface().grip(colour.pass());
        if (grip < BITES) {
            found.add(new Warning(
                    Code.LAYER_AFTER_BURNISH,
                    Severity.CAUTION,
                    i,
                    grip,
                    BITES,
                    Remedy.MOVE_LAST,
                    Optional.of(Stacks.movedLast(stack, burnish))));
        } else if (burnishLast) {
            found.add(new Warning(
                    Code.ACCENT_AFTER_BURNISH,
                    Severity.NOTE,
                    i,
                    grip,
                    BITES,
                    Remedy.MOVE_LAST,
                    Optional.of(Stacks.movedLast(stack, burnish))));
        }
    }

    /** A hard layer closes the tooth to those that are to come. White or cream first is no fault: later colour pushes it aside. */
    private static void hardFirst(Stack stack, List<Warning> found) {
        List<Layer> layers = stack.layers();
        if (layers.size() < 2 || !(layers.get(0) instanceof Layer.Colour first)) {
            return;
        }
        boolean more = layers.stream().skip(1).anyMatch(Layer.Colour.class::isInstance);
        Pencil pencil = first.pass().pencil();
        if (more
                && first.pass().pressure() >= HARD_FIRST_PRESSURE
                && pencil.binder().isPencil()
                && !PigmentOptics.of(pencil).isTint()) {
            found.add(new Warning(
                    Code.HARD_LAYER_FIRST,
                    Severity.CAUTION,
                    0,
                    first.pass().pressure(),
                    HARD_FIRST_PRESSURE,
                    Remedy.LIGHTER,
                    Optional.of(Stacks.replaced(stack, 0, Stacks.pressed(first, PressureGrade.LIGHT.pressure())))));
        }
    }

    /** A black or a dark violet that takes more than half of a light colour's chroma. */
    private static void drowned(Stack stack, Swatch swatch, List<Warning> found) {
        boolean light = stack.layers().stream()
                .filter(Layer.Colour.class::isInstance)
                .map(l -> PigmentOptics.of(((Layer.Colour) l).pass().pencil()).masstone)
                .anyMatch(m -> m.lightness() > LIGHT_LIGHTNESS && m.chroma() > LIGHT_CHROMA);
        for (int i = 0; light && i < stack.layers().size(); i++) {
            if (stack.layers().get(i) instanceof Layer.Colour dark
                    && PigmentOptics.of(dark.pass().pencil()).masstone.lightness() < DROWNING_LIGHTNESS) {
                double without = Stacks.without(stack, i).swatch().colour().chroma();
                double kept = swatch.colour().chroma() / Math.max(1, without);
                if (kept < DROWNED && without > LIGHT_CHROMA / 2) {
                    found.add(new Warning(
                            Code.DARK_DROWNS_COLOUR,
                            Severity.CAUTION,
                            i,
                            kept,
                            DROWNED,
                            Remedy.LIGHTER,
                            Optional.of(Stacks.replaced(
                                    stack,
                                    i,
                                    new Layer.Colour(
                                            Stacks.pressed(dark, PressureGrade.WHISPER.pressure())
                                                    .pass(),
                                            1)))));
                    return;
                }
            }
        }
    }

    private static void hardLines(Stack stack, int burnish, List<Warning> found) {
        for (int j = burnish - 1; j >= 0; j--) {
            Layer below = stack.layers().get(j);
            if (below instanceof Layer.Solvent) {
                return;
            }
            if (below instanceof Layer.Colour c
                    && c.pass().stroke() != Stroke.CIRCLES
                    && c.pass().pressure() >= HARD_LINE_PRESSURE) {
                found.add(new Warning(
                        Code.BURNISH_OVER_HARD_LINES,
                        Severity.CAUTION,
                        j,
                        c.pass().pressure(),
                        HARD_LINE_PRESSURE,
                        Remedy.CIRCLES,
                        Optional.of(Stacks.replaced(stack, j, Stacks.stroked(c, Stroke.CIRCLES)))));
                return;
            }
        }
    }

    private static void whole(Stack stack, Swatch swatch, Intention intention, List<Warning> found) {
        found.addAll(MediaAdvice.on(stack));
        int top = Stacks.topColour(stack);
        if (top >= 0 && !endsBurnished(stack)) {
            Pencil pencil = ((Layer.Colour) stack.layers().get(top)).pass().pencil();
            int left = pencil.binder().isPencil() ? swatch.layersLeft(pencil) : LAYERS_LEFT + 1;
            if (left <= LAYERS_LEFT && swatch.toothLeft() < TOOTH_FULL) {
                found.add(new Warning(
                        Code.TOOTH_NEARLY_FULL,
                        Severity.NOTE,
                        null,
                        left,
                        LAYERS_LEFT,
                        Remedy.ONE_PASS_LESS,
                        Stacks.onePassLess(stack)));
            }
        }
        if (intention != Intention.COLOUR) {
            return;
        }
        double mud = SwatchParts.of(swatch).mud();
        if (mud > MUDDY) {
            found.add(new Warning(
                    Code.MUDDY, Severity.CAUTION, null, mud, MUDDY, Remedy.WHISPER, Stacks.whisperedFirst(stack)));
        } else {
            drowned(stack, swatch, found);
        }
    }

    private static void tooDark(Stack stack, Lab wanted, List<Warning> found) {
        double darkest = stack.layers().stream()
                .filter(l -> l.pencil() != null && !l.pencil().colourless())
                .mapToDouble(l -> Swatch.bare(stack.paper(), stack.under())
                        .with(Pass.of(l.pencil(), PressureGrade.FULL), 2)
                        .colour()
                        .lightness())
                .min()
                .orElse(0);
        double reached = Math.min(darkest, stack.swatch().colour().lightness());
        if (wanted.lightness() < reached - DARKER_BY) {
            found.add(new Warning(
                    Code.DARKER_THAN_PENCILS_GO,
                    Severity.NOTE,
                    null,
                    reached,
                    wanted.lightness(),
                    Remedy.DARK_FOUNDATION,
                    Optional.empty()));
        }
    }

    private static Optional<Stack> morePassesBelow(Stack stack, int i) {
        for (int j = i - 1; j >= 0; j--) {
            Optional<Stack> more = Stacks.passes(stack, j, 1);
            if (more.isPresent()) {
                return more;
            }
        }
        return Optional.empty();
    }

    private static boolean endsBurnished(Stack stack) {
        return !stack.layers().isEmpty() && stack.layers().get(stack.layers().size() - 1) instanceof Layer.Burnish;
    }

    private static boolean isWhite(Pencil pencil) {
        return !pencil.colourless() && Masstone.isWhite(PigmentOptics.of(pencil).masstone);
    }

    private static boolean isBlack(Pencil pencil) {
        return Masstone.isBlack(PigmentOptics.of(pencil).masstone);
    }
}
