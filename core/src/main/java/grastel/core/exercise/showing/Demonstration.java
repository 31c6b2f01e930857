package grastel.core.exercise.showing;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.exercise.Evenly;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.FieldPlan.Ask;
import grastel.core.exercise.plan.Recipe;
import grastel.core.exercise.plan.Span;
import grastel.core.layering.Layer;
import grastel.core.layering.Stack;
import grastel.core.layering.advice.CommonMistake;
import grastel.core.media.Paper;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * An exercise as scenes: what it is for, the layers of a few of its fields one by one, the students' turn, what goes wrong,
 * what to mind.
 */
public final class Demonstration {
    /** Of a group as many are shown, the first and the last among them: the rest is the students' own to find. */
    private static final int MOST_FIELDS = 4;

    private static final int SLICES = 12;
    private static final double MIDDLE = 0.5;
    /** A slip that changes less than this is not seen from the back of a room, ΔE00. */
    private static final double SEEN = 2;

    private final ExercisePlan plan;
    private final Paper paper;

    private Demonstration(ExercisePlan plan, Paper paper) {
        this.plan = plan;
        this.paper = paper;
    }

    public static List<Scene> of(ExercisePlan plan, Paper paper) {
        Demonstration made = new Demonstration(plan, paper);
        List<Scene> scenes = new ArrayList<>();
        scenes.add(new Scene.Opening(plan.title(), plan.goal(), plan.palette()));
        made.shown().forEach(f -> scenes.addAll(made.layers(f)));
        scenes.add(new Scene.Turn(plan.steps(), plan.minutes()));
        plan.faults().forEach(f -> scenes.add(made.fault(f)));
        if (!plan.cautions().isEmpty()) {
            scenes.add(new Scene.Cautions(plan.cautions()));
        }
        return List.copyOf(scenes);
    }

    /** A stack as scenes. @param name what it is called */
    public static List<Scene> of(String name, String about, Stack stack) {
        List<Scene> scenes = new ArrayList<>();
        scenes.add(new Scene.Opening(
                name,
                about,
                stack.layers().stream()
                        .map(Layer::pencil)
                        .filter(p -> p != null)
                        .distinct()
                        .toList()));
        int of = stack.layers().size();
        for (int i = 0; i < of; i++) {
            Stack after = stack.withLayers(stack.layers().subList(0, i + 1));
            scenes.add(new Scene.Laying(name, i + 1, of, stack.layers().get(i), after, List.of(), null));
        }
        return List.copyOf(scenes);
    }

    private Stream<FieldPlan> drawn() {
        return plan.fields().stream()
                .filter(f -> f.ask() != Ask.NOTHING && !f.recipe().steps().isEmpty());
    }

    /** Fields of the first group, from first to last at even distances. */
    private List<FieldPlan> shown() {
        List<FieldPlan> all = drawn().toList();
        List<FieldPlan> group =
                all.stream().filter(f -> f.group().equals(all.get(0).group())).toList();
        return Evenly.picked(group, MOST_FIELDS);
    }

    private List<Scene> layers(FieldPlan field) {
        List<Scene> scenes = new ArrayList<>();
        int of = field.recipe().steps().size();
        for (int n = 1; n <= of; n++) {
            Recipe soFar = new Recipe(field.recipe().steps().subList(0, n));
            Recipe alone = new Recipe(List.of(field.recipe().steps().get(n - 1).over(Span.WHOLE)));
            Layer layer = alone.layers(plan.palette(), MIDDLE, plan.pressures()).get(0);
            scenes.add(
                    new Scene.Laying(name(field), n, of, layer, at(soFar, MIDDLE), slices(field, soFar), asked(field)));
        }
        return scenes;
    }

    private Stack at(Recipe recipe, double place) {
        return new Stack(paper, Optional.empty(), recipe.layers(plan.palette(), place, plan.pressures()));
    }

    private List<Lab> slices(FieldPlan field, Recipe recipe) {
        return field.predicted().size() == 1
                ? List.of()
                : IntStream.range(0, SLICES)
                        .mapToObj(i -> at(recipe, (i + 0.5) / SLICES).swatch().colour())
                        .toList();
    }

    private static @Nullable Lab asked(FieldPlan field) {
        return field.asked().isEmpty() ? null : field.asked().get(field.asked().size() / 2);
    }

    private static String name(FieldPlan field) {
        String label = field.label().isEmpty() ? field.id() : field.label();
        return Stream.of(field.group(), label).filter(w -> !w.isEmpty()).collect(Collectors.joining(" "));
    }

    /** In the field and at the place where it is seen most. */
    private Scene fault(ExercisePlan.Fault fault) {
        return fault.slip() == null
                ? said(fault)
                : drawn().flatMap(f -> slipped(f, fault.slip()))
                        .max(Comparator.comparingDouble(Slipped::seen))
                        .filter(s -> s.seen() >= SEEN)
                        .map(s -> (Scene) new Scene.Fault(
                                name(s.field()), fault.sign(), fault.say(), fault.slip(), s.right(), s.wrong()))
                        .orElseGet(() -> said(fault));
    }

    private static Scene said(ExercisePlan.Fault fault) {
        return new Scene.Fault("", fault.sign(), fault.say(), null, null, null);
    }

    private record Slipped(FieldPlan field, Stack right, Stack wrong) {
        double seen() {
            double colours = ColourDifference.ciede2000(
                    right.swatch().colour(), wrong.swatch().colour());
            return colours
                    + 100 * Math.abs(right.swatch().specks() - wrong.swatch().specks());
        }
    }

    private Stream<Slipped> slipped(FieldPlan field, CommonMistake slip) {
        Stream<Double> places = field.predicted().size() == 1 ? Stream.of(MIDDLE) : Stream.of(0.0, MIDDLE, 1.0);
        return places.map(p -> at(field.recipe(), p)).map(right -> new Slipped(field, right, slip.in(right)));
    }
}
