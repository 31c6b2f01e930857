package grastel.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import grastel.core.exercise.Pieces;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.media.Paper;
import grastel.core.page.PageSize;
import grastel.core.reading.fields.Measured;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reading.picture.UnreadablePage.Problem;
import grastel.core.reading.place.FoundPage;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.SimulatedScanner.Scan;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.hand.PieceTask;
import grastel.core.scanner.hand.PieceTask.Fault;
import grastel.core.scanner.picture.Device;
import grastel.core.scanner.picture.ScanConditions;
import grastel.core.scanner.picture.Tone;
import grastel.core.stilllife.HarbourFind;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Drawings without markers: where they lie, and what can be told of them. */
@Tag("picture")
class DrawingReaderTest {
    private static final ExercisePlan PLAN = Shipped.plan(
            "finished-piece", ChosenValues.NONE, Pieces.setting(Pieces.of(HarbourFind.ENAMEL_MUG, 120, 150)));
    private static final DrawnSheet SHEET = DrawnSheet.of(PLAN, Shipped.CARTRIDGE, PageSize.A4);
    private static final ScanConditions PHONE = new ScanConditions(130, 6, 12, 40, 0.2, 0.05, 1.5, 0.9, 0, 15);

    private static SketchbookPage drawn(Paper on, ScanConditions conditions, long seed) throws UnreadablePage {
        return SketchbookPage.of(
                SHEET,
                List.of(PieceTask.of(PLAN, PLAN.fields().get(0), Fault.NONE)),
                on,
                Hand.ofSkill(0.9, new Random(seed)),
                conditions,
                seed);
    }

    private static PageReading read(SketchbookPage page) throws UnreadablePage {
        return read(page.picture(), page.corners());
    }

    private static PageReading read(Picture picture, List<double[]> corners) throws UnreadablePage {
        return PageReader.measure(
                        picture,
                        FoundPage.drawing(corners),
                        SHEET.page(),
                        Shipped.CARTRIDGE,
                        PageReader.KeyColours.UNKNOWN)
                .reading();
    }

    /** The same hand on a printed page: what is really on it is known, and markers, black and gratings read it more surely. */
    @Test
    void readsWhatIsThereWithinAnIntervalThatSaysHowLittleIsKnown() throws UnreadablePage {
        for (int seed = 1; seed <= 3; seed++) {
            SketchbookPage page = drawn(Shipped.CARTRIDGE, PHONE, seed);
            PageReading without = read(page.picture(), page.pointedAt(4, seed));
            Scan printed = new SimulatedScanner(Shipped.CARTRIDGE, 6)
                    .scan(
                            SHEET.page(),
                            List.of(PieceTask.of(PLAN, PLAN.fields().get(0), Fault.NONE)),
                            PLAN.palette(),
                            Hand.ofSkill(0.9, new Random(seed)),
                            PHONE,
                            seed);
            Picture picture = Picture.of(printed.picture());
            PageReading with = SHEET.read(picture, new PageReader().find(picture), Shipped.CARTRIDGE, SHEET.inks());
            Measured lightness = without.fields().get(0).lightness();
            double there = printed.truth().get(0).colour().lightness();
            assertThat(lightness.value()).isEqualTo(there, within(1.5));
            assertThat(lightness.plusMinus())
                    .isGreaterThan(Math.abs(lightness.value() - there))
                    .isGreaterThan(with.fields().get(0).lightness().plusMinus());
            assertThat(without.flags()).contains(PageFlag.WITHOUT_MARKERS);
            assertThat(without.fields().get(0).picture().play()).isPositive();
        }
    }

