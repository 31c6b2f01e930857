package grastel.app.course;

import grastel.core.planning.Schedule.Why;
import grastel.core.planning.Skill;
import grastel.core.planning.Warning;
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
import jakarta.validation.constraints.NotNull;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What does not come out in a course. Which figures there are depends on the kind; the rest is null or empty.
 *
 * @param skills one of them is needed, or the one too few are secure in
 * @param other another lesson it has to do with
 * @param exercise the kind that teaches a needed skill, by its id
 * @param count students who are secure, or copies there are
 * @param of students in all
 * @param inTurns copies that are enough if students take turns
 * @param period it falls in, or that was asked for
 */
public record CourseWarningView(
        @NotNull Kind kind,
        @NotNull String lesson,
        @NotNull List<Skill> skills,
        @Nullable String other,
        @Nullable String exercise,
        @Nullable Integer count,
        @Nullable Integer of,
        @Nullable Integer inTurns,
        @Nullable String pencil,
        @Nullable String substitute,
        @Nullable Double deltaValue,
        @Nullable Double deltaHue,
        @Nullable Why why,
        @Nullable Double minutes,
        @Nullable LocalDateTime period) {
    public enum Kind {
        NEEDED_BEFORE_TAUGHT,
        FEW_SECURE,
        PENCIL_MISSING,
        TOO_FEW_COPIES,
        NO_ROOM,
        SOLVENT_NOT_IN_METHOD,
        SOLVENT_FOR_BEGINNERS,
        QUICK_ARE_IDLE,
        POOR_STOP,
        PIN_NOT_HELD
    }

    static CourseWarningView of(Warning warning) {
        Figures f = new Figures();
        Kind kind;
        if (warning instanceof NeededBeforeTaught w) {
            kind = Kind.NEEDED_BEFORE_TAUGHT;
            f.skills = w.anyOf();
            f.other = w.taughtIn();
            f.exercise = w.anyOf().stream()
                    .sorted()
                    .flatMap(s -> s.evidence().keySet().stream())
                    .findFirst()
                    .orElse(null);
        } else if (warning instanceof FewSecure w) {
            kind = Kind.FEW_SECURE;
            f.skills = Set.of(w.skill());
            f.count = w.secure();
            f.of = w.students();
        } else if (warning instanceof PencilMissing w) {
            kind = Kind.PENCIL_MISSING;
            f.missing(w);
        } else if (warning instanceof TooFewCopies w) {
            kind = Kind.TOO_FEW_COPIES;
            f.pencil = w.pencil().title();
            f.count = w.copies();
            f.of = w.students();
            f.inTurns = w.enoughInTurns();
        } else if (warning instanceof NoRoom w) {
            kind = Kind.NO_ROOM;
            f.why = w.why();
            f.minutes = w.minutes();
        } else if (warning instanceof SolventNotInMethod) {
            kind = Kind.SOLVENT_NOT_IN_METHOD;
        } else if (warning instanceof SolventForBeginners) {
            kind = Kind.SOLVENT_FOR_BEGINNERS;
        } else if (warning instanceof QuickAreIdle w) {
            kind = Kind.QUICK_ARE_IDLE;
            f.period = w.period();
            f.minutes = w.minutes();
        } else if (warning instanceof PoorStop w) {
            kind = Kind.POOR_STOP;
            f.period = w.period();
        } else {
            kind = Kind.PIN_NOT_HELD;
            f.period = ((PinNotHeld) warning).pin();
        }
        return f.view(kind, warning.lesson());
    }

    private static final class Figures {
        private Set<Skill> skills = Set.of();
        private @Nullable String other;
        private @Nullable String exercise;
        private @Nullable Integer count;
        private @Nullable Integer of;
        private @Nullable Integer inTurns;
        private @Nullable String pencil;
        private @Nullable String substitute;
        private @Nullable Double deltaValue;
        private @Nullable Double deltaHue;
        private @Nullable Why why;
        private @Nullable Double minutes;
        private @Nullable LocalDateTime period;

        void missing(PencilMissing w) {
            pencil = w.pencil().title();
            if (w.substitute() != null) {
                substitute = w.substitute().pencil().title();
                deltaValue = w.substitute().deltaValue();
                deltaHue = w.substitute().deltaHue();
            }
        }

        CourseWarningView view(Kind kind, String lesson) {
            return new CourseWarningView(
                    kind,
                    lesson,
                    skills.stream().sorted().toList(),
                    other,
                    exercise,
                    count,
                    of,
                    inTurns,
                    pencil,
                    substitute,
                    deltaValue,
                    deltaHue,
                    why,
                    minutes,
                    period);
        }
    }
}
