package grastel.core.exercise;

import static grastel.core.words.Words.say;

import grastel.core.colour.Lab;
import grastel.core.exercise.Piece.Work;
import grastel.core.exercise.asked.Finding;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.Ladder;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.ExercisePlan.Fault;
import grastel.core.exercise.plan.ExercisePlan.Teaching;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.FieldPlan.Ask;
import grastel.core.exercise.plan.FieldPlan.Made;
import grastel.core.exercise.plan.FieldPlan.Printed;
import grastel.core.exercise.plan.GoalFields;
import grastel.core.exercise.plan.GoalPlan;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.exercise.plan.PicturePlan.Guide;
import grastel.core.exercise.plan.PicturePlan.Texture;
import grastel.core.exercise.plan.PicturePlan.Tone;
import grastel.core.exercise.plan.Recipe;
import grastel.core.exercise.plan.Recipe.Step;
import grastel.core.exercise.plan.Recipe.Technique;
import grastel.core.exercise.plan.Span;
import grastel.core.layering.Layer;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stack;
import grastel.core.layering.Stroke;
import grastel.core.layering.Swatch;
import grastel.core.layering.advice.CommonMistake;
import grastel.core.media.Pencil;
import grastel.core.media.Pencil.Binder;
import grastel.core.recipe.MethodAnswer;
import grastel.core.recipe.PressureRecipe;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Puts a plan together: keeps the palette, predicts every field, adds up the minutes. Used by kinds, and for a picture that has no sheet. */
public final class PlanBuilder {
    /** Places along a strip that are asked and predicted. */
    public static final int STATIONS = 25;

    /** A recipe further from its asked value than this is said to miss it, L*. */
    private static final double MISS = 2;

    private static final double SHARP = 0.7;
    private static final double DULL = 0.3;

    private final Setting setting;
    private final List<Pencil> palette = new ArrayList<>();
    private final List<FieldPlan> fields = new ArrayList<>();
    private final List<GoalPlan> goals = new ArrayList<>();
    private final List<GoalPlan> figures = new ArrayList<>();
    private final List<String> steps = new ArrayList<>();
    private final List<String> notes = new ArrayList<>();
    private final List<Fault> faults = new ArrayList<>();
    private final List<String> cautions = new ArrayList<>();
    private final List<Finding> findings = new ArrayList<>();
    private double minutes;

    public PlanBuilder(Setting setting) {
        this.setting = setting;
    }

    /** A pencil's place in the palette; it is added at its first use. */
    private int place(Pencil pencil) {
        if (!palette.contains(pencil)) {
            palette.add(pencil);
        }
        return palette.indexOf(pencil);
    }

    /** The pencil of a step. */
    public Pencil pencil(Step step) {
        return palette.get(step.pencil());
    }

    /** A layer in small circles with a sharp point. */
    public Step colour(Pencil pencil, PressureGrade grade, int passes) {
        return new Step(Technique.COLOUR, place(pencil), grade, passes, Stroke.CIRCLES, SHARP, Span.WHOLE);
    }

    /** One pencil as its reach tells, without what lies under it. */
    public List<Step> laid(Pencil pencil, PressureRecipe recipe) {
        return recipe.layers().stream()
                .map(l -> colour(pencil, l.grade(), l.passes()))
                .toList();
    }

    /** A first layer over a large area: with a dull point where the method starts so. */
    public Step blockedIn(Pencil pencil, PressureGrade grade, int passes) {
        double point = setting.method().has(MethodAnswer.DULL_START) ? DULL : SHARP;
        return colour(pencil, grade, passes).stroked(Stroke.CIRCLES, point);
    }

    public Step burnish(Pencil burnisher, int passes) {
        return new Step(
                Technique.BURNISH, place(burnisher), PressureGrade.FULL, passes, Stroke.CIRCLES, DULL, Span.WHOLE);
    }

    public Step solvent() {
        return new Step(Technique.SOLVENT, -1, null, 1, Stroke.CIRCLES, DULL, Span.WHOLE);
    }

    /** Light layers of two pencils, shared out by turns so that neither lies on top of all of the other. */
    public List<Step> byTurns(Pencil first, int firstLayers, Pencil second, int secondLayers) {
        List<Step> layers = new ArrayList<>();
        light(layers, first, (firstLayers + 1) / 2);
        light(layers, second, (secondLayers + 1) / 2);
        light(layers, first, firstLayers / 2);
        light(layers, second, secondLayers / 2);
        return layers;
    }

