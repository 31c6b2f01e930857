package grastel.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import grastel.core.Sample;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.page.PageSize;
import grastel.core.reading.fields.FieldReading;
import grastel.core.reading.fields.Measured;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reading.picture.UnreadablePage.Problem;
import grastel.core.scanner.GroundTruth;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.SimulatedScanner.Scan;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.Device;
import grastel.core.scanner.picture.ScanConditions;
import grastel.core.scanner.picture.Tone;
import grastel.core.scanner.sheet.Stock;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Printed black of any strength and devices with tone curves of their own: figures hold within what is stated, or are refused. */
@Tag("picture")
class PrintersAndDevicesTest {
    private static final List<DrawnSheet> SHEETS = List.of(
            DrawnSheet.of("tint-hue-shade", ChosenValues.NONE, Shipped.CARTRIDGE, PageSize.A4),
            DrawnSheet.of("S31", 8, PageSize.A4));
    /** What is lighter is bare. */
    private static final double BARE = 94;

    private static final double DARK = 45;

    private record Condition(Stock stock, Device device, boolean phone) {}

    private static Condition black(double reflectance) {
        return new Condition(new Stock(reflectance, 0), Device.PLAIN, false);
    }

    private static Condition gamma(double exponent) {
        return new Condition(Stock.USUAL, new Device(0.01, new Tone.Gamma(exponent)), false);
    }

    private static final List<Condition> CONDITIONS = List.of(
            black(0.1),
            black(0.04),
            gamma(1.15),
            new Condition(Stock.USUAL, new Device(0.01, new Tone.Contrast(0.4)), true),
            new Condition(new Stock(0.12, 0), new Device(0, new Tone.Levels(0.001)), false),
            black(0.3),
            black(0.16),
            gamma(0.85),
            new Condition(Stock.USUAL, new Device(0.03, new Tone.Plain()), false),
            black(0.015),
            gamma(1.2),
            new Condition(Stock.USUAL, new Device(0, new Tone.Levels(0.001)), false),
            new Condition(new Stock(0.15, 0.1), new Device(0.03, new Tone.Gamma(1.1)), true));

    private final PageReader reader = new PageReader();
    private final List<Double> off = new ArrayList<>();
    private int fields;
    private int covered;
    private int darks;
    private int darksCovered;
    private int pairs;
    private int pairsCovered;

    private Scan scan(DrawnSheet sheet, Stock stock, ScanConditions conditions, int seed) {
        return new SimulatedScanner(sheet.paper(), stock)
                .scan(sheet.page(), sheet.tasks(), sheet.plan().palette(), Hand.EXACT, conditions, seed);
    }

    private static ScanConditions flatbed(int seed, Device device) {
        return ScanConditions.flatbed(200, new Random(seed)).by(device);
    }

    private void count(Stock stock, Device device, boolean phone) throws UnreadablePage {
        for (int i = 0; i < SHEETS.size(); i++) {
            DrawnSheet sheet = SHEETS.get(i);
            ScanConditions conditions =
                    phone ? ScanConditions.phone(new Random(i)).by(device) : flatbed(i, device);
            Scan scan = scan(sheet, stock, conditions, 40 + i);
            count(sheet.read(reader, scan, sheet.inks()).fields(), scan.truth());
        }
    }

    private void count(List<FieldReading> read, List<GroundTruth> truth) {
        for (int i = 0; i < read.size(); i++) {
            double real = truth.get(i).colour().lightness();
            if (real > BARE) {
                continue;
            }
            Measured lightness = read.get(i).lightness();
            double error = Math.abs(lightness.value() - real);
            boolean holds = error <= lightness.plusMinus();
            off.add(error);
            fields++;
            covered += holds ? 1 : 0;
            darks += real < DARK ? 1 : 0;
            darksCovered += real < DARK && holds ? 1 : 0;
            for (int j = 0; j < i; j++) {
                double other = truth.get(j).colour().lightness();
                if (other <= BARE) {
                    Measured there = read.get(j).lightness();
                    double apart = Math.abs((lightness.value() - there.value()) - (real - other));
                    pairs++;
                    pairsCovered += apart <= lightness.apart(there) ? 1 : 0;
                }
            }
        }
    }

    @Test
    void figuresHoldWithinWhatIsStatedWhoeverPrintedAndScanned() throws UnreadablePage {
        for (Condition c : Sample.of(CONDITIONS, 5)) {
            count(c.stock(), c.device(), c.phone());
        }

        Sample.note(
                "printers and devices, %d fields: median %.2f, 95th percentile %.2f L*; intervals cover %.1f %%, under L*"
                        + " 45 %d of %d, of differences %.1f %%",
                fields,
                Sample.median(off),
                Sample.percentile(off, 0.95),
                100.0 * covered / fields,
                darksCovered,
                darks,
                100.0 * pairsCovered / pairs);
        assertThat(covered).isGreaterThanOrEqualTo(Sample.atLeast(0.95, fields));
        assertThat(darksCovered).isGreaterThanOrEqualTo(Sample.atLeast(0.93, darks));
        assertThat(pairsCovered).isGreaterThanOrEqualTo(Sample.atLeast(0.95, pairs));
        assertThat(Sample.median(off)).isLessThan(1.2);
        assertThat(Sample.percentile(off, 0.95)).isLessThan(5);
    }

    @Test
    void aCurveThatGratingsShowIsTakenOut() throws UnreadablePage {
        DrawnSheet sheet = SHEETS.get(0);
        Scan plain = scan(sheet, Stock.USUAL, flatbed(3, Device.PLAIN), 3);
        Scan contrasty = scan(sheet, Stock.USUAL, flatbed(3, new Device(0, new Tone.Contrast(0.5))), 3);
        List<FieldReading> one = sheet.read(reader, plain, sheet.inks()).fields();
        List<FieldReading> other = sheet.read(reader, contrasty, sheet.inks()).fields();
        for (int i = 0; i < one.size(); i++) {
            assertThat(Math.abs(one.get(i).lightness().value()
                            - other.get(i).lightness().value()))
                    .isLessThan(1.6);
        }
    }

    @Test
    void aTextScanIsRefusedAndPaperPushedToWhiteIsSaid() throws UnreadablePage {
        DrawnSheet sheet = SHEETS.get(1);
        Scan text = scan(sheet, Stock.USUAL, flatbed(5, new Device(0, new Tone.TwoLevels(0.6))), 5);
        assertThatExceptionOfType(UnreadablePage.class)
                .isThrownBy(() -> sheet.read(reader, text))
                .satisfies(e -> assertThat(e.problem()).isEqualTo(Problem.TEXT_MODE));

        Scan white = scan(sheet, Stock.USUAL, flatbed(5, new Device(0, new Tone.Bright(1.2))), 5);
        assertThat(sheet.read(reader, white).flags()).contains(PageFlag.CLIPPED);
        Scan usual = scan(sheet, Stock.USUAL, flatbed(5, Device.PLAIN), 5);
        assertThat(sheet.read(reader, usual).flags()).doesNotContain(PageFlag.CLIPPED);
    }

    @Test
    void aGreyCopyIsReadInValueAlone() throws UnreadablePage {
        DrawnSheet sheet = SHEETS.get(0);
        for (boolean green : new boolean[] {false, true}) {
            Scan grey = scan(sheet, Stock.USUAL, flatbed(6, new Device(0, new Tone.Grey(green))), 6);
            assertThat(sheet.read(reader, grey, sheet.inks()).flags()).contains(PageFlag.GREY);
        }
    }
}
