package grastel.core.scanner.hand;

import grastel.core.exercise.plan.PicturePlan;
import grastel.core.exercise.plan.PicturePlan.Texture;
import grastel.core.exercise.texture.StrokeMarks;
import grastel.core.exercise.texture.StrokeMarks.Habit;
import org.jspecify.annotations.Nullable;

/**
 * A picture with strokes: over its tones, darker where one lies and lighter between; or of its tones' own layers, pressed harder
 * where one lies. The tone in the mean is the plan's.
 */
final class StrokeTask implements FieldTask.Drawing {
    /** Lengths differ the more, the less steady a hand presses. */
    private static final double UNEVEN = 2;
    /** How much harder a stroke is pressed than what lies between, share of the pressure asked. */
    private static final double PRESSED = 0.7;

    private final FieldTask.Drawing under;
    private final PicturePlan plan;
    private final Texture texture;
    private final Habit habit;
    private final double relief;
    private final @Nullable StrokeMarks marks;

    private StrokeTask(
            FieldTask.Drawing under,
            PicturePlan plan,
            Texture texture,
            Habit habit,
            double relief,
            @Nullable StrokeMarks marks) {
        this.under = under;
        this.plan = plan;
        this.texture = texture;
        this.habit = habit;
        this.relief = relief;
        this.marks = marks;
    }

    /** What a plan asks for. @param habit of whoever draws beside that of the hand; @param firm share of the asked relief */
    static FieldTask.Drawing of(FieldTask.Drawing under, PicturePlan plan, Habit habit, double firm) {
        Texture texture = plan.texture();
        return texture == null || texture.strokeMm() == 0
                ? under
                : new StrokeTask(under, plan, texture, habit, firm * texture.relief(), null);
    }

    @Override
    public FieldTask.Drawing by(Hand hand, long seed) {
        Habit own = new Habit(
                habit.swing() + hand.swing() / 2,
                habit.length(),
                habit.uneven() + UNEVEN * hand.pressureScatter(),
                habit.ownWay());
        return new StrokeTask(under.by(hand, seed), plan, texture, habit, relief, StrokeMarks.of(plan, own, seed));
    }

    @Override
    public double tone(double across, double down) {
        double tone = under.tone(across, down);
        return marks == null || texture.madeByPressure()
                ? tone
                : marks.tone(tone, relief, across * plan.columns() * plan.cellMm(), down * plan.rows() * plan.cellMm());
    }

    @Override
    public double pressure(double across, double down) {
        double pressure = under.pressure(across, down);
        return marks == null || !texture.madeByPressure()
                ? pressure
                : pressure
                        * pressed(
                                marks.at(across * plan.columns() * plan.cellMm(), down * plan.rows() * plan.cellMm()));
    }

    private static double pressed(double cover) {
        return 1 + PRESSED * (cover - StrokeMarks.MEAN);
    }

    @Override
    public double leastPressure() {
        return under.leastPressure() * (texture.madeByPressure() ? pressed(0) : 1);
    }

    @Override
    public double mostPressure() {
        return under.mostPressure() * (texture.madeByPressure() ? pressed(1) : 1);
    }
}
