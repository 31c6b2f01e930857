package grastel.core.judging;

import boofcv.alg.filter.binary.BinaryImageOps;
import boofcv.struct.ConnectRule;
import boofcv.struct.image.GrayS32;
import boofcv.struct.image.GrayU8;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/** Cells of a grid that hang together by their sides (BoofCV). */
final class Areas {
    private Areas() {}

    /** @param count of all cells; @param of which cells count */
    static List<int[]> of(int columns, int count, IntPredicate of) {
        GrayU8 cells = new GrayU8(columns, count / columns);
        for (int i = 0; i < count; i++) {
            cells.data[i] = (byte) (of.test(i) ? 1 : 0);
        }
        GrayS32 labels = new GrayS32(columns, count / columns);
        int areas = BinaryImageOps.contour(cells, ConnectRule.FOUR, labels).size();
        return IntStream.rangeClosed(1, areas)
                .mapToObj(area -> IntStream.range(0, count)
                        .filter(i -> labels.data[i] == area)
                        .toArray())
                .toList();
    }
}
