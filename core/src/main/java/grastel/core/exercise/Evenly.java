package grastel.core.exercise;

import java.util.List;
import java.util.stream.IntStream;

/** Some of a row, at even distances. */
public final class Evenly {
    private Evenly() {}

    /** The first, the last, and others between them; all where there are no more than asked for. */
    public static <T> List<T> picked(List<T> all, int most) {
        int n = Math.min(most, all.size());
        return IntStream.range(0, n)
                .mapToObj(i -> all.get(n == 1 ? 0 : i * (all.size() - 1) / (n - 1)))
                .toList();
    }
}
