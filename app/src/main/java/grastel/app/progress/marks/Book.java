package grastel.app.progress.marks;

import grastel.app.classes.Classes.ClassInfo;
import grastel.app.classes.Classes.StudentInfo;
import grastel.app.returns.api.Confirmed;
import grastel.app.sheets.api.RunInfo;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.progress.MarkScale;
import grastel.core.progress.MarkScale.Mark;
import grastel.core.progress.MarkScale.Reached;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * A class's marks.
 *
 * @param work what there is a mark of, in the order it was printed
 * @param students in the order of the class
 */
record Book(ClassInfo schoolClass, List<Work> work, List<OfStudent> students) {
    /** An exercise of a printing; of personal pages all of a page. @param exercise from 0, −1 for all */
    record Work(UUID run, int exercise, String title, Instant printedAt) {
        /** The same for as long as the work is there. */
        String id() {
            return exercise < 0 ? run.toString() : run + "-" + exercise;
        }
    }

    /** @param mark none where no goal of it counts; @param received when it came in */
    record Given(Work work, Optional<Mark> mark, List<Confirmed> goals, Instant received) {}

    record OfStudent(StudentInfo student, Map<Work, Given> given) {}

    /** @param confirmed in the order they came in; @param exercises of the runs */
    static Book of(
            ClassInfo schoolClass,
            List<Confirmed> confirmed,
            Map<UUID, RunInfo> runs,
            Map<UUID, List<ExercisePlan>> exercises,
            MarkScale scale) {
        Map<UUID, Map<Work, List<Confirmed>>> byStudent = new LinkedHashMap<>();
        for (Confirmed c : confirmed) {
            RunInfo run = runs.get(c.run());
            if (run != null) {
                byStudent
                        .computeIfAbsent(c.student(), s -> new LinkedHashMap<>())
                        .computeIfAbsent(work(run, c.exercise(), exercises), w -> new ArrayList<>())
                        .add(c);
            }
        }
        List<Work> work = byStudent.values().stream()
                .flatMap(m -> m.keySet().stream())
                .distinct()
                .sorted(Comparator.comparing(Work::printedAt).thenComparing(Work::exercise))
                .toList();
        return new Book(
                schoolClass,
                work,
                schoolClass.withFormer(byStudent.keySet()).stream()
                        .map(s -> new OfStudent(s, given(byStudent.getOrDefault(s.id(), Map.of()), scale)))
                        .toList());
    }

    private static Work work(RunInfo run, int exercise, Map<UUID, List<ExercisePlan>> exercises) {
        List<ExercisePlan> all = exercises.getOrDefault(run.id(), List.of());
        boolean several = !run.personal() && all.size() > 1 && exercise < all.size();
        return new Work(
                run.id(),
                several ? exercise : -1,
                several ? run.title() + ": " + all.get(exercise).title() : run.title(),
                run.printedAt());
    }

    private static Map<Work, Given> given(Map<Work, List<Confirmed>> of, MarkScale scale) {
        Map<Work, Given> given = new LinkedHashMap<>();
        of.forEach((work, goals) -> given.put(
                work,
                new Given(
                        work,
                        scale.mark(goals.stream()
                                .filter(c -> !c.isNotReached())
                                .map(c -> new Reached(c.goal(), c.level()))
                                .toList()),
                        goals,
                        goals.get(0).received())));
        return given;
    }
}
