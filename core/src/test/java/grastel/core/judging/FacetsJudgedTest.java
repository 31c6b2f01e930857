package grastel.core.judging;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.exercise.ExercisePlan;
import grastel.core.exercise.Goal;
import grastel.core.exercise.GradeBand;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.Values;
import grastel.core.page.PageSize;
import grastel.core.reading.DrawnSheet;
import grastel.core.reading.PageReader;
import grastel.core.reading.PageReading;
import grastel.core.reading.Picture;
import grastel.core.reading.UnreadablePage;
import grastel.core.scanner.Hand;
import grastel.core.scanner.PieceTask;
import grastel.core.scanner.PieceTask.Fault;
import grastel.core.scanner.ScanConditions;
import grastel.core.scanner.SimulatedScanner;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Compositions drawn, printed lines and all, scanned, read and judged. */
class FacetsJudgedTest {
    private static final double PX_PER_MM = 6;
    private static final ScanConditions SCAN = new ScanConditions(150, 1, 2, 0, 0.1, 0.02, 1.5, 0.9, 0, 4);

    private static Map<Goal, Proposal> judged(Values values, Fault fault, long seed) throws UnreadablePage {
        ExercisePlan plan = Shipped.plan("faceted-composition", values, Shipped.WHITE_PAPER);
        DrawnSheet sheet = DrawnSheet.of(plan, Shipped.CARTRIDGE, PageSize.A4);
        Picture picture = Picture.of(new SimulatedScanner(Shipped.CARTRIDGE, PX_PER_MM)
                .picture(
                        sheet.page(),
                        List.of(PieceTask.of(plan, plan.fields().get(0), fault)),
                        plan.palette(),
                        Hand.ofSkill(0.9, new Random(seed)),
                        SCAN,
                        seed));
        PageReading read = PageReader.measure(
                        picture, new PageReader().find(picture), sheet.page(), Shipped.CARTRIDGE, sheet.inks())
                .reading();
        return new Judge(plan, GradeBand.DEVELOPING, Shipped.CARTRIDGE)
                .judge(read).stream().collect(Collectors.toMap(Proposal::goal, p -> p));
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void aSteadyHandIsSecureInAllOfIt(int variant) throws UnreadablePage {
        Map<Goal, Proposal> judged =
                judged(Values.of("variant", variant).with("colours", variant), Fault.NONE, variant);
        assertThat(judged).containsKeys(Goal.EDGES_READ, Goal.FADES_TURN, Goal.SMOOTH_AREAS);
        assertThat(judged.values())
                .allSatisfy(p ->
                        assertThat(p.level()).as("%s %s", p.goal(), p.figure()).isGreaterThanOrEqualTo(Level.SECURE));
    }

    @Test
    void whatIsWrongIsNamed() throws UnreadablePage {
        Values values = Values.of("colours", 1);
        assertThat(judged(values, Fault.ALL_MIDDLE, 4).get(Goal.EDGES_READ).cause())
                .isEqualTo(Cause.EDGE_LOST);
        // Mirrored from left to right: what fades up or down is as it was.
        assertThat(fades(judged(values, Fault.WRONG_LIGHT, 5))).isLessThan(fades(judged(values, Fault.NONE, 5)) - 10);
        assertThat(judged(values, Fault.STRIPES, 7).get(Goal.SMOOTH_AREAS).cause())
                .isEqualTo(Cause.STRIPED);
    }

    private static double fades(Map<Goal, Proposal> judged) {
        return judged.get(Goal.FADES_TURN).figure().value();
    }
}
