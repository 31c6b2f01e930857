package grastel.core.recipe;

import grastel.core.layering.PressureGrade;
import java.util.List;

/** Which layer may follow which: the craft's own rules and those of a class's method. */
final class Rules {
    /** A first layer this much darker than what goes over it is a foundation, L*. */
    private static final double FOUNDATION_DROP = 12;

    private final Method method;

    Rules(Method method) {
        this.method = method;
    }

    /** True where {@code next} may go over {@code done}, the first layer first. */
    boolean allow(List<RecipeFinder.Move> done, RecipeFinder.Move next) {
        if (next.white()) {
            return whiteMayFollow(done) && (done.isEmpty() || pressureMayFollow(done.get(done.size() - 1), next));
        }
        if (done.isEmpty()) {
            return !next.black() || method.has(MethodAnswer.BLACK_FIRST);
        }
        return pressureMayFollow(done.get(done.size() - 1), next)
                && whiteMayBeUnder(done)
                && blackMayFollow(done, next)
                && foundationHolds(done, next);
    }

    /** Light first: pressure never falls, except over a white that holds a highlight; full pressure ends a recipe. */
    private static boolean pressureMayFollow(RecipeFinder.Move last, RecipeFinder.Move next) {
        return last.white()
                || last.grade() != PressureGrade.FULL && next.grade().compareTo(last.grade()) >= 0;
    }

    /** White goes last, once; it may hold highlights from the first where the method says so; never over black. */
    private boolean whiteMayFollow(List<RecipeFinder.Move> done) {
        return done.stream().noneMatch(m -> m.white() || m.black());
    }

    private boolean whiteMayBeUnder(List<RecipeFinder.Move> done) {
        boolean whiteBelow = done.stream().anyMatch(RecipeFinder.Move::white);
        return !whiteBelow
                || method.has(MethodAnswer.HOLD_WITH_WHITE)
                        && done.get(0).white()
                        && done.stream().skip(1).noneMatch(RecipeFinder.Move::white);
    }

    /** Black over colour only as an accent; black below only where it comes first; never with white. */
    private boolean blackMayFollow(List<RecipeFinder.Move> done, RecipeFinder.Move next) {
        if (!next.black()) {
            return !done.get(done.size() - 1).black() || method.has(MethodAnswer.BLACK_FIRST);
        }
        return method.has(MethodAnswer.BLACK_ACCENTS) && done.stream().noneMatch(RecipeFinder.Move::white);
    }

    /** What is much darker than the next colour over it is a foundation: laid first and lightly, or not at all. */
    private boolean foundationHolds(List<RecipeFinder.Move> done, RecipeFinder.Move next) {
        RecipeFinder.Move below = done.get(done.size() - 1);
        if (below.black() || below.lightness() >= next.lightness() - FOUNDATION_DROP) {
            return true;
        }
        return method.has(MethodAnswer.FOUNDATION_UNDER) && done.size() == 1 && isFoundation(below, next);
    }

    /** A dark laid lightly under a lighter colour. */
    static boolean isFoundation(RecipeFinder.Move below, RecipeFinder.Move next) {
        return below.lightness() < next.lightness() - FOUNDATION_DROP
                && below.grade().compareTo(PressureGrade.LIGHT) <= 0;
    }
}
