package grastel.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.reference.Frame;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MatTest {
    @ParameterizedTest
    @CsvSource({"150, 200", "40, 40", "100, 60", "600, 400"})
    void aMatLapsOverTheDrawingAndStandsOnABroaderFoot(double width, double height) {
        Mat mat = Mat.of(new Frame(width, height));
        assertThat(width - mat.openingWidth()).isBetween(3.0, 6.0);
        assertThat(height - mat.openingHeight()).isBetween(3.0, 6.0);
        assertThat(mat.foot()).isGreaterThan(mat.border());
        assertThat(mat.border() % 5).isZero();
        assertThat(mat.outerWidth()).isEqualTo(mat.openingWidth() + 2 * mat.border());
        assertThat(mat.outerHeight()).isGreaterThan(mat.openingHeight() + 2 * mat.border());
    }
}
