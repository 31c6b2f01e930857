package grastel.core.recipe;

import grastel.core.colour.Lab;
import grastel.core.colour.PaintersWheel;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Swatch;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.PencilSet;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import org.jspecify.annotations.Nullable;

/**
 * The values and hues that a set of pencils makes on a paper with one, two or three layers, each laid lightly twice, at medium
 * once or firmly once. Colours are sorted into cells of whole Munsell value and a twelfth of the painter's wheel; each cell keeps its purest
 * colour.
 *
 * @param cells the cells that are reached, any order
 * @param tried how many stacks were tried
 */
public record SetGamut(List<Cell> cells, int tried) {
    public static final int VALUES = 10;
    /** Colours of less chroma belong to no hue. */
    public static final double GREYISH = 8;

    public SetGamut {
        cells = List.copyOf(cells);
    }

    /** One layer of a found stack. */
    public record Step(Pencil pencil, PressureGrade grade, int passes) {}

    /**
     * @param value Munsell value 0…9, rounded down
     * @param hue null for greys
     * @param colour the purest reached; for greys the most neutral
     */
    public record Cell(int value, PaintersWheel.@Nullable Name hue, Lab colour, List<Step> steps) {}

    /** @throws Cancelled as soon as {@code cancelled} says so */
    public static SetGamut of(PencilSet set, Paper paper, DoubleConsumer progress, BooleanSupplier cancelled) {
        Search search = new Search(paper, steps(set), progress, cancelled);
        search.run();
        return search.result();
    }

    /** The search was told to stop. */
    public static final class Cancelled extends RuntimeException {
        private static final long serialVersionUID = 1;
    }

    private static List<Step> steps(PencilSet set) {
        List<Step> steps = new ArrayList<>();
        for (Pencil pencil : Pencil.ofOneSort(set.pencils())) {
            if (!pencil.colourless()) {
                steps.add(new Step(pencil, PressureGrade.LIGHT, 2));
                steps.add(new Step(pencil, PressureGrade.MEDIUM, 1));
                steps.add(new Step(pencil, PressureGrade.FIRM, 1));
            }
        }
        return steps;
    }

    private static final class Search {
        private final Paper paper;
        private final List<Step> steps;
        private final DoubleConsumer progress;
        private final BooleanSupplier cancelled;
        private final Cell[] best = new Cell[VALUES * (PaintersWheel.Name.values().length + 1)];
        private int tried;

        Search(Paper paper, List<Step> steps, DoubleConsumer progress, BooleanSupplier cancelled) {
            this.paper = paper;
            this.steps = steps;
            this.progress = progress;
            this.cancelled = cancelled;
        }

        void run() {
            Swatch bare = Swatch.bare(paper);
            for (int i = 0; i < steps.size(); i++) {
                extend(bare, List.of(), steps.get(i));
                progress.accept((i + 1.0) / steps.size());
            }
        }

        private void extend(Swatch under, List<Step> done, Step next) {
            if (cancelled.getAsBoolean()) {
                throw new Cancelled();
            }
            Swatch swatch = under.with(Pass.of(next.pencil(), next.grade()), next.passes());
            List<Step> stack = new ArrayList<>(done);
            stack.add(next);
            keep(swatch.colour(), stack);
            if (stack.size() < 3) {
                for (Step step : steps) {
                    if (!step.pencil().equals(next.pencil())) {
                        extend(swatch, stack, step);
                    }
                }
            }
        }

        private void keep(Lab colour, List<Step> stack) {
            tried++;
            int value = (int) Math.min(VALUES - 1.0, colour.value());
            boolean grey = colour.chroma() < GREYISH;
            PaintersWheel.Name hue = grey ? null : PaintersWheel.nameOf(colour.hueDegrees());
            int at = value * 13 + (hue == null ? 12 : hue.ordinal());
            Cell before = best[at];
            boolean better = before == null
                    || (grey
                            ? colour.chroma() < before.colour().chroma()
                            : colour.chroma() > before.colour().chroma());
            if (better) {
                best[at] = new Cell(value, hue, colour, List.copyOf(stack));
            }
        }

        SetGamut result() {
            List<Cell> reached = new ArrayList<>();
            for (Cell cell : best) {
                if (cell != null) {
                    reached.add(cell);
                }
            }
            return new SetGamut(reached, tried);
        }
    }
}
