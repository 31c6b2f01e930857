package grastel.app.returns;

import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.returns.Returns.Attempt;
import grastel.app.returns.Returns.Mark;
import grastel.app.returns.api.CauseView;
import grastel.core.checks.Require;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.judging.Cause;
import grastel.core.judging.FieldsToRedo;
import jakarta.validation.constraints.NotNull;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What a class missed in a sheet, and who does what again. */
public final class Misses {
    private Misses() {}

    /** Who does what again. @param exercise its title where the sheet holds several */
    public record RedoView(
            @NotNull UUID student,
            @NotNull String name,
            @NotNull String exercise,
            @NotNull Goal goal,
            @NotNull String label,
            @Nullable String field) {}

    /** What most of a class missed. @param exercise its title where the sheet holds several */
    public record FaultView(
            @NotNull String exercise,
            @NotNull Goal goal,
            @NotNull String label,
            @NotNull CauseView cause,
            @NotNull int students) {}

    /** What a student is still weak in. */
    private record Weak(UUID student, Mark mark) {}

    /** The commonest cause below secure, by how many students have it; none where nobody has one. */
    public static @Nullable FaultView fault(SheetPlan plan, List<Attempt> attempts) {
        record Key(int exercise, Goal goal, @Nullable Cause cause) {}
        Map<Key, Set<UUID>> students = attempts.stream()
                .flatMap(Misses::weak)
                .collect(Collectors.groupingBy(
                        w -> new Key(
                                w.mark().exercise(), w.mark().goal(), w.mark().cause()),
                        Collectors.mapping(Weak::student, Collectors.toSet())));
        return students.entrySet().stream()
                .max(Comparator.comparingInt(
                                (Map.Entry<Key, Set<UUID>> e) -> e.getValue().size())
                        .thenComparing(e -> e.getKey().goal(), Comparator.reverseOrder())
                        .thenComparing(e -> e.getKey().exercise(), Comparator.reverseOrder()))
                .map(e -> new FaultView(
                        title(plan, e.getKey().exercise()),
                        e.getKey().goal(),
                        e.getKey().goal().label(),
                        CauseView.of(Require.present(e.getKey().cause(), "the cause")),
                        e.getValue().size()))
                .orElse(null);
    }

    /** All who have something to do again, weakest first, each with the goal that is furthest from secure. */
    public static List<RedoView> redos(ClassInfo c, SheetPlan plan, List<Attempt> attempts) {
        Map<UUID, String> names = c.students().stream().collect(Collectors.toMap(StudentInfo::id, StudentInfo::name));
        Map<UUID, List<Mark>> marks = attempts.stream()
                .collect(Collectors.groupingBy(
                        Attempt::student, Collectors.flatMapping(a -> a.marks().stream(), Collectors.toList())));
        return marks.entrySet().stream()
                .filter(e -> names.containsKey(e.getKey()))
                .sorted(Comparator.comparingInt((Map.Entry<UUID, List<Mark>> e) -> sum(e.getValue()))
                        .thenComparing(e -> Require.key(names, e.getKey())))
                .flatMap(e -> e.getValue().stream()
                        .filter(Misses::isToRedo)
                        .min(Comparator.comparing(Mark::level))
                        .map(m -> new RedoView(
                                e.getKey(),
                                Require.key(names, e.getKey()),
                                title(plan, m.exercise()),
                                m.goal(),
                                m.goal().label(),
                                m.field()))
                        .stream())
                .toList();
    }

    private static boolean isToRedo(Mark mark) {
        return new FieldsToRedo.Missed(mark.goal(), mark.level(), mark.cause(), mark.field()).isToRedo();
    }

    private static int sum(List<Mark> marks) {
        return marks.stream().mapToInt(m -> m.level().ordinal()).sum();
    }

    /** Of an exercise, where the sheet holds several. */
    private static String title(SheetPlan plan, int exercise) {
        return plan.exercises().size() < 2 ? "" : plan.exercises().get(exercise).title();
    }

    private static Stream<Weak> weak(Attempt attempt) {
        return attempt.marks().stream()
                .filter(m -> isToRedo(m) && m.cause() != null)
                .map(m -> new Weak(attempt.student(), m));
    }
}
