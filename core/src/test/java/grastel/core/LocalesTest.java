package grastel.core;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.ExerciseKinds;
import grastel.core.exercise.Setting;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.page.PageCode;
import grastel.core.recipe.Method;
import grastel.core.recipe.MethodAnswer;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Where the machine stands must not change what is printed or read: other digits, a dotless i, a decimal comma. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class LocalesTest {
    private static final Locale HERE = Locale.getDefault();

    private List<ExercisePlan> plannedHere;

    @AfterEach
    void backHere() {
        Locale.setDefault(HERE);
    }

    static Stream<String> places() {
        return Stream.of("ar-EG", "fa-IR", "mr-IN", "ne-NP", "tr-TR", "de-DE");
    }

    @Test
    void everyLocaleWritesTheSameCode() {
        PageCode code = new PageCode("7KQ2M9XB", 14);
        Locale.setDefault(Locale.ROOT);
        String here = code.toString();
        assertThat(Arrays.stream(Locale.getAvailableLocales())
                        .filter(place -> {
                            Locale.setDefault(place);
                            return !code.toString().equals(here)
                                    || PageCode.parse(here).isEmpty();
                        })
                        .toList())
                .isEmpty();
    }

    @ParameterizedTest
    @MethodSource("places")
    void everyKindIsPlannedInTheSameWords(String place) {
        if (plannedHere == null) {
            Locale.setDefault(Locale.ROOT);
            plannedHere = plans();
        }
        Locale.setDefault(Locale.forLanguageTag(place));
        assertThat(plans()).isEqualTo(plannedHere);
    }

    private static List<ExercisePlan> plans() {
        Setting white = Shipped.on(Shipped.CARTRIDGE, new Method(List.of(MethodAnswer.SOLVENT_SPARING)));
        return ExerciseKinds.all().stream()
                .map(ExerciseKind::id)
                .map(id -> Shipped.plan(id, ChosenValues.NONE, id.equals("toned-scale") ? Shipped.BROWN_PAPER : white))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("places")
    void whatCannotBeIsSaidInTheSameWords(String place) {
        ExerciseKind scale = ExerciseKinds.of("pressure-scale").orElseThrow();
        Locale.setDefault(Locale.forLanguageTag(place));
        assertThat(ChosenValues.of("steps", 14).with("boxMm", 99.5).problems(scale.parameters(Shipped.WHITE_PAPER)))
                .extracting(ChosenValues.Problem::words)
                .allMatch(words -> words.matches("[\\x20-\\x7e–…,]+"), "ASCII digits and points")
                .anyMatch(words -> words.contains("14"))
                .anyMatch(words -> words.contains("99.5"));
    }
}
