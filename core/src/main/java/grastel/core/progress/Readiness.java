package grastel.core.progress;

import grastel.core.judging.Level;
import grastel.core.planning.Skill;
import java.util.Collection;
import java.util.EnumMap;
import java.util.Map;

/**
 * Whether a class is ready for what needs a skill.
 *
 * @param secure how many stand at 3 or more
 * @param tried how many have shown it
 */
public record Readiness(int secure, int tried) {
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
        int secure = 0;
        int tried = 0;
        for (StudentRecord record : records) {
            double level = record.standing(skill).map(Standing::level).orElse(-1.0);
            tried += level >= 0 ? 1 : 0;
            secure += level >= Level.SECURE.ordinal() ? 1 : 0;
        }
        return new Readiness(secure, tried);
    }

    /** @param enough share of those who tried, 0…1; where nobody has, nobody is */
    public boolean isReady(double enough) {
        return tried > 0 && secure >= enough * tried;
    }
}
