package grastel.core.page;

import java.util.List;
import java.util.stream.DoubleStream;

/**
 * How large a sheet's words are, em sizes and leads in mm. Under a field 9 pt is well read from a table, what to do wants 11 pt
 * and never more than 14; where a page has no room for that, words are smaller, and it is said.
 *
 * @param scale times what is well read
 */
record WordSizes(double scale) {
    private static final double POINT = 25.4 / 72;
    private static final double WELL_READ_RECIPE = 9 * POINT;
    private static final double WELL_READ_STEP = 11 * POINT;
    private static final double LARGEST = 14.0 / 11;
    private static final double SMALLEST = 0.85;

    /** What a line is snugged to before its end is cut. */
    static final double LEAST_RECIPE = SMALLEST * WELL_READ_RECIPE;

    static List<WordSizes> fromTheSmallest() {
        return DoubleStream.of(SMALLEST, 0.92, 1, 1.07, 1.14, 1.2, LARGEST)
                .mapToObj(WordSizes::new)
                .toList();
    }

    boolean areSmall() {
        return scale < 1;
    }

    double recipe() {
        return scale * WELL_READ_RECIPE;
    }

    double recipeLead() {
        return 1.26 * recipe();
    }

    double step() {
        return scale * WELL_READ_STEP;
    }

    double stepLead() {
        return 1.5 * step();
    }

    /** What an exercise is for. */
    double goal() {
        return scale * WELL_READ_RECIPE;
    }

    double practice() {
        return scale * WELL_READ_RECIPE;
    }

    /** The name over fields that belong together. */
    double group() {
        return scale * 10 * POINT;
    }

    double groupLead() {
        return 1.5 * group();
    }

    /** A zone of a form in the list beside it: what is asked, and how. */
    double zoneLead() {
        return 4.6 + 1.4 * recipe();
    }
}
