package grastel.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import grastel.core.Sample;
import grastel.core.colour.ColourDifference;
import grastel.core.colour.LinearRgb;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.reading.fields.FieldReading;
import grastel.core.reading.fields.FieldSamples;
import grastel.core.reading.fields.Measured;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.scanner.SimulatedScanner.Scan;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.ImageDefect;
import grastel.core.scanner.picture.ScanConditions;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What goes wrong with photos of sheets: it is said, and what can be read is read right. */
@Tag("picture")
class SpoiledPictureTest {
    private static final ScanConditions PHONE = new ScanConditions(200, 3, 8, 40, 0.3, 0.05, 2, 0.75, 0, 10);
    private static final DrawnSheet SHEET =
            DrawnSheet.of("tint-hue-shade", ChosenValues.NONE, Shipped.CARTRIDGE, PageSize.A4);

    private final PageReader reader = new PageReader();

    /** A page and how far its values, colours and specks are from the truth, each the worst field. */
    private record Read(PageReading reading, double value, double colour, double specks, int uncovered) {}

    private Read read(DrawnSheet sheet, ScanConditions conditions, ImageDefect... spoils) throws UnreadablePage {
        Scan scan = sheet.scan(Hand.EXACT, conditions, List.of(spoils), 7);
        PageReading reading = sheet.read(reader, scan, sheet.inks());
        double value = 0;
        double colour = 0;
        double specks = 0;
        int uncovered = 0;
        for (int i = 0; i < reading.fields().size(); i++) {
            FieldReading f = reading.fields().get(i);
            var truth = scan.truth().get(i);
            double off = Math.abs(f.lightness().value() - truth.colour().lightness());
            value = Math.max(value, off);
            colour = Math.max(colour, ColourDifference.ciede2000(f.colour(), truth.colour()));
            specks = Math.max(specks, Math.abs(f.specks().value() - 100 * truth.specks()));
            uncovered += off > f.lightness().plusMinus() ? 1 : 0;
        }
        return new Read(reading, value, colour, specks, uncovered);
    }

    private Read read(ImageDefect... spoils) throws UnreadablePage {
        return read(SHEET, PHONE, spoils);
    }

    @Test
    void aGoodPhotoRaisesNoFlag() throws UnreadablePage {
        Read good = read();

        assertThat(good.reading().flags()).isEmpty();
        // Nine good photos in ten are within 1.2, the worst of 72 was 2.9: the printer's black is not known.
        assertThat(good.value()).isLessThan(2);
        assertThat(good.uncovered()).isZero();
        // Keys say hue and chroma only; what the printer's black leaves open in value is left in the colour.
        assertThat(good.colour()).isLessThan(2.2);
    }

    @Test
    void aShadowIsEvenedOutAndItsDoubtsAreInTheFigures() throws UnreadablePage {
        Read soft = read(new ImageDefect.Shadow(0.4, 0.6, 25));

        assertThat(soft.reading().flags()).contains(PageFlag.SHADOW);
        assertThat(soft.uncovered()).as("values outside their stated error").isLessThanOrEqualTo(1);

        Read sharp = read(new ImageDefect.Shadow(0.5, 0.55, 4));
        assertThat(sharp.reading().flags()).contains(PageFlag.SHADOW);
        assertThat(sharp.uncovered()).isLessThanOrEqualTo(1);
    }

    @Test
    void twoLampsOfTwoColoursAreToldApartByThePaper() throws UnreadablePage {
        Read mixed = read(new ImageDefect.SecondLamp(0.6));

        assertThat(mixed.value()).isLessThan(1);
        assertThat(mixed.colour()).isLessThan(2.2);
    }

    @Test
    void warmAndCoolLightBarelyMatter() throws UnreadablePage {
        for (double warmth : new double[] {-0.15, 0.2}) {
            ScanConditions lit = new ScanConditions(200, 3, 8, 40, 0.5, warmth, 2, 0.75, 0, 10);
            assertThat(read(SHEET, lit).value())
                    .as("warmth %s, light falling by half", warmth)
                    .isLessThan(2.2);
        }
    }

