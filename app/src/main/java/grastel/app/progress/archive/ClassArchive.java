package grastel.app.progress.archive;

import com.fasterxml.jackson.annotation.JsonInclude;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.returns.Returns.Attempt;
import grastel.app.returns.Returns.Mark;
import grastel.app.sheets.api.RunInfo;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.judging.Cause;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What an archive says of a class, see {@code class-archive.schema.json}. Pictures lie beside it, named by {@link Page#file}.
 *
 * @param grastelClassArchive version, {@value #VERSION}
 */
record ClassArchive(
        int grastelClassArchive,
        UUID id,
        String name,
        GradeBand band,
        Instant made,
        List<Student> students,
        List<Printing> printings,
        List<Page> pages) {
    static final int VERSION = 1;

    record Student(UUID id, String name) {}

    record Printing(UUID id, String title, Instant printed) {}

    /** @param file of its picture in the archive */
    record Page(
            UUID id,
            UUID printing,
            UUID student,
            Instant received,
            boolean confirmed,
            String file,
            List<Level> goals) {}

    /** @param exercise of the sheet, from 0; @param level 0…4, the teacher's where confirmed */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Level(
            int exercise,
            Goal goal,
            int proposed,
            int level,
            @Nullable Double figure,
            @Nullable Cause reason,
            @Nullable String field) {}

    /** @param students whose pages there are */
    static ClassArchive of(
            ClassInfo of, Instant made, List<Student> students, List<RunInfo> runs, Map<UUID, List<Attempt>> attempts) {
        return new ClassArchive(
                VERSION,
                of.id(),
                of.name(),
                of.band(),
                made,
                students,
                runs.stream()
                        .map(r -> new Printing(r.id(), r.title(), r.printedAt()))
                        .toList(),
                runs.stream()
                        .flatMap(r -> attempts.getOrDefault(r.id(), List.of()).stream())
                        .map(ClassArchive::page)
                        .toList());
    }

    private static Page page(Attempt a) {
        return new Page(
                a.page(),
                a.run(),
                a.student(),
                a.received(),
                a.confirmed(),
                "pages/" + a.page() + ".jpg",
                a.marks().stream().map(ClassArchive::level).toList());
    }

    private static Level level(Mark m) {
        return new Level(
                m.exercise(), m.goal(), m.proposed().ordinal(), m.level().ordinal(), m.figure(), m.cause(), m.field());
    }
}
