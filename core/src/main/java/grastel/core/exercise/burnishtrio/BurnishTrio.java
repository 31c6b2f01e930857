package grastel.core.exercise.burnishtrio;

import static grastel.core.words.Words.say;

import grastel.core.colour.ColourDifference;
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
import grastel.core.exercise.plan.GoalFields;
import grastel.core.exercise.plan.Recipe.Step;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stroke;
import grastel.core.layering.advice.CommonMistake;
import grastel.core.media.Pencil;
import grastel.core.recipe.MethodAnswer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** The same short scale plain and burnished in two or three ways. */
public final class BurnishTrio implements ExerciseKind {
    private static final String STEPS = "steps";
    private static final String WITH = "burnishers";
    private static final int BURNISH_PASSES = 2;
    private static final double NEEDLE = 0.95;
    private static final List<PressureGrade> GRADES =
            List.of(PressureGrade.LIGHT, PressureGrade.MEDIUM, PressureGrade.FIRM);
    /** Nearer to the paper than this, bare paper cannot be told from a filled box, L*. */
    private static final double LEAST_CONTRAST = 8;
    /** Rows that differ by less in every box are told to be alike, L* and ΔE00. */
    private static final double APART_IN_VALUE = 4;

    private static final double APART_IN_COLOUR = 6;
    /** Value the blender may move a box by before it is said, L*. */
    private static final double BLENDER_MOVES = 4;
    /** A box that an exact hand would hardly keep is not asked for, L*. */
    private static final double BLENDER_MARGIN = 0.5;

    /** What a row is burnished with. */
    private enum Burnisher {
        WHITE(say("burnish-trio.white")),
        BLENDER(say("burnish-trio.colourless-blender")),
        PALE_TINT(say("burnish-trio.pale-tint")),
        OWN(say("exercise.own-colour"));

        private final String words;

        Burnisher(String words) {
            this.words = words;
        }
    }

    @Override
    public String id() {
        return "burnish-trio";
    }

    @Override
    public String name() {
        return say("burnish-trio.name");
    }

    @Override
    public String teaches() {
        return say("burnish-trio.teaches");
    }

    @Override
    public List<Parameter> parameters(Setting setting) {
        return List.of(
                Parameters.pencil(say("exercise.pencil"), PencilChoice.darkening(setting)),
                new Parameter.Whole(STEPS, say("burnish-trio.boxes-a-row"), 2, 4, 3),
                new Parameter.Several(
                        WITH,
                        say("burnish-trio.burnish-with"),
                        Parameter.Option.of(Burnisher.class, b -> b.words.toLowerCase(Locale.ROOT)),
                        1,
                        3,
                        suggested(setting)),
                Parameters.box(20));
    }

    /** The class's own way first, then the blender or white to compare it with. */
    private static List<String> suggested(Setting setting) {
        List<String> with = new ArrayList<>();
        with.add(
                switch (setting.method().answer(MethodAnswer.Question.BURNISH_WITH)) {
                    case BURNISH_TINT -> Burnisher.PALE_TINT.name();
                    case BURNISH_OWN -> Burnisher.OWN.name();
                    case BURNISH_BLENDER -> Burnisher.BLENDER.name();
                    default -> Burnisher.WHITE.name();
                });
        for (Burnisher other : List.of(Burnisher.WHITE, Burnisher.BLENDER)) {
            boolean there = other == Burnisher.WHITE
                    ? PencilChoice.white(setting.pencils().pencils()).isPresent()
                    : PencilChoice.blender(setting.pencils().pencils()).isPresent();
            if (there && with.size() < 2 && !with.contains(other.name())) {
                with.add(other.name());
            }
        }
        return with;
    }

    @Override
    public ExercisePlan plan(ChosenValues values, Setting setting) {
        Pencil pencil = Parameters.chosen(values, Parameters.PENCIL, say("exercise.that-darkens-this-paper"), setting);
        double side = values.measure(Parameters.BOX);
        int boxes = values.whole(STEPS);
        PlanBuilder builder = new PlanBuilder(setting);
        boolean midway = setting.method().has(MethodAnswer.BURNISH_MIDWAY);
        List<FieldPlan> plain = new ArrayList<>();
        for (int i = 0; i < boxes; i++) {
            plain.add(builder.box(id(1 + i), say("exercise.plain"), "", side, base(builder, pencil, i, boxes)));
        }
        Map<Burnisher, List<FieldPlan>> rows = new LinkedHashMap<>();
        for (String name : values.several(WITH)) {
            Burnisher with = Burnisher.valueOf(name);
            Optional<Pencil> burnisher = burnisher(with, pencil, setting);
            if (burnisher.isEmpty()) {
                builder.finding(Finding.of(null, say("burnish-trio.these-pencils-hold-none", with.words)));
                continue;
            }
            List<FieldPlan> row = new ArrayList<>();
            for (int i = 0; i < boxes; i++) {
                List<Step> steps = new ArrayList<>(base(builder, pencil, i, boxes));
                steps.add(builder.burnish(burnisher.get(), BURNISH_PASSES));
                if (midway) {
                    steps.add(builder.colour(pencil, PressureGrade.FIRM, 1).stroked(Stroke.ONE_WAY, NEEDLE));
                }
                row.add(builder.box(
                        id(1 + boxes * (1 + rows.size()) + i),
                        with.words + ": " + burnisher.get().name(),
                        "",
                        side,
                        steps));
            }
            rows.put(with, row);
        }
        if (rows.isEmpty()) {
            throw new ImpossibleExercise(WITH, say("burnish-trio.none-of-the-chosen"));
        }
        tellAlike(builder, rows);
        goals(builder, plain, rows, setting.paper().ground().toLab().lightness());
        words(builder, plain, rows, midway);
        return builder.plan(
                id(), say("burnish-trio.burnishing", pencil.name()), say("burnish-trio.the-same-boxes-plain"));
    }