    private void light(List<Step> layers, Pencil pencil, int passes) {
        if (passes > 0) {
            layers.add(colour(pencil, PressureGrade.LIGHT, passes));
        }
    }

    /** Found layers as steps. */
    public List<Step> steps(List<Layer> layers) {
        return layers.stream()
                .map(l -> (Layer.Colour) l)
                .map(l -> colour(
                                l.pass().pencil(),
                                setting.pressures().nearest(l.pass().pressure()),
                                l.passes())
                        .stroked(l.pass().stroke(), l.pass().point()))
                .toList();
    }

    /** What steps give at one place. @param at 0 left … 1 right */
    public Swatch predict(List<Step> steps, double at) {
        return new Stack(setting.paper(), Optional.empty(), new Recipe(steps).layers(palette, at, setting.pressures()))
                .swatch();
    }

    public Lab predict(List<Step> steps) {
        return predict(steps, 0.5).colour();
    }

    /** An even box that asks for what its recipe gives. */
    public FieldPlan box(String id, String group, String label, double sideMm, List<Step> steps) {
        return box(id, group, label, sideMm, Ask.COLOUR, List.of(predict(steps)), steps);
    }

    /** An even box. @param asked one colour, or none where nothing is asked */
    public FieldPlan box(
            String id, String group, String label, double sideMm, Ask ask, List<Lab> asked, List<Step> steps) {
        Swatch swatch = predict(steps, 0.5);
        return add(new FieldPlan(
                id,
                Printed.box(group, label, sideMm, sideMm),
                ask,
                asked,
                new Made(new Recipe(steps), List.of(swatch.colour()), swatch.specks())));
    }

    /** A box left for another try. */
    public FieldPlan redo(String id, String group, double sideMm) {
        return box(id, group, say("exercise.again"), sideMm, Ask.NOTHING, List.of(), List.of());
    }

    /** A strip. @param asked a colour for each of the {@link #STATIONS}, or none to ask for what the recipe gives */
    public FieldPlan strip(
            String id,
            String group,
            String label,
            double lengthMm,
            double heightMm,
            List<Lab> asked,
            List<Step> steps) {
        List<Lab> predicted = along(steps);
        return add(new FieldPlan(
                id,
                Printed.box(group, label, lengthMm, heightMm),
                Ask.COLOUR,
                asked.isEmpty() ? predicted : asked,
                new Made(new Recipe(steps), predicted, predict(steps, 0.5).specks())));
    }

    /** What steps give along a strip. */
    public List<Lab> along(List<Step> steps) {
        List<Lab> colours = new ArrayList<>();
        for (int i = 0; i < STATIONS; i++) {
            colours.add(predict(steps, (double) i / (STATIONS - 1)).colour());
        }
        return List.copyOf(colours);
    }

    /** A field that a picture is drawn in. @param order in which zones are drawn; @param guide to be printed in it */
    public FieldPlan picture(
            String label, double widthMm, double heightMm, Work work, List<Integer> order, Guide guide) {
        return picture(label, widthMm, heightMm, work, order, guide, null);
    }

    /** The same. @param texture what is asked of its strokes, null for nothing */
    public FieldPlan picture(
            String label,
            double widthMm,
            double heightMm,
            Work work,
            List<Integer> order,
            Guide guide,
            @Nullable Texture texture) {
        List<Tone> tones = work.tones().stream()
                .map(t -> {
                    Recipe recipe = new Recipe(steps(t.layers()));
                    return new Tone(t.zone(), t.share(), t.wanted(), recipe, predict(recipe.steps()));
                })
                .toList();
        Tone most = tones.stream()
                .filter(t -> !t.recipe().steps().isEmpty())
                .max(Comparator.comparingDouble(Tone::share))
                .orElseThrow();
        PicturePlan picture = PicturePlan.of(
                work.cellMm(),
                work.columns(),
                work.rows(),
                work.places(),
                tones,
                order,
                work.gridColumns(),
                work.gridRows(),
                guide,
                texture);
        return add(new FieldPlan(
                "1",
                Printed.box("", label, widthMm, heightMm),
                Ask.COLOUR,
                List.of(),
                new Made(
                        most.recipe(),
                        List.of(most.predicted()),
                        predict(most.recipe().steps(), 0.5).specks(),
                        picture)));
    }

