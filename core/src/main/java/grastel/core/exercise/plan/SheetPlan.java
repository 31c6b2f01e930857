package grastel.core.exercise.plan;

import grastel.core.exercise.asked.Finding;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * The exercises of one sheet. Where there are several, the ids of their fields begin with a letter of their own, so that no
 * two fields of a sheet have the same.
 */
public record SheetPlan(List<ExercisePlan> exercises) {
    public static final int MOST_EXERCISES = 8;

    public SheetPlan {
        exercises = List.copyOf(exercises);
    }

    /** Exercises as planned, made ready to share a sheet. */
    public static SheetPlan of(List<ExercisePlan> planned) {
        if (planned.size() > MOST_EXERCISES) {
            throw new IllegalArgumentException(
                    "A sheet holds 1…" + MOST_EXERCISES + " exercises, asked for " + planned.size());
        }
        if (planned.size() < 2) {
            return new SheetPlan(planned);
        }
        List<ExercisePlan> named = new ArrayList<>();
        for (ExercisePlan plan : planned) {
            String letter = String.valueOf((char) ('A' + named.size()));
            named.add(renamed(plan, id -> letter + id));
        }
        return new SheetPlan(named);
    }

    /** One of the exercises as it was planned, its fields without the letter they have beside others. */
    public ExercisePlan alone(int exercise) {
        ExercisePlan plan = exercises.get(exercise);
        return exercises.size() < 2 ? plan : renamed(plan, id -> id.substring(1));
    }

    private static ExercisePlan renamed(ExercisePlan p, UnaryOperator<String> name) {
        return new ExercisePlan(
                p.kind(),
                p.title(),
                p.goal(),
                p.palette(),
                p.fields().stream().map(f -> f.named(name.apply(f.id()))).toList(),
                renamed(p.goals(), name),
                renamed(p.figures(), name),
                p.teaching(),
                p.findings().stream()
                        .map(f ->
                                new Finding(f.field() == null ? null : name.apply(f.field()), f.words(), f.remedies()))
                        .toList(),
                p.pressures());
    }

    private static List<GoalPlan> renamed(List<GoalPlan> goals, UnaryOperator<String> name) {
        return goals.stream()
                .map(g -> new GoalPlan(g.goal(), g.of().named(name), g.ladder(), g.factor()))
                .toList();
    }

    /** All fields in reading order. */
    public List<FieldPlan> fields() {
        return exercises.stream().flatMap(e -> e.fields().stream()).toList();
    }

    /** All pencils, in order of first use. */
    public List<Pencil> palette() {
        Set<Pencil> all = new LinkedHashSet<>();
        exercises.forEach(e -> all.addAll(e.palette()));
        return List.copyOf(all);
    }

    /** With larger boxes and forms, see {@link ExercisePlan#grown}. */
    public SheetPlan grown(double times, double mostBoxMm, double mostFormMm, double cm2PerMinute) {
        return new SheetPlan(exercises.stream()
                .map(e -> e.grown(times, mostBoxMm, mostFormMm, cm2PerMinute))
                .toList());
    }

    public double minutes() {
        return exercises.stream().mapToDouble(ExercisePlan::minutes).sum();
    }

    /** The exercise that a field belongs to. */
    public ExercisePlan exerciseOf(String field) {
        return exercises.stream()
                .filter(e -> e.fields().stream().anyMatch(f -> f.id().equals(field)))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No exercise has a field " + field));
    }

    public FieldPlan field(String id) {
        return exerciseOf(id).field(id);
    }

    /** How many fields another plan of the same exercises would have done otherwise, or added or left out. */
    public int differing(SheetPlan other) {
        Map<String, List<Look>> own = looks();
        Map<String, List<Look>> others = other.looks();
        Set<String> ids = new LinkedHashSet<>(own.keySet());
        ids.addAll(others.keySet());
        return (int) ids.stream()
                .filter(id -> !Objects.equals(own.get(id), others.get(id)))
                .count();
    }

    /** A step of a recipe with its pencil itself, for comparing plans whose palettes differ. @param pencil empty for solvent */
    private record Look(String pencil, Recipe.Step step) {}

    private Map<String, List<Look>> looks() {
        Map<String, List<Look>> looks = new LinkedHashMap<>();
        for (ExercisePlan exercise : exercises) {
            for (FieldPlan field : exercise.fields()) {
                looks.put(
                        field.id(),
                        field.recipe().steps().stream()
                                .map(s -> look(s, exercise.palette()))
                                .toList());
            }
        }
        return looks;
    }

    private static Look look(Recipe.Step step, List<Pencil> palette) {
        if (step.pencil() < 0) {
            return new Look("", step);
        }
        Pencil pencil = palette.get(step.pencil());
        return new Look(pencil.title(), step.with(0));
    }
}
