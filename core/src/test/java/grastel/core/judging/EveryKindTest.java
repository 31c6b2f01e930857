package grastel.core.judging;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.ExerciseKinds;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.media.Paper;
import grastel.core.page.PageSize;
import grastel.core.reading.DrawnSheet;
import grastel.core.reading.PageReader;
import grastel.core.reading.PageReading;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.ScanConditions;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every kind, printed, drawn by an exact hand, scanned, read and judged: what was asked for must be seen as done. */
@Tag("picture")
class EveryKindTest {
    private static final ScanConditions SCAN = new ScanConditions(300, 1, 2, 0, 0.2, 0.02, 1.5, 0.9, 0, 4);
    /** Needs a method with solvent; burnish trio stands for it. */
    private static final String SOLVENT = "solvent-split";

    private final PageReader reader = new PageReader();

    static Stream<String> kinds() {
        return ExerciseKinds.all().stream().map(ExerciseKind::id).filter(id -> !id.equals(SOLVENT));
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void anExactHandIsSecureInWhatCanBeDone(String kind) throws UnreadablePage {
        Paper paper = kind.contains("toned") ? Shipped.BROWN : Shipped.CARTRIDGE;
        ChosenValues fewer = kind.equals("tint-hue-shade")
                ? ChosenValues.of("families", List.of("RED", "ORANGE", "GREEN", "BLUE"))
                : ChosenValues.NONE;
        DrawnSheet sheet = DrawnSheet.of(kind, fewer, paper, PageSize.A4);
        PageReading reading = sheet.read(reader, sheet.scan(Hand.EXACT, SCAN, 7), sheet.inks());
        List<Proposal> proposals = new Judge(sheet.plan(), GradeBand.DEVELOPING, paper).judge(reading);

        assertThat(proposals)
                .as("every goal whose fields are on the page is judged")
                .hasSizeGreaterThanOrEqualTo(1)
                .hasSize((int) sheet.plan().goals().stream()
                        .filter(g -> sheet.page().fields().stream()
                                .map(f -> f.id())
                                .toList()
                                .containsAll(g.fields()))
                        .count());
        // The nearest complement of the shipped kit still leaves chroma 17 in the middle: the plan says so.
        assertThat(proposals)
                .filteredOn(p -> p.goal() != Goal.NEUTRAL_MIDDLE)
                .allSatisfy(p -> assertThat(p.level())
                        .as("%s: %s, %s at %s", p.goal(), p.figure(), p.cause(), p.field())
                        .isGreaterThanOrEqualTo(Level.SECURE));
        assertThat(reading.flags()).isEmpty();
        assertThat(reading.keys().suspects()).isEmpty();
    }
}
