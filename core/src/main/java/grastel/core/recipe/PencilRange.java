package grastel.core.recipe;

import grastel.core.layering.PressureGrade;
import grastel.core.layering.Pressures;
import grastel.core.layering.Swatch;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.recipe.PressureRecipe.Candidate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The values one pencil can make on one paper: every pressure grade with one to five passes, the harder over the softer,
 * and the same over a darker foundation if there is one.
 */
public final class PencilRange {
    private static final int MOST_PASSES = 5;
    /** How often a harder pressure goes over a softer one. */
    private static final int MOST_OVER = 2;
    /** Steps closer than this are not seen as steps by a class. */
    private static final double LEAST_STEP = 6;

    /** A difference in value that nobody sees, L*. */
    private static final double NO_WORSE = 0.5;

    /** How hard a foundation is laid. */
    private static final List<PressureGrade> FOUNDATIONS =
            List.of(PressureGrade.WHISPER, PressureGrade.LIGHT, PressureGrade.MEDIUM);

    private final Pencil pencil;
    private final Pressures pressures;
    private final double paperLightness;
    private final List<Ground> grounds;
    /** One pressure alone. */
    private final List<PressureRecipe> plain = new ArrayList<>();
    /** One and two pressures; made when first asked for. */
    private @Nullable List<PressureRecipe> all;

    /** What the pencil is laid on. @param foundation null for bare paper */
    private record Ground(@Nullable PressureGrade foundation, Swatch swatch) {}

    private PencilRange(Pencil pencil, Paper paper, Optional<Pencil> foundation, Pressures pressures) {
        this.pencil = pencil;
        this.pressures = pressures;
        paperLightness = paper.ground().toLab().lightness();
        Swatch bare = Swatch.bare(paper);
        List<Ground> under = new ArrayList<>(List.of(new Ground(null, bare)));
        foundation.ifPresent(dark ->
                FOUNDATIONS.forEach(grade -> under.add(new Ground(grade, bare.with(pressures.pass(dark, grade))))));
        grounds = List.copyOf(under);
        for (Ground ground : grounds) {
            for (PressureGrade grade : PressureGrade.values()) {
                for (int passes = 1; passes <= MOST_PASSES; passes++) {
                    plain.add(recipe(ground, List.of(new Candidate(grade, passes))));
                }
            }
        }
    }

    public static PencilRange of(Pencil pencil, Paper paper) {
        return of(pencil, paper, Optional.empty(), Pressures.TAUGHT);
    }

    /** @param foundation laid once under the darker values; @param pressures of those who draw */
    public static PencilRange of(Pencil pencil, Paper paper, Optional<Pencil> foundation, Pressures pressures) {
        return new PencilRange(pencil, paper, foundation, pressures);
    }

    private PressureRecipe recipe(Ground ground, List<Candidate> layers) {
        Swatch swatch = ground.swatch();
        for (Candidate laid : layers) {
            swatch = swatch.with(pressures.pass(pencil, laid.grade()), laid.passes());
        }
        return new PressureRecipe(
                ground.foundation(), layers, swatch.colour().lightness(), swatch.specks(), swatch.toothLeft());
    }

    private List<PressureRecipe> all() {
        if (all == null) {
            List<PressureRecipe> made = new ArrayList<>(plain);
            grounds.forEach(ground -> pressedTwice().forEach(layers -> made.add(recipe(ground, layers))));
            all = List.copyOf(made);
        }
        return all;
    }

    private static List<List<Candidate>> pressedTwice() {
        List<List<Candidate>> pairs = new ArrayList<>();
        for (PressureGrade soft : PressureGrade.values()) {
            for (PressureGrade hard : PressureGrade.values()) {
                for (int over = 1; hard.compareTo(soft) > 0 && over <= MOST_OVER; over++) {
                    for (int first = 1; first <= MOST_PASSES - over; first++) {
                        pairs.add(List.of(new Candidate(soft, first), new Candidate(hard, over)));
                    }
                }
            }
        }
        return pairs;
    }

    /** L* of the lightest mark that is taught: the pencil's own weight, once. */
    public double lightest() {
        return plain.get(0).lightness();
    }

    /**
     * L* of the solid: full pressure, two passes; what more passes add is not worth a class's time. Over a foundation, the
     * darkest with at least two light layers on top, so that the pencil's own hue still shows.
     */
    public double darkest() {
        return plain.stream()
                .filter(r -> r.passes() == 2)
                .filter(r -> r.foundation() == null
                        ? r.layers().get(0).grade() == PressureGrade.FULL
                        : r.layers().get(0).grade().compareTo(PressureGrade.LIGHT) >= 0)
                .max(Comparator.comparingDouble(r -> Math.abs(r.lightness() - paperLightness)))
                .orElseThrow()
                .lightness();
    }

    /** L* of the bare paper. */
    public double paper() {
        return paperLightness;
    }

    /** How many steps at least 6 L* apart this pencil spans here, counting both ends; 1 if it cannot make two. */
    public int steps() {
        return 1 + (int) Math.floor(Math.abs(lightest() - darkest()) / LEAST_STEP);
    }

    /** The recipe that comes nearest to an L*, a simpler one if that is within 0.5 L* of the nearest. */
    public PressureRecipe nearest(double lightness) {
        return nearest(lightness, NO_WORSE);
    }

    /**
     * The simplest recipe near an L*: one pressure rather than two, then fewest passes.
     *
     * @param noWorse how much further off than the nearest it may be, L*
     */
    public PressureRecipe nearest(double lightness, double noWorse) {
        double best = all().stream().mapToDouble(r -> off(r, lightness)).min().orElseThrow();
        return all().stream()
                .filter(r -> off(r, lightness) <= best + noWorse)
                .min(Comparator.comparingInt((PressureRecipe r) -> r.layers().size())
                        .thenComparingInt(PressureRecipe::passes)
                        .thenComparingDouble(r -> off(r, lightness)))
                .orElseThrow();
    }

    private static double off(PressureRecipe recipe, double lightness) {
        return Math.abs(recipe.lightness() - lightness);
    }
}
