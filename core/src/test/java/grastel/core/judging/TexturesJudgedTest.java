package grastel.core.judging;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.goal.Goal;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.scanner.hand.PieceTask.Fault;
import grastel.core.scanner.picture.ScanConditions;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Surfaces drawn stroke by stroke, scanned, read and judged: what was done wrong is named. */
@Tag("picture")
class TexturesJudgedTest {
    /** Variants of each; more for the table in docs/projects.md. */
    private static final int EACH = Integer.getInteger("textures.each", 1);

    /** Finer than the sheet is drawn: what blurs is the drawing, not the device. */
    private static final ScanConditions FINE = new ScanConditions(300, 1, 3, 0.02, 0.1, 0.04, 2.5, 0.92, 0, 4);

    private static Map<Goal, Proposal> judged(
            String surface, int variant, Fault fault, double skill, ScanConditions conditions) throws UnreadablePage {
        ChosenValues values = ChosenValues.of("surface", surface).with("variant", variant);
        return DrawnPiece.judged("texture-study", values, fault, skill, conditions, variant);
    }

    @ParameterizedTest
    @CsvSource({"FUR, 1", "FUR, 5", "ROPE, 2", "ROPE, 6", "CLOTH, 3", "CLOTH, 7", "GLOSS, 4", "GLASS, 1", "RUST, 2"})
    void aSteadyHandIsSecureInAllOfIt(String surface, int variant) throws UnreadablePage {
        for (int more = 0; more < EACH; more++) {
            Map<Goal, Proposal> judged = judged(surface, variant + 10 * more, Fault.NONE, 0.9, DrawnPiece.SCAN);
            assertThat(judged).hasSizeGreaterThanOrEqualTo(2);
            assertThat(judged.values())
                    .allSatisfy(p -> assertThat(p.level())
                            .as("%s %s", p.goal(), p.figure())
                            .isGreaterThanOrEqualTo(Level.SECURE));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "FUR, ONE_WAY, STROKES_FOLLOW, ACROSS_THE_GROWTH",
        "ROPE, ONE_WAY, STROKES_FOLLOW, ACROSS_THE_GROWTH",
        "CLOTH, ONE_WAY, STROKES_FOLLOW, ACROSS_THE_GROWTH",
        "FUR, LONG_STROKES, STROKE_LENGTH, STROKES_LONG",
        "CLOTH, LONG_STROKES, STROKE_LENGTH, STROKES_LONG",
        "FUR, SHORT_STROKES, STROKE_LENGTH, STROKES_SHORT",
        "CLOTH, SHORT_STROKES, STROKE_LENGTH, STROKES_SHORT",
        "FUR, RUBBED, DETAIL_SHOWS, DETAIL_WEAK",
        "ROPE, RUBBED, DETAIL_SHOWS, DETAIL_WEAK",
        "FUR, RUBBED, STROKES_FOLLOW, NO_DIRECTION",
        "RUST, FILLED, TOOTH_LEFT, TOOTH_FILLED",
        "GLOSS, SOFT_EDGES, EDGES_CRISP, EDGES_SOFT",
        "GLASS, SOFT_EDGES, EDGES_CRISP, EDGES_SOFT",
        "GLOSS, LOST_HIGHLIGHT, HIGHLIGHTS_LEFT, HIGHLIGHT_GONE",
        "CLOTH, ALL_MIDDLE, PATTERN_READS, PATTERN_LOST"
    })
    void whatIsWrongIsNamed(String surface, Fault fault, Goal goal, Cause cause) throws UnreadablePage {
        for (int variant = 3; variant < 3 + EACH; variant++) {
            Proposal proposal =
                    judged(surface, variant, fault, 0.9, DrawnPiece.SCAN).get(goal);
            assertThat(proposal.level())
                    .as("variant %s: %s", variant, proposal.figure())
                    .isLessThan(Level.SECURE);
            assertThat(proposal.cause()).isEqualTo(cause);
        }
    }

    /** The same drawing of exact strokes by two devices: figures hold what was drawn, whichever looked. */
    @Test
    void figuresAreThoseOfTheDrawingNotOfTheDevice() throws UnreadablePage {
        for (ScanConditions device : List.of(DrawnPiece.SCAN, FINE)) {
            Map<Goal, Proposal> judged = judged("FUR", 8, Fault.NONE, 1, device);
            assertThat(judged.get(Goal.DETAIL_SHOWS).figure().value()).isBetween(75.0, 125.0);
            assertThat(judged.get(Goal.STROKES_FOLLOW).figure().value()).isLessThan(14);
            assertThat(judged.get(Goal.STROKE_LENGTH).figure().value()).isLessThan(35);
        }
    }
}
