package grastel.core.planning;

import grastel.core.media.Pencil;
import grastel.core.recipe.Substitutes.Substitute;
import java.time.LocalDateTime;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What does not come out in a course, with its figures. What to do about it is said beside each. */
public sealed interface Warning {
    /** The lesson it is about. */
    String lesson();

    /**
     * A skill is needed and neither taught before nor secure. Remedy: move the lesson after the one that gives it, or insert
     * one.
     *
     * @param anyOf one of them is enough
     * @param taughtIn a later lesson that gives one, or null
     */
    record NeededBeforeTaught(
            String lesson, Set<Skill> anyOf, @Nullable String taughtIn) implements Warning {}

    /** Too few are secure in a needed skill. Remedy: teach the lesson that gives it again before. */
    record FewSecure(String lesson, Skill skill, int secure, int students) implements Warning {}

    /** A pencil is not at hand. Remedy: the substitute. @param substitute null where the class has none that lays colour */
    record PencilMissing(
            String lesson, Pencil pencil, @Nullable Substitute substitute) implements Warning {}

    /** Remedy: turns, where copies are enough for them; else a substitute, more copies or seats in pairs. */
    record TooFewCopies(String lesson, Pencil pencil, int students, int copies, int enoughInTurns) implements Warning {}

    /** Remedy: fewer fields, another order, a longer period. @param minutes without a place, for three of four students */
    record NoRoom(String lesson, Schedule.Why why, double minutes) implements Warning {}

    /** Solvent is planned where the method has none. Remedy: burnish instead. */
    record SolventNotInMethod(String lesson) implements Warning {}

    /** Solvent in a class of beginners. Remedy: burnish instead; school policy decides. */
    record SolventForBeginners(String lesson) implements Warning {}

    /** The quickest quarter has nothing to do. Remedy: another exercise of the same skill. */
    record QuickAreIdle(String lesson, LocalDateTime period, double minutes) implements Warning {}

    /** The period ends at a poor place to stop. Remedy: fewer fields, or leave as it is. */
    record PoorStop(String lesson, LocalDateTime period) implements Warning {}

    /** The pin names no held period. Remedy: take the pin away. @param pin where it was to begin */
    record PinNotHeld(String lesson, @Nullable LocalDateTime pin) implements Warning {}
}