    private static String id(int number) {
        return String.valueOf(number);
    }

    private static List<Step> base(PlanBuilder builder, Pencil pencil, int i, int boxes) {
        int grade = (int) Math.round((double) i * (GRADES.size() - 1) / (boxes - 1));
        return List.of(builder.colour(pencil, GRADES.get(grade), 2));
    }

    private static Optional<Pencil> burnisher(Burnisher with, Pencil pencil, Setting setting) {
        return switch (with) {
            case WHITE -> PencilChoice.white(setting.pencils().pencils());
            case BLENDER -> PencilChoice.blender(setting.pencils().pencils());
            case PALE_TINT -> PencilChoice.paleTint(setting, pencil);
            case OWN -> Optional.of(pencil);
        };
    }

    private static void goals(
            PlanBuilder builder, List<FieldPlan> plain, Map<Burnisher, List<FieldPlan>> rows, double paperLightness) {
        List<FieldPlan> burnished = rows.values().stream().flatMap(List::stream).toList();
        List<FieldPlan> told = burnished.stream()
                .filter(f -> Math.abs(paperLightness - f.predictedColour().lightness()) >= LEAST_CONTRAST)
                .toList();
        if (!told.isEmpty()) {
            builder.goal(Goal.SPECKS_GONE, told, 6, 2, 1);
        }
        builder.goal(Goal.ORDER, GoalFields.row(plain), 0, 4, 6);
        List<FieldPlan> blended = rows.get(Burnisher.BLENDER);
        if (blended != null) {
            List<GoalFields.Change> changes = new ArrayList<>();
            for (int i = 0; i < plain.size(); i++) {
                if (Math.abs(shift(plain.get(i), blended.get(i))) < BLENDER_MOVES - BLENDER_MARGIN) {
                    changes.add(GoalFields.change(plain.get(i), blended.get(i)));
                }
            }
            if (!changes.isEmpty()) {
                builder.goal(Goal.BLENDER_KEEPS_VALUE, new GoalFields.Changes(changes), 7, 4, 2);
            }
        }
        builder.goal(Goal.NEAT_EDGE, burnished, 6, 2, 0.7);
    }

    /** Two ways that come out nearly alike with this pencil teach nothing beside one another. */
    private static void tellAlike(PlanBuilder builder, Map<Burnisher, List<FieldPlan>> rows) {
        List<Map.Entry<Burnisher, List<FieldPlan>>> ways = List.copyOf(rows.entrySet());
        for (int i = 0; i < ways.size(); i++) {
            for (int j = i + 1; j < ways.size(); j++) {
                List<FieldPlan> one = ways.get(i).getValue();
                List<FieldPlan> other = ways.get(j).getValue();
                double value = 0;
                double colour = 0;
                for (int box = 0; box < one.size(); box++) {
                    value = Math.max(value, Math.abs(shift(one.get(box), other.get(box))));
                    colour = Math.max(
                            colour,
                            ColourDifference.ciede2000(
                                    one.get(box).predictedColour(),
                                    other.get(box).predictedColour()));
                }
                if (value < APART_IN_VALUE && colour < APART_IN_COLOUR) {
                    builder.finding(Finding.of(
                            null,
                            say(
                                    "burnish-trio.come-out-nearly-alike",
                                    ways.get(i).getKey().words,
                                    ways.get(j).getKey().words,
                                    value)));
                }
            }
        }
    }

    private static double shift(FieldPlan plain, FieldPlan burnished) {
        return burnished.predictedColour().lightness() - plain.predictedColour().lightness();
    }

    private static void words(
            PlanBuilder builder, List<FieldPlan> plain, Map<Burnisher, List<FieldPlan>> rows, boolean midway) {
        builder.step(say("burnish-trio.make-all-rows-alike"));
        builder.step(say("burnish-trio.leave-the-first-row"));
        builder.step(say("burnish-trio.burnish-the-others-hard"));
        if (midway) {
            builder.step(say("burnish-trio.then-a-few-sharp"));
        }
        builder.step(say("burnish-trio.which-row-is-lightest"));
        rows.forEach((with, row) -> {
            int last = row.size() - 1;
            double shift = shift(plain.get(last), row.get(last));
            builder.note(say("burnish-trio.moves-the-darkest-box", with.words, shift));
            if (with == Burnisher.BLENDER && Math.abs(shift) > BLENDER_MOVES) {
                builder.finding(Finding.of(row.get(last).id(), say("burnish-trio.the-blender-moves-this", shift)));
            }
        });
        builder.fault(
                CommonMistake.ONE_DIRECTION,
                say("burnish-trio.burnished-but-still-streaked"),
                say("burnish-trio.blend-first-burnish-after"));
        builder.tooMuch(
                CommonMistake.TOO_HEAVY,
                say("burnish-trio.tooth-full-colour-slides"),
                say("burnish-trio.fewer-lighter-passes-below"),
                say("burnish-trio.lift-a-little-with"));
    }
}
