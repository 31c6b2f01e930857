package grastel.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.colour.Lab;
import grastel.core.exercise.Shipped;
import grastel.core.layering.Stack;
import grastel.core.media.Pencil;
import grastel.core.project.ZoneColours.Mixed;
import grastel.core.project.ZoneColours.Part;
import grastel.core.recipe.Method;
import grastel.core.reference.Zones.Zone;
import java.util.List;
import java.util.Optional;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

class ZoneColoursTest {
    private static final List<Pencil> ALL = Shipped.WHITE_PAPER.colours();

    private static List<Mixed> of(Lab own, Lab light, Lab shadow) {
        return ZoneColours.of(new Zone(400, own, light, shadow), Shipped.CARTRIDGE, ALL, Method.USUAL);
    }

    @Test
    void everyColourIsWhatItsLayersGive() {
        List<Mixed> all = of(new Lab(55, -18, 20), new Lab(75, -10, 15), new Lab(30, -12, 8));
        assertThat(all).extracting(Mixed::part).containsExactly(Part.OWN, Part.LIGHT, Part.SHADOW);
        assertThat(all).allSatisfy(m -> {
            Lab laid = new Stack(Shipped.CARTRIDGE, Optional.empty(), m.layers())
                    .swatch()
                    .colour();
            assertThat(laid.lightness()).isCloseTo(m.colour().lightness(), Assertions.within(1e-6));
            assertThat(Math.abs(m.valueOff())).as("value of %s", m.part()).isLessThan(0.5);
        });
        assertThat(all.get(0).error()).isLessThan(8);
    }

    @Test
    void whatIsNoColourOfItsOwnIsNotPlannedAndWhiteIsLeftBare() {
        assertThat(of(new Lab(55, -18, 20), new Lab(56, -18, 20), new Lab(54, -18, 20)))
                .extracting(Mixed::part)
                .containsExactly(Part.OWN);
        Lab white = Shipped.CARTRIDGE.ground().toLab();
        Mixed bare = of(white, white, new Lab(60, 0, -4)).get(0);
        assertThat(bare.layers()).isEmpty();
        assertThat(bare.colour()).isEqualTo(white);
    }

    @Test
    void whatNoPencilReachesIsSaidByHowFarItIsOff() {
        Mixed deepest = of(new Lab(2, 0, 0), new Lab(2, 0, 0), new Lab(2, 0, 0)).get(0);
        assertThat(deepest.valueOff()).as("lighter than black").isPositive();
        assertThat(deepest.error()).isGreaterThan(3);
    }
}
