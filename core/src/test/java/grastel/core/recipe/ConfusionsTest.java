package grastel.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.colour.ColourDifference;
import grastel.core.exercise.Shipped;
import grastel.core.media.Pencil;
import grastel.core.recipe.Confusions.Confusion;
import java.util.List;
import org.junit.jupiter.api.Test;

class ConfusionsTest {
    @Test
    void everyPairFoundIsToldApartByUsualEyesAndNotByTheOthers() {
        List<Confusion> found = Confusions.of(Shipped.ALL);
        assertThat(found).isNotEmpty();
        assertThat(found).allSatisfy(c -> {
            var a = c.one().masstone().toLab();
            var b = c.other().masstone().toLab();
            assertThat(ColourDifference.ciede2000(a, b)).isGreaterThanOrEqualTo(Confusions.ALIKE);
            assertThat(ColourDifference.ciede2000(c.vision().seen(a), c.vision().seen(b)))
                    .isEqualTo(c.deltaE())
                    .isLessThan(Confusions.ALIKE);
        });
    }

    @Test
    void aPencilIsNotConfusedWithItselfAndOneAloneWithNone() {
        Pencil red = Shipped.ALL.get(0);
        assertThat(Confusions.of(List.of(red))).isEmpty();
        assertThat(Confusions.of(List.of(red, red))).isEmpty();
    }
}
