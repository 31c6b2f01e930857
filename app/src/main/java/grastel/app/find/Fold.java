package grastel.app.find;

import grastel.app.platform.PlainWords;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/** Names as they are looked for: without accents and case, word by word. */
final class Fold {
    /** Letters that no decomposition parts, as a keyboard without them writes them. */
    private static final Map<String, String> PLAIN =
            Map.of("ø", "o", "æ", "ae", "œ", "oe", "ß", "ss", "đ", "d", "ð", "d", "ł", "l", "þ", "th");

    private Fold() {}

    static String of(String words) {
        String plain = PlainWords.of(words);
        for (Map.Entry<String, String> letter : PLAIN.entrySet()) {
            plain = plain.replace(letter.getKey(), letter.getValue());
        }
        return plain;
    }

    static List<String> words(String folded) {
        return Arrays.stream(folded.split("[^\\p{L}\\p{N}]+"))
                .filter(w -> !w.isEmpty())
                .toList();
    }

    /**
     * How well a name is meant by what was typed: 3 it begins so, 2 each word typed begins a word of it, 1 it holds each,
     * 0 not at all.
     *
     * @param typed folded, not blank
     */
    static int match(String name, String typed) {
        String folded = of(name);
        if (folded.startsWith(typed)) {
            return 3;
        }
        List<String> asked = words(typed);
        if (asked.isEmpty()) {
            return 0;
        }
        List<String> own = words(folded);
        if (asked.stream().allMatch(a -> own.stream().anyMatch(w -> w.startsWith(a)))) {
            return 2;
        }
        return asked.stream().allMatch(folded::contains) ? 1 : 0;
    }
}
