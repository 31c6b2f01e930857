package grastel.core.judging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.Lab;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.reading.PageFlag;
import grastel.core.reading.fields.FieldReading;
import grastel.core.reading.fields.Measured;
import grastel.core.reading.strips.Profile;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Goals of strips, on courses made from the plan itself and then spoiled. */
class StripGoalsTest {
    private static final ExercisePlan FADE =
            Shipped.plan("gradation-strip", ChosenValues.of("pencil", Shipped.pencil("S16")), Shipped.WHITE_PAPER);
    private static final ExercisePlan TWO =
            Shipped.plan("two-colour-fade", ChosenValues.of("pencil", Shipped.pencil("S07")), Shipped.WHITE_PAPER);
    private static final ExercisePlan THREE =
            Shipped.plan("analogous-blend", ChosenValues.of("pencil", Shipped.pencil("S07")), Shipped.WHITE_PAPER);

    /** What a strip looks like at a share of its length. */
    private interface Course {
        Lab at(double share, Lab planned);
    }

    private static Lab planned(FieldPlan field, double share) {
        List<Lab> along = field.predicted();
        double at = share * (along.size() - 1);
        int i = Math.min(along.size() - 2, (int) at);
        double s = at - i;
        Lab one = along.get(i);
        Lab two = along.get(i + 1);
        return new Lab(
                one.lightness() + s * (two.lightness() - one.lightness()),
                one.a() + s * (two.a() - one.a()),
                one.b() + s * (two.b() - one.b()));
    }

    private static Map<Goal, Proposal> judged(ExercisePlan plan, Course course, PageFlag... flags) {
        List<FieldReading> fields =
                plan.fields().stream().map(f -> reading(f, course)).toList();
        return new Judge(plan, GradeBand.DEVELOPING, Shipped.CARTRIDGE)
                .judge(Pages.of(fields, flags)).stream().collect(Collectors.toMap(Proposal::goal, Function.identity()));
    }

    private static FieldReading reading(FieldPlan field, Course course) {
        int slices = (int) field.widthMm() - 2;
        List<Lab> colours = IntStream.range(0, slices)
                .mapToDouble(i -> (i + 1.5) / field.widthMm())
                .mapToObj(share -> course.at(share, planned(field, share)))
                .toList();
        List<Double> lightness = colours.stream().map(Lab::lightness).toList();
        Profile profile = new Profile(
                1,
                1,
                lightness,
                colours.stream().map(Lab::a).toList(),
                colours.stream().map(Lab::b).toList(),
                null,
                List.of(lightness, lightness),
                0.2);
        return new FieldReading(
                field.id(),
                new FieldReading.Mean(colours.get(slices / 2), new Measured(60, 0.4), 6),
                new FieldReading.SurfaceReading(
                        new Measured(1, 0.5), new Measured(1, 0.3), new Measured(0, 0.1), false, 0),
                profile,
                null);
    }

    private static Lab lighter(Lab colour, double by) {
        return new Lab(colour.lightness() + by, colour.a(), colour.b());
    }

    @Test
    void asPlannedEveryGoalIsSecure() {
        for (ExercisePlan plan : List.of(FADE, TWO, THREE)) {
            assertThat(judged(plan, (share, colour) -> colour).values())
                    .allSatisfy(p -> assertThat(p.level())
                            .as("%s of %s: %s", p.goal(), plan.title(), p.figure())
                            .isGreaterThanOrEqualTo(Level.SECURE));
        }
    }

    @Test
    void aLineIsFoundWithItsPlace() {
        double length = FADE.fields().get(0).widthMm();
        Proposal smooth = judged(FADE, (share, colour) -> share < 0.5 ? colour : lighter(colour, 8))
                .get(Goal.SMOOTH_FADE);

        assertThat(smooth.level()).isEqualTo(Level.BEGINNING);
        assertThat(smooth.cause()).isEqualTo(Cause.BAND);
        assertThat(smooth.atMm()).isCloseTo(length / 2, within(1.5));
    }

    @Test
    void aSteepPlaceIsNotCalledALine() {
        Proposal smooth = judged(FADE, (share, colour) -> lighter(colour, 24 / (1 + Math.exp(-(share - 0.3) / 0.025))))
                .get(Goal.SMOOTH_FADE);

        assertThat(smooth.level()).isLessThan(Level.SECURE);
        assertThat(smooth.cause()).isEqualTo(Cause.FADES_TOO_FAST);
    }

    @Test
    void aFadeThatTurnsBackSaysWhere() {
        Proposal oneWay = judged(
                        FADE, (share, colour) -> lighter(colour, -9 * Math.exp(-Math.pow((share - 0.8) / 0.05, 2))))
                .get(Goal.NO_REVERSAL);

        assertThat(oneWay.figure().value()).isBetween(2.2, 9.0);
        assertThat(oneWay.cause()).isEqualTo(Cause.TURNS_BACK);
        assertThat(oneWay.level()).isLessThan(Level.SECURE);
    }

