package grastel.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import grastel.core.Sample;
import grastel.core.colour.ColourDifference;
import grastel.core.colour.Srgb;
import grastel.core.reading.picture.Picture;
import grastel.core.reference.Outlines.Area;
import grastel.core.reference.Zones.Join;
import grastel.core.reference.Zones.Split;
import grastel.core.reference.Zones.Zone;
import grastel.core.stilllife.HarbourFind;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.coverage.CoverageValidator;
import org.locationtech.jts.geom.Polygon;

@Tag("picture")
class ZonesTest {
    private static final Frame FRAME = new Frame(160, 200);

    private static Reference reference(BufferedImage image) {
        return Reference.of(Picture.of(image), View.WHOLE, FRAME);
    }

    private static BufferedImage patches() {
        BufferedImage image = new BufferedImage(800, 1000, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(new Color(200, 190, 160));
        g.fillRect(0, 0, 800, 1000);
        g.setColor(new Color(180, 40, 40));
        g.fillRect(100, 100, 300, 300);
        g.setColor(new Color(30, 60, 140));
        g.fillOval(400, 500, 300, 400);
        g.dispose();
        return image;
    }

    @Test
    void patchesOfOneColourAreAZoneEachInTheirOwnColours() {
        Zones zones = Zones.of(reference(patches()), 3, 40);
        assertThat(zones.zones()).hasSize(3);
        assertThat(zones.zones())
                .extracting(z -> Srgb.of(z.own()).hex())
                .containsExactlyInAnyOrder("#c8bea0", "#b42828", "#1e3c8c");
        Zone red =
                zones.zones().stream().filter(z -> z.own().a() > 30).findFirst().orElseThrow();
        assertThat(red.areaMm2()).as("60 × 60 mm").isCloseTo(3600, within(80.0));
        assertThat(ColourDifference.ciede2000(red.light(), red.shadow())).isLessThan(6);
    }

    /** Two colours that were found as one zone come apart where they meet; joined again they are what they were. */
    @Test
    void splittingPartsAZoneWhereItsColoursDifferAndJoiningTakesItBack() {
        BufferedImage image = patches();
        Graphics2D g = image.createGraphics();
        g.setColor(new Color(150, 40, 40));
        g.fillRect(250, 100, 150, 300);
        g.dispose();
        Zones zones = Zones.of(reference(image), 3, 40);
        assertThat(zones.zones()).hasSize(3);
        Zones split = zones.split(List.of(new Split(0.2, 0.2)));
        assertThat(split.zones()).hasSize(4);
        assertThat(split.at(0.2, 0.2)).isNotEqualTo(split.at(0.4, 0.2));
        assertThat(split.zones().get(split.at(0.2, 0.2)).areaMm2())
                .as("30 × 60 mm")
                .isCloseTo(1800, within(60.0));
        assertThat(split.splitsOf(split.at(0.2, 0.2))).containsExactly(0);
        assertThat(split.splitsOf(split.at(0.4, 0.2))).containsExactly(0);
        assertThat(split.splitsOf(split.at(0.65, 0.7))).isEmpty();
        Zones again = split.joined(List.of(new Join(0.2, 0.2, 0.4, 0.2)));
        assertThat(again.zones()).isEqualTo(zones.zones());
        assertThat(zones.split(List.of())).isSameAs(zones);
    }

    @Test
    void whatIsOfOneColourIsNotSplit() {
        Zones zones = Zones.of(reference(patches()), 3, 40);
        assertThat(zones.split(List.of(new Split(0.65, 0.7))).zones()).hasSize(3);
        assertThatIllegalArgumentException().isThrownBy(() -> new Split(1.2, 0.5));
    }

    static List<HarbourFind> finds() {
        return Sample.of(List.of(HarbourFind.values()), 1);
    }

    @ParameterizedTest
    @MethodSource("finds")
    void splittingOftenNeverLeavesWhatCannotBeDrawn(HarbourFind find) {
        Zones zones = Zones.of(reference(find.picture(750, 1)), 8, 40);
        List<Split> often = IntStream.range(0, 22)
                .mapToObj(i -> new Split(0.5 + 0.4 * Math.cos(i), 0.5 + 0.4 * Math.sin(i)))
                .toList();
        Zones split = zones.split(often);
        assertThat(split.zones().size()).isBetween(zones.zones().size(), Zones.MOST);
        assertThat(split.zones()).allMatch(z -> z.areaMm2() >= 39);
        assertThat(split.zones().stream().mapToDouble(Zone::areaMm2).sum())
                .isCloseTo(zones.zones().stream().mapToDouble(Zone::areaMm2).sum(), within(1e-6));
    }

    @Test
    void joiningMakesOneOfTwoAndWithoutTheJoinTheyAreAsTheyWere() {
        Zones zones = Zones.of(reference(patches()), 3, 40);
        double[] one = zones.inside(zones.at(0.3, 0.25));
        double[] other = zones.inside(zones.at(0.7, 0.7));
        assertThat(zones.at(one[0], one[1])).isEqualTo(zones.at(0.3, 0.25));
        Zones joined = zones.joined(List.of(new Join(one[0], one[1], other[0], other[1])));
        assertThat(joined.zones()).hasSize(2);
        assertThat(joined.at(one[0], one[1])).isEqualTo(joined.at(other[0], other[1]));
        double red = zones.zones().get(zones.at(0.3, 0.25)).areaMm2();
        double blue = zones.zones().get(zones.at(0.7, 0.7)).areaMm2();
        assertThat(joined.zones().get(joined.at(0.3, 0.25)).areaMm2()).isCloseTo(red + blue, within(1e-6));
        assertThat(zones.joined(List.of()).zones()).isEqualTo(zones.zones());
        assertThat(joined.outlines(1).areas()).as("it may lie in two places").hasSizeGreaterThanOrEqualTo(3);
        assertThatIllegalArgumentException().isThrownBy(() -> new Join(0.5, 0.5, 1.2, 0));
    }

    @Test
    void allJoinedIsOneZone() {
        Zones zones = Zones.of(reference(HarbourFind.MUSSEL.picture(500, 1)), 6, 40);
        List<Join> joins = IntStream.range(1, zones.zones().size())
                .mapToObj(z -> new Join(zones.inside(z)[0], zones.inside(z)[1], zones.inside(0)[0], zones.inside(0)[1]))
                .toList();
        assertThat(zones.joined(joins).zones()).hasSize(1);
        assertThat(zones.joined(joins).zones().get(0).areaMm2()).isCloseTo(160 * 200, within(100.0));
    }

    @ParameterizedTest
    @MethodSource("finds")
    void zonesPartTheFrameAndFewerAreFewer(HarbourFind find) {
        Reference reference = reference(find.picture(900, 1));
        for (int count : new int[] {4, 10, 20}) {
            Zones zones = Zones.of(reference, count, 20);
            assertThat(zones.zones()).hasSizeBetween(2, count);
            assertThat(zones.zones().stream().mapToDouble(Zone::areaMm2).sum()).isCloseTo(160 * 200, within(60.0));
            assertThat(zones.zones()).allSatisfy(z -> {
                assertThat(z.areaMm2()).isGreaterThanOrEqualTo(20);
                assertThat(z.light().lightness()).isGreaterThanOrEqualTo(z.own().lightness());
                assertThat(z.own().lightness())
                        .isGreaterThanOrEqualTo(z.shadow().lightness());
            });
            Polygon[] areas =
                    zones.outlines(1).areas().stream().map(Area::outline).toArray(Polygon[]::new);
            assertThat(CoverageValidator.isValid(areas)).isTrue();
        }
    }

    /** Light to dark from corner to corner: borders lie where the colour is half way, on straight lines here. */
    @Test
    void aBorderInASoftGradationFollowsTheForm() {
        BufferedImage image = new BufferedImage(800, 1000, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < 1000; y++) {
            for (int x = 0; x < 800; x++) {
                double along = (x + y) / 1800.0;
                int code = (int) (60 + 140 * (1 / (1 + Math.exp(-30 * (along - 0.5)))));
                image.setRGB(x, y, code << 16 | code << 8 | code / 2);
            }
        }
        Zones zones = Zones.of(reference(image), 3, 40);
        int width = reference(image).width();
        int height = reference(image).height();
        for (int y = 60; y < height - 60; y += 20) {
            int row = y;
            List<Integer> turns = IntStream.range(1, width)
                    .filter(x -> zones.zone(row * width + x) != zones.zone(row * width + x - 1))
                    .boxed()
                    .toList();
            List<Integer> below = IntStream.range(1, width)
                    .filter(x -> zones.zone((row + 20) * width + x) != zones.zone((row + 20) * width + x - 1))
                    .boxed()
                    .toList();
            if (turns.size() == below.size() && !turns.isEmpty()) {
                assertThat(turns.get(0) - below.get(0))
                        .as("20 rows down the border is 20 places further left, at row %s", row)
                        .isBetween(14, 26);
            }
        }
    }

    @Test
    void theSamePictureHasTheSameZones() {
        BufferedImage image = HarbourFind.GLASS_FLOAT.picture(700, 4);
        List<Zone> once = Zones.of(reference(image), 8, 20).zones();
        assertThat(Zones.of(reference(image), 8, 20).zones()).isEqualTo(once);
    }

    @Test
    void oneColourIsOneZoneAndImpossibleCountsAreSaid() {
        BufferedImage plain = new BufferedImage(400, 500, BufferedImage.TYPE_INT_RGB);
        Zones zones = Zones.of(reference(plain), 6, 20);
        assertThat(zones.zones())
                .isNotEmpty()
                .allSatisfy(z -> assertThat(z.own().lightness()).isLessThan(1));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Zones.of(reference(plain), 40, 20))
                .withMessageContaining("not 40");
    }
}
