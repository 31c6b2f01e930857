package grastel.core.reading.fields;

/**
 * The direction strokes run in, from the structure tensor.
 *
 * @param direction degrees from the horizontal, anticlockwise, 0 up to 180
 * @param spread how far places of 4 mm differ from it, one standard deviation, degrees
 * @param coherence 0 no direction at all … 1 all edges along one direction
 */
public record Strokes(Measured direction, double spread, double coherence) {}
