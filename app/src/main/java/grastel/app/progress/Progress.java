package grastel.app.progress;

import grastel.app.classes.Classes.ClassInfo;
import grastel.app.returns.Returns;
import grastel.app.returns.api.AttemptedExercise;
import grastel.app.returns.api.Confirmed;
import grastel.app.sheets.Printings;
import grastel.core.checks.Require;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.judging.Level;
import grastel.core.planning.Skill;
import grastel.core.progress.Attempt;
import grastel.core.progress.Attempt.Shown;
import grastel.core.progress.Readiness;
import grastel.core.progress.StudentRecord;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The front door of progress: students' records, from what was confirmed. Nothing of it is stored. */
@Service
@Transactional(readOnly = true)
public class Progress {
    private final Returns returns;
    private final Printings printings;
    private final Clock clock;

    Progress(Returns returns, Printings printings, Clock clock) {
        this.returns = returns;
        this.printings = printings;
        this.clock = clock;
    }

    /** @param readOf when the reading of each page was made that its pictures belong to */
    public record ClassRecords(Map<UUID, StudentRecord> byStudent, Map<UUID, Instant> readOf) {}

    /** The records of a class's students; who has nothing confirmed is left out. */
    public ClassRecords ofClass(ClassInfo schoolClass) {
        return records(returns.confirmed(List.of(schoolClass.id())), student -> schoolClass.band());
    }

    /** That of one student of a class alone. */
    public ClassRecords ofStudent(ClassInfo schoolClass, UUID student) {
        return records(returns.confirmedOf(student), s -> schoolClass.band());
    }

    /** How far classes are in each skill that somebody has shown, by class. */
    public Map<UUID, Map<Skill, Readiness>> readiness(Collection<ClassInfo> classes) {
        Map<UUID, ClassInfo> of = new HashMap<>();
        classes.forEach(c -> c.students().forEach(s -> of.put(s.id(), c)));
        List<Confirmed> confirmed = returns
                .confirmed(classes.stream().map(ClassInfo::id).toList())
                .stream()
                .filter(c -> of.containsKey(c.student()))
                .toList();
        Map<UUID, StudentRecord> records =
                records(confirmed, student -> Require.key(of, student).band()).byStudent();
        return classes.stream()
                .collect(Collectors.toMap(
                        ClassInfo::id,
                        c -> Readiness.of(records.entrySet().stream()
                                .filter(e -> Require.key(of, e.getKey()).id().equals(c.id()))
                                .map(Map.Entry::getValue)
                                .toList())));
    }

    /** The pages of a student that came in last, of those confirmed. */
    List<UUID> lastPages(UUID student, int most) {
        List<UUID> all = returns.confirmedOf(student).stream()
                .map(Confirmed::page)
                .distinct()
                .toList();
        return all.subList(Math.max(0, all.size() - most), all.size());
    }

    /** @param band a student's class is in now: what was judged in another is held against it */
    private ClassRecords records(List<Confirmed> confirmed, Function<UUID, GradeBand> band) {
        List<Confirmed> all =
                confirmed.stream().filter(c -> c.level() != Level.NOT_TRIED).toList();
        Map<Confirmed, Double> steps = askedSteps(all);
        Map<AttemptedExercise, List<Confirmed>> attempts = all.stream()
                .collect(Collectors.groupingBy(Confirmed::attempt, LinkedHashMap::new, Collectors.toList()));
        Map<UUID, List<Attempt>> byStudent = new LinkedHashMap<>();
        attempts.forEach((key, goals) -> byStudent
                .computeIfAbsent(key.student(), s -> new ArrayList<>())
                .add(attempt(goals, band.apply(key.student()), steps)));
        Map<UUID, StudentRecord> records = new LinkedHashMap<>();
        byStudent.forEach((student, of) -> records.put(student, new StudentRecord(of, clock.getZone())));
        return new ClassRecords(
                records, all.stream().collect(Collectors.toMap(Confirmed::page, Confirmed::read, (one, other) -> one)));
    }

    /** How far apart the boxes of goals of steps were asked: seven over a range are harder to draw alike than five. */
    private Map<Confirmed, Double> askedSteps(List<Confirmed> all) {
        List<Confirmed> ofSteps = all.stream().filter(c -> c.goal().isOfSteps()).toList();
        Map<UUID, SheetPlan> plans =
                printings.plans(ofSteps.stream().map(Confirmed::run).collect(Collectors.toSet()));
        Map<Confirmed, Double> steps = new HashMap<>();
        for (Confirmed c : ofSteps) {
            Optional.ofNullable(plans.get(c.run()))
                    .flatMap(plan -> plan.exercises().get(c.exercise()).askedStep(c.goal()))
                    .ifPresent(step -> steps.put(c, step));
        }
        return steps;
    }

    /** @param goals in the order they came in; an attempt over several pages came with the first */
    private static Attempt attempt(List<Confirmed> goals, GradeBand now, Map<Confirmed, Double> steps) {
        return new Attempt(
                goals.get(0).received(),
                goals.get(0).kind(),
                goals.stream()
                        .map(c -> new Shown(
                                c.goal(),
                                c.in(now),
                                c.figure(),
                                c.plusMinus(),
                                c.ladder(now),
                                steps.get(c),
                                c.cause(),
                                c.page(),
                                c.field()))
                        .toList());
    }
}
