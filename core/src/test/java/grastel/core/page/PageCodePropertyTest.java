package grastel.core.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

class PageCodePropertyTest {
    @Property(seed = "1")
    void everyCodeIsReadBackHoweverItIsSpacedAndCased(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = PageCode.MOST_PAGES) int page) {
        PageCode code = new PageCode(PageCode.newRun(new Random(seed)), page);
        Random typist = new Random(seed + 1);
        StringBuilder typed = new StringBuilder();
        code.toString().replace("-", "").chars().forEach(c -> {
            typed.append(typist.nextBoolean() ? "" : typist.nextBoolean() ? " " : "-");
            typed.append(typist.nextBoolean() ? (char) c : Character.toLowerCase((char) c));
        });
        assertThat(PageCode.parse(typed.toString())).contains(code);
    }

    @Property(seed = "1")
    void anyTextIsACodeOfOursOrNone(@ForAll String text) {
        assertThatCode(() -> {
                    Optional<PageCode> code = PageCode.parse(text);
                    code.ifPresent(c -> assertThat(c.toString().replace("-", ""))
                            .isEqualTo(text.toUpperCase(Locale.ROOT).replaceAll("[\\s-]", "")));
                })
                .doesNotThrowAnyException();
    }

    /** 0 and Z weigh the same: the only pair that a slip of one character may exchange unseen. */
    @Property(seed = "1")
    void oneWrongCharacterIsNoticed(
            @ForAll long seed,
            @ForAll @IntRange(min = 0, max = 11) int at,
            @ForAll @IntRange(min = 0, max = 31) int letter) {
        String typed = new PageCode(
                        PageCode.newRun(new Random(seed)), 1 + new Random(seed).nextInt(PageCode.MOST_PAGES))
                .toString()
                .replace("-", "");
        char wrong = PageCode.ALPHABET.charAt(letter);
        boolean alike = "0Z".indexOf(wrong) >= 0 && "0Z".indexOf(typed.charAt(at)) >= 0;
        if (wrong != typed.charAt(at) && !alike) {
            assertThat(PageCode.parse(typed.substring(0, at) + wrong + typed.substring(at + 1)))
                    .isEmpty();
        }
    }
}
