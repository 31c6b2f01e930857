package grastel.core.progress;

import grastel.core.planning.Skill;
import grastel.core.progress.Attempt.Shown;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How far a student has come in a skill: each goal of a kind of exercise at the first attempt against the same at the last, as
 * places on its thresholds, so that nothing above beyond counts; steps as if as many were asked both times.
 *
 * @param levels by how many levels the latest attempts are better, on average; 0 where nothing was drawn twice
 * @param plusMinus half width of its 95 % interval; 4 where nothing was drawn twice
 * @param clearest figure that became better, said only where the skill grew
 */
public record SkillChange(Trend trend, double levels, double plusMinus, Optional<Growth> clearest) {
    /** By how much the same hand differs from day to day, levels (standard deviation): an estimate. */
    private static final double HAND = 0.3;

    private static final double NORMAL_95 = 1.96;
    /** An interval wider than this on either side leaves open what happened, levels. */
    private static final double TELLING = 1;

    private static final SkillChange UNKNOWN = new SkillChange(Trend.TOO_LITTLE, 0, 4, Optional.empty());

    /** What the change amounts to. */
    public enum Trend {
        /** Better, and the interval excludes that it is not. */
        GREW,
        /** Neither, as far as can be told to a level. */
        STEADY,
        /** Weaker, and the interval excludes that it is not. */
        SLIPPED,
        /** Drawn once, or too uncertain. */
        TOO_LITTLE
    }

    /** One goal of one kind of exercise, then and now. */
    private record Pair(String kind, Shown first, Shown latest) {
        double levels() {
            return latest.position(first) - first.position(first);
        }

        double plusMinus() {
            return Math.hypot(first.positionError(), latest.positionError());
        }

        Optional<Growth> growth() {
            Double from = first.figure();
            Double to = latest.figure();
            if (from == null || to == null || first.plusMinus() == null || latest.plusMinus() == null) {
                return Optional.empty();
            }
            boolean better = first.ladder().isRising() ? to > from : to < from;
            return levels() > 0 && better
                    ? Optional.of(new Growth(
                            kind, latest.goal(), first, latest, Math.hypot(first.plusMinus(), latest.plusMinus())))
                    : Optional.empty();
        }
    }

    /** @param attempts the first first */
    static SkillChange of(Skill skill, List<Attempt> attempts) {
        List<Pair> pairs = pairs(skill, attempts);
        if (pairs.isEmpty()) {
            return UNKNOWN;
        }
        double levels = pairs.stream().mapToDouble(Pair::levels).average().orElseThrow();
        double reading = Math.sqrt(pairs.stream()
                        .mapToDouble(p -> p.plusMinus() * p.plusMinus())
                        .sum())
                / pairs.size();
        double plusMinus = Math.hypot(reading, NORMAL_95 * HAND * Math.sqrt(2));
        Trend trend = trend(levels, plusMinus);
        return new SkillChange(
                trend,
                levels,
                plusMinus,
                trend == Trend.GREW
                        ? pairs.stream()
                                .sorted((a, b) -> Double.compare(b.levels(), a.levels()))
                                .flatMap(p -> p.growth().stream())
                                .findFirst()
                        : Optional.empty());
    }

    private static Trend trend(double levels, double plusMinus) {
        if (Math.abs(levels) > plusMinus) {
            return levels > 0 ? Trend.GREW : Trend.SLIPPED;
        }
        return plusMinus <= TELLING ? Trend.STEADY : Trend.TOO_LITTLE;
    }

    private static List<Pair> pairs(Skill skill, List<Attempt> attempts) {
        record Of(String kind, Object goal) {}
        Map<Of, List<Shown>> same = new LinkedHashMap<>();
        for (Attempt attempt : attempts) {
            attempt.of(skill)
                    .forEach(
                            shown -> same.computeIfAbsent(new Of(attempt.kind(), shown.goal()), of -> new ArrayList<>())
                                    .add(shown));
        }
        return same.entrySet().stream()
                .filter(e -> e.getValue().size() > 1)
                .map(e -> new Pair(
                        e.getKey().kind(),
                        e.getValue().get(0),
                        e.getValue().get(e.getValue().size() - 1)))
                .toList();
    }
}
