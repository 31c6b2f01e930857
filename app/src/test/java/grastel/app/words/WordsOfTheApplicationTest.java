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
                .flatMap(s -> matches(s, "\\bsay\\(\\s*\"([^\"]+)\""))
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

    /** A sentence in the code where an answer is made would be in no other language. */
    @Test
    void noAnswerIsMadeOfASentenceInTheCode() throws IOException {
        List<String> sentences = sources().stream()
                .flatMap(WordsOfTheApplicationTest::answers)
                .flatMap(answer -> matches(answer, "\"((?:[^\"\\\\]|\\\\.)*)\""))
                .filter(words -> words.matches(".*[a-z]{2,} .*|.* [a-z]{2,}.*"))
                .toList();
        assertThat(sentences).isEmpty();
    }

    /** What stands in the brackets of each problem that is made. */
    private static Stream<String> answers(String source) {
        return Pattern.compile("ApiProblem(?:\\.invalid|\\.conflict)?\\(")
                .matcher(source)
                .results()
                .map(made -> source.substring(made.end(), closed(source, made.end())));
    }

    private static int closed(String source, int from) {
        int open = 1;
        int at = from;
        while (open > 0) {
            char c = source.charAt(at);
            if (c == '"') {
                at = source.indexOf('"', at + 1);
            }
            open += c == '(' ? 1 : c == ')' ? -1 : 0;
            at++;
        }
        return at;
    }
}
