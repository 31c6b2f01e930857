package grastel.core.words;

import com.ibm.icu.text.MessageFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.ResourceBundle.Control;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * The words of one language by their keys. Language is the JVM's property {@value #PROPERTY}, a language tag; English where it
 * is not set. A language is added by files beside the English ones, such as {@code goals_de.properties}; what is missing in them
 * is said in English. Patterns are ICU's, which has plurals: {@code {0,plural,one{# layer} other{# layers}}}.
 */
public final class Words {
    /** System property with the language's tag. */
    public static final String PROPERTY = "grastel.language";

    /** Of the core, and of whatever application has more to say. */
    private static final List<String> THEMES =
            List.of("exercises", "goals", "figures", "causes", "method", "called", "paper", "problems");

    private static final Locale LANGUAGE = Locale.forLanguageTag(System.getProperty(PROPERTY, "en"));
    private static final Map<String, String> ALL = of(LANGUAGE);

    private Words() {}

    /** The tag of the language that is spoken, as browsers know it. */
    public static String language() {
        return LANGUAGE.toLanguageTag();
    }

    /**
     * What a key says.
     *
     * @param with what the pattern's {0}, {1} … stand for
     * @throws IllegalArgumentException where no theme has the key
     */
    public static String say(String key, @Nullable Object... with) {
        String pattern = ALL.get(key);
        if (pattern == null) {
            throw new IllegalArgumentException("There are no words for " + key);
        }
        // Most stand for themselves, and are said by the thousand for a wall.
        return with.length == 0 && pattern.indexOf('{') < 0
                ? pattern
                : new MessageFormat(pattern, LANGUAGE).format(with);
    }

    /** What a constant is called, as the middle of a sentence has it. */
    public static String called(Enum<?> constant) {
        return say("called." + constant.getDeclaringClass().getSimpleName() + "." + constant.name());
    }

    /** The language that is spoken, by which dates are written out. */
    public static Locale locale() {
        return LANGUAGE;
    }

    /** All patterns of a language, English where it has none of its own. */
    static Map<String, String> of(Locale language) {
        Map<String, String> all = new TreeMap<>();
        for (String theme : THEMES) {
            if (Words.class.getResource("/grastel/words/" + theme + ".properties") == null) {
                continue;
            }
            ResourceBundle words = ResourceBundle.getBundle(
                    "grastel.words." + theme, language, Control.getNoFallbackControl(Control.FORMAT_PROPERTIES));
            words.keySet().forEach(key -> all.put(key, words.getString(key)));
        }
        return all;
    }
}
