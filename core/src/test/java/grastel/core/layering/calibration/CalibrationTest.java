package grastel.core.layering.calibration;

import static grastel.core.layering.Demo.CARTRIDGE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.layering.Demo;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Swatch;
import grastel.core.layering.calibration.Calibration.Measured;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.Tooth;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Swatches of a pencil that differs from what is thought of it, measured with noise of σ = 0.5 in L*, a* and b*. */
class CalibrationTest {
    private static final double SIGMA = 0.5;

    /** Colours that no pencil makes: a fit is told all the same. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2})
    void swatchesThatContradictOneAnotherGiveAPencilAndSayHowBadItFits(long seed) {
        Random random = new Random(seed);
        Pencil thought = Demo.pencil("S07");
        List<Measured> nonsense = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            Layer.Colour drawn = new Layer.Colour(
                    Pass.of(thought, PressureGrade.values()[random.nextInt(5)]), 1 + random.nextInt(2));
            nonsense.add(new Measured(
                    drawn,
                    new Lab(
                            100 * random.nextInt(2),
                            200 * random.nextDouble() - 100,
                            200 * random.nextDouble() - 100)));
        }

        Calibration.Fit<Pencil> fit = Calibration.pencil(thought, CARTRIDGE, nonsense);

        assertThat(fit.after()).isFinite().isGreaterThan(10);
        assertThat(Calibration.paper(CARTRIDGE, nonsense).after()).isFinite();
    }

    @ParameterizedTest
    @ValueSource(strings = {"S07", "S16", "S23", "S28", "S12", "F11", "F19"})
    void findsThePencilAgain(String code) {
        Random random = new Random(code.hashCode());
        Pencil thought = Demo.pencil(code);
        Pencil real = thought.measuredAs(
                thought.masstone().map(r -> Math.pow(r, 0.93)),
                Math.min(1, thought.hiding() + 0.12),
                thought.softness() * 1.15);

        List<Measured> measured = measured(real, CARTRIDGE, random);
        measured.add(overBlack(real, random));

        Calibration.Fit<Pencil> fit = Calibration.pencil(thought, CARTRIDGE, measured);

        assertThat(fit.after()).isLessThan(0.8).isLessThan(fit.before() / 2);
        assertThat(ColourDifference.ciede2000(
                        fit.found().masstone().toLab(), real.masstone().toLab()))
                .as("masstone")
                .isLessThan(1.5);
        assertThat(fit.found().softness()).isCloseTo(real.softness(), within(0.2));
        assertThat(fit.found().hiding()).isCloseTo(real.hiding(), within(0.2));
        Pass unseen = Pass.of(fit.found(), PressureGrade.MEDIUM);
        Pass really = Pass.of(real, PressureGrade.MEDIUM);
        assertThat(ColourDifference.ciede2000(
                        Swatch.bare(CARTRIDGE).with(unseen, 2).colour(),
                        Swatch.bare(CARTRIDGE).with(really, 2).colour()))
                .as("a swatch that was not measured")
                .isLessThan(1.5);
    }

    @Test
    void findsThePapersDepthFromKnownPencils() {
        Paper rougher = new Paper(CARTRIDGE.name(), CARTRIDGE.ground(), new Tooth(1.35, 0.32));
        Random random = new Random(9);
        List<Measured> measured = new ArrayList<>();
        for (String code : List.of("S07", "S16", "S23")) {
            measured.addAll(measured(Demo.pencil(code), rougher, random));
        }

        Calibration.Fit<Paper> fit = Calibration.paper(CARTRIDGE, measured);

        assertThat(fit.found().tooth().depth()).isCloseTo(1.35, within(0.1));
        assertThat(fit.after()).isLessThan(0.8).isLessThan(fit.before());
    }

    /** A paper that is as its label says, under the meter's noise: what is found never fits worse than the label. */
    @Test
    void whatIsFoundNeverFitsWorseThanWhatWasThought() {
        for (int seed = 0; seed < 30; seed++) {
            Calibration.Fit<Paper> fit =
                    Calibration.paper(CARTRIDGE, measured(Demo.pencil("S36"), CARTRIDGE, new Random(seed)));
            assertThat(fit.after()).as("seed %s", seed).isLessThanOrEqualTo(fit.before());
        }
    }

    @Test
    void aPencilThatIsAsThoughtStaysSo() {
        Pencil pencil = Demo.pencil("S07");

        Calibration.Fit<Pencil> fit = Calibration.pencil(pencil, CARTRIDGE, measured(pencil, CARTRIDGE, new Random(3)));

        assertThat(fit.found().softness()).isCloseTo(pencil.softness(), within(0.1));
        assertThat(fit.found().hiding()).as("not told by white paper").isCloseTo(pencil.hiding(), within(0.02));
    }

    @Test
    void refusesWhatCannotBeFitted() {
        List<Measured> one =
                measured(Demo.pencil("S07"), CARTRIDGE, new Random(1)).subList(0, 1);

        assertThatIllegalArgumentException()
                .isThrownBy(() -> Calibration.pencil(Demo.pencil("S07"), CARTRIDGE, one))
                .withMessageContaining("two");
    }

    /** Full pressure over a solid black. */
    private static Measured overBlack(Pencil pencil, Random random) {
        Layer.Colour black = new Layer.Colour(Pass.of(Demo.pencil("S36"), PressureGrade.MEDIUM), 2);
        Layer.Colour drawn = new Layer.Colour(Pass.of(pencil, PressureGrade.FULL), 2);
        Lab exact = Swatch.bare(CARTRIDGE).with(black).with(drawn).colour();
        return new Measured(
                List.of(black),
                drawn,
                new Lab(exact.lightness() + noise(random), exact.a() + noise(random), exact.b() + noise(random)));
    }

    /** Full pressure, and light once and three times. */
    private static List<Measured> measured(Pencil pencil, Paper paper, Random random) {
        List<Measured> all = new ArrayList<>();
        for (Layer.Colour drawn : List.of(
                new Layer.Colour(Pass.of(pencil, PressureGrade.FULL), 2),
                new Layer.Colour(Pass.of(pencil, PressureGrade.LIGHT), 1),
                new Layer.Colour(Pass.of(pencil, PressureGrade.LIGHT), 3))) {
            Lab exact = Swatch.bare(paper).with(drawn).colour();
            all.add(new Measured(
                    drawn,
                    new Lab(exact.lightness() + noise(random), exact.a() + noise(random), exact.b() + noise(random))));
        }
        return all;
    }

    private static double noise(Random random) {
        return SIGMA * random.nextGaussian();
    }
}
