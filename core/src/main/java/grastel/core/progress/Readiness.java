package grastel.core.progress;

import grastel.core.judging.Level;
import grastel.core.planning.Skill;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * How a class spreads in a skill, and whether it is ready for what builds on it.
 *
 * @param reached students who have reached each level, 0…4, and not the next; who has not shown the skill is in none
 */
public record Readiness(List<Integer> reached) {
    public Readiness {
        reached = List.copyOf(reached);
    }

    /** In each skill that somebody has shown. */
    public static Map<Skill, Readiness> of(Collection<StudentRecord> records) {
        Map<Skill, Readiness> all = new EnumMap<>(Skill.class);
        for (Skill skill : Skill.values()) {
            Readiness of = of(skill, records);
            if (of.tried() > 0) {
                all.put(skill, of);
            }
        }
        return all;
    }

    public static Readiness of(Skill skill, Collection<StudentRecord> records) {
        List<Integer> levels = records.stream()
                .flatMap(r -> r.standing(skill).stream())
                .map(s -> (int) s.level())
                .toList();
        return new Readiness(IntStream.range(0, Level.values().length)
                .mapToObj(level -> (int) levels.stream().filter(l -> l == level).count())
                .toList());
    }

    /** How many stand at 3 or more. */
    public int secure() {
        return reached.subList(Level.SECURE.ordinal(), reached.size()).stream()
                .mapToInt(Integer::intValue)
                .sum();
    }

    /** How many have shown it. */
    public int tried() {
        return reached.stream().mapToInt(Integer::intValue).sum();
    }

    /** @param enough share of those who tried, 0…1; where nobody has, nobody is */
    public boolean isReady(double enough) {
        return tried() > 0 && secure() >= enough * tried();
    }
}
