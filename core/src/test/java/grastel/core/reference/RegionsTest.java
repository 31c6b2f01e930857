package grastel.core.reference;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class RegionsTest {
    private static final int SIDE = 30;

    /** Left half one label, right half another, and a small third across the middle. */
    private static byte[] labels() {
        byte[] labels = new byte[SIDE * SIDE];
        for (int i = 0; i < labels.length; i++) {
            int x = i % SIDE;
            int y = i / SIDE;
            labels[i] = (byte) (Math.abs(x - 15) < 2 && Math.abs(y - 15) < 2 ? 2 : x < 15 ? 0 : 1);
        }
        return labels;
    }

    private static float[] band(float left, float right, float island) {
        byte[] labels = labels();
        float[] band = new float[labels.length];
        for (int i = 0; i < band.length; i++) {
            band[i] = labels[i] == 2 ? island : labels[i] == 0 ? left : right;
        }
        return band;
    }

    private static int joined(float[]... bands) {
        Regions regions = Regions.of(SIDE, SIDE, labels(), bands);
        assertThat(regions.all()).hasSize(3);
        Regions without = regions.without(50, 0);
        assertThat(without.all()).hasSize(2);
        return without.label(15 * SIDE + 15);
    }

    @Test
    void anIslandJoinsWhatItDiffersFromLeastByAllItsBands() {
        float[] lightness = band(50, 62, 50);
        assertThat(joined(lightness)).as("by value alone").isZero();
        assertThat(joined(lightness, band(0, 55, 60), band(0, 40, 40)))
                .as("a red island as light as the grey beside it is the red's")
                .isEqualTo(1);
    }

    @Test
    void ribbonsGoAndWhatIsWideEnoughStays() {
        byte[] ribbon = new byte[SIDE * SIDE];
        for (int i = 0; i < ribbon.length; i++) {
            int x = i % SIDE;
            ribbon[i] = (byte) (x < 14 ? 0 : x < 16 ? 2 : 1);
        }
        float[] lightness = new float[ribbon.length];
        for (int i = 0; i < ribbon.length; i++) {
            lightness[i] = 40 + 10 * ribbon[i];
        }
        Regions two = Regions.of(SIDE, SIDE, ribbon, lightness);
        assertThat(two.without(0, 2.5).all()).as("two places wide").hasSize(2);
        assertThat(two.without(0, 1.5).all()).hasSize(3);
    }
}
