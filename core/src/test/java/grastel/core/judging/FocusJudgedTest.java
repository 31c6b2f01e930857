package grastel.core.judging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.checks.Require;
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
import java.util.function.ToDoubleBiFunction;
import org.junit.jupiter.api.Test;

/** Whether the strongest contrast lies where the eye is to go. */
class FocusJudgedTest {
    private static final ExercisePlan PLAN = Shipped.plan(
            "finished-piece", ChosenValues.NONE, Pieces.setting(Pieces.of(HarbourFind.ENAMEL_MUG, 100, 125)));
    private static final PicturePlan PICTURE = PLAN.fields().get(0).picture();

    /** @param share of the way from middle grey to what was planned, by how far a cell lies from the focus in radii */
    private static Proposal judged(ToDoubleBiFunction<Double, Double> share) {
        PicturePlan.FocusPoint focus = PICTURE.guide().focus();
        byte[] places = PICTURE.places();
        Lab[] drawn = new Lab[places.length];
        for (int i = 0; i < drawn.length; i++) {
            double x = i % PICTURE.columns() + 0.5 - focus.at().x();
            double y = i / PICTURE.columns() + 0.5 - focus.at().y();
            double kept = share.applyAsDouble(x / focus.radiusMm(), y / focus.radiusMm());
            Lab planned = PICTURE.predicted(places[i]);
            drawn[i] = new Lab(60 + kept * (planned.lightness() - 60), planned.a(), planned.b());
        }
        Measured none = new Measured(0, 0.5);
        FieldReading read = new FieldReading(
                "1",
                new FieldReading.Mean(new Lab(60, 0, 0), new Measured(60, 0.5), 6),
                new FieldReading.SurfaceReading(none, none, none, false, 0),
                null,
                null,
                PictureReading.of(PICTURE.columns(), PICTURE.rows(), drawn, null, null));
        PageReading page = new PageReading(List.of(read), 200, 0, 0.01, 4, List.of(), null);
        return Require.key(
                DrawnPiece.everything(new Judge(PLAN, GradeBand.DEVELOPING, Shipped.CARTRIDGE), page),
                Goal.STRONGEST_AT_FOCUS);
    }

    @Test
    void drawnAsPlannedTheFocusIsStrongest() {
        Proposal proposal = judged((x, y) -> 1.0);
        assertThat(proposal.level()).isGreaterThanOrEqualTo(Level.SECURE);
        assertThat(proposal.figure().value()).isGreaterThan(90);
    }

    @Test
    void allPalerMovesNoFocus() {
        assertThat(judged((x, y) -> 0.5).figure().value())
                .isCloseTo(judged((x, y) -> 1.0).figure().value(), within(4.0));
    }

    @Test
    void whereTheFocusIsTameAnotherPlaceLeadsTheEye() {
        Proposal proposal = judged((x, y) -> Math.hypot(x, y) < 1.2 ? 0.3 : 1.0);
        assertThat(proposal.cause()).isEqualTo(Cause.FOCUS_WEAK);
        assertThat(proposal.level()).isLessThan(Level.SECURE);
    }
}
