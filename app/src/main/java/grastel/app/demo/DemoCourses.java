package grastel.app.demo;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.course.CourseViews.PartView;
import grastel.app.course.CourseViews.PeriodView;
import grastel.app.course.CourseViews.PieceView;
import grastel.app.course.Courses;
import grastel.app.course.Outcome;
import grastel.app.course.outlines.Outlines;
import grastel.app.kit.Kit;
import grastel.app.kit.KitChanges;
import grastel.core.checks.Require;
import grastel.core.planning.Stage;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** The classes' courses, begun from the outlines that ship, with what happened up to today. */
@Component
@Profile("demo")
class DemoCourses {
    private final Courses courses;
    private final Outlines outlines;
    private final Classes classes;
    private final Kit kit;
    private final KitChanges kitChanges;
    private final Clock clock;

    DemoCourses(Courses courses, Outlines outlines, Classes classes, Kit kit, KitChanges kitChanges, Clock clock) {
        this.courses = courses;
        this.outlines = outlines;
        this.classes = classes;
        this.kit = kit;
        this.kitChanges = kitChanges;
        this.clock = clock;
    }

    /**
     * @param outline its id
     * @param fromWeek weeks before this one that the first lesson is on; none before it
     * @param sets how many of the wax range it has
     * @param pace the class really has, 1 = usual
     */
    void begin(UUID schoolClass, String outline, int fromWeek, double pace, int sets) {
        UUID skerry = kit.sets().stream()
                .filter(s -> s.name().startsWith("Skerry"))
                .findFirst()
                .orElseThrow()
                .id();
        UUID cartridge = kit.papers().stream()
                .filter(p -> p.paper().name().equals("Harbour Cartridge"))
                .findFirst()
                .orElseThrow()
                .id();
        ClassInfo of = classes.one(schoolClass);
        kitChanges.give(skerry, schoolClass, sets);
        outlines.begin(schoolClass, outline, skerry, cartridge);
        LocalDate today = LocalDate.now(clock);
        LocalDate first = today.minusWeeks(fromWeek);
        of.calendar().periods().stream()
                .filter(p -> !p.date().isBefore(first))
                .findFirst()
                .ifPresent(p -> courses.pin(schoolClass, 0, p.starts()));
        of.calendar().periods().stream()
                .filter(p -> p.date().isBefore(today) && !p.date().isBefore(first))
                .forEach(p -> note(of, p.date(), pace));
    }

    /** As far as a class of this pace comes; all that was planned where it is quicker. */
    private void note(ClassInfo of, LocalDate date, double pace) {
        Courses.Day day = Require.key(courses.on(List.of(of), date), of.id());
        for (PeriodView period : day.periods()) {
            double minutes = period.room();
            String lesson = null;
            String last = null;
            for (PieceView piece : period.pieces()) {
                for (PartView stage : piece.stages()) {
                    boolean paced = stage.kind() == Stage.Kind.WORK || stage.kind() == Stage.Kind.DISSOLVE;
                    minutes -= stage.minutes() * (paced ? day.pace() / pace : 1);
                    if (minutes < 0 && last != null) {
                        courses.note(of.id(), period.key(), Outcome.STOPPED, lesson, last);
                        return;
                    }
                    lesson = piece.lesson();
                    last = stage.id();
                }
            }
            courses.note(of.id(), period.key(), Outcome.DONE, null, null);
        }
    }
}
