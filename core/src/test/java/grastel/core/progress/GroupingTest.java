package grastel.core.progress;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.Ladder;
import grastel.core.judging.Cause;
import grastel.core.judging.Level;
import grastel.core.planning.ClassFacts;
import grastel.core.planning.Skill;
import grastel.core.progress.Attempt.Shown;
import grastel.core.progress.Grouping.Fault;
import grastel.core.progress.Grouping.Group;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class GroupingTest {
    private static final Ladder STEPS = new Ladder(50, 30, 18);

    private static StudentRecord with(Level pressure, Level steps, Cause cause) {
        List<Shown> shown = List.of(
                new Shown(Goal.ORDER, pressure, null, null, STEPS, null, cause, new UUID(0, 1), null),
                new Shown(Goal.EQUAL_STEPS, steps, null, null, STEPS, null, cause, new UUID(0, 1), null));
        return new StudentRecord(
                List.of(new Attempt(Instant.parse("2026-09-01T09:00:00Z"), "pressure-scale", shown)), ZoneOffset.UTC);
    }

    private static UUID student(int i) {
        return new UUID(7, i);
    }

    @Test
    void whoHasTwoFaultsGoesWhereTheFaultIsEarlier() {
        Map<UUID, StudentRecord> records = new LinkedHashMap<>();
        records.put(student(1), with(Level.NEARLY, Level.BEGINNING, Cause.PATCHY));
        records.put(student(2), with(Level.NEARLY, Level.SECURE, Cause.PATCHY));
        records.put(student(3), with(Level.SECURE, Level.BEGINNING, Cause.BUNCHED_DARK));
        records.put(student(4), with(Level.BEYOND, Level.NEARLY, Cause.BUNCHED_DARK));
        records.put(student(5), with(Level.SECURE, Level.SECURE, null));

        assertThat(Grouping.of(records, Set.of()))
                .containsExactly(
                        new Group(new Fault(Skill.PRESSURE, Cause.PATCHY), List.of(student(1), student(2))),
                        new Group(new Fault(Skill.EQUAL_STEPS, Cause.BUNCHED_DARK), List.of(student(3), student(4))));
        assertThat(Grouping.of(records, Set.of(Skill.EQUAL_STEPS)))
                .as("only what is needed counts, and who is alone in a fault joins the others")
                .containsExactly(new Group(
                        new Fault(Skill.EQUAL_STEPS, Cause.BUNCHED_DARK), List.of(student(3), student(4), student(1))));
    }

    @Test
    void everyoneBelowSecureIsInOneGroupAndNoneIsTooLarge() {
        Random random = new Random(3);
        Cause[] causes = {Cause.PATCHY, Cause.BUNCHED_DARK, Cause.SPECKS_LEFT, null};
        for (int trial = 0; trial < 500; trial++) {
            Map<UUID, StudentRecord> records = new LinkedHashMap<>();
            IntStream.range(0, random.nextInt(33))
                    .forEach(i -> records.put(
                            student(i),
                            with(
                                    Level.values()[random.nextInt(5)],
                                    Level.values()[random.nextInt(5)],
                                    causes[random.nextInt(causes.length)])));
            List<UUID> weak = records.entrySet().stream()
                    .filter(e -> e.getValue().standings().values().stream().anyMatch(s -> s.level() < 3))
                    .map(Map.Entry::getKey)
                    .toList();

            List<Group> groups = Grouping.of(records, Set.of());

            List<UUID> grouped = new ArrayList<>();
            groups.forEach(g -> grouped.addAll(g.students()));
            assertThat(grouped).containsExactlyInAnyOrderElementsOf(weak);
            assertThat(groups).allMatch(g -> g.students().size() <= Grouping.MOST);
            boolean othersAreFull = groups.stream()
                            .filter(g -> g.students().size() < Grouping.MOST)
                            .count()
                    <= 1;
            assertThat(othersAreFull
                            || groups.stream().allMatch(g -> g.students().size() >= 2))
                    .as("nobody is alone where others have room: %s", groups)
                    .isTrue();
        }
    }

    @Test
    void aClassIsReadyWhereTwoThirdsOfThoseWhoTriedAreSecure() {
        List<StudentRecord> records = List.of(
                with(Level.SECURE, Level.NEARLY, null),
                with(Level.BEYOND, Level.SECURE, null),
                with(Level.NEARLY, Level.SECURE, null),
                new StudentRecord(List.of(), ZoneOffset.UTC));

        Readiness pressure = Readiness.of(Skill.PRESSURE, records);
        assertThat(pressure).isEqualTo(new Readiness(List.of(0, 0, 1, 1, 1)));
        assertThat(pressure.secure()).isEqualTo(2);
        assertThat(pressure.tried()).isEqualTo(3);
        assertThat(pressure.isReady(ClassFacts.USUALLY_READY)).isTrue();
        assertThat(pressure.isReady(0.8)).isFalse();
        assertThat(Readiness.of(Skill.GRADATION, records).isReady(0)).isFalse();
    }
}
