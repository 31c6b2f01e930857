package grastel.core.exercise.plan;

import grastel.core.exercise.FieldWork;
import grastel.core.exercise.asked.Finding;
import grastel.core.exercise.goal.Goal;
import grastel.core.layering.Layer;
import grastel.core.layering.Pressures;
import grastel.core.layering.advice.CommonMistake;
import grastel.core.media.Pencil;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What an exercise asks and how it can be done. Plain data that a printed sheet keeps for ever.
 *
 * @param kind id of the kind that made it
 * @param title what it is
 * @param goal what it is for, one line
 * @param palette the pencils it needs, in order of first use
 * @param fields in reading order
 * @param goals what it is judged by
 * @param figures what is measured beside, with no level; null, as in plans from before there were any, is none
 * @param teaching how it is taught, and how long it takes
 * @param findings what cannot fully be done, or wants care
 * @param pressures by which its fields are predicted; null, as in plans from before classes had their own, is as taught
 */
public record ExercisePlan(
        String kind,
        String title,
        String goal,
        List<Pencil> palette,
        List<FieldPlan> fields,
        List<GoalPlan> goals,
        List<GoalPlan> figures,
        Teaching teaching,
        List<Finding> findings,
        Pressures pressures) {
    public ExercisePlan {
        palette = List.copyOf(palette);
        fields = List.copyOf(fields);
        goals = List.copyOf(goals);
        figures = figures == null ? List.of() : List.copyOf(figures);
        findings = List.copyOf(findings);
        pressures = pressures == null ? Pressures.TAUGHT : pressures;
    }

    /**
     * How an exercise is taught.
     *
     * @param steps what the student does, in order, one line each
     * @param notes what the teacher shows and says
     * @param faults what commonly goes wrong, and what to say
     * @param cautions what to mind, ending with who decides
     * @param minutes working minutes for a student of the band, without setting up and clearing
     */
    public record Teaching(
            List<String> steps, List<String> notes, List<Fault> faults, List<String> cautions, double minutes) {
        public Teaching {
            steps = List.copyOf(steps);
            notes = List.copyOf(notes);
            faults = List.copyOf(faults);
            cautions = List.copyOf(cautions);
        }

        private Teaching longer(double by) {
            return new Teaching(steps, notes, faults, cautions, minutes + by);
        }
    }

    /** @param sign what is seen; @param say what to tell the student; @param slip what makes it, null where that is no change of layers */
    public record Fault(String sign, String say, @Nullable CommonMistake slip) {}

    /** The same without its findings: what is printed is settled. */
    public ExercisePlan withoutFindings() {
        return new ExercisePlan(kind, title, goal, palette, fields, goals, figures, teaching, List.of(), pressures);
    }

    /** The same with thresholds moved. @param factors what to multiply them by; goals left out keep theirs */
    public ExercisePlan withThresholds(Map<Goal, Double> factors) {
        List<GoalPlan> moved = goals.stream()
                .map(g -> g.times(factors.getOrDefault(g.goal(), g.factor())))
                .toList();
        return new ExercisePlan(kind, title, goal, palette, fields, moved, figures, teaching, findings, pressures);
    }

    /**
     * The same with larger boxes and forms, which take longer.
     *
     * @param times as wide and high
     * @param mostBoxMm side up to which a box grows
     * @param mostFormMm side up to which a form grows
     * @param cm2PerMinute what a hand of the band covers
     */
    public ExercisePlan grown(double times, double mostBoxMm, double mostFormMm, double cm2PerMinute) {
        List<FieldPlan> larger =
                fields.stream().map(f -> f.grown(times, mostBoxMm, mostFormMm)).toList();
        double longer = 0;
        for (int i = 0; i < fields.size(); i++) {
            longer += FieldWork.minutes(larger.get(i), palette, cm2PerMinute)
                    - FieldWork.minutes(fields.get(i), palette, cm2PerMinute);
        }
        return new ExercisePlan(
                kind, title, goal, palette, larger, goals, figures, teaching.longer(longer), findings, pressures);
    }

    /** How far apart in L* two neighbours of a goal of steps are asked, on average; none of a goal that has no row here. */
    public Optional<Double> askedStep(Goal ofSteps) {
        return goals.stream()
                .filter(g -> g.goal() == ofSteps
                        && g.of() instanceof GoalFields.Row
                        && g.fields().size() > 1)
                .findFirst()
                .map(g -> Math.abs(field(g.fields().get(0)).askedLightness()
                                - field(g.fields().get(g.fields().size() - 1)).askedLightness())
                        / (g.fields().size() - 1))
                .filter(step -> step > 0);
    }

    public List<String> steps() {
        return teaching.steps();
    }

    public List<String> notes() {
        return teaching.notes();
    }

    public List<Fault> faults() {
        return teaching.faults();
    }

    public List<String> cautions() {
        return teaching.cautions();
    }

    public double minutes() {
        return teaching.minutes();
    }

    /** What a goal's usual thresholds are multiplied by. */
    public double factor(Goal of) {
        return goals.stream()
                .filter(g -> g.goal() == of)
                .mapToDouble(GoalPlan::factor)
                .findFirst()
                .orElse(1);
    }

    public FieldPlan field(String id) {
        return fields.stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No field " + id + " in " + title));
    }

    /** The layers of a field's recipe at one place. @param at 0 left … 1 right */
    public List<Layer> layers(FieldPlan field, double at) {
        return field.recipe().layers(palette, at, pressures);
    }
}
