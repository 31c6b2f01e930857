package grastel.app.progress.marks;

import grastel.app.platform.ApiProblem;
import grastel.core.exercise.goal.Goal;
import grastel.core.progress.MarkScale;
import grastel.core.progress.MarkScale.Step;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;

/**
 * A class's scale as asked for and as kept.
 *
 * @param version of this shape, {@value #VERSION}
 * @param weights of goals; those left out weigh 1
 * @param steps what levels 0…4 are worth, the lowest first
 * @param classCode what the school's system calls the class; empty for Grastel's own
 */
record ScaleData(
        Integer version,
        @NotNull Map<@NotNull Goal, @NotNull @DecimalMin("0") @DecimalMax("10") Double> weights,
        @NotNull @Size(min = 5, max = 5) List<@NotNull @Valid StepData> steps,
        @Size(max = 80) String classCode) {
    static final int VERSION = 1;

    static final ScaleData USUAL = of(MarkScale.LEVELS);

    ScaleData {
        version = version == null ? VERSION : version;
        classCode = classCode == null ? "" : classCode.strip();
    }

    /** @param value points or per cent; @param name a letter or a word, or empty */
    record StepData(
            @NotNull @DecimalMin("-1000") @DecimalMax("1000")
            Double value,

            @Size(max = 20) String name) {
        StepData {
            name = name == null ? "" : name.strip();
        }
    }

    private static ScaleData of(MarkScale scale) {
        return new ScaleData(
                VERSION,
                scale.weights(),
                scale.steps().stream()
                        .map(s -> new StepData(s.value(), s.name()))
                        .toList(),
                "");
    }

    /** @throws ApiProblem where the steps do not run one way */
    MarkScale scale() {
        return ApiProblem.taken(
                "scale.steps",
                () -> new MarkScale(
                        weights,
                        steps.stream().map(s -> new Step(s.value(), s.name())).toList()));
    }
}
