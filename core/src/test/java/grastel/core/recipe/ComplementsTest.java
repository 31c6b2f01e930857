package grastel.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.Sample;
import grastel.core.exercise.Shipped;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Swatch;
import grastel.core.media.Pencil;
import java.util.List;
import org.junit.jupiter.api.Test;

class ComplementsTest {
    private static final List<Pencil> COLOURFUL = Shipped.ALL.stream()
            .filter(p -> !p.colourless() && p.masstone().toLab().chroma() > 25)
            .toList();

    private static Swatch light(Pencil pencil) {
        return Swatch.bare(Shipped.CARTRIDGE).with(Pass.of(pencil, PressureGrade.LIGHT), 3);
    }

    /** Most colours of the kit have a partner that greys and darkens them; for the rest the sheet says that none does. */
    @Test
    void theBestPartnersGreyAndDarken() {
        int neutral = 0;
        int darker = 0;
        for (Pencil colour : COLOURFUL) {
            Complements.Pair best =
                    Complements.of(colour, Shipped.ALL, Shipped.CARTRIDGE).get(0);
            double lighter = Math.max(
                    light(colour).colour().lightness(),
                    light(best.complement()).colour().lightness());
            neutral += best.neutral() ? 1 : 0;
            darker += best.colour().lightness() < lighter - 4 ? 1 : 0;
        }
        Sample.note("partners for greying: %d of %d neutral, %d darker", neutral, COLOURFUL.size(), darker);
        assertThat(neutral).isGreaterThan((int) (0.65 * COLOURFUL.size()));
        assertThat(darker).isGreaterThan((int) (0.65 * COLOURFUL.size()));
    }

    @Test
    void neighboursAreNoNeutral() {
        assertThat(Complements.pair(Shipped.pencil("S03"), Shipped.pencil("S06"), Shipped.CARTRIDGE)
                        .neutral())
                .isFalse();
    }
}
