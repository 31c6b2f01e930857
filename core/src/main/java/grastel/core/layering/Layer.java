package grastel.core.layering;

import grastel.core.media.Pencil;
import org.jspecify.annotations.Nullable;

/** One thing done to a field before the next: a colour laid, burnished, dissolved, stumped or lifted. */
public sealed interface Layer {
    int MOST_PASSES = 20;

    /** Going over the field with one pencil. @param passes how often, 1…20 */
    record Colour(Pass pass, int passes) implements Layer {
        public Colour {
            if (pass == null) {
                throw new IllegalArgumentException("A layer needs a pass");
            }
            requirePasses(passes);
        }
    }

    /**
     * Rubbing over everything, hard and with a dull point. @param burnisher white, a pale tint, the layer's own mid-tone
     * or a colourless blender; @param passes how often, 1…20
     */
    record Burnish(Pencil burnisher, int passes) implements Layer {
        public Burnish {
            if (burnisher == null) {
                throw new IllegalArgumentException("Burnishing needs a pencil or a blender");
            }
            requirePasses(passes);
        }
    }

    /** Brushing with solvent and letting it dry. */
    record Solvent() implements Layer {}

    /** Rubbing with a blending stump: dust goes far, wax hardly. */
    record Stump() implements Layer {}

    /** Lifting with putty eraser. @param strength 0 hardly … 1 as much as it takes; never back to paper */
    record Lift(double strength) implements Layer {
        public Lift {
            if (!(strength > 0 && strength <= 1)) {
                throw new IllegalArgumentException("Lifting strength must be over 0 and up to 1, was " + strength);
            }
        }
    }

    private static void requirePasses(int passes) {
        if (passes < 1 || passes > MOST_PASSES) {
            throw new IllegalArgumentException("A layer has 1…" + MOST_PASSES + " passes, was " + passes);
        }
    }

    /** The pencil it uses, or null for solvent, stump and eraser. */
    default @Nullable Pencil pencil() {
        if (this instanceof Colour colour) {
            return colour.pass().pencil();
        }
        return this instanceof Burnish burnish ? burnish.burnisher() : null;
    }
}
