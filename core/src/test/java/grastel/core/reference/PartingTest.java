package grastel.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PartingTest {
    private static double lost(long[] histogram, List<Integer> from) {
        double lost = 0;
        for (int part = 0; part < from.size(); part++) {
            int end = part + 1 < from.size() ? from.get(part + 1) : histogram.length;
            double count = 0;
            double sum = 0;
            for (int code = from.get(part); code < end; code++) {
                count += histogram[code];
                sum += (double) code * histogram[code];
            }
            for (int code = from.get(part); code < end && count > 0; code++) {
                lost += histogram[code] * Math.pow(code - sum / count, 2);
            }
        }
        return lost;
    }

    /** Every way to part twelve codes into three. */
    @Test
    void noOtherPartingLosesLess() {
        Random random = new Random(7);
        for (int trial = 0; trial < 50; trial++) {
            long[] histogram = random.longs(12, 0, 40).toArray();
            double least = Double.POSITIVE_INFINITY;
            for (int one = 1; one < 11; one++) {
                for (int two = one + 1; two < 12; two++) {
                    least = Math.min(least, lost(histogram, List.of(0, one, two)));
                }
            }
            assertThat(lost(histogram, NaturalBreaks.of(histogram, 3, 0))).isCloseTo(least, within(1e-6));
        }
    }

    @Test
    void partsThatNobodyTellsApartAreOne() {
        long[] histogram = new long[256];
        histogram[20] = 100;
        histogram[24] = 100;
        histogram[200] = 100;
        assertThat(NaturalBreaks.of(histogram, 3, 10)).hasSize(2);
        assertThat(NaturalBreaks.of(histogram, 3, 3)).hasSize(3);
        assertThat(NaturalBreaks.of(new long[256], 5, 10)).containsExactly(0);
        assertThat(NaturalBreaks.partOf(22, List.of(0, 100))).isZero();
        assertThat(NaturalBreaks.partOf(100, List.of(0, 100))).isEqualTo(1);
    }
}