    @Test
    void aRingAcrossFieldsIsSaidAndItsDoubtsAreInTheFigures() throws UnreadablePage {
        Rect field = SHEET.page().fields().get(3).rect();
        Read ring = read(new ImageDefect.Stain(field.x(), field.y() + 4, 14));

        assertThat(ring.reading().flags()).contains(PageFlag.STAINED);
        assertThat(ring.uncovered()).isLessThanOrEqualTo(1);
        assertThat(read(new ImageDefect.Shadow(0.4, 0.6, 25)).reading().flags()).doesNotContain(PageFlag.STAINED);
    }

    /** A sleeve over graphite, and over a colour; the second is told from a shadow. */
    @Test
    void aSmearAcrossFieldsIsInTheFigures() throws UnreadablePage {
        List<Rect> fields = SHEET.page().fields().stream().map(f -> f.rect()).toList();
        Rect from = fields.get(0);
        Rect to = fields.get(4);
        for (LinearRgb strength : List.of(new LinearRgb(0.22, 0.22, 0.22), new LinearRgb(0.05, 0.2, 0.3))) {
            Read smeared =
                    read(new ImageDefect.Smear(from.x() - 14, from.y() + 8, to.right() + 14, to.y() + 14, 8, strength));

            Sample.note(
                    "smear %s: %s, %d uncovered, worst %.1f L*",
                    strength, smeared.reading().flags(), smeared.uncovered(), smeared.value());
            assertThat(smeared.uncovered()).isLessThanOrEqualTo(1);
            assertThat(smeared.reading().flags()).containsAnyOf(PageFlag.STAINED, PageFlag.SHADOW);
        }
    }

    /** Dark strokes of 0.5 and 1 mm beside a dark box: as much as they cover, not as they look blurred. */
    @ParameterizedTest
    @ValueSource(doubles = {0.5, 1})
    void aSlipCountsByItsArea(double wide) throws UnreadablePage {
        Rect field = SHEET.page().fields().get(2).rect();
        Rect slip = new Rect(field.right() + 1.3, field.y() + 4, wide, 6);
        Read slipped = read(new ImageDefect.Stroke(slip, 0.06));
        Rect outer = field.inset(-FieldSamples.RING_MM);
        Rect inner = field.inset(-0.9);
        double ring = outer.width() * outer.height() - inner.width() * inner.height();
        double real = 100 * slip.width() * slip.height() / ring;
        Measured outside = slipped.reading().fields().get(2).outside();

        assertThat(outside.value()).isBetween(0.8 * real, 1.2 * real);
        assertThat(Math.abs(outside.value() - real)).isLessThan(outside.plusMinus());
    }

    @Test
    void aMirroredLampIsLeftOut() throws UnreadablePage {
        Rect dark = SHEET.page().fields().get(2).rect();
        Read glare = read(new ImageDefect.Glare(dark.x() + 6, dark.y() + 7, 4));

        assertThat(glare.reading().flags()).contains(PageFlag.GLARE);
        assertThat(glare.reading().fields().get(2).glare()).isBetween(3.0, 40.0);
        assertThat(glare.value()).isLessThan(1.5);
    }

    @Test
    void blurIsSaidAndValuesStillRead() throws UnreadablePage {
        Read slight = read(new ImageDefect.Defocus(0.12));
        assertThat(slight.reading().has(PageFlag.BLURRED)).isFalse();

        Read defocus = read(new ImageDefect.Defocus(0.3));
        assertThat(defocus.reading().flags()).contains(PageFlag.BLURRED);
        assertThat(defocus.value()).isLessThan(2.8);
        assertThat(defocus.reading().fields().get(0).specks().plusMinus()).isGreaterThan(10);

        Read motion = read(new ImageDefect.Motion(0.35));
        assertThat(motion.reading().flags()).contains(PageFlag.BLURRED);
        assertThat(motion.value()).isLessThan(1.6);
    }

