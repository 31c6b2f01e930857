package grastel.core.exercise.gradationstrip;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.exercise.Parameters;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class GradationStripTest {
    private static final Pattern END = Pattern.compile("at (\\d+) mm");

    /** Never "light to 80 mm, medium to 80 mm": what ends at one place is named together, each place once. */
    @ParameterizedTest
    @ValueSource(strings = {"S07", "S16", "S03", "S20", "S24", "S36"})
    void everyEndIsSaidOnceAndShorterThanTheOneBefore(String code) {
        ChosenValues values = ChosenValues.of(Parameters.PENCIL, Shipped.pencil(code));
        List<String> steps =
                Shipped.plan("gradation-strip", values, Shipped.WHITE_PAPER).steps();
        List<Integer> ends = new ArrayList<>();
        for (MatchResult end : END.matcher(steps.get(1)).results().toList()) {
            ends.add(Integer.valueOf(end.group(1)));
        }
        assertThat(ends).isNotEmpty().doesNotHaveDuplicates().isSortedAccordingTo(Collections.reverseOrder());
        assertThat(steps.get(1)).contains("light", "medium", "full");
    }
}
