package grastel.core.reference;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Parts a histogram so that the squares of what each code is off the mean of its part add up to the least possible. Exact, by
 * dynamic programming (Fisher, Journal of the American Statistical Association 53, 1958): the same whatever the start.
 */
final class NaturalBreaks {
    private NaturalBreaks() {}

    /**
     * @param parts at most so many
     * @param apart means of neighbouring parts lie at least so far apart, codes; with fewer parts where they would not
     * @return the first code of each part, the darkest first
     */
    static List<Integer> of(long[] histogram, int parts, double apart) {
        for (int k = parts; k > 1; k--) {
            List<Integer> from = best(histogram, k);
            if (isApart(histogram, from, apart)) {
                return from;
            }
        }
        return List.of(0);
    }

    static int partOf(int code, List<Integer> from) {
        int part = from.size() - 1;
        while (from.get(part) > code) {
            part--;
        }
        return part;
    }

    private static boolean isApart(long[] histogram, List<Integer> from, double apart) {
        double before = Double.NEGATIVE_INFINITY;
        for (int part = 0; part < from.size(); part++) {
            int end = part + 1 < from.size() ? from.get(part + 1) : histogram.length;
            double mean = mean(histogram, from.get(part), end);
            if (!(mean - before >= apart)) {
                return false;
            }
            before = mean;
        }
        return true;
    }

    private static double mean(long[] histogram, int from, int end) {
        double sum = 0;
        double count = 0;
        for (int code = from; code < end; code++) {
            sum += (double) code * histogram[code];
            count += histogram[code];
        }
        return sum / count;
    }

    private static List<Integer> best(long[] histogram, int parts) {
        int codes = histogram.length;
        double[] count = new double[codes + 1];
        double[] sum = new double[codes + 1];
        double[] squares = new double[codes + 1];
        for (int code = 0; code < codes; code++) {
            count[code + 1] = count[code] + histogram[code];
            sum[code + 1] = sum[code] + (double) code * histogram[code];
            squares[code + 1] = squares[code] + (double) code * code * histogram[code];
        }
        double[][] cost = new double[parts + 1][codes + 1];
        int[][] cut = new int[parts + 1][codes + 1];
        for (double[] row : cost) {
            Arrays.fill(row, Double.POSITIVE_INFINITY);
        }
        cost[0][0] = 0;
        for (int part = 1; part <= parts; part++) {
            for (int end = 1; end <= codes; end++) {
                for (int from = part - 1; from < end; from++) {
                    double n = count[end] - count[from];
                    double off = n == 0 ? 0 : squares[end] - squares[from] - Math.pow(sum[end] - sum[from], 2) / n;
                    if (cost[part - 1][from] + off < cost[part][end]) {
                        cost[part][end] = cost[part - 1][from] + off;
                        cut[part][end] = from;
                    }
                }
            }
        }
        List<Integer> from = new ArrayList<>();
        int end = codes;
        for (int part = parts; part > 0; part--) {
            end = cut[part][end];
            from.add(0, end);
        }
        return from;
    }
}
