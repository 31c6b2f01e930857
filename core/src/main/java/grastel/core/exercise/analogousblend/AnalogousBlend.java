package grastel.core.exercise.analogousblend;

import static grastel.core.words.Words.say;

import grastel.core.colour.Lab;
import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.Parameters;
import grastel.core.exercise.PencilChoice;
import grastel.core.exercise.PlanBuilder;
import grastel.core.exercise.Setting;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.Finding;
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
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Three neighbours on the wheel, each started over the one before, the last pressed hard over all. */
public final class AnalogousBlend implements ExerciseKind {
    private static final String SECOND = "second";
    private static final String THIRD = "third";
    private static final double NEAREST_NEIGHBOUR = 12;
    private static final double FURTHEST_NEIGHBOUR = 65;
    /** Degrees of hue that count as turning back. */
    private static final double BACKWARDS = 5;

    @Override
    public String id() {
        return "analogous-blend";
    }

    @Override
    public String name() {
        return say("analogous-blend.name");
    }

    @Override
    public String teaches() {
        return say("analogous-blend.teaches");
    }

    @Override
    public List<Parameter> parameters(Setting setting) {
        List<Pencil> fitting = PencilChoice.colourful(setting.pressed());
        Pencil first = PencilChoice.at(setting, 110).filter(fitting::contains).orElse(null);
        return List.of(
                new Parameter.OnePencil(
                        Parameters.PENCIL,
                        say("analogous-blend.first-lightest"),
                        fitting,
                        first == null && !fitting.isEmpty() ? fitting.get(0) : first),
                new Parameter.OnePencil(SECOND, say("analogous-blend.second"), fitting, null),
                new Parameter.OnePencil(THIRD, say("analogous-blend.third-pressed-over-all"), fitting, null),
                Parameters.length(),
                Parameters.height());
    }

    @Override
    public ExercisePlan plan(ChosenValues values, Setting setting) {
        Pencil first = Parameters.chosen(values, Parameters.PENCIL, say("exercise.with-a-clear-hue"), setting);
        List<Pencil> three = three(first, values.pencil(SECOND), values.pencil(THIRD), setting);
        double length = values.measure(Parameters.LENGTH);
        double height = values.measure(Parameters.HEIGHT);
        PlanBuilder builder = new PlanBuilder(setting);
        List<Step> recipe = recipe(builder, three);
        FieldPlan strip = builder.strip("1", "", "", length, height, List.of(), recipe);
        FieldPlan again = builder.strip("2", "", "", length, height, List.of(), recipe);
        List<FieldPlan> strips = List.of(strip, again);
        builder.goal(Goal.HUE_ONE_WAY, strips, 20, 10, 5);
        builder.goal(Goal.SPECKS_GONE, strips, 12, 5, 2);
        builder.goal(Goal.CHROMA_KEPT, strips, 60, 75, 86);
        builder.goal(Goal.SMOOTH_FADE, strips, 4, 2.5, 1.8);
        check(builder, strip, three);
        words(builder, three, length);
        return builder.plan(
                id(),
                say("analogous-blend.from-to", three.get(0).name(), three.get(2).name()),
                say("analogous-blend.three-neighbours-on-the"));
    }

    /** The first and two further neighbours on one side of it, whichever side holds better ones. */
    private static List<Pencil> three(Pencil first, Optional<Pencil> second, Optional<Pencil> third, Setting setting) {
        if (second.isPresent() && third.isPresent()) {
            if (List.of(first, second.get(), third.get()).stream().distinct().count() < 3) {
                throw new ImpossibleExercise(SECOND, say("analogous-blend.three-different-pencils-are"));
            }
            return List.of(first, second.get(), third.get());
        }
        Optional<List<Pencil>> best = Optional.empty();
        double least = Double.POSITIVE_INFINITY;
        for (int side : new int[] {1, -1}) {
            Optional<Pencil> next = second.or(() -> neighbour(first, side, setting));
            Optional<Pencil> last = third.or(() -> next.flatMap(n -> neighbour(n, side, setting)));
            if (next.isPresent() && last.isPresent() && !last.get().equals(first)) {
                double cost = unlike(first, next.get()) + unlike(next.get(), last.get());
                if (cost < least) {
                    least = cost;
                    best = Optional.of(List.of(first, next.get(), last.get()));
                }
            }
        }
        return best.orElseThrow(() ->
                new ImpossibleExercise(Parameters.PENCIL, say("analogous-blend.these-pencils-hold-no", first.name())));
    }

