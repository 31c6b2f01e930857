package grastel.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.FieldPlan.Point;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FormStudyTest {
    private static final double SIZE = 75;

    private static ExercisePlan plan(String form, String light) {
        return Shipped.plan(
                "form-study",
                ChosenValues.of("form", form).with("light", light).with("sizeMm", SIZE),
                Shipped.WHITE_PAPER);
    }

    private static Path2D path(FieldPlan field) {
        Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        for (List<Point> loop : field.outline()) {
            path.moveTo(loop.get(0).x(), loop.get(0).y());
            loop.forEach(p -> path.lineTo(p.x(), p.y()));
            path.closePath();
        }
        return path;
    }

    private static FieldPlan zone(ExercisePlan plan, String label) {
        return plan.fields().stream()
                .filter(f -> f.label().equals(label))
                .findFirst()
                .orElseThrow();
    }

    private static double middleX(FieldPlan zone) {
        return path(zone).getBounds2D().getCenterX();
    }

    @ParameterizedTest
    @ValueSource(strings = {"SPHERE", "CYLINDER", "FOLDED_BAND", "CUPPED_PETAL", "BULGING_PETAL", "ROLLED_PETAL"})
    void zonesFitTogetherWithoutOverlap(String form) {
        ExercisePlan plan = plan(form, "UPPER_LEFT");

        assertThat(plan.fields()).hasSizeGreaterThanOrEqualTo(4).allMatch(FieldPlan::isShape);
        for (int i = 0; i < plan.fields().size(); i++) {
            Area one = new Area(path(plan.fields().get(i)));
            for (int j = 0; j < i; j++) {
                Area both = new Area(one);
                both.intersect(new Area(path(plan.fields().get(j))));
                assertThat(area(both))
                        .as("zones %d and %d overlap, mm²", i + 1, j + 1)
                        .isLessThan(1.5);
            }
        }
    }

    /** Area of a flattened shape by the shoelace formula; fine enough for what should be nothing. */
    private static double area(Area shape) {
        double[] at = new double[6];
        double sum = 0;
        double startX = 0;
        double startY = 0;
        double x = 0;
        double y = 0;
        for (var it = shape.getPathIterator(null, 0.05); !it.isDone(); it.next()) {
            int kind = it.currentSegment(at);
            double nextX = kind == java.awt.geom.PathIterator.SEG_CLOSE ? startX : at[0];
            double nextY = kind == java.awt.geom.PathIterator.SEG_CLOSE ? startY : at[1];
            if (kind == java.awt.geom.PathIterator.SEG_MOVETO) {
                startX = at[0];
                startY = at[1];
            } else {
                sum += x * nextY - nextX * y;
            }
            x = nextX;
            y = nextY;
        }
        return Math.abs(sum / 2);
    }

    @Test
    void theHighlightFollowsTheLightAndTheCoreLiesOpposite() {
        ExercisePlan left = plan("SPHERE", "UPPER_LEFT");
        ExercisePlan right = plan("SPHERE", "UPPER_RIGHT");

        assertThat(middleX(zone(left, "highlight"))).isLessThan(SIZE / 2 - 3);
        assertThat(middleX(zone(right, "highlight"))).isGreaterThan(SIZE / 2 + 3);
        assertThat(middleX(zone(left, "highlight")) + middleX(zone(right, "highlight")))
                .isCloseTo(SIZE, within(1.5));
        assertThat(middleX(zone(left, "reflected light"))).isGreaterThan(middleX(zone(left, "highlight")));
    }

    @Test
    void theSameOutlineIsHollowOrFullByWhereItsLightLies() {
        double cupped = middleX(zone(plan("CUPPED_PETAL", "LEFT"), "highlight"));
        double bulging = middleX(zone(plan("BULGING_PETAL", "LEFT"), "highlight"));

        assertThat(bulging).isLessThan(SIZE / 2);
        assertThat(cupped).isGreaterThan(SIZE / 2);
    }

    @Test
    void theHighlightIsBareTheCoreIsDarkestAndReflectedLightIsDarkerThanTheLightSide() {
        ExercisePlan plan = plan("SPHERE", "UPPER_LEFT");

        assertThat(zone(plan, "highlight").recipe().steps()).isEmpty();
        double core = zone(plan, "core shadow").askedLightness();
        double reflected = zone(plan, "reflected light").askedLightness();
        double light = zone(plan, "light").askedLightness();
        assertThat(core).isLessThan(reflected);
        assertThat(reflected).isLessThan(light);
    }

    @Test
    void analogousColouringTakesNeighboursAndEndsWithTheOwnColour() {
        ExercisePlan plan = Shipped.plan("form-study", ChosenValues.of("colouring", "ANALOGOUS"), Shipped.WHITE_PAPER);
        FieldPlan core = zone(plan, "core shadow");
        int last = core.recipe().steps().size() - 1;

        assertThat(plan.palette()).hasSizeGreaterThanOrEqualTo(3);
        assertThat(plan.palette().get(core.recipe().steps().get(last).pencil()))
                .isEqualTo(Shipped.ALL.stream()
                        .filter(p -> p.name().equals("Buoy Red"))
                        .findFirst()
                        .orElseThrow());
    }
}
