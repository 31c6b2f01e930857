package grastel.core.exercise;

import grastel.core.layering.Layer;
import grastel.core.media.Pencil;
import java.util.List;

/**
 * What an exercise asks and how it can be done. Plain data that a printed sheet keeps for ever.
 *
 * @param kind id of the kind that made it
 * @param title what it is
 * @param goal what it is for, one line
 * @param palette the pencils it needs, in order of first use
 * @param fields in reading order
 * @param goals what it is judged by
 * @param steps what the student does, in order, one line each
 * @param notes what the teacher shows and says
 * @param faults what commonly goes wrong, and what to say
 * @param cautions what to mind, ending with who decides
 * @param minutes working minutes for a student of the band, without setting up and clearing
 * @param findings what cannot fully be done, or wants care
 */
public record ExercisePlan(
        String kind,
        String title,
        String goal,
        List<Pencil> palette,
        List<FieldPlan> fields,
        List<GoalPlan> goals,
        List<String> steps,
        List<String> notes,
        List<Fault> faults,
        List<String> cautions,
        double minutes,
        List<Finding> findings) {
    public ExercisePlan {
        palette = List.copyOf(palette);
        fields = List.copyOf(fields);
        goals = List.copyOf(goals);
        steps = List.copyOf(steps);
        notes = List.copyOf(notes);
        faults = List.copyOf(faults);
        cautions = List.copyOf(cautions);
        findings = List.copyOf(findings);
    }

    /** @param sign what is seen; @param say what to tell the student */
    public record Fault(String sign, String say) {}

    /** The same without its findings: what is printed is settled. */
    public ExercisePlan settled() {
        return new ExercisePlan(
                kind, title, goal, palette, fields, goals, steps, notes, faults, cautions, minutes, List.of());
    }

    public FieldPlan field(String id) {
        return fields.stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No field " + id + " in " + title));
    }

    /** The layers of a field's recipe at one place. @param at 0 left … 1 right */
    public List<Layer> layers(FieldPlan field, double at) {
        return field.recipe().layers(palette, at);
    }
}
