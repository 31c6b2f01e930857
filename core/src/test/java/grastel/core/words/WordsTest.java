package grastel.core.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import com.ibm.icu.text.MessageFormat;
import grastel.core.exercise.goal.Goal;
import grastel.core.judging.Cause;
import grastel.core.layering.PressureGrade;
import grastel.core.media.ColourFamily;
import grastel.core.planning.Skill;
import grastel.core.recipe.MethodAnswer;
import grastel.core.recipe.MethodAnswer.Question;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class WordsTest {
    private static final Map<String, String> ENGLISH = Words.of(Locale.ENGLISH);
    private static final Path CODE = Path.of("src/main/java/grastel/core");
    /** Keys that the code puts together. */
    private static final List<String> MADE =
            List.of("called.", "goal.", "figure.", "cause.", "answer.", "question.", "mixing-from-few.");
    /** Texts of files and of what others wrote, which are no words of ours. */
    private static final List<String> NO_WORDS =
            List.of("media/colourfile", "page/Scripts", "page/Typeface", "PictureFile");

    @Test
    void fillsInWhatThePatternStandsFor() {
        assertThat(Words.say("pressure-scale.steps-2", 7, 5)).isEqualTo("7 → 5 steps");
        assertThat(Words.say("asked.outside", "Box side, mm", 12.0, 30.5, 40))
                .isEqualTo("Box side, mm: from 12 to 30.5, not 40.");
    }

    @Test
    void aKeyWithoutWordsIsNamed() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Words.say("goal.NONE.label"))
                .withMessageContaining("goal.NONE.label");
    }

    @Test
    void anotherLanguageNeedsFilesOnlyAndMayBeIncomplete() {
        Map<String, String> swedish = Words.of(Locale.forLanguageTag("sv"));
        assertThat(swedish).containsEntry("goal.ORDER.label", "I ordning");
        assertThat(swedish.get("goal.ORDER.unit")).isEqualTo("L*");
        assertThat(swedish.keySet()).isEqualTo(ENGLISH.keySet());
    }

    @Test
    void everyKeyOfTheCodeHasWordsAndAllWordsAreSaid() {
        Set<String> said = sources()
                .flatMap(s -> matches(s, "\\bsay\\(\\s*\"([^\"]+)\"").stream())
                .filter(key -> key.contains("."))
                .collect(Collectors.toCollection(TreeSet::new));
        said.removeAll(MADE);
        assertThat(ENGLISH.keySet()).containsAll(said);
        assertThat(ENGLISH.keySet())
                .allSatisfy(
                        key -> assertThat(said.contains(key) || MADE.stream().anyMatch(key::startsWith))
                                .as(key)
                                .isTrue());
    }

    @Test
    void whatIsCalledSomethingIsAConstantOfTheCode() {
        List<String> code = sources().toList();
        assertThat(ENGLISH.keySet().stream().filter(key -> key.startsWith("called.")))
                .isNotEmpty()
                .allSatisfy(key -> {
                    String[] parts = key.split("\\.");
                    assertThat(code).anyMatch(s -> s.contains("enum " + parts[1] + " ") && s.contains(parts[2]));
                });
        assertThat(Skill.values()).allSatisfy(s -> assertThat(Words.called(s)).isNotBlank());
        assertThat(PressureGrade.values())
                .allSatisfy(g -> assertThat(Words.called(g)).isNotBlank());
        assertThat(ColourFamily.values())
                .allSatisfy(f -> assertThat(Words.called(f)).isNotBlank());
    }

    @Test
    void placesOfAPatternAreCountedFromNoughtWithoutAGap() {
        ENGLISH.forEach((key, pattern) -> {
            new MessageFormat(pattern, Locale.ENGLISH);
            Set<Integer> places =
                    matches(pattern, "\\{(\\d)").stream().map(Integer::valueOf).collect(Collectors.toSet());
            assertThat(places)
                    .as(key)
                    .isEqualTo(IntStream.range(0, places.size()).boxed().collect(Collectors.toSet()));
        });
    }

    @ParameterizedTest
    @EnumSource
    void everyGoalSaysWhatItIsAndWhatItCannotSee(Goal goal) {
        assertThat(List.of(
                        goal.label(), goal.figure(), goal.unit(), goal.measures(), goal.standsFor(), goal.cannotSee()))
                .allSatisfy(words -> assertThat(words).isNotBlank().doesNotEndWith("."));
        assertThat(goal.praise()).matches("\\p{Lu}.*\\.");
    }

    @Test
    void everyCauseQuestionAndAnswerHasWords() {
        assertThat(Cause.values())
                .allSatisfy(c -> assertThat(c.sign() + c.next()).isNotBlank());
        assertThat(Question.values()).allSatisfy(q -> assertThat(q.label()).isNotBlank());
        assertThat(MethodAnswer.values()).allSatisfy(s -> assertThat(s.reason()).matches("\\p{Lu}.*\\."));
        assertThat(Arrays.stream(MethodAnswer.values()).map(MethodAnswer::label))
                .doesNotHaveDuplicates();
    }

    /** What a person reads lies in the catalogue: the code has names of files and what a programmer is told. */
    @Test
    void noWordsStandInTheCode() {
        List<String> strays = files().filter(f -> NO_WORDS.stream().noneMatch(f.toString()::contains))
                .flatMap(f -> matches(withoutFaults(text(f)), "\"((?:[^\"\\\\]|\\\\.)*)\"").stream()
                        .filter(s -> s.matches("(?s).*[a-z]{2,} .*|.* [a-z]{2,}.*"))
                        .map(s -> CODE.relativize(f) + ": " + s))
                .toList();
        assertThat(strays).isEmpty();
    }

    /** Comments, exceptions and what {@code Require} says of a fault of ours. */
    private static String withoutFaults(String source) {
        String code = source.replaceAll("(?s)/\\*.*?\\*/", "").replaceAll("//[^\n]*", "");
        Matcher fault = Pattern.compile("new \\w*Exception\\(|Require\\.present\\(|super\\(")
                .matcher(code);
        StringBuilder rest = new StringBuilder();
        int at = 0;
        while (fault.find(at)) {
            rest.append(code, at, fault.start());
            at = closed(code, fault.end());
        }
        return rest.append(code.substring(at)).toString();
    }

    /** Behind the bracket that closes what was opened before a place. */
    private static int closed(String code, int from) {
        int open = 1;
        int at = from;
        while (open > 0) {
            char c = code.charAt(at);
            if (c == '"') {
                at = code.indexOf('"', at + 1);
            }
            open += c == '(' ? 1 : c == ')' ? -1 : 0;
            at++;
        }
        return at;
    }

    private static Stream<String> sources() {
        return files().map(WordsTest::text);
    }

    private static Stream<Path> files() {
        try (Stream<Path> all = Files.walk(CODE)) {
            return all.filter(f -> f.toString().endsWith(".java")).toList().stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String text(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<String> matches(String text, String pattern) {
        return Pattern.compile(pattern)
                .matcher(text)
                .results()
                .map(m -> m.group(1))
                .toList();
    }
}
