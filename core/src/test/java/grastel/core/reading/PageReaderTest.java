package grastel.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import grastel.core.page.PageFurniture;
import grastel.core.page.PageLayout;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.reading.fields.FieldReading;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reading.picture.UnreadablePage.Problem;
import grastel.core.reading.place.FoundPage;
import grastel.core.reading.place.Mapping;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.SimulatedScanner.Scan;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.ScanConditions;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PageReaderTest {
    private static final DrawnSheet SHEET = DrawnSheet.of("S07", 5, PageSize.A4);
    private final PageReader reader = new PageReader();

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3})
    void readsAPageWhicheverWayItLies(int quarterTurns) throws UnreadablePage {
        ScanConditions turned = new ScanConditions(150, 2, 0, 0, 0.05, 0, 1, 0.85, quarterTurns, 4);
        Scan scan = SHEET.scan(Hand.EXACT, turned, 3);
        Picture picture = Picture.of(scan.picture());

        FoundPage found = reader.find(picture);

        assertThat(found.code()).contains(DrawnSheet.CODE);
        PageReading reading = PageReader.measure(
                        picture, found, SHEET.page(), SHEET.paper(), PageReader.KeyColours.UNKNOWN)
                .reading();
        for (int i = 0; i < 5; i++) {
            assertThat(reading.fields().get(i).lightness().value())
                    .isCloseTo(scan.truth().get(i).colour().lightness(), within(1.5));
        }
    }

    @Test
    void aCoveredMarkerIsDoneWithout() throws UnreadablePage {
        Scan scan = SHEET.scan(Hand.EXACT, DrawnSheet.PLAIN, 5);
        BufferedImage covered = withoutMarkers(scan.picture(), 1);
        Picture picture = Picture.of(covered);

        FoundPage found = reader.find(picture);
        PageReading reading = PageReader.measure(
                        picture, found, SHEET.page(), SHEET.paper(), PageReader.KeyColours.UNKNOWN)
                .reading();

        assertThat(found.markers()).isEqualTo(3);
        assertThat(reading.fields().get(4).lightness().value())
                .isCloseTo(scan.truth().get(4).colour().lightness(), within(1.0));
    }

    @Test
    void twoCoveredMarkersAreTooMany() {
        Scan scan = SHEET.scan(Hand.EXACT, DrawnSheet.PLAIN, 5);
        Picture picture = Picture.of(withoutMarkers(scan.picture(), 1, 3));

        assertThatExceptionOfType(UnreadablePage.class)
                .isThrownBy(() -> reader.find(picture))
                .satisfies(e -> {
                    assertThat(e.problem()).isEqualTo(Problem.TOO_FEW_MARKERS);
                    assertThat(e.figure()).isEqualTo(2);
                });
    }

    @Test
    void cornersPointedAtByHandServeAsWell() throws UnreadablePage {
        Scan scan = SHEET.scan(Hand.EXACT, DrawnSheet.PLAIN, 5);
        Picture picture = Picture.of(scan.picture());
        Mapping mapping = reader.find(picture).mapping(PageSize.A4);
        List<double[]> centres = new ArrayList<>();
        for (int corner = 0; corner < 4; corner++) {
            Rect r = PageFurniture.marker(PageSize.A4, corner);
            double x = r.x() + r.width() / 2;
            double y = r.y() + r.height() / 2;
            centres.add(new double[] {mapping.x(x, y) + 1, mapping.y(x, y) - 1});
        }

        PageReading reading = PageReader.measure(
                        picture,
                        FoundPage.pointedAt(centres),
                        SHEET.page(),
                        SHEET.paper(),
                        PageReader.KeyColours.UNKNOWN)
                .reading();

        assertThat(reading.fields().get(2).lightness().value())
                .isCloseTo(scan.truth().get(2).colour().lightness(), within(1.0));
    }

    @Test
    void aPhotoOfSomethingElseHasNoMarkers() {
        BufferedImage photo = new BufferedImage(900, 700, BufferedImage.TYPE_3BYTE_BGR);
        Random random = new Random(4);
        Graphics2D g = photo.createGraphics();
        for (int i = 0; i < 300; i++) {
            g.setColor(new Color(random.nextInt(0x1000000)));
            g.fillOval(random.nextInt(900), random.nextInt(700), random.nextInt(90), random.nextInt(90));
        }
        g.dispose();

        assertThatExceptionOfType(UnreadablePage.class)
                .isThrownBy(() -> reader.find(Picture.of(photo)))
                .satisfies(e -> assertThat(e.problem()).isIn(Problem.NO_MARKERS, Problem.TOO_FEW_MARKERS));
    }

    @Test
    void aBackIsToldFromAFrontHoweverItLies() {
        PageLayout back = PageFurniture.back(PageSize.A4);
        for (ScanConditions conditions : List.of(
                ScanConditions.flatbed(150, new Random(1)),
                ScanConditions.phone(new Random(2)),
                ScanConditions.phone(new Random(3)))) {
            BufferedImage scan =
                    new SimulatedScanner(SHEET.paper()).picture(back, List.of(), List.of(), Hand.EXACT, conditions, 6);

            assertThatExceptionOfType(UnreadablePage.class)
                    .isThrownBy(() -> reader.find(Picture.of(scan)))
                    .satisfies(e -> assertThat(e.problem()).isEqualTo(Problem.BACK));
        }
    }

    @Test
    void aPageOfTooFewPixelsIsRefusedWithItsResolution() throws UnreadablePage {
        Scan scan = SHEET.scan(Hand.EXACT, new ScanConditions(90, 0, 0, 0, 0.05, 0, 1, 0.95, 0, 2), 5);
        Picture picture = Picture.of(scan.picture());
        FoundPage found = reader.find(picture);

        assertThatExceptionOfType(UnreadablePage.class)
                .isThrownBy(() ->
                        PageReader.measure(picture, found, SHEET.page(), SHEET.paper(), PageReader.KeyColours.UNKNOWN))
                .satisfies(e -> {
                    assertThat(e.problem()).isEqualTo(Problem.TOO_COARSE);
                    assertThat(e.figure()).isCloseTo(90, within(3.0));
                });
    }

    @Test
    void emptyBoxesAreSeenAsEmpty() throws UnreadablePage {
        DrawnSheet untouched = new DrawnSheet(SHEET.paper(), SHEET.plan(), SHEET.sheet(), SHEET.page(), List.of());
        Picture picture =
                Picture.of(untouched.scan(Hand.EXACT, DrawnSheet.PLAIN, 5).picture());

        PageReading reading = PageReader.measure(
                        picture, reader.find(picture), SHEET.page(), SHEET.paper(), PageReader.KeyColours.UNKNOWN)
                .reading();

        assertThat(reading.fields()).allMatch(FieldReading::blank);
        assertThat(reading.fields()).allMatch(f -> f.outside().value() < 0.5);
    }

    @Test
    void aStrayingHandShowsOutsideTheEdge() throws UnreadablePage {
        Hand straying = new Hand(1, 0, 0, 0, 1, 2.5, 0, 0, 0);
        Hand patchy = new Hand(1, 0, 0, 0.4, 1, 0, 0, 0, 0);

        FieldReading neat = dark(Hand.EXACT);
        FieldReading strayed = dark(straying);
        FieldReading patched = dark(patchy);

        assertThat(neat.outside().value()).isLessThan(0.3);
        assertThat(strayed.outside().value()).isGreaterThan(2);
        assertThat(patched.unevenness().value())
                .isGreaterThan(3 * neat.unevenness().value());
    }

    private FieldReading dark(Hand hand) throws UnreadablePage {
        Picture picture = Picture.of(SHEET.scan(hand, DrawnSheet.PLAIN, 8).picture());
        return PageReader.measure(
                        picture, reader.find(picture), SHEET.page(), SHEET.paper(), PageReader.KeyColours.UNKNOWN)
                .reading()
                .fields()
                .get(3);
    }

    private BufferedImage withoutMarkers(BufferedImage scan, int... corners) {
        Picture picture = Picture.of(scan);
        try {
            Mapping mapping = reader.find(picture).mapping(PageSize.A4);
            BufferedImage image = picture.toImage();
            Graphics2D g = image.createGraphics();
            g.setColor(new Color(240, 238, 230));
            for (int corner : corners) {
                Rect r = PageFurniture.marker(PageSize.A4, corner);
                double x = mapping.x(r.x() + r.width() / 2, r.y() + r.height() / 2);
                double y = mapping.y(r.x() + r.width() / 2, r.y() + r.height() / 2);
                g.fillRect((int) x - 60, (int) y - 60, 120, 120);
            }
            g.dispose();
            return image;
        } catch (UnreadablePage e) {
            throw new AssertionError(e);
        }
    }
}
