package grastel.core.reading.light;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.Sample;
import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import grastel.core.page.PageSize;
import grastel.core.reading.DrawnSheet;
import grastel.core.reading.PageReader;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.PictureFile;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reading.place.Mapping;
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
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@Tag("picture")
class ToneCurveTest {
    /** About L* 54. */
    private static final int MIDDLE_CODE = 128;

    /**
     * What a page does not tell of a device, other pages of it do not tell either: their gratings are off alike. See
     * docs/decisions/017.
     */
    @ParameterizedTest
    @ValueSource(doubles = {0.87, 1, 1.15})
    void pagesOfOneDeviceAreOffAlike(double exponent) throws UnreadablePage {
        DrawnSheet sheet = DrawnSheet.of("S31", 8, PageSize.A4);
        List<Double> middles = new ArrayList<>();
        double stated = 0;
        for (int i = 0; i < 8; i++) {
            Scan scan = new SimulatedScanner(sheet.paper(), Stock.USUAL)
                    .scan(
                            sheet.page(),
                            List.of(),
                            List.of(),
                            Hand.EXACT,
                            ScanConditions.flatbed(200, new Random(i)).by(new Device(0, new Tone.Gamma(exponent))),
                            60 + i);
            Picture picture = PictureFile.decode(scan.jpeg(), 0, new PictureFile.Limits(60_000_000, 80));
            Mapping mapping =
                    new PageReader().find(picture).usableMapping(sheet.page().size());
            ToneCurve tone = ToneCurve.of(picture, mapping, sheet.page());
            middles.add(Lab.lightnessOf(tone.light()[MIDDLE_CODE]));
            stated += tone.error(middles.get(i)) / 8;
        }
        double real = Lab.lightnessOf(LinearRgb.decode(Math.pow(MIDDLE_CODE / 255.0, 1 / exponent)));
        double mean = middles.stream().mapToDouble(m -> m).average().orElseThrow();
        double scatter = Math.sqrt(
                middles.stream().mapToDouble(m -> (m - mean) * (m - mean)).sum() / 7);
        Sample.note(
                "exponent %.2f, eight pages: middle off by %.2f L* in the mean, pages scatter by %.2f, stated %.2f",
                exponent, mean - real, scatter, stated);
        assertThat(scatter).isLessThan(stated / 2);
        assertThat(Math.abs(mean - real)).isLessThan(1.3 * stated);
    }
}
