package grastel.app.platform;

import java.text.Normalizer;
import java.util.Locale;

/** Words as they are compared: without case and accents. */
public final class PlainWords {
    private PlainWords() {}

    /** Lower case, without the marks a letter can be written without; a dotless i has its dot. */
    public static String of(String words) {
        return Normalizer.normalize(words, Normalizer.Form.NFKD)
                .replaceAll("\\p{Mn}", "")
                .toLowerCase(Locale.ROOT)
                .replace('ı', 'i');
    }
}
