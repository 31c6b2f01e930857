package grastel.core.exercise.twocolourfade;

import static grastel.core.words.Words.say;

import grastel.core.colour.Lab;
import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.Parameters;
import grastel.core.exercise.PencilChoice;
import grastel.core.exercise.PlanBuilder;
import grastel.core.exercise.Setting;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.Finding;
import grastel.core.exercise.asked.Finding.Remedy;
import grastel.core.exercise.asked.ImpossibleExercise;
import grastel.core.exercise.asked.Parameter;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.Recipe.Step;
import grastel.core.exercise.plan.Span;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.advice.CommonMistake;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Two colours, each dark at its own end, fading into one another without a gap or a bump. */
public final class TwoColourFade implements ExerciseKind {
    private static final String SECOND = "second";
    private static final String OVERLAP = "overlapMm";
    /** A join this far from the straight way is seen, L*. */
    private static final double SEEN_JOIN = 4;
    /** An overlap of less than this share of the strip asks much of a hand. */
    private static final double NARROW = 0.2;

    @Override
    public String id() {
        return "two-colour-fade";
    }

    @Override
    public String name() {
        return say("two-colour-fade.name");
    }

    @Override
    public String teaches() {
        return say("two-colour-fade.teaches");
    }

    @Override
    public List<Parameter> parameters(Setting setting) {
        List<Pencil> fitting = PencilChoice.darkening(setting.pressed());
        return List.of(
                Parameters.pencil(say("two-colour-fade.first-colour-at-the"), fitting),
                new Parameter.OnePencil(SECOND, say("two-colour-fade.second-colour-at-the"), fitting, null),
                new Parameter.Measure(OVERLAP, say("two-colour-fade.overlap-mm"), 10, 160, null),
                Parameters.length(),
                Parameters.height());
    }

    @Override
    public ExercisePlan plan(ChosenValues values, Setting setting) {
        Pencil first = Parameters.chosen(values, Parameters.PENCIL, say("exercise.that-darkens-this-paper"), setting);
        Pencil second = values.pencil(SECOND).orElseGet(() -> partner(first, setting));
        if (second.equals(first)) {
            throw new ImpossibleExercise(SECOND, say("two-colour-fade.two-different-pencils-are"));
        }
        double length = values.measure(Parameters.LENGTH);
        PlanBuilder builder = new PlanBuilder(setting);
        double best = bestOverlap(builder, first, second, length);
        double overlap = values.chosen().containsKey(OVERLAP) ? values.measure(OVERLAP) : best;
        if (overlap > 0.95 * length) {
            throw new ImpossibleExercise(OVERLAP, say("two-colour-fade.the-overlap-must-be", 0.95 * length));
        }
        List<Step> recipe = recipe(builder, first, second, overlap / length);
        List<Lab> asked = straight(builder.along(recipe));
        FieldPlan strip = builder.strip("1", "", "", length, values.measure(Parameters.HEIGHT), asked, recipe);
        FieldPlan again = builder.strip("2", "", "", length, values.measure(Parameters.HEIGHT), asked, recipe);
        List<FieldPlan> strips = List.of(strip, again);
        builder.goal(Goal.CLEAN_JOIN, strips, 8, 4, 2);
        // Where a colour fades out it is hardly seen: both are seen over about two thirds of where they lie.
        builder.goal(Goal.WIDE_OVERLAP, strips, 0.28 * overlap, 0.46 * overlap, 0.6 * overlap);
        builder.goal(Goal.SMOOTH_FADE, strips, 4, 2.5, 1.8);
        join(builder, strip, overlap, best);
        words(builder, first, second, length, overlap);
        return builder.plan(
                id(),
                say("two-colour-fade.into", first.name(), second.name()),
                say("two-colour-fade.one-into-the-other", overlap));
    }

    /** A neighbour on the wheel of about the same value, so that the join is about hue. */
    private static Pencil partner(Pencil first, Setting setting) {
        double place = PencilChoice.place(first);
        return PencilChoice.darkening(setting.like(first)).stream()
                .filter(p -> !p.equals(first) && PencilChoice.colour(p).chroma() > 20)
                .min(Comparator.comparingDouble(p -> Math.abs(Math.abs(turn(PencilChoice.place(p) - place)) - 60)
                        + 1.5
                                * Math.abs(PencilChoice.colour(p).lightness()
                                        - PencilChoice.colour(first).lightness())))
                .orElseThrow(() -> new ImpossibleExercise(SECOND, say("two-colour-fade.these-pencils-hold-no")));
    }

    private static double turn(double degrees) {
        return Math.IEEEremainder(degrees, 360);
    }

