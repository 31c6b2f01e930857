package grastel.core.progress;

import grastel.core.judging.Cause;
import grastel.core.judging.Level;
import grastel.core.planning.Skill;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * Parts a class into the fewest groups for re-teaching, 2 to {@value #MOST} students each, such that everyone who is below secure
 * in a skill that is needed is in one that treats the fault. Who has two faults goes where the fault is earlier on the ladder.
 * A student whom no other shares the fault with joins the smallest group of the same skill, else of the nearest one.
 */
public final class Grouping {
    public static final int MOST = 8;

    /** What a student lacks. @param cause likely reason, null where none is known */
    public record Fault(Skill skill, Cause cause) {}

    /** @param fault that most of them share */
    public record Group(Fault fault, List<UUID> students) {
        public Group {
            students = List.copyOf(students);
        }
    }

    private Grouping() {}

    /**
     * @param records by student, in the order of the class
     * @param needed skills that count; all where none is named
     */
    public static List<Group> of(Map<UUID, StudentRecord> records, Set<Skill> needed) {
        Map<Fault, List<UUID>> byFault = new LinkedHashMap<>();
        records.forEach((student, record) -> fault(record, needed)
                .ifPresent(
                        f -> byFault.computeIfAbsent(f, x -> new ArrayList<>()).add(student)));
        List<Group> groups = new ArrayList<>();
        List<Group> alone = new ArrayList<>();
        byFault.entrySet().stream()
                .sorted(Map.Entry.comparingByKey(Comparator.comparing(Fault::skill)
                        .thenComparing(Fault::cause, Comparator.nullsLast(Comparator.naturalOrder()))))
                .forEach(e -> parted(e.getKey(), e.getValue())
                        .forEach(g -> (g.students().size() < 2 ? alone : groups).add(g)));
        alone.forEach(g -> join(groups, g));
        return groups;
    }

    /** The earliest skill below secure, with the reason of its latest attempt. */
    private static Optional<Fault> fault(StudentRecord record, Set<Skill> needed) {
        return record.standings().entrySet().stream()
                .filter(e -> needed.isEmpty() || needed.contains(e.getKey()))
                .filter(e -> e.getValue().level() < Level.SECURE.ordinal())
                .findFirst()
                .map(e -> new Fault(e.getKey(), e.getValue().latest().weakest().cause()));
    }

    /** As few as hold them all, of nearly equal size. */
    private static List<Group> parted(Fault fault, List<UUID> students) {
        int count = (students.size() + MOST - 1) / MOST;
        List<Group> parts = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            parts.add(
                    new Group(fault, students.subList(students.size() * i / count, students.size() * (i + 1) / count)));
        }
        return parts;
    }

    private static void join(List<Group> groups, Group alone) {
        Optional<Group> nearest = groups.stream()
                .filter(g -> g.students().size() < MOST)
                .min(Comparator.comparingInt(
                                (Group g) -> Math.abs(g.fault().skill().ordinal()
                                        - alone.fault().skill().ordinal()))
                        .thenComparingInt(g -> g.students().size()));
        if (nearest.isEmpty()) {
            groups.add(alone);
            return;
        }
        List<UUID> all = new ArrayList<>(nearest.get().students());
        all.addAll(alone.students());
        groups.set(groups.indexOf(nearest.get()), new Group(nearest.get().fault(), all));
    }
}
