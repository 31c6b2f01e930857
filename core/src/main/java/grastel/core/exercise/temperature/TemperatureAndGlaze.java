package grastel.core.exercise.temperature;

import static grastel.core.words.Words.say;

import grastel.core.colour.Lab;
import grastel.core.colour.PaintersWheel;
import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.Parameters;
import grastel.core.exercise.PencilChoice;
import grastel.core.exercise.PlanBuilder;
import grastel.core.exercise.Setting;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.Finding;
import grastel.core.exercise.asked.Parameter;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.GoalFields;
import grastel.core.exercise.plan.Recipe.Step;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.advice.CommonMistake;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** A cool area warmed and a warm one cooled by one thin layer; different colours drawn together by one glaze. */
public final class TemperatureAndGlaze implements ExerciseKind {
    private static final String WARM = "warm";
    private static final String COOL = "cool";
    private static final String GLAZE = "glaze";
    /** A turn towards warm or cool that a class sees, CIELAB units. */
    private static final double SEEN_TURN = 3;
    /** More turn than this is no better. */
    private static final double MUCH_TURN = 8;
    /** A colour that loses more of its chroma has been greyed, not turned; pairs are chosen with something to spare. */
    private static final double HALF = 0.5;

    private static final double KEPT_CHROMA = 0.6;
    private static final double LOST_CHROMA = 40;

    @Override
    public String id() {
        return "temperature-and-glaze";
    }

    @Override
    public String name() {
        return say("temperature-and-glaze.name");
    }

    @Override
    public String teaches() {
        return say("temperature-and-glaze.teaches");
    }

    @Override
    public List<Parameter> parameters(Setting setting) {
        List<Pencil> warm = side(setting, true);
        List<Pencil> cool = side(setting, false);
        Optional<Couple> best = best(warm, cool, setting);
        return List.of(
                new Parameter.OnePencil(
                        WARM,
                        say("temperature-and-glaze.warm-colour"),
                        warm,
                        best.map(Couple::warm).orElse(null)),
                new Parameter.OnePencil(
                        COOL,
                        say("temperature-and-glaze.cool-colour"),
                        cool,
                        best.map(Couple::cool).orElse(null)),
                new Parameter.OnePencil(
                        GLAZE, say("temperature-and-glaze.glaze-over-all"), PencilChoice.colourful(setting), null),
                Parameters.box(20));
    }

    private record Couple(Pencil warm, Pencil cool, double worth) {}

    /** The two that turn one another most while each keeps at least half of its chroma, else those that keep most. */
    private static Optional<Couple> best(List<Pencil> warm, List<Pencil> cool, Setting setting) {
        PlanBuilder tried = new PlanBuilder(setting);
        return warm.stream()
                .flatMap(w -> cool.stream()
                        .map(c -> new Couple(w, c, Math.min(worth(tried, c, w, 1), worth(tried, w, c, -1)))))
                .max(Comparator.comparingDouble(Couple::worth));
    }

    private static double worth(PlanBuilder builder, Pencil pencil, Pencil glaze, int way) {
        Lab before = builder.predict(base(builder, pencil));
        Lab after = builder.predict(over(builder, pencil, glaze));
        double kept = after.chroma() / before.chroma();
        double turn = way * (after.b() - before.b());
        return Math.min(MUCH_TURN, turn) - LOST_CHROMA * Math.max(0, KEPT_CHROMA - kept);
    }

    private static List<Pencil> side(Setting setting, boolean warm) {
        return PencilChoice.colourful(setting).stream()
                .filter(p -> PaintersWheel.isWarm(PencilChoice.colour(p).hueDegrees()) == warm)
                .toList();
    }

