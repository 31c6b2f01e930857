package grastel.core.layering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.Lab;
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
        Lead lead = Lead.of(pencil);
        for (double thickness : new double[] {0.01, 0.1, 0.5, 2}) {
            double[] seen = Spectrum.flat(0.6).toArray();
            Film.of(lead, 0, new double[] {thickness}).cover(seen);
            for (int i = 0; i < seen.length; i++) {
                assertThat(seen[i])
                        .isCloseTo(KubelkaMunk.over(lead.ratio[i], lead.scattering[i] * thickness, 0.6), within(1e-7));
            }
        }
    }

    @Test
    void twoThinFilmsAreOneThick() {
        Lead lead = Lead.of(pencils().toList().get(6));
        double[] twice = Spectrum.flat(0.8).toArray();
        Film.of(lead, 0, new double[] {0.1}).cover(twice);
        Film.of(lead, 1, new double[] {0.25}).cover(twice);
        double[] once = Spectrum.flat(0.8).toArray();
        Film.of(lead, 0, new double[] {0.35}).cover(once);

        assertThat(twice).as("up to the table of exponentials").containsExactly(once, within(1e-7));
    }

    @ParameterizedTest
    @MethodSource("pencils")
    void referenceFilmHidesAsMuchAsThePencilSays(Pencil pencil) {
        double masstone = pencil.masstone().toLab().lightness();
        boolean tint = masstone > 85;
        double ground = tint ? 0.05 : 0.92;
        double from = Lab.lightnessOf(ground);
        double[] film = Spectrum.flat(ground).toArray();
        double thin = !tint ? 0.25 : pencil.masstone().toLab().chroma() > 10 ? 0.04 : 0.32;
        Film.of(Lead.of(pencil), 0, new double[] {thin}).cover(film);

        double share = (Spectrum.of(film).toLab().lightness() - from) / (masstone - from);

        double wanted = tint ? 0.22 + 0.30 * pencil.hiding() : 0.80 + 0.18 * pencil.hiding();
        assertThat(share).isCloseTo(wanted, within(1e-6));
    }
}
