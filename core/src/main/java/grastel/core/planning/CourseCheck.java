package grastel.core.planning;

import grastel.core.checks.Require;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.media.Pencil;
import grastel.core.planning.ClassFacts.Secure;
import grastel.core.planning.Schedule.LessonPart;
import grastel.core.planning.Schedule.OnPeriod;
import grastel.core.planning.Stage.Kind;
import grastel.core.planning.Warning.FewSecure;
import grastel.core.planning.Warning.NeededBeforeTaught;
import grastel.core.planning.Warning.NoRoom;
import grastel.core.planning.Warning.PencilMissing;
import grastel.core.planning.Warning.PinNotHeld;
import grastel.core.planning.Warning.PoorStop;
import grastel.core.planning.Warning.QuickAreIdle;
import grastel.core.planning.Warning.SolventForBeginners;
import grastel.core.planning.Warning.SolventNotInMethod;
import grastel.core.planning.Warning.TooFewCopies;
import grastel.core.planning.kit.Demand;
import grastel.core.planning.kit.Demand.Want;
import grastel.core.recipe.MethodAnswer;
import grastel.core.recipe.Substitutes;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Finds what does not come out in a course. Lessons that are past are not held against anything any more. */
public final class CourseCheck {
    /** The quickest quarter may wait so long, minutes. */
    private static final double IDLE_MINUTES = 10;

    private final List<Lesson> lessons;
    private final Map<String, Set<Skill>> gives;
    private final Schedule laid;
    private final ClassTime time;
    private final ClassFacts facts;
    private final List<Warning> warnings = new ArrayList<>();

    private CourseCheck(
            List<Lesson> lessons, Map<String, Set<Skill>> gives, Schedule laid, ClassTime time, ClassFacts facts) {
        this.lessons = lessons;
        this.gives = gives;
        this.laid = laid;
        this.time = time;
        this.facts = facts;
    }

    /**
     * @param lessons in order
     * @param gives skills a lesson teaches, by its id
     * @param laid the same lessons on their periods
     */
    public static List<Warning> of(
            List<Lesson> lessons, Map<String, Set<Skill>> gives, Schedule laid, ClassTime time, ClassFacts facts) {
        CourseCheck check = new CourseCheck(lessons, gives, laid, time, facts);
        Set<Skill> taught = EnumSet.noneOf(Skill.class);
        for (Lesson lesson : lessons) {
            if (!check.isPast(lesson)) {
                check.skills(lesson, taught);
                check.solvent(lesson);
                check.pencils(lesson);
            }
            taught.addAll(check.given(lesson));
        }
        check.places();
        return List.copyOf(check.warnings);
    }

    private Set<Skill> given(Lesson lesson) {
        return gives.getOrDefault(lesson.id(), Set.of());
    }

    /** All of it has been done. */
    private boolean isPast(Lesson lesson) {
        return !lesson.stages().isEmpty()
                && laid.of(lesson.id()).allMatch(OnPeriod::logged)
                && laid.left().stream().noneMatch(l -> l.lesson().equals(lesson.id()));
    }

    private void skills(Lesson lesson, Set<Skill> taughtBefore) {
        Set<Skill> own = given(lesson);
        own.stream().flatMap(s -> s.needs().stream()).distinct().forEach(anyOf -> {
            if (anyOf.stream().anyMatch(own::contains)) {
                return;
            }
            if (anyOf.stream().noneMatch(s -> taughtBefore.contains(s) || isSecure(s))) {
                warnings.add(new NeededBeforeTaught(lesson.id(), anyOf, taughtIn(anyOf)));
            } else if (anyOf.stream().noneMatch(s -> isSecure(s) || isOpen(s))) {
                anyOf.stream()
                        .max(Comparator.comparingInt(
                                s -> Require.key(facts.secure(), s).students()))
                        .ifPresent(s -> warnings.add(new FewSecure(
                                lesson.id(),
                                s,
                                Require.key(facts.secure(), s).students(),
                                Require.key(facts.secure(), s).of())));
            }
        });
    }

    private boolean isSecure(Skill skill) {
        Secure found = facts.secure().get(skill);
        return found != null && facts.isReady(found);
    }

    /** Nothing is known of it yet. */
    private boolean isOpen(Skill skill) {
        return !facts.secure().containsKey(skill);
    }

    private @Nullable String taughtIn(Set<Skill> anyOf) {
        return lessons.stream()
                .filter(l -> given(l).stream().anyMatch(anyOf::contains))
                .map(Lesson::id)
                .findFirst()
                .orElse(null);
    }

    private void solvent(Lesson lesson) {
        if (lesson.stages().stream().noneMatch(s -> s.kind() == Kind.DISSOLVE)) {
            return;
        }
        if (facts.method().has(MethodAnswer.SOLVENT_NONE)) {
            warnings.add(new SolventNotInMethod(lesson.id()));
        } else if (facts.band() == GradeBand.FIRST_STEPS) {
            warnings.add(new SolventForBeginners(lesson.id()));
        }
    }

    private void pencils(Lesson lesson) {
        if (facts.copies() == null) {
            return;
        }
        Map<Pencil, Want> most = new HashMap<>();
        laid.of(lesson.id()).filter(p -> !p.logged()).forEach(on -> {
            List<Stage> here = on.pieces().stream()
                    .filter(p -> p.lesson().equals(lesson.id()))
                    .flatMap(p -> p.stages().stream())
                    .toList();
            Demand.of(here).forEach(w -> most.merge(w.pencil(), w, (a, b) -> a.share() >= b.share() ? a : b));
        });
        Demand.of(lesson.stages()).forEach(want -> {
            Pencil pencil = want.pencil();
            int copies = Require.present(facts.copiesOf(pencil), "what the class has");
            if (copies == 0) {
                warnings.add(new PencilMissing(
                        lesson.id(),
                        pencil,
                        Substitutes.of(pencil, facts.pencils(), 1).stream()
                                .findFirst()
                                .orElse(null)));
            } else if (copies < facts.students()) {
                int inTurns = most.getOrDefault(pencil, want).fewestCopies(facts.students());
                warnings.add(new TooFewCopies(lesson.id(), pencil, facts.students(), copies, inTurns));
            }
        });
    }

    private void places() {
        laid.left()
                .forEach(l -> warnings.add(new NoRoom(
                        l.lesson(),
                        l.why(),
                        l.stages().stream().mapToDouble(time::planned).sum())));
        for (OnPeriod on : laid.periods()) {
            if (on.logged() || on.pieces().isEmpty()) {
                continue;
            }
            LessonPart last = on.pieces().get(on.pieces().size() - 1);
            double idle = on.room() - on.quick();
            if (!last.goesOn() && idle > IDLE_MINUTES) {
                warnings.add(new QuickAreIdle(last.lesson(), on.period().key(), idle));
            }
            if (last.goesOn() && last.stop() == Stop.POOR) {
                warnings.add(new PoorStop(last.lesson(), on.period().key()));
            }
        }
        lessons.stream()
                .filter(l -> l.pin() != null && !isPast(l))
                .filter(l -> laid.periods().stream()
                        .noneMatch(p -> p.period().starts().equals(l.pin())))
                .forEach(l -> warnings.add(new PinNotHeld(l.id(), l.pin())));
    }
}
