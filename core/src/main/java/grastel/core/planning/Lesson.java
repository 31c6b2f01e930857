package grastel.core.planning;

import java.time.LocalDateTime;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A lesson as it is laid on periods.
 *
 * @param id unique in its course
 * @param stages in the order they are done, may be empty
 * @param pin the period it begins in whatever comes before, by when it is held; null for wherever it falls
 */
public record Lesson(
        String id, List<Stage> stages, @Nullable LocalDateTime pin) {
    public Lesson {
        stages = List.copyOf(stages);
        Set<String> seen = new HashSet<>();
        for (Stage stage : stages) {
            if (!seen.add(stage.id())) {
                throw new IllegalArgumentException("Lesson " + id + " has stage " + stage.id() + " twice");
            }
        }
    }

    public double minutes() {
        return stages.stream().mapToDouble(Stage::minutes).sum();
    }
}