    /** The widest overlap whose join is clean; where none is, the one that comes nearest. */
    private static double bestOverlap(PlanBuilder builder, Pencil first, Pencil second, double length) {
        double best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (double share = 0.8; share >= 0.25; share -= 0.05) {
            double off = Math.abs(worstJoin(builder.along(recipe(builder, first, second, share))));
            if (off <= SEEN_JOIN) {
                return Math.round(share * length);
            }
            if (off < least) {
                least = off;
                best = share;
            }
        }
        return Math.round(best * length);
    }

    /** How far into the overlap the colours keep their pressure: tried, since it decides between a gap and a bump. */
    private static List<Step> recipe(PlanBuilder builder, Pencil first, Pencil second, double overlap) {
        List<Step> best = List.of();
        double least = Double.POSITIVE_INFINITY;
        for (double kept = 0; kept <= 0.7; kept += 0.1) {
            List<Step> tried = recipe(builder, first, second, overlap, kept);
            double off = Math.abs(worstJoin(builder.along(tried)));
            if (off < least) {
                least = off;
                best = tried;
            }
        }
        return best;
    }

    /** Both colours light, twice, across the overlap; then each again, firmer. */
    private static List<Step> recipe(PlanBuilder builder, Pencil first, Pencil second, double overlap, double kept) {
        double from = 0.5 - overlap / 2;
        double to = 0.5 + overlap / 2;
        Span left = Span.fadingRight(from + kept * overlap, to);
        Span right = Span.fadingLeft(from, to - kept * overlap);
        return List.of(
                builder.blockedIn(first, PressureGrade.LIGHT, 2).over(left),
                builder.colour(second, PressureGrade.LIGHT, 2).over(right),
                builder.colour(first, PressureGrade.FIRM, 1).over(left),
                builder.colour(second, PressureGrade.FIRM, 1).over(right));
    }

    /** The straight way in CIELAB between the two ends. */
    private static List<Lab> straight(List<Lab> along) {
        Lab from = along.get(0);
        Lab to = along.get(along.size() - 1);
        List<Lab> way = new ArrayList<>();
        for (int i = 0; i < along.size(); i++) {
            double s = (double) i / (along.size() - 1);
            way.add(new Lab(
                    from.lightness() + s * (to.lightness() - from.lightness()),
                    from.a() + s * (to.a() - from.a()),
                    from.b() + s * (to.b() - from.b())));
        }
        return way;
    }

    /** Where the fade is furthest from the straight way: lighter is a gap (over 0), darker a bump. */
    private static double worstJoin(List<Lab> along) {
        List<Lab> straight = straight(along);
        double worst = 0;
        for (int i = 0; i < along.size(); i++) {
            double off = along.get(i).lightness() - straight.get(i).lightness();
            worst = Math.abs(off) > Math.abs(worst) ? off : worst;
        }
        return worst;
    }

    private static void join(PlanBuilder builder, FieldPlan strip, double overlap, double best) {
        double off = worstJoin(strip.predicted());
        List<Remedy> remedies = Math.abs(overlap - best) < 1
                ? List.of()
                : List.of(new Remedy(say("two-colour-fade.mm-overlap", overlap, best), ChosenValues.of(OVERLAP, best)));
        if (Math.abs(off) > SEEN_JOIN) {
            builder.finding(new Finding(
                    strip.id(),
                    say(
                            "two-colour-fade.the-join-comes-out",
                            Math.abs(off),
                            off > 0 ? say("two-colour-fade.light-a-gap") : say("two-colour-fade.dark-a-bump")),
                    remedies));
        } else if (overlap < NARROW * strip.widthMm()) {
            builder.finding(new Finding(strip.id(), say("two-colour-fade.an-overlap-of-mm", overlap), remedies));
        }
    }

    private static void words(PlanBuilder builder, Pencil first, Pencil second, double length, double overlap) {
        double from = (length - overlap) / 2;
        builder.step(say("two-colour-fade.from-the-left-lightly", first.name(), from + overlap));
        builder.step(say("two-colour-fade.from-the-right-lightly", second.name(), from));
        builder.step(say("two-colour-fade.each-again-firmer-at"));
        builder.step(say("two-colour-fade.a-gap-start-the"));
        builder.note(say("two-colour-fade.mark-the-overlap-with"));
        builder.fault(
                CommonMistake.LAST_LAYER_LEFT_OUT,
                say("two-colour-fade.gap-at-the-join"),
                say("two-colour-fade.start-the-second-colour"));
        builder.fault(
                CommonMistake.TOO_HEAVY,
                say("two-colour-fade.dark-bump-at-the"),
                say("two-colour-fade.half-the-pressure-where"));
    }
}
