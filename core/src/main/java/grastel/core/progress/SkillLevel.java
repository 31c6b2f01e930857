package grastel.core.progress;

import java.time.Instant;
import java.util.List;

/**
 * Where a student is in a skill.
 *
 * @param level 0…4, from the last three attempts
 * @param isSecure the level is 3 or more, and attempts at 3 or more on two days stand behind it
 * @param change from the first attempts to the latest
 * @param tries what each attempt showed, the first first
 */
public record SkillLevel(double level, boolean isSecure, SkillChange change, List<Try> tries) {
    public SkillLevel {
        tries = List.copyOf(tries);
        if (tries.isEmpty() || !(level >= 0 && level <= 4)) {
            throw new IllegalArgumentException("A standing of 0…4 needs an attempt, was " + level);
        }
    }

    /** One attempt. @param level 0…4: its goals by their lowest third; @param weakest the goal that is lowest */
    public record Try(Instant received, double level, Attempt.Shown weakest) {}

    public Try latest() {
        return tries.get(tries.size() - 1);
    }

    /** How far attempts lie apart, levels. */
    public double spread() {
        double least = tries.stream().mapToDouble(Try::level).min().orElseThrow();
        return tries.stream().mapToDouble(Try::level).max().orElseThrow() - least;
    }
}
