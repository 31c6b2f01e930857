package grastel.app.words;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.text.MessageFormat;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What the application answers and prints lies in the catalogue: each key that is said, and no other. */
class WordsOfTheApplicationTest {
    private static final Path CODE = Path.of("src/main/java/grastel/app");
    private static final List<String> OURS = List.of("paper.", "problem.", "thing.");

    private static Properties words() {
        Properties all = new Properties();
        for (String theme : List.of("paper", "problems")) {
            InputStream file = Objects.requireNonNull(
                    WordsOfTheApplicationTest.class.getResourceAsStream("/grastel/words/" + theme + ".properties"));
            try (Reader in = new InputStreamReader(file, StandardCharsets.UTF_8)) {
                all.load(in);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return all;
    }

    private static List<String> sources() throws IOException {
        try (Stream<Path> files = Files.walk(CODE)) {
            return files.filter(f -> f.toString().endsWith(".java"))
                    // The demo is a stage with one cast, in English.
                    .filter(f -> !f.startsWith(CODE.resolve("demo")))
                    .filter(f -> !f.toString().contains("migrations"))
                    // What stops the start is said before there is a language.
                    .filter(f -> !f.startsWith(CODE.resolve("platform/start")))
                    .map(f -> {
                        try {
                            return Files.readString(f);
                        } catch (IOException e) {
                            throw new UncheckedIOException(e);
                        }
                    })
                    .toList();
        }
    }

    private static Stream<String> matches(String text, String pattern) {
        return Pattern.compile(pattern).matcher(text).results().map(m -> m.group(1));
    }

    @Test
    void everyKeyThatIsSaidHasWordsAndTheOtherWayRound() throws IOException {
        Set<String> said = sources().stream()
                .flatMap(s -> matches(s, "(?:\\bsay\\(|message =)\\s*\"([^\"]+)\""))
                .filter(key -> OURS.stream().anyMatch(key::startsWith))
                .collect(Collectors.toCollection(TreeSet::new));
        assertThat(words().stringPropertyNames()).isEqualTo(said);
    }

    @Test
    void placesOfAPatternAreCountedFromNoughtWithoutAGap() {
        words().forEach((key, pattern) -> {
            new MessageFormat(pattern.toString(), Locale.ENGLISH);
            Set<Integer> places = matches(pattern.toString(), "\\{(\\d)")
                    .map(Integer::valueOf)
                    .collect(Collectors.toSet());
            assertThat(places)
                    .as(key.toString())
                    .isEqualTo(IntStream.range(0, places.size()).boxed().collect(Collectors.toSet()));
        });
    }

    /** Sentences that nobody reads on a screen or on paper: of the log, of faults of ours, of queries, of the start. */
    private static final Pattern NOT_READ = Pattern.compile(
            "(?s)/\\*.*?\\*/|//[^\n]*|@\\w+\\(|\\b(?:LOG\\.\\w+|Require\\.\\w+|\\w*Exception|comment|description|super|execute\\w*|prepareStatement)\\(");

    private static final Pattern QUERY = Pattern.compile(
            "(?i)^ ?(select|insert|update|delete|from|where|and|order|join|left|new|alter|create|backup|on conflict) .*|.* from [A-Z].*");

    /** Marks and codes of other formats, and what stands where there is no interface. */
    private static final Pattern FORMAT = Pattern.compile("<.*|.*CMap.*|fully graded|/CIDInit .*|\\\\ncaused by ");

    /** A sentence in the code would be in no other language. */
    @Test
    void noSentenceThatAPersonReadsStandsInTheCode() throws IOException {
        List<String> sentences = sources().stream()
                .map(WordsOfTheApplicationTest::read)
                .flatMap(source -> matches(source, "\"((?:[^\"\\\\\n]|\\\\.)*)\""))
                .filter(words -> words.matches(".*[a-z]{2,} [A-Za-z]{2,}.*"))
                .filter(words -> !QUERY.matcher(words).matches())
                .filter(words -> !FORMAT.matcher(words).matches())
                .toList();
        assertThat(sentences).isEmpty();
    }

    /** A source without what nobody reads. */
    private static String read(String source) {
        StringBuilder rest = new StringBuilder();
        Matcher not = NOT_READ.matcher(source);
        int at = 0;
        while (not.find(at)) {
            rest.append(source, at, not.start());
            at = not.group().endsWith("(") ? closed(source, not.end()) : not.end();
        }
        return rest.append(source.substring(at)).toString();
    }

    private static int closed(String source, int from) {
        int open = 1;
        int at = from;
        while (open > 0) {
            char c = source.charAt(at);
            if (c == '"') {
                at++;
                while (source.charAt(at) != '"') {
                    at += source.charAt(at) == '\\' ? 2 : 1;
                }
            } else if (c == '\'' && source.charAt(at + 2) == '\'') {
                at += 2;
            }
            open += c == '(' ? 1 : c == ')' ? -1 : 0;
            at++;
        }
        return at;
    }
}
