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

/** What to mind in a stack. Values only: the words live with the interface. */
public final class Advice {
    private static final double TOOTH_NEARLY_FULL = 0.12;
    private static final double MUDDY = 0.35;
    private static final double DEEP_LIGHTNESS = 80;
    private static final double JUST_SEEN = 1;
    private static final double HARD_LINE_PRESSURE = 0.6;
    private static final double ENOUGH_TO_DISSOLVE = 0.10;
    private static final double DARKER_BY = 3;

    private Advice() {}

    public enum Code {
        TOOTH_NEARLY_FULL,
        MUDDY,
        WHITE_TOO_EARLY,
        BLACK_CROSSES_WHITE,
        ADDS_LITTLE,
        BURNISH_OVER_HARD_LINES,
        SOLVENT_ON_TOO_LITTLE,
        LAYER_AFTER_BURNISH,
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

    /** @param goal the colour that is wanted, if any */
    public static List<Warning> on(Stack stack, Optional<Lab> goal) {
        List<Swatch> stages = stack.stages();
        List<Warning> found = new ArrayList<>();
        for (int i = 0; i < stack.layers().size(); i++) {
            layer(stack, stages, i, found);
        }
        whole(stack, stages.get(stages.size() - 1), found);
        goal.ifPresent(wanted -> tooDark(stack, wanted, found));
        return List.copyOf(found);
    }

    private static void layer(Stack stack, List<Swatch> stages, int i, List<Warning> found) {
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
            colour(stack, i, colour, found);
            found.addAll(MediaAdvice.on(stack, stages, i, colour));
        }
        double added =
                ColourDifference.ciede2000(before.colour(), stages.get(i + 1).colour());
        if (added < JUST_SEEN) {
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

    private static void colour(Stack stack, int i, Layer.Colour colour, List<Warning> found) {
        for (int j = 0; j < i; j++) {
            if (stack.layers().get(j) instanceof Layer.Burnish) {
                found.add(new Warning(
                        Code.LAYER_AFTER_BURNISH,
                        Severity.CAUTION,
                        i,
                        j,
                        i,
                        Remedy.MOVE_LAST,
                        Optional.of(Stacks.movedLast(stack, j))));
                break;
            }
        }
        Pencil pencil = colour.pass().pencil();
        int covered = laterDeepColour(stack, i);
        if (isWhite(pencil) && covered >= 0) {
            found.add(new Warning(
                    Code.WHITE_TOO_EARLY,
                    Severity.CAUTION,
                    i,
                    i,
                    covered,
                    Remedy.MOVE_LAST,
                    Optional.of(Stacks.movedLast(stack, i))));
        }
        if (isBlack(pencil) && stack.layers().stream().anyMatch(l -> l.pencil() != null && isWhite(l.pencil()))) {
            found.add(new Warning(
                    Code.BLACK_CROSSES_WHITE,
                    Severity.CAUTION,
                    i,
                    PigmentOptics.of(pencil).masstone.lightness(),
                    Masstone.BLACK_LIGHTNESS,
                    Remedy.LEAVE_OUT,
                    Optional.of(Stacks.without(stack, i))));
        }
    }

    /** The last layer over {@code i} in a middle or dark colour; −1 if there is none. */
    private static int laterDeepColour(Stack stack, int i) {
        for (int j = stack.layers().size() - 1; j > i; j--) {
            Pencil over =
                    stack.layers().get(j) instanceof Layer.Colour c ? c.pass().pencil() : null;
            if (over != null
                    && !over.colourless()
                    && PigmentOptics.of(over).masstone.lightness() < DEEP_LIGHTNESS) {
                return j;
            }
        }
        return -1;
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

    private static void whole(Stack stack, Swatch swatch, List<Warning> found) {
        found.addAll(MediaAdvice.on(stack));
        if (swatch.toothLeft() < TOOTH_NEARLY_FULL && !endsBurnished(stack)) {
            found.add(new Warning(
                    Code.TOOTH_NEARLY_FULL,
                    Severity.NOTE,
                    null,
                    swatch.toothLeft(),
                    TOOTH_NEARLY_FULL,
                    Remedy.ONE_PASS_LESS,
                    Stacks.onePassLess(stack)));
        }
        double mud = SwatchParts.of(swatch).mud();
        if (mud > MUDDY) {
            found.add(new Warning(
                    Code.MUDDY, Severity.CAUTION, null, mud, MUDDY, Remedy.WHISPER, Stacks.whisperedFirst(stack)));
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
