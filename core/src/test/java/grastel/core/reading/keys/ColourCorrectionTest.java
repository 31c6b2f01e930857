package grastel.core.reading.keys;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.LinearRgb;
import grastel.core.exercise.Shipped;
import grastel.core.layering.KeyRamp;
import grastel.core.media.Pencil;
import grastel.core.reading.keys.ColourCorrection.Pair;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class ColourCorrectionTest {
    @Test
    void aFitThroughTruePairsIsTheirMatrix() {
        List<Pair> pairs = new ArrayList<>();
        for (Pencil pencil : Shipped.ALL.subList(0, 12)) {
            LinearRgb real = KeyRamp.of(pencil, Shipped.CARTRIDGE).get(5);
            double redder = 0.1 * (real.green() - real.red());
            // less green by as much, so that it is as light
            LinearRgb seen =
                    new LinearRgb(real.red() + redder, real.green() - redder * 0.2126729 / 0.7151522, real.blue());
            pairs.add(new Pair(seen, real, 10));
        }
        LinearRgb paper = KeyRamp.of(Shipped.pencil("S07"), Shipped.CARTRIDGE).get(0);
        ColourCorrection fix = ColourCorrection.fit(pairs, paper);

        for (Pair pair : pairs) {
            assertThat(ColourDifference.ciede2000(KeyColour.lab(fix.of(pair.seen())), KeyColour.lab(pair.real())))
                    .isLessThan(0.6);
        }
    }
}
