package grastel.app.progress.marks;

import com.fasterxml.jackson.annotation.JsonInclude;
import grastel.app.progress.marks.Book.Given;
import grastel.app.progress.marks.Book.OfStudent;
import grastel.app.returns.api.Confirmed;
import grastel.core.exercise.goal.Goal;
import grastel.core.judging.Cause;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A class's marks as a file, see {@code marks.schema.json}. @param grastelMarks version, {@value #VERSION} */
record MarksFile(
        int grastelMarks,
        UUID schoolClass,
        String className,
        ScaleData scale,
        List<Work> work,
        List<Student> students) {
    static final int VERSION = 1;

    record Work(String id, String title, Instant printed) {}

    /** @param level mean of the goals, 0…4; left out with value where no goal counts */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Mark(
            String work,
            Instant received,
            @Nullable Double level,
            @Nullable Double value,
            String name,
            List<Reached> goals) {}

    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Reached(Goal goal, String kind, int level, Double figure, Double plusMinus, Cause reason, String field) {}

    record Student(UUID id, String name, List<Mark> marks) {}

    static MarksFile of(Book book, ScaleData scale) {
        return new MarksFile(
                VERSION,
                book.schoolClass().id(),
                book.schoolClass().name(),
                scale,
                book.work().stream()
                        .map(w -> new Work(w.id(), w.title(), w.printedAt()))
                        .toList(),
                book.students().stream().map(MarksFile::student).toList());
    }

    private static Student student(OfStudent row) {
        return new Student(
                row.student().id(),
                row.student().name(),
                row.given().values().stream().map(MarksFile::mark).toList());
    }

    private static Mark mark(Given given) {
        return new Mark(
                given.work().id(),
                given.received(),
                given.mark().map(m -> m.level()).orElse(null),
                given.mark().map(m -> m.value()).orElse(null),
                given.mark().map(m -> m.name()).orElse(""),
                given.goals().stream().map(MarksFile::reached).toList());
    }

    private static Reached reached(Confirmed c) {
        return new Reached(c.goal(), c.kind(), c.level().ordinal(), c.figure(), c.plusMinus(), c.cause(), c.field());
    }
}
