package grastel.core.layering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.Lab;
import grastel.core.colour.SmoothReflectance;
import grastel.core.media.Pencil;
import grastel.core.media.ShippedKit;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PigmentMakerTest {
    /** The shipped table is what the maker makes; it is a table only to be quick and the same everywhere. */
    @ParameterizedTest
    @ValueSource(strings = {"S03", "S07", "S16", "S21", "S28", "S36", "F11"})
    void theShippedSpectraComeFromHere(String code) {
        ShippedKit.RangePencil shipped = ShippedKit.pencils().stream()
                .filter(p -> p.code().equals(code))
                .findFirst()
                .orElseThrow();

        double[] made = PigmentMaker.of(shipped).toArray();

        assertThat(shipped.masstone().toArray()).containsExactly(made, within(5e-4));
    }

    /** No further off its own hue than the smoothest curve of its colour. */
    @ParameterizedTest
    @ValueSource(strings = {"S15", "S16", "S17", "F11", "F12"})
    void aThinBlueStaysBlue(String code) {
        Pencil shipped = Demo.pencil(code);
        Pencil smoothest = shipped.measuredAs(
                SmoothReflectance.of(shipped.masstone().toLab()), shipped.hiding(), shipped.softness());

        assertThat(turned(shipped)).isLessThan(18).isLessThan(turned(smoothest) + 0.5);
    }

    private static double turned(Pencil pencil) {
        Lab thin = Demo.laid(Demo.CARTRIDGE, pencil, PressureGrade.MEDIUM, 1).colour();
        return Math.abs(thin.hueDegrees() - Demo.hue(pencil));
    }
}
