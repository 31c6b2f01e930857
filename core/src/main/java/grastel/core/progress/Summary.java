package grastel.core.progress;

import grastel.core.checks.Require;
import grastel.core.judging.Cause;
import grastel.core.judging.Level;
import grastel.core.planning.Skill;
import grastel.core.progress.SkillChange.Trend;
import grastel.core.progress.SkillLevel.Try;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What there is to tell of a student, in the order of teaching: nothing of others and no figures.
 *
 * @param secure skills that stand at 3 or more and have not slipped
 * @param grown skills that grew
 * @param pair what shows growth best, of those that have a field to show; none where nothing grew
 * @param next skill to work on; none where all that was tried is secure
 * @param cause what keeps it from being secure, if that is known
 * @param stretch where all that was tried is secure, the first new skill that builds on it; none where there is none
 */
public record Summary(
        List<Skill> secure,
        List<Grown> grown,
        Optional<Grown> pair,
        Optional<Skill> next,
        Optional<Cause> cause,
        Optional<Skill> stretch) {
    public Summary {
        secure = List.copyOf(secure);
        grown = List.copyOf(grown);
    }

    /** @param first and latest attempt at it; @param levels it grew by */
    public record Grown(Skill skill, Try first, Try latest, double levels) {
        boolean isSeen() {
            return first.weakest().field() != null && latest.weakest().field() != null;
        }
    }

    public static Summary of(StudentRecord record) {
        Map<Skill, SkillLevel> standings = record.standings();
        List<Skill> secure = new ArrayList<>();
        List<Grown> grown = new ArrayList<>();
        standings.forEach((skill, standing) -> {
            if (standing.level() >= Level.SECURE.ordinal() && standing.change().trend() != Trend.SLIPPED) {
                secure.add(skill);
            }
            if (standing.change().trend() == Trend.GREW) {
                grown.add(new Grown(
                        skill,
                        standing.tries().get(0),
                        standing.latest(),
                        standing.change().levels()));
            }
        });
        Optional<Skill> next = record.next(Set.of());
        return new Summary(
                secure,
                grown,
                grown.stream().filter(Grown::isSeen).max(Comparator.comparingDouble(Grown::levels)),
                next,
                next.map(skill ->
                        Require.key(standings, skill).latest().weakest().cause()),
                next.isPresent() ? Optional.empty() : stretch(standings.keySet()));
    }

    /** @param there skills that are secure */
    private static Optional<Skill> stretch(Set<Skill> there) {
        return Arrays.stream(Skill.values())
                .filter(skill -> !there.contains(skill))
                .filter(skill ->
                        skill.needs().stream().allMatch(anyOf -> anyOf.stream().anyMatch(there::contains)))
                .findFirst();
    }
}
