package grastel.app.sheets.api;

import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.plan.GoalPlan;
import grastel.core.page.PageSize;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a sheet is made from, by the ids of the kit.
 *
 * @param schoolClass whose method, pace and pencils it follows; null for the usual
 * @param set pencils at hand; null for the whole kit
 */
public record SheetData(
        @Nullable UUID schoolClass,
        @Nullable UUID set,
        @NotNull UUID paper,
        @NotNull PageSize pageSize,
        @NotNull @Size(min = 1, max = 8) List<@NotNull @Valid ExerciseData> exercises) {
    public SheetData {
        exercises = exercises == null ? List.of() : List.copyOf(exercises);
    }

    /**
     * @param kind id of an exercise kind
     * @param values chosen, by parameter; what is left out is suggested
     * @param thresholds what this sheet multiplies the usual thresholds of goals by; goals left out follow the class
     */
    public record ExerciseData(
            @NotNull @Size(max = 40) String kind,
            @NotNull Map<@Size(max = 40) String, @Valid ValueData> values,
            Map<Goal, @NotNull @DecimalMin("" + GoalPlan.LEAST_FACTOR) @DecimalMax("" + GoalPlan.MOST_FACTOR) Double>
                    thresholds) {
        public ExerciseData {
            values = values == null ? Map.of() : Map.copyOf(values);
            thresholds = thresholds == null ? Map.of() : thresholds;
        }

        public ExerciseData(String kind, Map<String, ValueData> values) {
            this(kind, values, Map.of());
        }
    }

    /** One of: a number, a word, some words, a pencil of the kit. */
    public record ValueData(
            @Nullable Double number,
            @Size(max = 60) @Nullable String word,
            @Size(max = 12) @Nullable List<@Size(max = 60) String> words,
            @Nullable UUID pencil) {
        public static ValueData of(double number) {
            return new ValueData(number, null, null, null);
        }

        public static ValueData of(String word) {
            return new ValueData(null, word, null, null);
        }

        public static ValueData of(UUID pencil) {
            return new ValueData(null, null, null, pencil);
        }
    }

    /** One exercise on A4, by the usual method with the whole kit. */
    public static SheetData of(UUID paper, String kind, Map<String, ValueData> values) {
        return new SheetData(null, null, paper, PageSize.A4, List.of(new ExerciseData(kind, values)));
    }
}
