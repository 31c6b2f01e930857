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
            return whiteMayFollow(done);
        }
        if (done.isEmpty()) {
            return !next.black() || method.has(MethodAnswer.BLACK_FIRST);
        }
        return whiteMayBeUnder(done) && blackMayFollow(done, next) && foundationHolds(done, next);
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

    /** What is much darker than the next colour over it is a foundation: a whisper first, or not at all. */
    private boolean foundationHolds(List<RecipeFinder.Move> done, RecipeFinder.Move next) {
        RecipeFinder.Move below = done.get(done.size() - 1);
        boolean foundation = below.lightness() < next.lightness() - FOUNDATION_DROP;
        if (!foundation || below.black()) {
            return true;
        }
        return method.has(MethodAnswer.FOUNDATION_UNDER) && done.size() == 1 && below.grade() == PressureGrade.WHISPER;
    }
}
