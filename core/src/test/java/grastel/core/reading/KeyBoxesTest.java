package grastel.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.ColourDifference;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.media.Pencil;
import grastel.core.page.PageSize;
import grastel.core.reading.keys.KeyReport;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.SimulatedScanner.Scan;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.ImageDefect;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("picture")
class KeyBoxesTest {
    private static final DrawnSheet SHEET =
            DrawnSheet.of("tint-hue-shade", ChosenValues.NONE, Shipped.CARTRIDGE, PageSize.A4);

    private final PageReader reader = new PageReader();

    private static double worst(PageReading reading, Scan scan) {
        double worst = 0;
        for (int i = 0; i < reading.fields().size(); i++) {
            worst = Math.max(
                    worst,
                    ColourDifference.ciede2000(
                            reading.fields().get(i).colour(),
                            scan.truth().get(i).colour()));
        }
        return worst;
    }

    private static double mean(PageReading reading, Scan scan) {
        return IntStream.range(0, reading.fields().size())
                .mapToDouble(i -> ColourDifference.ciede2000(
                        reading.fields().get(i).colour(), scan.truth().get(i).colour()))
                .average()
                .orElseThrow();
    }

    @Test
    void filtersThatOverlapAreCorrected() throws UnreadablePage {
        Scan scan = SHEET.scan(Hand.EXACT, DrawnSheet.PLAIN, List.of(new ImageDefect.Crosstalk(0.12)), 4);
        PageReading plain = SHEET.read(reader, scan);
        PageReading corrected = SHEET.read(reader, scan, SHEET.inks());

        assertThat(corrected.keys().after()).isLessThan(corrected.keys().before() / 3);
        assertThat(worst(corrected, scan)).isLessThan(worst(plain, scan) / 2);
        assertThat(mean(corrected, scan)).isLessThan(mean(plain, scan) / 2);
    }

    /** How light a field is, the paper tells: keys of whatever pressure, or none, change it by nothing. */
    @Test
    void keysMoveNoLuminance() throws UnreadablePage {
        SimulatedScanner scanner = new SimulatedScanner(SHEET.paper());
        List<Pencil> palette = SHEET.plan().palette();
        List<Pencil> wrong = new ArrayList<>(palette);
        Collections.reverse(wrong);
        List<List<Double>> read = new ArrayList<>();
        for (List<Pencil> keys : List.of(palette, List.<Pencil>of(), wrong)) {
            Scan scan = scanner.scan(SHEET.page(), SHEET.tasks(), keys, Hand.EXACT, DrawnSheet.PLAIN, 4);
            read.add(SHEET.read(reader, scan, SHEET.inks()).fields().stream()
                    .map(f -> f.lightness().value())
                    .toList());
        }
        for (List<Double> other : read) {
            for (int i = 0; i < other.size(); i++) {
                assertThat(other.get(i)).isCloseTo(read.get(0).get(i), within(0.5));
            }
        }
    }

    @Test
    void aHandThatHardlyPressesMisleadsNoOne() throws UnreadablePage {
        Hand light = new Hand(0.4, 0, 0, 0, 1, 0, 0, 0, 0);
        PageReading reading = SHEET.read(reader, SHEET.scan(light, DrawnSheet.PLAIN, 4), SHEET.inks());

        assertThat(reading.keys().suspects()).isEmpty();
        assertThat(reading.keys().after()).isLessThan(1.5);
    }

    @Test
    void aWrongPencilIsNamed() throws UnreadablePage {
        List<Pencil> taken = new ArrayList<>(SHEET.plan().palette());
        Pencil asked = Shipped.pencil("S07");
        Pencil instead = Shipped.pencil("S16");
        taken.set(taken.indexOf(asked), instead);
        Scan scan = new SimulatedScanner(SHEET.paper())
                .scan(SHEET.page(), SHEET.tasks(), taken, Hand.EXACT, DrawnSheet.PLAIN, 4);
        PageReading reading = SHEET.read(reader, scan, SHEET.inks());

        assertThat(reading.keys().suspects()).singleElement().satisfies(s -> {
            assertThat(SHEET.plan().palette().get(s.pencil())).isEqualTo(asked);
            assertThat(s.looksLike()).isEqualTo(instead.name());
        });
    }

    @Test
    void emptyKeyBoxesChangeNothing() throws UnreadablePage {
        Scan scan = new SimulatedScanner(SHEET.paper())
                .scan(SHEET.page(), SHEET.tasks(), List.of(), Hand.EXACT, DrawnSheet.PLAIN, 4);

        assertThat(SHEET.read(reader, scan, SHEET.inks()).keys()).isEqualTo(KeyReport.NONE);
    }
}
