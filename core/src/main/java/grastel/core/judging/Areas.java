package grastel.core.judging;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;

/** Cells of a grid that hang together. */
final class Areas {
    private Areas() {}

    /** @param count of all cells; @param of which cells count */
    static List<int[]> of(int columns, int count, IntPredicate of) {
        boolean[] seen = new boolean[count];
        List<int[]> areas = new ArrayList<>();
        int[] stack = new int[count];
        for (int start = 0; start < count; start++) {
            if (seen[start] || !of.test(start)) {
                continue;
            }
            List<Integer> area = new ArrayList<>();
            int top = 0;
            stack[top++] = start;
            seen[start] = true;
            while (top > 0) {
                int at = stack[--top];
                area.add(at);
                for (int next : new int[] {at - 1, at + 1, at - columns, at + columns}) {
                    boolean beside = next >= 0 && next < count && Math.abs(next % columns - at % columns) <= 1;
                    if (beside && !seen[next] && of.test(next)) {
                        seen[next] = true;
                        stack[top++] = next;
                    }
                }
            }
            areas.add(area.stream().mapToInt(Integer::intValue).toArray());
        }
        return areas;
    }
}
