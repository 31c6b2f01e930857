package grastel.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class EvenlyTest {
    private static List<Integer> picked(int of, int most) {
        return Evenly.picked(IntStream.rangeClosed(1, of).boxed().toList(), most);
    }

    @Test
    void theFirstAndTheLastAreAmongThem() {
        assertThat(picked(11, 3)).containsExactly(1, 6, 11);
        assertThat(picked(9, 4)).hasSize(4).startsWith(1).endsWith(9).isSorted().doesNotHaveDuplicates();
    }

    @Test
    void fewAreAllTaken() {
        assertThat(picked(3, 4)).containsExactly(1, 2, 3);
        assertThat(picked(1, 4)).containsExactly(1);
        assertThat(picked(0, 4)).isEmpty();
        assertThat(picked(5, 1)).containsExactly(1);
    }
}
