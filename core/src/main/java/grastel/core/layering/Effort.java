package grastel.core.layering;

import grastel.core.media.Pencil;

/** How long a stack takes a hand, after the craft's rules of thumb. */
public final class Effort {
    /** Speed against one light layer in circles or crossed strokes. */
    private static final double BURNISHING = 0.6;

    private static final double LOOSE_HATCHING = 2.5;
    private static final double BRUSHING = 4;
    private static final double RUBBING = 2;
    /** Sharpening: 20 s for every 9 cm² of one layer. */
    private static final double SHARPEN_MINUTES_PER_CM2 = 20.0 / 60 / 9;

    /** Taking up another pencil: 15 s. */
    public static final double CHANGE_OF_COLOUR_MINUTES = 0.25;

    private Effort() {}

    /** Minutes to lay one pencil so often over a field. @param cm2PerMinute the hand's speed for one light layer */
    private static double minutes(int passes, double cm2, double cm2PerMinute) {
        return passes * cm2 * (1 / cm2PerMinute + SHARPEN_MINUTES_PER_CM2);
    }

    /** Minutes at work for a whole stack; drying is not in it. */
    public static double minutes(Stack stack, double cm2, double cm2PerMinute) {
        double minutes = 0;
        Pencil inHand = null;
        for (Layer layer : stack.layers()) {
            if (layer.pencil() != null && inHand != null && !layer.pencil().equals(inHand)) {
                minutes += CHANGE_OF_COLOUR_MINUTES;
            }
            inHand = layer.pencil() == null ? inHand : layer.pencil();
            minutes += minutes(layer, cm2, cm2PerMinute);
        }
        return minutes;
    }

    /** Minutes at work for one layer; drying is not in it. */
    public static double minutes(Layer layer, double cm2, double cm2PerMinute) {
        if (layer instanceof Layer.Colour colour) {
            double speed = colour.pass().stroke() == Stroke.ONE_WAY ? LOOSE_HATCHING : 1;
            return minutes(colour.passes(), cm2, speed * cm2PerMinute);
        }
        if (layer instanceof Layer.Burnish burnish) {
            return burnish.passes() * cm2 / (BURNISHING * cm2PerMinute);
        }
        return cm2 / (cm2PerMinute * (layer instanceof Layer.Solvent ? BRUSHING : RUBBING));
    }
}
