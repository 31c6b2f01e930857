package grastel.core.layering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.Spectrum;
import grastel.core.media.Pencil;
import grastel.core.media.ShippedKit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class KubelkaMunkTest {
    @Test
    void nothingLaidShowsTheBackingExactly() {
        assertThat(KubelkaMunk.over(0.7, 0, 0.42)).isEqualTo(0.42);
    }

    @Test
    void aThickLayerShowsItsMasstone() {
        double ratio = KubelkaMunk.ratioOf(0.3);

        assertThat(KubelkaMunk.over(ratio, 50, 0.9)).isCloseTo(0.3, within(1e-6));
        assertThat(KubelkaMunk.over(ratio, 50, 0.0)).isCloseTo(0.3, within(1e-6));
    }

    @Test
    void twoThinCoatsAreOneThickOne() {
        double ratio = KubelkaMunk.ratioOf(0.2);
        double twice = KubelkaMunk.over(ratio, 0.4, KubelkaMunk.over(ratio, 0.4, 0.8));

        assertThat(twice).isCloseTo(KubelkaMunk.over(ratio, 0.8, 0.8), within(1e-12));
    }

    @Test
    void withoutAbsorptionTheLimitIsTheScatteringLayer() {
        // K = 0 over black: R = SX / (1 + SX), Kubelka 1948
        assertThat(KubelkaMunk.over(0, 1.5, 0)).isCloseTo(1.5 / 2.5, within(1e-12));
        assertThat(KubelkaMunk.over(1e-10, 1.5, 0)).isCloseTo(1.5 / 2.5, within(1e-4));
    }

    static java.util.stream.Stream<Pencil> pencils() {
        return ShippedKit.pencils().stream()
                .map(ShippedKit.RangePencil::toPencil)
                .filter(p -> !p.colourless());
    }

    @ParameterizedTest
    @MethodSource("pencils")
    void filmsAgreeWithTheTextbookFormula(Pencil pencil) {
        PigmentOptics optics = PigmentOptics.of(pencil);
        for (double thickness : new double[] {0.01, 0.1, 0.5, 2}) {
            double[] seen = Spectrum.flat(0.6).toArray();
            Film.of(optics, 0, new double[] {thickness}).cover(seen, new double[] {1});
            for (int i = 0; i < seen.length; i++) {
                assertThat(seen[i])
                        .isCloseTo(
                                KubelkaMunk.over(optics.ratio[i], optics.scattering[i] * thickness, 0.6), within(1e-7));
            }
        }
    }

    @Test
    void twoThinFilmsAreOneThick() {
        PigmentOptics optics = PigmentOptics.of(pencils().toList().get(6));
        double[] twice = Spectrum.flat(0.8).toArray();
        Film.of(optics, 0, new double[] {0.1}).cover(twice, new double[] {1});
        Film.of(optics, 1, new double[] {0.25}).cover(twice, new double[] {1});
        double[] once = Spectrum.flat(0.8).toArray();
        Film.of(optics, 0, new double[] {0.35}).cover(once, new double[] {1});

        assertThat(twice).as("up to the table of exponentials").containsExactly(once, within(1e-7));
    }

    /** Except where the masstone is lighter than the paper, which no film on it can be. */
    @ParameterizedTest
    @MethodSource("pencils")
    void aSolidFilmOnWhitePaperIsTheMasstone(Pencil pencil) {
        double[] film = Spectrum.flat(PigmentOptics.WHITE_PAPER).toArray();
        Film.of(PigmentOptics.of(pencil), 0, new double[] {PigmentOptics.SOLID_FILM})
                .cover(film, new double[] {1});

        for (int i = 0; i < film.length; i++) {
            assertThat(film[i])
                    .isCloseTo(
                            pencil.masstone().at(i),
                            within(1e-4 + Math.max(0, pencil.masstone().at(i) - 0.92)));
        }
    }

    @ParameterizedTest
    @MethodSource("pencils")
    void theMoreOpaqueAPencilTheMoreItLightensBlack(Pencil pencil) {
        double before = -1;
        for (double opacity : new double[] {0.1, 0.3, 0.6, 0.9}) {
            double[] film = Spectrum.flat(0.02).toArray();
            Film.of(
                            PigmentOptics.of(pencil.measuredAs(pencil.masstone(), opacity, pencil.softness())),
                            0,
                            new double[] {PigmentOptics.SOLID_FILM})
                    .cover(film, new double[] {1});
            double lightness = Spectrum.of(film).toLab().lightness();
            assertThat(lightness).isGreaterThan(before);
            before = lightness;
        }
    }
}