    @Override
    public ExercisePlan plan(ChosenValues values, Setting setting) {
        Pencil warm = Parameters.chosen(values, WARM, say("temperature-and-glaze.that-is-warm"), setting);
        Pencil cool = Parameters.chosen(values, COOL, say("temperature-and-glaze.that-is-cool"), setting);
        Pencil glaze = values.pencil(GLAZE).orElse(warm);
        double side = values.measure(Parameters.BOX);
        PlanBuilder builder = new PlanBuilder(setting);
        FieldPlan coolPlain = builder.box(
                "1",
                say("temperature-and-glaze.cool-then-warmed"),
                say("temperature-and-glaze.as-it-is"),
                side,
                base(builder, cool));
        FieldPlan warmed = builder.box(
                "2", say("temperature-and-glaze.cool-then-warmed"), "warmed", side, over(builder, cool, warm));
        FieldPlan warmPlain = builder.box(
                "3",
                say("temperature-and-glaze.warm-then-cooled"),
                say("temperature-and-glaze.as-it-is"),
                side,
                base(builder, warm));
        FieldPlan cooled = builder.box(
                "4", say("temperature-and-glaze.warm-then-cooled"), "cooled", side, over(builder, warm, cool));
        List<FieldPlan> glazed = glazed(builder, setting, glaze, side);
        builder.goal(
                Goal.TEMPERATURE_TURNS,
                new GoalFields.Temperatures(GoalFields.change(coolPlain, warmed), GoalFields.change(warmPlain, cooled)),
                1,
                SEEN_TURN,
                6);
        List<FieldPlan> all = new ArrayList<>(List.of(coolPlain, warmed, warmPlain, cooled));
        all.addAll(glazed);
        builder.cleanBoxes(all);
        check(builder, coolPlain, warmed, 1);
        check(builder, warmPlain, cooled, -1);
        words(builder, warm, cool, glaze);
        return builder.plan(
                id(), say("temperature-and-glaze.warm-and-cool"), say("temperature-and-glaze.one-thin-layer-turns"));
    }

    private static List<Step> base(PlanBuilder builder, Pencil pencil) {
        return List.of(builder.colour(pencil, PressureGrade.LIGHT, 3));
    }

    private static List<Step> over(PlanBuilder builder, Pencil pencil, Pencil glaze) {
        List<Step> steps = new ArrayList<>(base(builder, pencil));
        steps.add(builder.colour(glaze, PressureGrade.LIGHT, 1));
        return steps;
    }

    /** Three colours a third of the wheel apart, each plain and glazed. */
    private static List<FieldPlan> glazed(PlanBuilder builder, Setting setting, Pencil glaze, double side) {
        List<Pencil> thirds = new ArrayList<>();
        for (int third = 0; third < 3; third++) {
            thirds.add(PencilChoice.at(setting, PencilChoice.place(glaze) + 60 + 80.0 * third)
                    .orElse(glaze));
        }
        List<FieldPlan> boxes = new ArrayList<>();
        for (Pencil pencil : thirds) {
            String id = String.valueOf(5 + boxes.size());
            boxes.add(builder.box(
                    id, say("temperature-and-glaze.three-colours"), pencil.name(), side, base(builder, pencil)));
        }
        for (Pencil pencil : thirds) {
            String id = String.valueOf(5 + boxes.size());
            boxes.add(builder.box(
                    id,
                    say("temperature-and-glaze.the-same-under-one"),
                    pencil.name(),
                    side,
                    over(builder, pencil, glaze)));
        }
        return boxes;
    }

    private static void check(PlanBuilder builder, FieldPlan before, FieldPlan after, int way) {
        double turn =
                way * (after.predictedColour().b() - before.predictedColour().b());
        double kept =
                after.predictedColour().chroma() / before.predictedColour().chroma();
        if (kept < HALF) {
            builder.finding(Finding.of(after.id(), say("temperature-and-glaze.greys-the-colour", 100 * (1 - kept))));
        }
        if (turn < SEEN_TURN) {
            builder.finding(Finding.of(after.id(), say("temperature-and-glaze.the-layer-turns-the", turn)));
        }
    }

    private static void words(PlanBuilder builder, Pencil warm, Pencil cool, Pencil glaze) {
        builder.step(say("temperature-and-glaze.lay-the-plain-boxes"));
        builder.step(say("temperature-and-glaze.warm-the-cool-box", warm.name()));
        builder.step(say("temperature-and-glaze.cool-the-warm-box", cool.name()));
        builder.step(say("temperature-and-glaze.last-row-all-three", glaze.name()));
        builder.note(say("temperature-and-glaze.hold-the-sheet-at"));
        builder.fault(
                CommonMistake.TOO_HEAVY,
                say("temperature-and-glaze.the-glaze-covers-the"),
                say("temperature-and-glaze.lighter-it-should-be"));
    }
}
