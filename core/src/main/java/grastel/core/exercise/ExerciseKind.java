package grastel.core.exercise;

import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.ImpossibleExercise;
import grastel.core.exercise.asked.Parameter;
import grastel.core.exercise.plan.ExercisePlan;
import java.util.List;

/**
 * A kind of exercise. From its parameters, the pencils, the paper and the class's method it makes a plan: fields with what is
 * asked of each and how it is made, goals, steps, notes, cautions, minutes, and what cannot be done. Register a new kind in
 * {@link ExerciseKinds}.
 */
public interface ExerciseKind {
    /** Stable short name, kept with every sheet: lower-case words joined by dashes. */
    String id();

    /** As a teacher calls it. */
    String name();

    /** What it teaches, one line. */
    String teaches();

    /** What can be chosen, in the order it is asked for, with suggestions for the pencils at hand. */
    List<Parameter> parameters(Setting setting);

    /**
     * @param values checked against {@link #parameters}; what is left out is chosen here
     * @throws ImpossibleExercise where no plan can be made at all
     */
    ExercisePlan plan(ChosenValues values, Setting setting);
}
