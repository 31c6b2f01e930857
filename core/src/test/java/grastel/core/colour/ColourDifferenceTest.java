package grastel.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

class ColourDifferenceTest {
    @ParameterizedTest
    @CsvFileSource(resources = "/grastel/core/colour/ciede2000-pairs.csv", numLinesToSkip = 2)
    void agreesWithThePublishedPairsToFourDecimals(
            double l1, double a1, double b1, double l2, double a2, double b2, double expected) {
        Lab one = new Lab(l1, a1, b1);
        Lab two = new Lab(l2, a2, b2);

        assertThat(ColourDifference.ciede2000(one, two)).isCloseTo(expected, within(0.00005));
        assertThat(ColourDifference.ciede2000(two, one)).isCloseTo(expected, within(0.00005));
    }

    @Test
    void coloursOfDifferentWhitesDoNotCompare() {
        Lab underD65 = new Lab(50, 0, 0);
        Lab underA = new Lab(50, 0, 0, new ReferenceWhite(1.0985, 1, 0.3558));

        assertThatIllegalArgumentException().isThrownBy(() -> ColourDifference.ciede2000(underD65, underA));
        assertThatIllegalArgumentException().isThrownBy(() -> ColourDifference.cie76(underD65, underA));
        assertThatIllegalArgumentException().isThrownBy(() -> ColourDifference.valueFirst(underD65, underA));
    }
}
