package grastel.core;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import org.hipparchus.distribution.discrete.BinomialDistribution;

/**
 * How much of a statistical test runs: a stratified sample in the usual run, everything with {@code -Dgrastel.soak=true}
 * ({@code ./grastel test --all}). Percentiles of what was measured stand here once.
 */
public final class Sample {
    public static final boolean IS_WHOLE = Boolean.getBoolean("grastel.soak");
    /** A bound is missed by chance once in so many runs where the stated share is true. */
    private static final double MISSED_BY_CHANCE = 0.01;

    private Sample() {}

    /** How many rounds to run. */
    public static int rounds(int usual, int whole) {
        return IS_WHOLE ? whole : usual;
    }

    /** Some of the cases, evenly spread over their order with the first among them; all of them in the whole run. */
    public static <T> List<T> of(List<T> cases, int usual) {
        int count = Math.min(rounds(usual, cases.size()), cases.size());
        return IntStream.range(0, count)
                .mapToObj(i -> cases.get(i * cases.size() / count))
                .toList();
    }

    /** The fewest hits in so many tries that a true share of hits gives in all but one of a hundred samples. */
    public static int atLeast(double share, int tries) {
        return tries == 0 ? 0 : new BinomialDistribution(tries, share).inverseCumulativeProbability(MISSED_BY_CHANCE);
    }

    /** The most hits in so many tries that a true share of hits gives in all but one of a hundred samples. */
    public static int atMost(double share, int tries) {
        return tries == 0
                ? 0
                : new BinomialDistribution(tries, share).inverseCumulativeProbability(1 - MISSED_BY_CHANCE);
    }

    /** Keeps a figure in {@code target/figures.txt}, for docs/benchmarks.md; tests print nothing. */
    public static synchronized void note(String format, Object... values) {
        try {
            Files.writeString(
                    Path.of("target", "figures.txt"),
                    String.format(Locale.ROOT, format, values) + System.lineSeparator(),
                    StandardOpenOption.CREATE,
                    StandardOpenOption.APPEND);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static double median(List<Double> values) {
        return percentile(values, 0.5);
    }

    /** By nearest rank. @param share 0…1; NaN of nothing */
    public static double percentile(List<Double> values, double share) {
        List<Double> sorted = values.stream().sorted().toList();
        return sorted.isEmpty() ? Double.NaN : sorted.get(Math.max(0, (int) Math.ceil(share * sorted.size()) - 1));
    }
}
