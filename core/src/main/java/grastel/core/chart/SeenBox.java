package grastel.core.chart;

import grastel.core.chart.ChartPlan.Box;
import grastel.core.colour.Lab;
import grastel.core.reading.fields.FieldReading;

/**
 * A box as it was read.
 *
 * @param page place among the pages read
 * @param hand place of whoever filled it
 * @param error standard deviation in each of L*, a* and b*
 */
record SeenBox(int page, int hand, Box box, Lab colour, double error) {
    /** Half width of a 95 % interval in standard deviations. */
    private static final double INTERVAL = 1.96;
    /** The model is not truer than this, in each of L*, a* and b*. */
    private static final double MODEL_ERROR = 0.6;
    /** Cameras and their files keep strong colours less well: for each unit of chroma. */
    private static final double CHROMA_ERROR = 0.02;

    static SeenBox of(int page, int hand, Box box, FieldReading read) {
        double own = Math.hypot(MODEL_ERROR, read.lightness().own() / INTERVAL);
        return new SeenBox(
                page,
                hand,
                box,
                read.colour(),
                Math.hypot(own, CHROMA_ERROR * read.colour().chroma()));
    }

    /** The same as a box of another row would look. */
    SeenBox as(int row) {
        return new SeenBox(page, hand, new Box(box.id(), row, box.work()), colour, error);
    }
}