    @Test
    void aFadeThatStopsShortDoesNotReachThePaper() {
        Map<Goal, Proposal> judged =
                judged(FADE, (share, colour) -> new Lab(Math.min(colour.lightness(), 82), colour.a(), colour.b()));

        assertThat(judged.get(Goal.FADES_TO_PAPER))
                .returns(Cause.STOPS_SHORT, Proposal::cause)
                .satisfies(p -> assertThat(p.figure().value()).isCloseTo(13.2, within(1.0)));
        assertThat(judged.get(Goal.FULL_RANGE).figure().value()).isBetween(70.0, 80.0);
    }

    @Test
    void aGapAndABumpAtTheJoinAreToldApart() {
        Proposal gap = judged(TWO, (share, c) -> lighter(c, 12 * Math.exp(-Math.pow((share - 0.5) / 0.1, 2))))
                .get(Goal.CLEAN_JOIN);
        Proposal bump = judged(TWO, (share, c) -> lighter(c, -12 * Math.exp(-Math.pow((share - 0.5) / 0.1, 2))))
                .get(Goal.CLEAN_JOIN);

        assertThat(gap.cause()).isEqualTo(Cause.JOIN_GAP);
        assertThat(bump.cause()).isEqualTo(Cause.JOIN_BUMP);
        assertThat(List.of(gap.level(), bump.level())).containsOnly(Level.BEGINNING);
    }

    @Test
    void coloursThatMeetInAShortStretchDoNotOverlap() {
        FieldPlan strip = TWO.fields().get(0);
        Lab left = strip.predicted().get(0);
        Lab right = strip.predicted().get(strip.predicted().size() - 1);
        Proposal overlap = judged(TWO, (share, c) -> share < 0.5 ? left : right).get(Goal.WIDE_OVERLAP);

        assertThat(overlap.figure().value()).isLessThan(8);
        assertThat(overlap.cause()).isEqualTo(Cause.OVERLAP_NARROW);
    }

    @Test
    void aBlendThatGreysAndTurnsBackIsSeen() {
        Map<Goal, Proposal> grey = judged(
                THREE,
                (share, c) -> Math.abs(share - 0.5) < 0.06 ? new Lab(c.lightness(), c.a() * 0.4, c.b() * 0.4) : c);
        assertThat(grey.get(Goal.CHROMA_KEPT).cause()).isEqualTo(Cause.CHROMA_LOST);
        assertThat(grey.get(Goal.CHROMA_KEPT).figure().value()).isCloseTo(45, within(8.0));

        List<Lab> along = THREE.fields().get(0).predicted();
        Map<Goal, Proposal> back = judged(THREE, (share, c) -> share > 0.6 && share < 0.75 ? along.get(2) : c);
        assertThat(back.get(Goal.HUE_ONE_WAY).cause()).isEqualTo(Cause.HUE_TURNS_BACK);
    }

    @Test
    void aBlackAndWhiteCopyIsNotJudgedForColour() {
        assertThat(judged(THREE, (share, c) -> c, PageFlag.GREY).keySet())
                .doesNotContain(Goal.HUE_ONE_WAY, Goal.CHROMA_KEPT)
                .contains(Goal.SPECKS_GONE);
    }

    @Test
    void theBestOfSeveralTriesCounts() {
        List<FieldReading> fields = new ArrayList<>();
        fields.add(reading(FADE.fields().get(0), (share, c) -> share < 0.5 ? c : lighter(c, 9)));
        FADE.fields().stream().skip(1).forEach(f -> fields.add(reading(f, (share, c) -> c)));
        Proposal smooth = new Judge(FADE, GradeBand.DEVELOPING, Shipped.CARTRIDGE)
                .judge(Pages.of(fields)).stream()
                        .filter(p -> p.goal() == Goal.SMOOTH_FADE)
                        .findFirst()
                        .orElseThrow();

        assertThat(smooth.level()).isGreaterThanOrEqualTo(Level.SECURE);
    }

    @Test
    void goalsOverTwoPagesNeedBoth() {
        FieldReading first = reading(FADE.fields().get(0), (share, c) -> c);
        List<FieldReading> rest = FADE.fields().stream()
                .skip(1)
                .map(f -> reading(f, (share, c) -> c))
                .toList();
        Judge judge = new Judge(FADE, GradeBand.DEVELOPING, Shipped.CARTRIDGE);

        assertThat(judge.judge(Pages.of(List.of(first)))).isEmpty();
        assertThat(judge.judge(Pages.of(List.of(first)), List.of(Pages.of(rest))))
                .hasSameSizeAs(FADE.goals());
    }
}
