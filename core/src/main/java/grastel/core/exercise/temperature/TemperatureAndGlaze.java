package grastel.core.exercise.temperature;

import grastel.core.colour.PaintersWheel;
import grastel.core.colour.Temperature;
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
import grastel.core.layering.advice.Slip;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** A cool area warmed and a warm one cooled by one thin layer; different colours drawn together by one glaze. */
public final class TemperatureAndGlaze implements ExerciseKind {
    private static final String WARM = "warm";
    private static final String COOL = "cool";
    private static final String GLAZE = "glaze";
    /** A turn towards warm or cool that a class sees, CIELAB units. */
    private static final double SEEN_TURN = 3;

    @Override
    public String id() {
        return "temperature-and-glaze";
    }

    @Override
    public String name() {
        return "Temperature and glaze";
    }

    @Override
    public String teaches() {
        return "Warm comes forward, cool goes back; one thin colour unifies.";
    }

    @Override
    public List<Parameter> parameters(Setting setting) {
        List<Pencil> warm = side(setting, true);
        List<Pencil> cool = side(setting, false);
        return List.of(
                new Parameter.OnePencil(WARM, "Warm colour", warm, clearest(warm, 1)),
                new Parameter.OnePencil(COOL, "Cool colour", cool, clearest(cool, -1)),
                new Parameter.OnePencil(GLAZE, "Glaze over all", PencilChoice.colourful(setting), null),
                Parameters.box(20));
    }

    private static List<Pencil> side(Setting setting, boolean warm) {
        return PencilChoice.colourful(setting).stream()
                .filter(p -> PaintersWheel.isWarm(PencilChoice.colour(p).hueDegrees()) == warm)
                .toList();
    }

    /** Of a middle value and far to one side. @param way 1 warm, −1 cool */
    private static @Nullable Pencil clearest(List<Pencil> pencils, int way) {
        return pencils.stream()
                .max(Comparator.comparingDouble(p -> way * Temperature.warmth(PencilChoice.colour(p))
                        - Math.abs(PencilChoice.colour(p).lightness() - 50)))
                .orElse(null);
    }

    @Override
    public ExercisePlan plan(ChosenValues values, Setting setting) {
        Pencil warm = Parameters.chosen(values, WARM, "that is warm", setting);
        Pencil cool = Parameters.chosen(values, COOL, "that is cool", setting);
        Pencil glaze = values.pencil(GLAZE).orElse(warm);
        double side = values.measure(Parameters.BOX);
        PlanBuilder builder = new PlanBuilder(setting);
        FieldPlan coolPlain = builder.box("1", "Cool, then warmed", "as it is", side, base(builder, cool));
        FieldPlan warmed = builder.box("2", "Cool, then warmed", "warmed", side, over(builder, cool, warm));
        FieldPlan warmPlain = builder.box("3", "Warm, then cooled", "as it is", side, base(builder, warm));
        FieldPlan cooled = builder.box("4", "Warm, then cooled", "cooled", side, over(builder, warm, cool));
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
                id(), "Warm and cool", "One thin layer turns the temperature; one glaze draws a row together.");
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
            boxes.add(builder.box(id, "Three colours", pencil.name(), side, base(builder, pencil)));
        }
        for (Pencil pencil : thirds) {
            String id = String.valueOf(5 + boxes.size());
            boxes.add(builder.box(id, "The same under one glaze", pencil.name(), side, over(builder, pencil, glaze)));
        }
        return boxes;
    }

    private static void check(PlanBuilder builder, FieldPlan before, FieldPlan after, int way) {
        double turn =
                way * (after.predictedColour().b() - before.predictedColour().b());
        if (turn < SEEN_TURN) {
            builder.finding(Finding.of(
                    after.id(),
                    String.format(
                            Locale.ROOT,
                            "The layer turns the colour by only %.1f towards its side: the two are too near in temperature.",
                            turn)));
        }
    }

    private static void words(PlanBuilder builder, Pencil warm, Pencil cool, Pencil glaze) {
        builder.step("Lay the plain boxes in three light layers.");
        builder.step("Warm the cool box with one light layer of " + warm.name() + ", no more.");
        builder.step("Cool the warm box with one light layer of " + cool.name() + ".");
        builder.step("Last row: all three alike, then one thin layer of " + glaze.name() + " over the whole row.");
        builder.note("Hold the sheet at arm's length: which boxes step forward, which go back?");
        builder.fault(
                Slip.TOO_HEAVY, "the glaze covers the colour", "Lighter: it should be seen only when you know of it.");
    }
}