    @Test
    void fewPixelsAndStrongCompressionStillGiveValues() throws UnreadablePage {
        Read coarse = read(SHEET, new ScanConditions(122, 2, 3, 0, 0.2, 0.02, 2, 0.4, 0, 8));

        assertThat(coarse.reading().flags()).contains(PageFlag.COARSE);
        assertThat(coarse.value()).isLessThan(2);
    }

    @Test
    void aStainOrARubbedMarkerOrASheetUnderneathChangesNothing() throws UnreadablePage {
        for (ImageDefect spoil : List.of(
                new ImageDefect.Stain(24, 262, 16), new ImageDefect.Rubbed(0, 0.6), new ImageDefect.SheetUnder())) {
            Read read = read(spoil);
            assertThat(read.value()).as(spoil.toString()).isLessThan(1.8);
            assertThat(read.reading().has(PageFlag.SHADOW)).as(spoil.toString()).isFalse();
        }
    }

    @Test
    void threeMarkersSuffice() throws UnreadablePage {
        Read cropped = read(new ImageDefect.Cropped(2, 50));

        assertThat(cropped.reading().flags()).contains(PageFlag.THREE_MARKERS);
        assertThat(cropped.value()).isLessThan(1);
    }

    @Test
    void aBlackAndWhiteCopyIsKnownForOne() throws UnreadablePage {
        Read grey = read(new ImageDefect.Grey());

        assertThat(grey.reading().flags()).contains(PageFlag.GREY);
        assertThat(grey.value()).isLessThan(1);
    }

    /** Further than lines can be looked for, boxes are found as a whole, by the words around them. */
    @ParameterizedTest
    @CsvSource({"2, true", "3, true", "4, true", "6, true", "2, false", "4, false", "6, false"})
    void aBentSheetIsFollowedByWhatIsPrinted(double mm, boolean down) throws UnreadablePage {
        Read flat = read();
        Read bent = read(new ImageDefect.Bent(mm, down));

        assertThat(bent.reading().flags()).contains(PageFlag.BENT);
        assertThat(bent.reading().flatnessMm()).isBetween(0.4 * mm, mm);
        assertThat(bent.value()).isLessThan(flat.value() + 2.5);
        assertThat(bent.uncovered()).isZero();
        // the worst of all fields: a thousandth of a millimetre moves it by up to one, flat or bent
        assertThat(bent.specks()).isLessThan(flat.specks() + 7);
        assertThat(bent.reading().fields())
                .as("nothing is outside that was not drawn there")
                .allMatch(f -> f.outside().value() <= 1 + f.outside().plusMinus());
    }

    /** A sheet that is rolled up is read with the doubt it deserves, or not at all. */
    @Test
    void whatIsBentFarIsUnsureAndFurtherRefused() throws UnreadablePage {
        assertThat(read(new ImageDefect.Bent(8)).uncovered()).isZero();
        assertThatExceptionOfType(UnreadablePage.class)
                .isThrownBy(() -> read(new ImageDefect.Bent(16)))
                .satisfies(e -> assertThat(e.problem()).isEqualTo(UnreadablePage.Problem.NOT_FLAT));
    }

    @Test
    void turnedByAnyAngleAndTiltedByThirtyDegrees() throws UnreadablePage {
        for (int turn = 0; turn < 4; turn++) {
            ScanConditions turned = new ScanConditions(260, 17 + 7 * turn, 30, 70 * turn, 0.3, 0, 2, 0.8, turn, 12);
            assertThat(read(SHEET, turned).value()).as("turn %d", turn).isLessThan(2.1);
        }
    }

    @Test
    void aPageWithoutTwoMarkersIsRefused() {
        assertThatExceptionOfType(UnreadablePage.class)
                .isThrownBy(() -> read(new ImageDefect.Cropped(0, 60), new ImageDefect.Cropped(1, 60)))
                .satisfies(e -> assertThat(e.problem()).isEqualTo(UnreadablePage.Problem.TOO_FEW_MARKERS));
    }
}
