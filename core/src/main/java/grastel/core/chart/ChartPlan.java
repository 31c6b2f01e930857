package grastel.core.chart;

import grastel.core.layering.Layer;
import grastel.core.media.Masstone;
import grastel.core.media.Pencil;
import grastel.core.media.PencilSet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A chart of a set: which boxes it has and what is done in each.
 *
 * @param pencils in the order of their rows, 1…{@value PencilSet#MOST}, none colourless
 * @param white place of the white, which hardly shows on white paper; −1 for none
 * @param blender the colourless pencil that the others are burnished with; null for none
 * @param pressed place of the dark pencil whose pressures are shown and that the others are laid over
 */
public record ChartPlan(
        List<Entry> pencils, int white, @Nullable Pencil blender, int pressed) {
    private static final double WHITE_CHROMA = 8;
    private static final double PRESSED_LIGHTNESS = 32;

    public ChartPlan {
        pencils = List.copyOf(pencils);
        if (pencils.isEmpty() || pencils.size() > PencilSet.MOST) {
            throw new IllegalArgumentException("A chart holds 1…200 pencils, holds " + pencils.size());
        }
        if (white < -1 || white >= pencils.size() || pressed < 0 || pressed >= pencils.size()) {
            throw new IllegalArgumentException("No such pencil: white " + white + ", pressed " + pressed);
        }
    }

    /** @param thought what the pencil is thought to be; null where nobody knows its colour */
    public record Entry(
            String code,
            String name,
            Pencil.Binder binder,
            @Nullable Pencil thought) {}

    /** @param row place of its pencil */
    public record Box(String id, int row, ChartWork work) {}

    /** Row by row, the row of pressures last. */
    public List<Box> boxes() {
        List<Box> boxes = new ArrayList<>();
        for (int row = 0; row < pencils.size(); row++) {
            for (ChartWork work : works(row)) {
                boxes.add(new Box(row + 1 + work.letter(), row, work));
            }
        }
        ChartWork.PRESSURES.forEach(work -> boxes.add(new Box(work.letter(), pressed, work)));
        return boxes;
    }

    /** What is done with the pencil of a row, in the order of the columns. */
    public List<ChartWork> works(int row) {
        List<ChartWork> works = new ArrayList<>(ChartWork.PLAIN);
        if (blender != null) {
            works.add(ChartWork.BLENDED);
        }
        if (row != pressed) {
            works.add(ChartWork.OVER_DARK);
        }
        return works;
    }

    /** The layers of every box with these pencils, by a hand that does what it was taught, as they stand in {@link #boxes}. */
    public List<List<Layer>> layers(List<Pencil> real) {
        return boxes().stream()
                .map(box -> box.work().layers(real.get(box.row()), other(box.work(), real), HandFit.TAUGHT))
                .toList();
    }

    /** The other pencil of a work: the dark below or the blender over it; null where there is none. */
    @Nullable
    Pencil other(ChartWork work, List<Pencil> real) {
        return switch (work) {
            case BLENDED -> blender;
            case OVER_DARK -> real.get(pressed);
            default -> null;
        };
    }

    /** The white of a set: its palest pencil without colour; empty where it has none. */
    public static Optional<Integer> whiteOf(List<Pencil> pencils) {
        return IntStream.range(0, pencils.size())
                .boxed()
                .filter(i -> Masstone.isWhite(pencils.get(i).masstone().toLab())
                        && pencils.get(i).masstone().toLab().chroma() < WHITE_CHROMA)
                .max((one, other) -> Double.compare(
                        pencils.get(one).masstone().toLab().lightness(),
                        pencils.get(other).masstone().toLab().lightness()));
    }

    /** The pencil whose pressures tell most: its L* has the longest way from paper to full, and it is not quite black. */
    public static int pressedOf(List<Pencil> pencils) {
        return IntStream.range(0, pencils.size())
                .boxed()
                .min((one, other) -> Double.compare(offPressed(pencils.get(one)), offPressed(pencils.get(other))))
                .orElse(0);
    }

    private static double offPressed(Pencil pencil) {
        return Math.abs(pencil.masstone().toLab().lightness() - PRESSED_LIGHTNESS);
    }
}
