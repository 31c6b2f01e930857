package grastel.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.Sample;
import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.media.Paper;
import grastel.core.media.Tooth;
import grastel.core.page.PageSize;
import grastel.core.reading.fields.FieldReading;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.PictureFile;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reading.strips.Profile;
import grastel.core.scanner.GroundTruth;
import grastel.core.scanner.SimulatedScanner.Scan;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.ScanConditions;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Drawings on paper that no printer takes, photographed under a card laid up to 1.5 mm off its tracing. */
@Tag("picture")
class CardTest {
    private static final int PAGES = Integer.getInteger("cards.pages", 3);
    private static final Paper CREAM = Paper.of("Cream pad", new Lab(92, 1, 9), new Tooth(1.3, 0.4));
    private static final List<Paper> PAPERS = List.of(Shipped.CARTRIDGE, CREAM, Shipped.BROWN);
    private static final String[] PENCILS = {"S07", "S16", "S03", "S36", "S23", "S12"};

    private final PageReader reader = new PageReader();
    private final Random random = new Random(5);

    @Test
    void boxesOnAnyPaperAreReadWithinTheirStatedErrors() throws UnreadablePage {
        List<Double> colour = new ArrayList<>();
        List<Double> value = new ArrayList<>();
        int covered = 0;
        for (int i = 0; i < PAGES; i++) {
            Paper on = PAPERS.get(i % PAPERS.size());
            DrawnSheet sheet = DrawnSheet.of(PENCILS[i % PENCILS.length], 7, i % 4 == 3 ? PageSize.LETTER : PageSize.A4)
                    .underCard(on);
            Scan scan = sheet.scan(Hand.ofSkill(random.nextDouble(), random), ScanConditions.phone(random), 300 + i);
            PageReading reading = sheet.read(reader, scan, sheet.inks());
            for (int f = 0; f < reading.fields().size(); f++) {
                FieldReading read = reading.fields().get(f);
                GroundTruth truth = scan.truth().get(f);
                double off = Math.abs(read.lightness().value() - truth.colour().lightness());
                colour.add(ColourDifference.ciede2000(read.colour(), truth.colour()));
                value.add(off);
                covered += off <= read.lightness().plusMinus() ? 1 : 0;
                assertThat(read.outside()).isNull();
            }
            assertThat(reading.flags()).doesNotContain(PageFlag.OTHER_PAPER);
        }
        double share = 100.0 * covered / value.size();
        Sample.note(
                "under cards, %d boxes, 95th percentile: colour %.2f ΔE00, value %.2f L*; intervals cover %.1f %%",
                value.size(), Sample.percentile(colour, 0.95), Sample.percentile(value, 0.95), share);
        assertThat(Sample.percentile(colour, 0.95)).isLessThanOrEqualTo(3.0);
        assertThat(Sample.percentile(value, 0.95)).isLessThanOrEqualTo(3.0);
        assertThat(share).isGreaterThan(90);
    }

    @Test
    void aLabelInItsWindowSaysWhoseItIs() throws UnreadablePage {
        DrawnSheet sheet = DrawnSheet.of("S07", 5, PageSize.A4).underCard(Shipped.CARTRIDGE);
        for (int seed = 0; seed < 4; seed++) {
            Picture picture = picture(sheet.scan(Hand.EXACT, ScanConditions.phone(random), seed));
            assertThat(reader.find(picture).code()).contains(DrawnSheet.CODE);
        }
    }

    @Test
    void paperThatWasNotPlannedIsReadAsItIsAndSaid() throws UnreadablePage {
        DrawnSheet sheet = DrawnSheet.of("S36", 5, PageSize.A4).underCard(Shipped.BROWN);
        Scan scan = sheet.scan(Hand.EXACT, DrawnSheet.PLAIN, 7);
        Picture picture = picture(scan);
        PageReading reading = sheet.read(picture, reader.find(picture), Shipped.CARTRIDGE, sheet.inks());
        assertThat(reading.flags()).contains(PageFlag.OTHER_PAPER);
        for (int f = 0; f < reading.fields().size(); f++) {
            assertThat(reading.fields().get(f).lightness().value())
                    .isCloseTo(scan.truth().get(f).colour().lightness(), within(2.0));
        }
    }

    @Test
    void whatWasLeftBareIsBlankOnAnyPaper() throws UnreadablePage {
        DrawnSheet sheet = DrawnSheet.of("S36", 5, PageSize.A4).underCard(Shipped.BROWN);
        DrawnSheet begun = new DrawnSheet(
                sheet.paper(),
                sheet.plan(),
                sheet.sheet(),
                sheet.page(),
                sheet.tasks().subList(0, 3));
        PageReading reading = begun.read(reader, begun.scan(Hand.EXACT, DrawnSheet.PLAIN, 8), begun.inks());
        assertThat(reading.fields()).extracting(FieldReading::blank).containsExactly(false, false, false, true, true);
    }

    @Test
    void aStripIsReadAlongItsLengthAsIfItWerePrinted() throws UnreadablePage {
        ChosenValues strip = ChosenValues.of("pencil", Shipped.pencil("S07"));
        DrawnSheet printed = DrawnSheet.of("gradation-strip", strip, Shipped.CARTRIDGE, PageSize.A4);
        Profile plain = profile(printed);
        Profile seen = profile(printed.underCard(Shipped.CARTRIDGE));
        assertThat(seen.startMm()).isBetween(2.0, 4.5);
        int late = (int) Math.round(seen.startMm() - plain.startMm());
        List<Double> off = new ArrayList<>();
        for (int i = 0; i < seen.lightness().size(); i++) {
            off.add(Math.abs(seen.lightness().get(i) - plain.lightness().get(i + late)));
        }
        assertThat(Sample.percentile(off, 0.95)).isLessThan(4);
    }

    private Profile profile(DrawnSheet sheet) throws UnreadablePage {
        return sheet.read(reader, sheet.scan(Hand.EXACT, DrawnSheet.PLAIN, 9), sheet.inks())
                .fields()
                .get(0)
                .profile();
    }

    private static Picture picture(Scan scan) throws UnreadablePage {
        return PictureFile.decode(scan.jpeg(), 0, new PictureFile.Limits(60_000_000, 80));
    }
}
