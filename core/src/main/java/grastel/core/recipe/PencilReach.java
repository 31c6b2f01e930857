package grastel.core.recipe;

import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Pressures;
import grastel.core.layering.Swatch;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The values one pencil can make on one paper: every pressure grade with one to five passes, and the same over a darker
 * foundation if there is one.
 */
public final class PencilReach {
    private static final int MOST_PASSES = 5;
    /** Steps closer than this are not seen as steps by a class. */
    private static final double LEAST_STEP = 6;

    /** How hard a foundation is laid. */
    private static final List<PressureGrade> FOUNDATIONS =
            List.of(PressureGrade.WHISPER, PressureGrade.LIGHT, PressureGrade.MEDIUM);

    private final double paperLightness;
    private final List<PressureRecipe> recipes;

    private PencilReach(double paperLightness, List<PressureRecipe> recipes) {
        this.paperLightness = paperLightness;
        this.recipes = recipes;
    }

    public static PencilReach of(Pencil pencil, Paper paper) {
        return of(pencil, paper, Optional.empty(), Pressures.TAUGHT);
    }

    /** @param foundation laid once under the darker values; @param pressures of those who draw */
    public static PencilReach of(Pencil pencil, Paper paper, Optional<Pencil> foundation, Pressures pressures) {
        List<PressureRecipe> all = new ArrayList<>();
        Swatch bare = Swatch.bare(paper);
        add(all, pencil, null, bare, pressures);
        foundation.ifPresent(dark -> FOUNDATIONS.forEach(
                grade -> add(all, pencil, grade, bare.with(pressures.pass(dark, grade)), pressures)));
        return new PencilReach(paper.ground().toLab().lightness(), List.copyOf(all));
    }

    private static void add(
            List<PressureRecipe> all, Pencil pencil, PressureGrade foundation, Swatch under, Pressures pressures) {
        for (PressureGrade grade : PressureGrade.values()) {
            Pass pass = pressures.pass(pencil, grade);
            for (int passes = 1; passes <= MOST_PASSES; passes++) {
                Swatch swatch = under.with(pass, passes);
                all.add(new PressureRecipe(
                        foundation, grade, passes, swatch.colour().lightness(), swatch.specks(), swatch.toothLeft()));
            }
        }
    }

    /** L* of the lightest mark that is taught: the pencil's own weight, once. */
    public double lightest() {
        return recipes.get(0).lightness();
    }

    /**
     * L* of the solid: full pressure, two passes; what more passes add is not worth a class's time. Over a foundation, the
     * darkest with at least two light layers on top, so that the pencil's own hue still shows.
     */
    public double darkest() {
        return recipes.stream()
                .filter(r -> r.passes() == 2)
                .filter(r -> r.foundation() == null
                        ? r.grade() == PressureGrade.FULL
                        : r.grade().compareTo(PressureGrade.LIGHT) >= 0)
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

    /** The recipe that comes nearest to an L*; among those within 0.5 L* of the nearest, the one with fewest passes. */
    public PressureRecipe nearest(double lightness) {
        double best = recipes.stream().mapToDouble(r -> off(r, lightness)).min().orElseThrow();
        return recipes.stream()
                .filter(r -> off(r, lightness) <= best + 0.5)
                .min(Comparator.comparingInt(PressureRecipe::passes).thenComparingDouble(r -> off(r, lightness)))
                .orElseThrow();
    }

    private static double off(PressureRecipe recipe, double lightness) {
        return Math.abs(recipe.lightness() - lightness);
    }
}
