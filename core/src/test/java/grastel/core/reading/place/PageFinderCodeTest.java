package grastel.core.reading.place;

import static org.assertj.core.api.Assertions.assertThat;

import boofcv.struct.geo.AssociatedPair;
import grastel.core.Sample;
import grastel.core.page.PageCode;
import grastel.core.page.PageFurniture;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.page.SquareCode;
import grastel.core.reading.picture.Picture;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The square code alone, as a scanner at 200 dpi sees it: a little soft, a little noisy, anywhere on the pixels. */
@Tag("picture")
class PageFinderCodeTest {
    private static final double PX_PER_MM = 200 / 25.4;
    private static final Rect CODE = PageFurniture.code(PageSize.A4);
    private static final double AROUND_MM = 4;
    /** Printed modules lie this far off, mm. */
    private static final double OFF_MM = 0.13;
    /** Points across the spot of a pixel, and their distance in pixels. */
    private static final int POINTS = 5;

    private static final double APART = 0.35;

    /** One in some hundred patterns deceives the library at one size and threshold; no code may deceive it at all. */
    @Test
    void everyCodeIsRead() {
        RandomGenerator random = new SplittableRandom(5);
        List<String> missed = new ArrayList<>();
        for (int i = 0; i < Sample.rounds(300, 1500); i++) {
            PageCode code = new PageCode(PageCode.newRun(random), 1 + i % 30);
            double x = random.nextDouble();
            double y = random.nextDouble();
            Picture picture = seen(code, x, y, random);
            if (!code.equals(PageFinder.code(picture, mapping(x, y), PageSize.A4))) {
                missed.add(code.toString());
            }
        }
        assertThat(missed).isEmpty();
    }

    private static Picture seen(PageCode code, double offX, double offY, RandomGenerator random) {
        boolean[][] dark = SquareCode.rows(code.toString()).stream()
                .map(PageFinderCodeTest::dark)
                .toArray(boolean[][]::new);
        double module = CODE.width() / dark.length;
        int side = (int) Math.ceil((CODE.width() + 2 * AROUND_MM) * PX_PER_MM) + 3;
        byte[] rgb = new byte[side * side * 3];
        for (int y = 0; y < side; y++) {
            for (int x = 0; x < side; x++) {
                double light = 0;
                for (int j = 0; j < POINTS * POINTS; j++) {
                    double mmX = (x + offX + (j % POINTS - 2) * APART) / PX_PER_MM - AROUND_MM - OFF_MM;
                    double mmY = (y + offY + (j / POINTS - 2) * APART) / PX_PER_MM - AROUND_MM - OFF_MM;
                    light += isDark(dark, mmX / module, mmY / module) ? 40 : 235;
                }
                double noisy = light / (POINTS * POINTS) + 4 * random.nextGaussian();
                for (int c = 0; c < 3; c++) {
                    rgb[(y * side + x) * 3 + c] = (byte) Math.round(Math.max(0, Math.min(255, noisy)));
                }
            }
        }
        return new Picture(side, side, rgb);
    }

    private static boolean[] dark(String row) {
        boolean[] dark = new boolean[row.length()];
        for (int i = 0; i < dark.length; i++) {
            dark[i] = row.charAt(i) == '1';
        }
        return dark;
    }

    private static boolean isDark(boolean[][] dark, double column, double row) {
        int c = (int) Math.floor(column);
        int r = (int) Math.floor(row);
        return r >= 0 && c >= 0 && r < dark.length && c < dark.length && dark[r][c];
    }

    private static Mapping mapping(double offX, double offY) {
        List<AssociatedPair> pairs = new ArrayList<>();
        for (double dx : new double[] {0, CODE.width()}) {
            for (double dy : new double[] {0, CODE.height()}) {
                pairs.add(new AssociatedPair(
                        CODE.x() + dx,
                        CODE.y() + dy,
                        (dx + AROUND_MM) * PX_PER_MM - offX,
                        (dy + AROUND_MM) * PX_PER_MM - offY));
            }
        }
        return Mapping.fit(pairs);
    }
}