    /** Adds a field made otherwise. */
    public FieldPlan add(FieldPlan field) {
        fields.add(field);
        minutes += FieldWork.minutes(field, palette, setting.band().cm2PerMinute());
        return field;
    }

    /** A goal of fields that stand each for itself. */
    public void goal(Goal goal, List<FieldPlan> each, double nearly, double secure, double beyond) {
        goal(goal, GoalFields.each(each), nearly, secure, beyond);
    }

    /** @param nearly 2; @param secure 3; @param beyond 4, for the developing band */
    public void goal(Goal goal, GoalFields of, double nearly, double secure, double beyond) {
        goals.add(new GoalPlan(goal, of, new Ladder(nearly, secure, beyond)));
    }

    /** Of these goals only some have a level; the others are still measured. */
    public void judgeOnly(Collection<Goal> chosen) {
        goals.stream().filter(g -> !chosen.contains(g.goal())).forEach(figures::add);
        goals.removeAll(figures);
    }

    public boolean isJudged(Goal goal) {
        return goals.stream().anyMatch(g -> g.goal() == goal);
    }

    /** Every box even inside and neat at its edge. */
    public void cleanBoxes(List<FieldPlan> of) {
        goal(Goal.EVEN_INSIDE, of, 5.5, 3.5, 2.2);
        goal(Goal.NEAT_EDGE, of, 6, 2, 0.7);
    }

    public void step(String words) {
        steps.add(words);
    }

    public void note(String words) {
        notes.add(words);
    }

    /** @param slip what makes it, null where that is no change of layers */
    public void fault(@Nullable CommonMistake slip, String sign, String say) {
        faults.add(new Fault(sign, say, slip));
    }

    /** A fault of too much colour. @param lift what to say where the method lifts it with putty */
    public void tooMuch(CommonMistake slip, String sign, String say, String lift) {
        fault(slip, sign, setting.method().has(MethodAnswer.PUTTY_ERASER) ? lift : say);
    }

    public void caution(String words) {
        cautions.add(words);
    }

    /** Says where a box comes out otherwise than its value asks. */
    public void tellIfMissed(FieldPlan box) {
        double off = box.predictedColour().lightness() - box.askedLightness();
        if (Math.abs(off) > MISS) {
            String way = off > 0 ? say("exercise.lighter") : say("exercise.darker");
            finding(Finding.of(box.id(), say("exercise.the-nearest-pressure-comes", way, Math.abs(off))));
        }
    }

    public void finding(Finding finding) {
        findings.add(finding);
    }

    public ExercisePlan plan(String kind, String title, String goal) {
        cautions.add(say("exercise.rest-hand-and-eyes"));
        List<Pencil> used = used();
        if (used.stream().anyMatch(p -> p.binder() == Binder.SOFT_PASTEL)) {
            cautions.add(say("exercise.soft-pastel-makes-dust"));
        }
        return new ExercisePlan(
                kind,
                title,
                goal,
                used,
                fields.stream().map(f -> renumbered(f, used)).toList(),
                goals,
                figures,
                new Teaching(steps, notes, faults, cautions, minutes),
                findings,
                setting.pressures());
    }

    /** Pencils of the fields' recipes in order of use; others were only tried. */
    private List<Pencil> used() {
        return fields.stream()
                .flatMap(f -> Stream.concat(
                        f.recipe().steps().stream(),
                        f.hasPicture()
                                ? f.ownPicture().tones().stream().flatMap(t -> t.recipe().steps().stream())
                                : Stream.empty()))
                .filter(s -> s.pencil() >= 0)
                .map(s -> palette.get(s.pencil()))
                .distinct()
                .toList();
    }

    private FieldPlan renumbered(FieldPlan f, List<Pencil> used) {
        FieldPlan field = f.with(renumbered(f.recipe(), used));
        return f.hasPicture()
                ? field.with(f.ownPicture()
                        .with(f.ownPicture().tones().stream()
                                .map(t -> t.with(renumbered(t.recipe(), used)))
                                .toList()))
                : field;
    }

    private Recipe renumbered(Recipe recipe, List<Pencil> used) {
        return new Recipe(recipe.steps().stream()
                .map(s -> s.pencil() < 0 ? s : s.with(used.indexOf(palette.get(s.pencil()))))
                .toList());
    }
}
