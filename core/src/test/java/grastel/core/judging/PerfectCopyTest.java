package grastel.core.judging;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.colour.Lab;
import grastel.core.exercise.Pieces;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.reading.PageReading;
import grastel.core.reading.fields.FieldReading;
import grastel.core.reading.fields.Measured;
import grastel.core.reading.fields.PictureReading;
import grastel.core.stilllife.HarbourFind;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A piece that is drawn exactly as it was planned has nothing to mend. */
class PerfectCopyTest {
    private static Map<Goal, Proposal> judged(ExercisePlan plan) {
        PicturePlan picture = plan.fields().get(0).ownPicture();
        Lab[] drawn = IntStream.range(0, picture.places().length)
                .mapToObj(i -> picture.predicted(picture.places()[i]))
                .toArray(Lab[]::new);
        Measured none = new Measured(0, 0.5);
        FieldReading read = new FieldReading(
                plan.fields().get(0).id(),
                new FieldReading.Mean(new Lab(60, 0, 0), new Measured(60, 0.5), 6),
                new FieldReading.SurfaceReading(none, none, none, false, 0),
                null,
                null,
                PictureReading.of(picture.columns(), picture.rows(), drawn, null, null));
        PageReading page = new PageReading(List.of(read), 200, 0, 0.01, 4, List.of(), null);
        return DrawnPiece.everything(new Judge(plan, GradeBand.DEVELOPING, Shipped.CARTRIDGE), page);
    }

    @ParameterizedTest
    @EnumSource(HarbourFind.class)
    void everyGoalIsSecureAndEveryHighlightKept(HarbourFind find) {
        ExercisePlan plan =
                Shipped.plan("finished-piece", ChosenValues.NONE, Pieces.setting(Pieces.of(find, 100, 125)));
        Map<Goal, Proposal> as = judged(plan);
        assertThat(as.values()).as("%s", as).allMatch(p -> p.level().compareTo(Level.SECURE) >= 0);
        if (as.containsKey(Goal.HIGHLIGHTS_LEFT)) {
            assertThat(as.get(Goal.HIGHLIGHTS_LEFT).figure().value()).isGreaterThan(99);
        }
    }
}
