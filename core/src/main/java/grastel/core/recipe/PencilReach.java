package grastel.core.recipe;

import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Swatch;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The values one pencil can make on one paper: every pressure grade with one to five passes. */
public final class PencilReach {
    private static final int MOST_PASSES = 5;
    /** Steps closer than this are not seen as steps by a class. */
    private static final double LEAST_STEP = 6;

    private final double paperLightness;
    private final List<PressureRecipe> recipes;

    private PencilReach(double paperLightness, List<PressureRecipe> recipes) {
        this.paperLightness = paperLightness;
        this.recipes = recipes;
    }

    public static PencilReach of(Pencil pencil, Paper paper) {
        List<PressureRecipe> all = new ArrayList<>();
        for (PressureGrade grade : PressureGrade.values()) {
            Pass pass = Pass.of(pencil, grade);
            for (int passes = 1; passes <= MOST_PASSES; passes++) {
                Swatch swatch = Swatch.bare(paper).with(pass, passes);
                all.add(new PressureRecipe(
                        grade, passes, swatch.colour().lightness(), swatch.specks(), swatch.toothLeft()));
            }
        }
        return new PencilReach(paper.ground().toLab().lightness(), List.copyOf(all));
    }

    /** L* of the lightest mark that is taught: the pencil's own weight, once. */
    public double lightest() {
        return at(PressureGrade.WHISPER, 1).lightness();
    }

    /** L* of the solid: full pressure, two passes; what more passes add is not worth a class's time. */
    public double darkest() {
        return at(PressureGrade.FULL, 2).lightness();
    }

    /** L* of the bare paper. */
    public double paper() {
        return paperLightness;
    }

    /** How many steps at least 6 L* apart this pencil spans here, counting both ends; 1 if it cannot make two. */
    public int steps() {
        return 1 + (int) Math.floor(Math.abs(lightest() - darkest()) / LEAST_STEP);
    }

    /** Least distance between two steps that a class sees, in L*. */
    public static double leastStep() {
        return LEAST_STEP;
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

    private PressureRecipe at(PressureGrade grade, int passes) {
        return recipes.stream()
                .filter(r -> r.grade() == grade && r.passes() == passes)
                .findFirst()
                .orElseThrow();
    }
}
