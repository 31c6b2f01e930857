package grastel.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.page.PageSize;
import grastel.core.scanner.Hand;
import grastel.core.scanner.ScanConditions;
import grastel.core.scanner.SimulatedScanner.Scan;
import grastel.core.scanner.Truth;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The figures against the truth of simulated scans, over the whole range of conditions a classroom gives. */
class ReadingAccuracyTest {
    private static final PictureFile.Limits LIMITS = new PictureFile.Limits(60_000_000, 80);
    private static final String[] PENCILS = {"S07", "S16", "S03", "S36", "S23", "S12"};
    private static final double[] DPI = {150, 200, 300, 400};

    @Test
    void valueWithinOneAndSpecksWithinThreePointsOverAllConditions() throws UnreadablePage {
        Random random = new Random(20);
        PageReader reader = new PageReader();
        List<Double> valueErrors = new ArrayList<>();
        List<Double> speckErrors = new ArrayList<>();
        int covered = 0;
        for (int i = 0; i < 24; i++) {
            DrawnSheet sheet =
                    DrawnSheet.of(PENCILS[i % PENCILS.length], 7, i % 5 == 4 ? PageSize.LETTER : PageSize.A4);
            ScanConditions conditions = new ScanConditions(
                    DPI[i % 4],
                    random.nextDouble(-15, 15),
                    random.nextDouble(0, 20),
                    random.nextDouble(0, 360),
                    0.4,
                    random.nextDouble(-0.05, 0.1),
                    2,
                    random.nextDouble(0.6, 0.95),
                    i % 4,
                    10);
            Scan scan = sheet.scan(Hand.ofSkill(random.nextDouble(), random), conditions, 1000 + i);
            Picture picture = PictureFile.decode(scan.jpeg(), 0, LIMITS);
            FoundPage found = reader.find(picture);
            assertThat(found.code()).as("code of page %d, %s", i, conditions).contains(DrawnSheet.CODE);
            PageReading reading =
                    reader.measure(picture, found, sheet.page(), sheet.paper()).reading();
            for (int f = 0; f < reading.fields().size(); f++) {
                FieldReading read = reading.fields().get(f);
                Truth truth = scan.truth().get(f);
                double off = Math.abs(read.lightness().value() - truth.colour().lightness());
                valueErrors.add(off);
                covered += off <= read.lightness().plusMinus() ? 1 : 0;
                speckErrors.add(Math.abs(read.specks().value() - 100 * truth.specks()));
            }
        }
        double value = percentile95(valueErrors);
        double specks = percentile95(speckErrors);
        double coverage = 100.0 * covered / valueErrors.size();
        System.out.printf(
                "accuracy over %d boxes: value p95 %.2f L*, specks p95 %.2f points, interval covers %.0f %%%n",
                valueErrors.size(), value, specks, coverage);
        assertThat(value).isLessThanOrEqualTo(1.0);
        assertThat(specks).isLessThanOrEqualTo(3.0);
        assertThat(coverage).isGreaterThan(80);
    }

    private static double percentile95(List<Double> errors) {
        List<Double> sorted = errors.stream().sorted().toList();
        return sorted.get((int) Math.ceil(0.95 * sorted.size()) - 1);
    }
}
