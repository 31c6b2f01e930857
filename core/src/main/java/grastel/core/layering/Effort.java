package grastel.core.layering;

import grastel.core.media.Pencil;

/**
 * How long a stack takes a hand. A light pass in small circles over a box of 4 cm² takes a practised teenager half a minute;
 * everything else is held against that:
 *
 * <ul>
 *   <li>pressure: ×(1.1 − p/2) in speed, as pressing hard slows the hand: whisper 1.06, light 1, medium 0.9, firm 0.78, full 0.6;
 *   <li>point: ×(1.35 − t/2): a needle covers little at a stroke, a dull point more; 1 at the usual point of 0.7;
 *   <li>stroke: hatching one way is twice as fast as circles, crossed strokes as fast as circles;
 *   <li>area: ×(area / 4 cm²)^0.3: wide areas allow wide strokes and need fewer careful edges for their size.
 * </ul>
 */
public final class Effort {
    /** Area of the box that a hand's speed is told for, cm². */
    private static final double BOX_CM2 = 4;

    private static final double AREA_EXPONENT = 0.3;
    /** Small fields are mostly edge, but nobody is slower than this against the box. */
    private static final double LEAST_AREA_FACTOR = 0.7;

    private static final double ONE_WAY = 2;
    /** Speed against one light layer in circles. */
    private static final double BURNISHING = 0.7;

    private static final double BRUSHING = 4;
    private static final double RUBBING = 2;
    /** Sharpening: 15 s for every 25 cm² of one layer. */
    private static final double SHARPEN_MINUTES_PER_CM2 = 15.0 / 60 / 25;

    /** Taking up another pencil: 10 s. */
    public static final double CHANGE_OF_COLOUR_MINUTES = 10.0 / 60;

    private Effort() {}

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

    /**
     * Minutes at work for one layer; drying is not in it.
     *
     * @param cm2PerMinute the hand's speed for one light layer over a box of 4 cm²
     */
    public static double minutes(Layer layer, double cm2, double cm2PerMinute) {
        double speed = cm2PerMinute * Math.max(LEAST_AREA_FACTOR, Math.pow(cm2 / BOX_CM2, AREA_EXPONENT));
        if (layer instanceof Layer.Colour colour) {
            return colour.passes() * cm2 * (1 / (speed * against(colour.pass())) + SHARPEN_MINUTES_PER_CM2);
        }
        if (layer instanceof Layer.Burnish burnish) {
            return burnish.passes() * cm2 / (BURNISHING * speed);
        }
        return cm2 / (speed * (layer instanceof Layer.Solvent ? BRUSHING : RUBBING));
    }

    /** Speed of a pass against a light one in circles with the usual point. */
    private static double against(Pass pass) {
        double stroke = pass.stroke() == Stroke.ONE_WAY ? ONE_WAY : 1;
        return stroke * (1.1 - pass.pressure() / 2) * (1.35 - pass.point() / 2);
    }
}
