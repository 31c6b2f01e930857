package grastel.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.colour.PaintersWheel.Name;
import grastel.core.layering.Pass;
import grastel.core.layering.Swatch;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.PencilSet;
import grastel.core.media.ShippedKit;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class SetReachTest {
    private static final Paper PAPER = ShippedKit.papers().get(0).toPaper();

    @Test
    void yellowRedAndBlueMakeTheSecondaries() {
        SetGamut reach = reach("S03", "S07", "S16");

        assertThat(reach.cells()).extracting(SetGamut.Cell::hue).contains(Name.ORANGE, Name.GREEN, Name.BLUE, Name.RED);
        assertThat(reach("S03", "S04").cells()).extracting(SetGamut.Cell::hue).doesNotContain(Name.BLUE, Name.VIOLET);
    }

    /** Every cell's recipe, laid again, gives the cell's colour. */
    @Test
    void recipesGiveWhatTheyPromise() {
        for (SetGamut.Cell cell : reach("S03", "S07", "S16").cells()) {
            Swatch swatch = Swatch.bare(PAPER);
            for (SetGamut.Step step : cell.steps()) {
                swatch = swatch.with(Pass.of(step.pencil(), step.grade()), step.passes());
            }
            assertThat(ColourDifference.ciede2000(swatch.colour(), cell.colour()))
                    .isLessThan(1e-9);
            assertThat((int) swatch.colour().value()).isEqualTo(cell.value());
        }
    }

    @Test
    void aDarkPencilReachesDarkerValues() {
        assertThat(darkest(reach("S03", "S36"))).isLessThan(darkest(reach("S03", "S05")));
    }

    @Test
    void tellsItsProgressAndStopsWhenTold() {
        List<Double> heard = new ArrayList<>();
        SetGamut.of(set("S03", "S07"), PAPER, heard::add, () -> false);
        assertThat(heard).hasSize(6).isSorted();
        assertThat(heard.get(5)).isCloseTo(1, within(1e-9));

        assertThatExceptionOfType(SetGamut.Cancelled.class)
                .isThrownBy(() -> SetGamut.of(set("S03", "S07"), PAPER, share -> {}, () -> true));
    }

    @Test
    void substitutesAreNearInValueFirst() {
        List<Pencil> all = ShippedKit.pencils().stream()
                .map(ShippedKit.RangePencil::toPencil)
                .toList();
        Pencil kelp = pencil("S23");

        List<Substitutes.Substitute> found = Substitutes.of(kelp, all, 5);

        assertThat(found).isNotEmpty().isSortedAccordingTo((a, b) -> Double.compare(a.error(), b.error()));
        assertThat(found).extracting(Substitutes.Substitute::pencil).doesNotContain(kelp);
        assertThat(found.get(0).deltaValue()).isBetween(-1.3, 1.3);
    }

    /** A grey does not stand in for a blue, nor a red: where nothing is near, nothing is named. */
    @Test
    void substitutesKeepHueAndChroma() {
        List<Pencil> all = ShippedKit.pencils().stream()
                .map(ShippedKit.RangePencil::toPencil)
                .filter(p -> !p.colourless())
                .toList();
        int named = 0;
        for (Pencil missing : all) {
            Lab wanted = missing.masstone().toLab();
            for (Substitutes.Substitute s : Substitutes.of(missing, all, 5)) {
                named++;
                Lab colour = s.pencil().masstone().toLab();
                assertThat(colour.chroma())
                        .as("%s for %s", s.pencil().name(), missing.name())
                        .isBetween(
                                wanted.chroma() < 2 * SetGamut.GREYISH ? 0 : wanted.chroma() / 2,
                                2 * Math.max(SetGamut.GREYISH, wanted.chroma()));
                assertThat(Math.abs(s.deltaHue())).isLessThanOrEqualTo(35);
                assertThat(Math.abs(s.deltaValue())).isLessThanOrEqualTo(2);
            }
        }
        assertThat(named).isGreaterThan(all.size());
        List<Pencil> greys = all.stream()
                .filter(p -> p.masstone().toLab().chroma() < SetGamut.GREYISH)
                .toList();
        assertThat(greys).isNotEmpty();
        assertThat(all.stream().filter(p -> p.masstone().toLab().chroma() > 30))
                .allSatisfy(p -> assertThat(Substitutes.of(p, greys, 1)).isEmpty());
    }

    @Test
    void aSetHoldsEachPencilOnceAndAtLeastOne() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> set("S03", "S03"))
                .withMessageContaining("S03")
                .withMessageContaining("twice");
        assertThatIllegalArgumentException().isThrownBy(() -> new PencilSet("Empty", List.of()));
    }

    private static int darkest(SetGamut reach) {
        return reach.cells().stream().mapToInt(SetGamut.Cell::value).min().orElseThrow();
    }

    private static SetGamut reach(String... codes) {
        return SetGamut.of(set(codes), PAPER, share -> {}, () -> false);
    }

    private static PencilSet set(String... codes) {
        List<Pencil> pencils = new ArrayList<>();
        for (String code : codes) {
            pencils.add(pencil(code));
        }
        return new PencilSet("Test", pencils);
    }

    private static Pencil pencil(String code) {
        return ShippedKit.pencils().stream()
                .filter(p -> p.code().equals(code))
                .findFirst()
                .orElseThrow()
                .toPencil();
    }
}