    /** Of a printer's black as pale as a draft nothing is seen, and nothing is wrong: there is no print to go by. */
    @Test
    void aCameraWithAVeilIsWithinTheInterval() throws UnreadablePage {
        Device hazy = new Device(0.02, new Tone.Plain());
        ScanConditions veiled = new ScanConditions(130, 6, 12, 40, 0.2, 0.05, 1.5, 0.9, 0, 15, hazy);
        PageReading clear = read(drawn(Shipped.CARTRIDGE, PHONE, 1));
        PageReading hazed = read(drawn(Shipped.CARTRIDGE, veiled, 1));
        Measured lightness = hazed.fields().get(0).lightness();
        assertThat(lightness.value())
                .isGreaterThan(clear.fields().get(0).lightness().value());
        assertThat(lightness.plusMinus())
                .isGreaterThan(
                        lightness.value() - clear.fields().get(0).lightness().value());
    }

    @ParameterizedTest
    @EnumSource(HarbourFind.class)
    void proposesCornersNearWhereTheyAre(HarbourFind find) throws UnreadablePage {
        ExercisePlan plan =
                Shipped.plan("finished-piece", ChosenValues.NONE, Pieces.setting(Pieces.of(find, 120, 150)));
        DrawnSheet sheet = DrawnSheet.of(plan, Shipped.CARTRIDGE, PageSize.A4);
        SketchbookPage page = SketchbookPage.of(
                sheet,
                List.of(PieceTask.of(plan, plan.fields().get(0), Fault.NONE)),
                Shipped.CARTRIDGE,
                Hand.ofSkill(0.9, new Random(1)),
                PHONE,
                1);
        List<double[]> proposed = DrawingFinder.corners(page.picture()).orElseThrow();
        double diagonal = Math.hypot(page.picture().width(), page.picture().height());
        for (int i = 0; i < 4; i++) {
            double off = Math.hypot(
                    proposed.get(i)[0] * page.picture().width() - page.corners().get(i)[0],
                    proposed.get(i)[1] * page.picture().height()
                            - page.corners().get(i)[1]);
            assertThat(off / diagonal).as("corner %s of %s", i, find).isLessThan(0.02);
        }
    }

    @Test
    void proposesNothingWhereNothingIsDrawn() {
        BufferedImage empty = new BufferedImage(600, 800, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = empty.createGraphics();
        graphics.setColor(new Color(240, 238, 232));
        graphics.fillRect(0, 0, 600, 800);
        graphics.dispose();
        assertThat(DrawingFinder.corners(Picture.of(empty))).isEmpty();
    }

    @Test
    void aPictureWithoutBarePaperIsRefused() {
        BufferedImage dark = new BufferedImage(400, 500, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = dark.createGraphics();
        Random random = new Random(3);
        for (int y = 0; y < 500; y += 25) {
            for (int x = 0; x < 400; x += 25) {
                graphics.setColor(new Color(40, 20 + random.nextInt(200), 40));
                graphics.fillRect(x, y, 25, 25);
            }
        }
        graphics.dispose();
        List<double[]> whole =
                List.of(new double[] {0, 0}, new double[] {400, 0}, new double[] {400, 500}, new double[] {0, 500});
        assertThatExceptionOfType(UnreadablePage.class)
                .isThrownBy(() -> read(Picture.of(dark), whole))
                .satisfies(e -> assertThat(e.problem()).isEqualTo(Problem.NO_PAPER));
    }

    @Test
    void aTinyPictureIsRefusedWithItsResolution() throws UnreadablePage {
        SketchbookPage page = drawn(Shipped.CARTRIDGE, new ScanConditions(50, 0, 0, 0, 0.1, 0, 1, 0.9, 0, 10), 4);
        List<double[]> half = page.corners().stream()
                .map(c -> new double[] {c[0] / 2, c[1] / 2})
                .toList();
        assertThatExceptionOfType(UnreadablePage.class)
                .isThrownBy(() -> read(page.picture(), half))
                .satisfies(e -> {
                    assertThat(e.problem()).isEqualTo(Problem.TOO_COARSE);
                    assertThat(e.figure()).isBetween(20.0, 30.0);
                });
    }
}
