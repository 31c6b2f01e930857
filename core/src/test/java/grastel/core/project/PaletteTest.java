package grastel.core.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.Lab;
import grastel.core.exercise.Shipped;
import grastel.core.media.Pencil;
import grastel.core.project.Palette.Wanted;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PaletteTest {
    private static final List<Pencil> TEN = IntStream.range(0, 10)
            .mapToObj(i -> Shipped.ALL.get(3 * i + 1))
            .filter(p -> !p.colourless())
            .toList();

    private static List<Wanted> wanted(long seed) {
        Random random = new Random(seed);
        return IntStream.range(0, 8)
                .mapToObj(i -> new Wanted(
                        new Lab(random.nextDouble(25, 90), random.nextDouble(-40, 50), random.nextDouble(-40, 60)),
                        random.nextDouble(1, 10)))
                .toList();
    }

    private static List<List<Integer>> sets(int of, int size) {
        List<List<Integer>> sets = new ArrayList<>();
        for (int bits = 0; bits < 1 << of; bits++) {
            if (Integer.bitCount(bits) == size) {
                int in = bits;
                sets.add(IntStream.range(0, of)
                        .filter(i -> (in >> i & 1) == 1)
                        .boxed()
                        .toList());
            }
        }
        return sets;
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void isAsGoodAsTheBestOfAllSetsOrNearlySo(long seed) {
        Palette palette = Palette.between(wanted(seed), Shipped.CARTRIDGE, TEN);
        for (int size : new int[] {2, 3, 4}) {
            double best = sets(TEN.size(), size).stream()
                    .mapToDouble(palette::error)
                    .min()
                    .orElseThrow();
            assertThat(palette.error(palette.best(size))).as("%s pencils", size).isLessThanOrEqualTo(1.03 * best);
        }
    }

    @Test
    void morePencilsAreNeverFartherAndNoMoreAreTakenThanHelp() {
        Palette palette = Palette.between(wanted(9), Shipped.CARTRIDGE, TEN);
        double before = palette.error(List.of());
        for (int size = 1; size <= TEN.size(); size++) {
            double now = palette.error(palette.best(size));
            assertThat(now).isLessThanOrEqualTo(before + 1e-9);
            before = now;
        }
        assertThat(palette.best(TEN.size())).doesNotHaveDuplicates().hasSizeLessThanOrEqualTo(TEN.size());
    }

    @Test
    void whitePaperNeedsNoPencilToSpeakOf() {
        Lab ground = Shipped.CARTRIDGE.ground().toLab();
        Palette palette = Palette.between(List.of(new Wanted(ground, 1)), Shipped.CARTRIDGE, TEN);
        assertThat(palette.best(5)).hasSize(1);
        assertThat(palette.error(List.of())).isCloseTo(0, within(1e-6));
    }
}
