package grastel.app.demo;

import grastel.app.classes.Classes;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.course.CourseViews.PeriodView;
import grastel.app.course.CourseViews.PieceView;
import grastel.app.course.Courses;
import grastel.app.course.Outcome;
import grastel.app.course.Outlines;
import grastel.app.kit.Kit;
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
    private final Clock clock;

    DemoCourses(Courses courses, Outlines outlines, Classes classes, Kit kit, Clock clock) {
        this.courses = courses;
        this.outlines = outlines;
        this.classes = classes;
        this.kit = kit;
        this.clock = clock;
    }

    /**
     * @param outline its id
     * @param fromWeek weeks before this one that the first lesson is on; none before it
     * @param done share of what was planned for each past period that was done, 0…1
     */
    void begin(UUID schoolClass, String outline, int fromWeek, double done) {
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
        outlines.begin(schoolClass, outline, skerry, cartridge);
        ClassInfo of = classes.one(schoolClass);
        LocalDate today = LocalDate.now(clock);
        LocalDate first = today.minusWeeks(fromWeek);
        of.calendar().periods().stream()
                .filter(p -> !p.date().isBefore(first))
                .findFirst()
                .ifPresent(p -> courses.pin(schoolClass, 0, p.starts()));
        of.calendar().periods().stream()
                .filter(p -> p.date().isBefore(today) && !p.date().isBefore(first))
                .forEach(p -> note(of, p.date(), done));
    }

    private void note(ClassInfo of, LocalDate date, double done) {
        Courses.Day day = courses.on(List.of(of), date).get(of.id());
        for (PeriodView period : day.periods()) {
            if (period.pieces().isEmpty() || done == 1) {
                courses.note(of.id(), period.key(), Outcome.DONE, null, null);
            } else {
                stopped(of, period, done);
            }
        }
    }

    private void stopped(ClassInfo of, PeriodView period, double done) {
        PieceView piece = period.pieces().get(0);
        int last = Math.max(0, (int) Math.round(done * piece.stages().size()) - 1);
        courses.note(
                of.id(),
                period.key(),
                Outcome.STOPPED,
                piece.lesson(),
                piece.stages().get(last).id());
    }
}
