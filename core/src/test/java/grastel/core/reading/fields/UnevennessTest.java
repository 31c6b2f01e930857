package grastel.core.reading.fields;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.Sample;
import grastel.core.page.PageSize;
import grastel.core.reading.DrawnSheet;
import grastel.core.reading.PageReader;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.ScanConditions;
import grastel.core.scanner.sheet.Stock;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a hand leaves uneven, on papers that take colour evenly and on cloudy ones. */
@Tag("picture")
class UnevennessTest {
    private static final DrawnSheet SHEET = DrawnSheet.of("S16", 8, PageSize.A4);
    private static final double STEADY = 0.01;
    private static final double PATCHY = 0.15;

    private static List<Measured> read(double cloud, double patchiness) throws UnreadablePage {
        Hand hand = new Hand(1, 0, 0, patchiness, 1, 0, 0, 5, 0);
        var scan = new SimulatedScanner(SHEET.paper(), new Stock(0.04, cloud))
                .scan(
                        SHEET.page(),
                        SHEET.tasks(),
                        SHEET.plan().palette(),
                        hand,
                        ScanConditions.flatbed(200, new Random(1)),
                        7);
        return SHEET.read(new PageReader(), scan, SHEET.inks()).fields().stream()
                .map(FieldReading::unevenness)
                .toList();
    }

    private static double mean(List<Measured> all) {
        return all.stream().mapToDouble(Measured::value).average().orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.05, 0.1, 0.15})
    void aCloudyPaperIsNotTheHandsFault(double cloud) throws UnreadablePage {
        double even = mean(read(0, STEADY));
        double cloudy = mean(read(cloud, STEADY));
        Sample.note("evenness of a steady hand: %.2f L*, cloud %.2f: %.2f L*", even, cloud, cloudy);
        assertThat(cloudy).isLessThan(even + 1.3);
    }

    @Test
    void patchesOfAHandAreReadOnEitherPaper() throws UnreadablePage {
        double even = mean(read(0, PATCHY));
        double cloudy = mean(read(0.15, PATCHY));
        Sample.note("evenness of a patchy hand: %.2f L*, on clouds %.2f L*", even, cloudy);
        assertThat(even).isGreaterThan(3);
        assertThat(cloudy).isBetween(even - 0.6, even + 1.3);
    }

    @Test
    void whatIsTakenForThePapersIsInTheInterval() {
        Measured clouds = new Unevenness(9, 9).ofTheHand();
        assertThat(clouds.value()).isZero();
        assertThat(clouds.plusMinus()).isGreaterThan(1.5);

        Measured patches = new Unevenness(9, 4.5).ofTheHand();
        assertThat(patches.value()).isEqualTo(3);
        assertThat(patches.plusMinus()).isLessThan(0.7);
    }
}
