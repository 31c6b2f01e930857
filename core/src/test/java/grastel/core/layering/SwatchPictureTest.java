package grastel.core.layering;

import static grastel.core.layering.Demo.CARTRIDGE;
import static grastel.core.layering.Demo.laid;
import static grastel.core.layering.Demo.pencil;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import grastel.core.colour.Srgb;
import grastel.core.layering.picture.SwatchPicture;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class SwatchPictureTest {
    private static final double PX_PER_MM = 8;

    static Stream<Arguments> everyPencil() {
        return Demo.ALL.stream().flatMap(p -> Demo.PAPERS.stream().map(paper -> Arguments.of(p, paper)));
    }

    /** Against the predicted colour as a screen can show it. */
    @ParameterizedTest
    @MethodSource("everyPencil")
    void meanIsThePredictedColour(Pencil pencil, Paper paper) {
        Swatch swatch = laid(paper, pencil, PressureGrade.MEDIUM, 2);

        Lab mean = mean(paint(swatch, paper));

        assertThat(ColourDifference.ciede2000(mean, Srgb.of(swatch.colour()).toLab()))
                .isLessThan(1);
    }

    /** Pixels nearer to the paper than to the film are the share of paper that the model tells. */
    @ParameterizedTest
    @EnumSource(Stroke.class)
    void specksShowAsPredicted(Stroke stroke) {
        for (Paper paper : Demo.PAPERS) {
            for (PressureGrade grade : PressureGrade.values()) {
                Swatch swatch = Swatch.bare(paper).with(new Pass(pencil("S36"), grade.pressure(), 0.7, stroke));
                double[] tones = swatch.grainLight().tones();
                double bare = swatch.grainLight().bare().green();
                byte[] seen = SwatchPicture.heights(paper.tooth().grainMm(), stroke, 240, 240, PX_PER_MM, 42);
                double shown = 0;
                for (byte tone : seen) {
                    double light = tones[3 * (tone & 255) + 1];
                    shown += Math.abs(light - bare) < bare / 2 ? 1.0 / seen.length : 0;
                }
                assertThat(shown).as("%s on %s", grade, paper.name()).isCloseTo(swatch.specks(), within(0.05));
            }
        }
    }

    @Test
    void theSameSeedGivesTheSamePicture() {
        Swatch swatch = laid(CARTRIDGE, pencil("S07"), PressureGrade.LIGHT, 1);

        assertThat(pixels(SwatchPicture.paint(swatch, 0.3, 60, 40, 10, 3)))
                .isEqualTo(pixels(SwatchPicture.paint(swatch, 0.3, 60, 40, 10, 3)))
                .isNotEqualTo(pixels(SwatchPicture.paint(swatch, 0.3, 60, 40, 10, 4)));
    }

    /** What a screen does that was given heights and tones apart. */
    @Test
    void heightsShownInTonesAreThePicture() {
        Swatch swatch = laid(CARTRIDGE, pencil("S07"), PressureGrade.LIGHT, 1);
        byte[] heights = SwatchPicture.heights(0.3, swatch.stroke(), 60, 40, 10, 3);
        byte[] tones = SwatchPicture.tones(swatch);
        BufferedImage painted = SwatchPicture.paint(swatch, 0.3, 60, 40, 10, 3);

        assertThat(heights).hasSize(60 * 40);
        assertThat(tones).hasSize(3 * 256);
        for (int i = 0; i < heights.length; i++) {
            int tone = heights[i] & 0xff;
            int rgb = (tones[3 * tone] & 0xff) << 16 | (tones[3 * tone + 1] & 0xff) << 8 | tones[3 * tone + 2] & 0xff;
            assertThat(painted.getRGB(i % 60, i / 60) & 0xffffff).isEqualTo(rgb);
        }
    }

    @Test
    void aLightLayerShowsItsGrainASolidHardlyAny() {
        Swatch light = laid(CARTRIDGE, pencil("S16"), PressureGrade.LIGHT, 1);
        Swatch solid = laid(CARTRIDGE, pencil("S16"), PressureGrade.FULL, 3);

        assertThat(spread(paint(light, CARTRIDGE))).isGreaterThan(3 * spread(paint(solid, CARTRIDGE)));
    }

    @Test
    void oneWayStrokesRunInOneDirection() {
        Swatch lines = Swatch.bare(CARTRIDGE).with(new Pass(pencil("S16"), 0.4, 0.7, Stroke.ONE_WAY));
        Swatch circles = Swatch.bare(CARTRIDGE).with(new Pass(pencil("S16"), 0.4, 0.7, Stroke.CIRCLES));

        assertThat(directedness(paint(lines, CARTRIDGE))).isGreaterThan(1.25);
        assertThat(directedness(paint(circles, CARTRIDGE))).isCloseTo(1, within(0.15));
    }

    @Test
    void refusesAPictureThatCannotBe() {
        Swatch bare = Swatch.bare(CARTRIDGE);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> SwatchPicture.paint(bare, 0.3, 0, 10, 5, 1))
                .withMessageContaining("0");
        assertThatIllegalArgumentException().isThrownBy(() -> SwatchPicture.paint(bare, 0.3, 10, 10, Double.NaN, 1));
    }

    private static BufferedImage paint(Swatch swatch, Paper paper) {
        return SwatchPicture.paint(swatch, paper.tooth().grainMm(), 240, 240, PX_PER_MM, 42);
    }

    private static Lab mean(BufferedImage picture) {
        double[] sum = new double[3];
        int n = picture.getWidth() * picture.getHeight();
        for (int rgb : pixels(picture)) {
            sum[0] += LinearRgb.decode((rgb >> 16 & 0xff) / 255.0) / n;
            sum[1] += LinearRgb.decode((rgb >> 8 & 0xff) / 255.0) / n;
            sum[2] += LinearRgb.decode((rgb & 0xff) / 255.0) / n;
        }
        return Lab.of(new LinearRgb(sum[0], sum[1], sum[2]).toXyz());
    }

    private static double spread(BufferedImage picture) {
        int[] pixels = pixels(picture);
        double mean = Arrays.stream(pixels).map(p -> p >> 8 & 0xff).average().orElseThrow();
        return Math.sqrt(Arrays.stream(pixels)
                .mapToDouble(p -> Math.pow((p >> 8 & 0xff) - mean, 2))
                .average()
                .orElseThrow());
    }

    /** Mean square difference across the strokes' direction (down right) over that along it (up right). */
    private static double directedness(BufferedImage picture) {
        double across = 0;
        double along = 0;
        for (int y = 6; y < picture.getHeight() - 6; y++) {
            for (int x = 6; x < picture.getWidth() - 6; x++) {
                double here = green(picture, x, y);
                across += Math.pow(green(picture, x + 4, y + 5) - here, 2);
                along += Math.pow(green(picture, x + 5, y - 4) - here, 2);
            }
        }
        return across / along;
    }

    private static int green(BufferedImage picture, int x, int y) {
        return picture.getRGB(x, y) >> 8 & 0xff;
    }

    private static int[] pixels(BufferedImage picture) {
        return picture.getRGB(0, 0, picture.getWidth(), picture.getHeight(), null, 0, picture.getWidth());
    }
}
