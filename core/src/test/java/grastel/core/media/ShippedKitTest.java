package grastel.core.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import org.junit.jupiter.api.Test;

class ShippedKitTest {
    @Test
    void hasTheTwoRangesAndFourPapers() {
        assertThat(ShippedKit.pencils().stream().filter(p -> p.range().equals("Skerry")))
                .hasSize(36);
        assertThat(ShippedKit.pencils().stream().filter(p -> p.range().equals("Fathom")))
                .hasSize(24);
        assertThat(ShippedKit.pencils().stream().map(ShippedKit.RangePencil::code))
                .doesNotHaveDuplicates();
        assertThat(ShippedKit.papers()).hasSize(4);
    }

    @Test
    void everyPencilHasTheColourItWasMeasuredAs() {
        for (ShippedKit.RangePencil pencil : ShippedKit.pencils()) {
            Lab made = pencil.toPencil().masstone().toLab();
            assertThat(ColourDifference.ciede2000(made, pencil.colour()))
                    .as(pencil.code())
                    .isLessThan(0.05);
        }
    }

    @Test
    void refusesAPencilThatCannotBe() {
        Lab red = new Lab(44, 60, 38);

        assertThatIllegalArgumentException()
                .isThrownBy(() -> Pencil.of("X1", "Red", Pencil.Binder.WAX, red, 1.4, 1))
                .withMessageContaining("X1")
                .withMessageContaining("1.4");
        assertThatIllegalArgumentException().isThrownBy(() -> Pencil.of("", "Red", Pencil.Binder.WAX, red, 0.5, 1));
        assertThatIllegalArgumentException().isThrownBy(() -> new Tooth(0, 0.3)).withMessageContaining("0.1");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Paper("Grey", null, null))
                .withMessageContaining("Grey");
    }
}
