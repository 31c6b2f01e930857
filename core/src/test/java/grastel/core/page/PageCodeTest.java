package grastel.core.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.HashSet;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PageCodeTest {
    @Test
    void isReadBackHoweverItIsTyped() {
        PageCode code = new PageCode("7KQ2M9XB", 14);

        assertThat(PageCode.parse(code.toString())).contains(code);
        assertThat(PageCode.parse(code.toString().toLowerCase().replace("-", " ")))
                .contains(code);
    }

    @Test
    void everySingleWrongCharacterIsNoticed() {
        String text = new PageCode("7KQ2M9XB", 14).toString().replace("-", "");
        for (int i = 0; i < text.length(); i++) {
            for (char c : PageCode.ALPHABET.toCharArray()) {
                boolean sameResidue =
                        Math.abs(PageCode.ALPHABET.indexOf(c) - PageCode.ALPHABET.indexOf(text.charAt(i))) == 31;
                if (c != text.charAt(i) && !sameResidue) {
                    String wrong = text.substring(0, i) + c + text.substring(i + 1);
                    assertThat(PageCode.parse(wrong)).as(wrong).isEmpty();
                }
            }
        }
    }

    @Test
    void refusesOtherTexts() {
        assertThat(PageCode.parse("")).isEmpty();
        assertThat(PageCode.parse("HELLO WORLD 1")).isEmpty();
        assertThatIllegalArgumentException().isThrownBy(() -> new PageCode("SHORT", 1));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new PageCode("7KQ2M9XB", 1000))
                .withMessageContaining("1000");
    }

    @Test
    void newRunsDiffer() {
        Random random = new Random(1);
        Set<String> runs = new HashSet<>();
        for (int i = 0; i < 1000; i++) {
            runs.add(PageCode.newRun(random));
        }
        assertThat(runs).hasSize(1000);
    }
}