    private static Optional<Pencil> neighbour(Pencil of, int side, Setting setting) {
        return PencilChoice.colourful(setting.like(of)).stream()
                .filter(p -> {
                    double turn = side * Math.IEEEremainder(PencilChoice.place(p) - PencilChoice.place(of), 360);
                    return turn >= NEAREST_NEIGHBOUR && turn <= FURTHEST_NEIGHBOUR;
                })
                .min(Comparator.comparingDouble(p -> unlike(of, p)));
    }

    /** About 35° apart on the wheel, near in chroma, not much further in value. */
    private static double unlike(Pencil one, Pencil other) {
        double turn = Math.abs(Math.IEEEremainder(PencilChoice.place(other) - PencilChoice.place(one), 360));
        Lab a = PencilChoice.colour(one);
        Lab b = PencilChoice.colour(other);
        return Math.abs(turn - 35)
                + 0.5 * Math.abs(a.chroma() - b.chroma())
                + 0.6 * Math.max(0, b.lightness() - a.lightness())
                + 0.2 * Math.abs(a.lightness() - b.lightness());
    }

    private static List<Step> recipe(PlanBuilder builder, List<Pencil> three) {
        return List.of(
                builder.blockedIn(three.get(0), PressureGrade.LIGHT, 3).over(Span.fadingRight(0.3, 0.7)),
                builder.colour(three.get(1), PressureGrade.LIGHT, 3).over(new Span(0.15, 0.45, 0.6, 0.9)),
                builder.colour(three.get(2), PressureGrade.LIGHT, 3).over(Span.fadingLeft(0.45, 0.8)),
                builder.colour(three.get(0), PressureGrade.FIRM, 2).over(Span.fadingRight(0.25, 0.6)),
                builder.colour(three.get(1), PressureGrade.FIRM, 2).over(new Span(0.2, 0.45, 0.55, 0.85)),
                builder.colour(three.get(2), PressureGrade.FULL, 2).over(Span.fadingLeft(0.4, 0.75)));
    }

    private static void check(PlanBuilder builder, FieldPlan strip, List<Pencil> three) {
        List<Lab> along = strip.predicted();
        double whole = Math.IEEEremainder(
                along.get(along.size() - 1).hueDegrees() - along.get(0).hueDegrees(), 360);
        double back = 0;
        for (int i = 1; i < along.size(); i++) {
            double step = Math.IEEEremainder(
                    along.get(i).hueDegrees() - along.get(i - 1).hueDegrees(), 360);
            back += Math.max(0, -step * Math.signum(whole));
        }
        if (back > BACKWARDS) {
            builder.finding(Finding.of(
                    strip.id(),
                    say("analogous-blend.even-in-an-exact", back, three.get(1).name())));
        }
    }

    private static void words(PlanBuilder builder, List<Pencil> three, double length) {
        builder.step(say("analogous-blend.from-the-left-to", three.get(0).name(), 0.7 * length));
        builder.step(say("analogous-blend.from-mm-on-starting", three.get(1).name(), 0.15 * length, 0.9 * length));
        builder.step(say("analogous-blend.from-mm-to-the", three.get(2).name(), 0.45 * length));
        builder.step(say("analogous-blend.go-over-all-three"));
        builder.note(say("analogous-blend.say-the-wheel-aloud"));
        builder.fault(
                CommonMistake.TOO_HEAVY,
                say("analogous-blend.stripe-where-a-colour"),
                say("analogous-blend.start-it-lighter-and"));
        builder.fault(
                CommonMistake.BLUNT_POINT,
                say("analogous-blend.white-specks"),
                say(
                        "analogous-blend.small-circles-one-more",
                        three.get(0).binder().hasPoint() ? say("exercise.sharpen") : say("exercise.a-fresh-edge")));
    }
}
