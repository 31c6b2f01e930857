package grastel.core.judging;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.exercise.Pieces;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.page.PageSize;
import grastel.core.reading.DrawnSheet;
import grastel.core.reading.PageReader;
import grastel.core.reading.PageReading;
import grastel.core.reading.SketchbookPage;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reading.place.FoundPage;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.hand.PieceTask;
import grastel.core.scanner.hand.PieceTask.Fault;
import grastel.core.scanner.picture.ScanConditions;
import grastel.core.stilllife.HarbourFind;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Pieces in a sketchbook, photographed without anything printed beside them, corners pointed at by hand. */
@Tag("picture")
class WithoutMarkersTest {
    private static final ScanConditions PHONE = new ScanConditions(120, -5, 10, 200, 0.2, 0.04, 1.5, 0.9, 0, 15);
    /** A hand points so near, pixels: 1 mm. */
    private static final double POINTED = 5;

    private static Map<Goal, Proposal> judged(ExercisePlan asked, ExercisePlan drawn, Fault fault, long seed)
            throws UnreadablePage {
        DrawnSheet sheet = DrawnSheet.of(drawn, Shipped.CARTRIDGE, PageSize.A4);
        SketchbookPage page = SketchbookPage.of(
                sheet,
                List.of(PieceTask.of(drawn, drawn.fields().get(0), fault)),
                Shipped.CARTRIDGE,
                Hand.ofSkill(0.9, new Random(seed)),
                PHONE,
                seed);
        PageReading read = PageReader.measure(
                        page.picture(),
                        FoundPage.drawing(page.pointedAt(POINTED, seed)),
                        sheet.page(),
                        Shipped.CARTRIDGE,
                        PageReader.KeyColours.UNKNOWN)
                .reading();
        return DrawnPiece.everything(new Judge(asked, GradeBand.DEVELOPING, Shipped.CARTRIDGE), read);
    }

    private static ExercisePlan plan(HarbourFind find) {
        return Shipped.plan("finished-piece", ChosenValues.NONE, Pieces.setting(Pieces.of(find, 100, 125)));
    }

    @ParameterizedTest
    @EnumSource(HarbourFind.class)
    void aSteadyPieceIsSecureInAllThatIsTold(HarbourFind find) throws UnreadablePage {
        Map<Goal, Proposal> as = judged(plan(find), plan(find), Fault.NONE, 1);
        assertThat(as).containsKeys(Goal.PICTURE_RANGE, Goal.PICTURE_VALUES);
        assertThat(as).doesNotContainKeys(Goal.PROPORTION, Goal.EDGES_CRISP, Goal.NO_DARK_LINES);
        assertThat(as.values()).as("%s", as).allMatch(p -> p.level().compareTo(Level.SECURE) >= 0 || p.close());
    }

    @Test
    void faultsAreStillNamed() throws UnreadablePage {
        ExercisePlan mug = plan(HarbourFind.ENAMEL_MUG);
        assertThat(judged(mug, mug, Fault.ALL_MIDDLE, 1).get(Goal.PICTURE_RANGE).cause())
                .isIn(Cause.VALUES_IN_THE_MIDDLE, Cause.DARKS_MISSING, Cause.LIGHTS_COVERED);
        assertThat(judged(mug, mug, Fault.WRONG_LIGHT, 1)
                        .get(Goal.LIGHT_AS_PLANNED)
                        .cause())
                .isIn(Cause.LIGHT_TURNED, Cause.LIGHT_UNCLEAR);
        ExercisePlan glass = plan(HarbourFind.GLASS_FLOAT);
        assertThat(judged(glass, glass, Fault.LOST_HIGHLIGHT, 1)
                        .get(Goal.HIGHLIGHTS_LEFT)
                        .cause())
                .isEqualTo(Cause.HIGHLIGHT_GONE);
    }

    /** Somebody drew what they liked: of that the plan knows nothing but how far its darks go. */
    @Test
    void whatIsNotThePlansPictureIsNotHeldAgainstIt() throws UnreadablePage {
        Map<Goal, Proposal> as = judged(plan(HarbourFind.ENAMEL_MUG), plan(HarbourFind.GLASS_FLOAT), Fault.NONE, 1);
        assertThat(as).containsOnlyKeys(Goal.PICTURE_RANGE);
    }
}
