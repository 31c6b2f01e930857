package grastel.core.progress;

import grastel.core.judging.Level;
import grastel.core.planning.Skill;
import grastel.core.progress.Attempt.Shown;
import grastel.core.progress.SkillLevel.Try;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** One student's attempts, and what they amount to. */
public final class StudentRecord {
    /** The latest, the one before, and the one before that. */
    private static final double[] WEIGHTS = {0.5, 0.3, 0.2};

    private static final int SECURE_DAYS = 2;

    private final List<Attempt> attempts;
    private final ZoneId zone;
    private final Map<Skill, SkillLevel> standings = new EnumMap<>(Skill.class);

    /** @param attempts in any order; @param zone in which days are told apart */
    public StudentRecord(List<Attempt> attempts, ZoneId zone) {
        this.attempts = attempts.stream()
                .sorted(Comparator.comparing(Attempt::received))
                .toList();
        this.zone = zone;
        for (Skill skill : Skill.values()) {
            found(skill).ifPresent(s -> standings.put(skill, s));
        }
    }

    /** By skill, in the order they are taught; skills that no attempt shows are left out. */
    public Map<Skill, SkillLevel> standings() {
        return Collections.unmodifiableMap(standings);
    }

    public Optional<SkillLevel> standing(Skill skill) {
        return Optional.ofNullable(standings.get(skill));
    }

    private Optional<SkillLevel> found(Skill skill) {
        List<Try> tries = attempts.stream()
                .filter(a -> !a.of(skill).isEmpty())
                .map(a -> tried(a, a.of(skill)))
                .toList();
        if (tries.isEmpty()) {
            return Optional.empty();
        }
        double level = tries.get(0).level();
        for (int n = 1; n < tries.size(); n++) {
            double weighed = weighed(tries.subList(0, n + 1));
            // an attempt that is better than the standing never lowers it, whatever falls out of the last three
            level = tries.get(n).level() >= level ? Math.max(level, weighed) : weighed;
        }
        return Optional.of(new SkillLevel(level, isSecure(level, tries), SkillChange.of(skill, attempts), tries));
    }

    /** The attempts on both sides of a moment, and the levels they showed in a skill. */
    record Around(Attempt last, Try before, Attempt next, Try after) {}

    /** The last attempt at a skill before a moment and the first one after it; nothing where either is missing. */
    Optional<Around> around(Skill skill, Instant when) {
        List<Attempt> all =
                attempts.stream().filter(a -> !a.of(skill).isEmpty()).toList();
        int after = 0;
        while (after < all.size() && all.get(after).received().isBefore(when)) {
            after++;
        }
        if (after == 0 || after == all.size()) {
            return Optional.empty();
        }
        Attempt last = all.get(after - 1);
        Attempt next = all.get(after);
        return Optional.of(new Around(last, tried(last, last.of(skill)), next, tried(next, next.of(skill))));
    }

    /** Goals by their lowest third: one that is not there yet is not made up for by others. */
    private static Try tried(Attempt attempt, List<Shown> shown) {
        List<Shown> sorted =
                shown.stream().sorted(Comparator.comparing(Shown::level)).toList();
        double level = LowestThird.of(
                shown.stream().map(s -> new LowestThird.Weighed(s.level(), 1)).toList());
        return new Try(attempt.received(), level, sorted.get(0));
    }

    private static double weighed(List<Try> tries) {
        double sum = 0;
        double weights = 0;
        for (int i = 0; i < Math.min(WEIGHTS.length, tries.size()); i++) {
            sum += WEIGHTS[i] * tries.get(tries.size() - 1 - i).level();
            weights += WEIGHTS[i];
        }
        return sum / weights;
    }

    private boolean isSecure(double level, List<Try> tries) {
        long days = tries.subList(Math.max(0, tries.size() - WEIGHTS.length), tries.size()).stream()
                .filter(t -> t.level() >= Level.SECURE.ordinal())
                .map(t -> LocalDate.ofInstant(t.received(), zone))
                .distinct()
                .count();
        return level >= Level.SECURE.ordinal() && days >= SECURE_DAYS;
    }

    /** The first skill in the order of teaching that is below secure; of those needed, where any are. */
    public Optional<Skill> next(Set<Skill> needed) {
        List<Skill> below = standings.entrySet().stream()
                .filter(e -> e.getValue().level() < Level.SECURE.ordinal())
                .map(Map.Entry::getKey)
                .toList();
        return below.stream()
                .filter(needed::contains)
                .findFirst()
                .or(() -> below.stream().findFirst());
    }
}
