package grastel.core.planning;

import grastel.core.checks.Require;
import grastel.core.planning.Logged.Done;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The stages of a course in their order, and which of them are past. */
final class Items {
    /**
     * A stage on its way to a period.
     *
     * @param place in the course, from 0
     * @param last true for the last one of its lesson
     */
    record Item(int place, String lesson, Stage stage, boolean last) {}

    private final Map<String, List<Item>> byLesson = new HashMap<>();
    private final Map<LocalDateTime, List<Item>> done = new HashMap<>();
    private final Set<Item> past = new HashSet<>();

    /** @param log in the order of its periods: a stage logged twice was done the first time */
    Items(List<Lesson> lessons, List<Logged> log) {
        int place = 0;
        for (Lesson lesson : lessons) {
            List<Item> items = new ArrayList<>();
            for (Stage stage : lesson.stages()) {
                items.add(new Item(
                        place++,
                        lesson.id(),
                        stage,
                        items.size() == lesson.stages().size() - 1));
            }
            byLesson.put(lesson.id(), items);
        }
        for (Logged logged : log) {
            List<Item> here = lessons.stream()
                    .flatMap(l -> Require.key(byLesson, l.id()).stream())
                    .filter(i -> logged.finished().contains(i.lesson())
                            || logged.done()
                                    .contains(new Done(i.lesson(), i.stage().id())))
                    .filter(past::add)
                    .toList();
            done.put(logged.period().key(), here);
        }
    }

    /** What was done in a logged period. */
    @Nullable
    List<Item> done(LocalDateTime period) {
        return done.get(period);
    }

    /** What is still to be done of a lesson. */
    List<Item> open(Lesson lesson) {
        return Require.key(byLesson, lesson.id()).stream()
                .filter(i -> !past.contains(i))
                .toList();
    }

    /** True where some of a lesson is past. */
    boolean isBegun(Lesson lesson) {
        return Require.key(byLesson, lesson.id()).stream().anyMatch(past::contains);
    }
}
