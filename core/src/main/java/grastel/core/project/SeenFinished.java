package grastel.core.project;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.colour.Srgb;
import grastel.core.exercise.Piece.Made;
import grastel.core.exercise.Piece.Work;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.layering.Stack;
import grastel.core.layering.Stroke;
import grastel.core.layering.picture.SwatchPicture;
import grastel.core.media.Paper;
import grastel.core.reference.Reference;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;

/** A picture as it will look in these pencils on this paper, with its grain; its values only; and how far it is from the reference. */
public final class SeenFinished {
    /** Fine enough for the grain to be seen near by. */
    private static final double PX_PER_MM = 6;

    private static final int TONES = 256;
    private static final long SEED = 11;
    /** This far off is shown black, ΔE00. */
    private static final double FARTHEST = 20;

    private final Work work;
    private final Paper paper;

    /** @param work in cells as fine as the picture is to be */
    public SeenFinished(Work work, Paper paper) {
        this.work = work;
        this.paper = paper;
    }

    /** With the paper's grain. */
    public BufferedImage inPencils() {
        double scale = scale();
        int width = (int) Math.round(work.columns() * work.cellMm() * scale);
        int height = (int) Math.round(work.rows() * work.cellMm() * scale);
        byte[][] tones = work.tones().parallelStream()
                .map(t -> SwatchPicture.tones(new Stack(paper, Optional.empty(), t.layers()).swatch()))
                .toArray(byte[][]::new);
        byte[] heights = SwatchPicture.heights(paper.tooth().grainMm(), Stroke.CIRCLES, width, height, scale, SEED);
        BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        int[] row = new int[width];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int cell = y * work.rows() / height * work.columns() + x * work.columns() / width;
                row[x] = code(tones, work.places()[cell] & 255, heights[y * width + x] & 255);
            }
            picture.setRGB(0, y, width, 1, row, 0, width);
        }
        return picture;
    }

    /** Large frames are shown coarser: no side is longer than a picture may be. */
    private double scale() {
        double longest = Math.max(work.columns(), work.rows()) * work.cellMm();
        return Math.min(PX_PER_MM, (SwatchPicture.LARGEST_PX - 1) / longest);
    }

    private static int code(byte[][] tones, int place, int height) {
        int from = place / PicturePlan.BETWEEN;
        int beyond = place % PicturePlan.BETWEEN;
        int to = beyond == 0 ? from : from + 1;
        int code = 0;
        for (int channel = 0; channel < 3; channel++) {
            int one = tones[from][3 * height + channel] & 255;
            int other = tones[to][3 * height + channel] & 255;
            code = code << 8 | one + (other - one) * beyond / PicturePlan.BETWEEN;
        }
        return code;
    }

    /** A pixel for each cell, by its lightness only. */
    public BufferedImage values() {
        int[] grey = colours().stream()
                .mapToInt(c -> Srgb.of(new Lab(c.lightness(), 0, 0)).code())
                .toArray();
        return cells(i -> grey[work.places()[i] & 255]);
    }

    /** The darker, the farther from the reference. @param reference that has a pixel for each cell */
    public BufferedImage difference(Reference reference) {
        List<Lab> colours = colours();
        int[] shade = IntStream.range(0, work.columns() * work.rows())
                .parallel()
                .map(i -> {
                    Lab wanted = Srgb.ofCode(reference.code(i)).toLab();
                    double off = ColourDifference.ciede2000(wanted, colours.get(work.places()[i] & 255));
                    return Srgb.of(new Lab(100 * (1 - Math.min(1, off / FARTHEST)), 0, 0))
                            .code();
                })
                .toArray();
        return cells(i -> shade[i]);
    }

    private BufferedImage cells(IntUnaryOperator of) {
        BufferedImage picture = new BufferedImage(work.columns(), work.rows(), BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < work.columns() * work.rows(); i++) {
            picture.setRGB(i % work.columns(), i / work.columns(), of.applyAsInt(i));
        }
        return picture;
    }

    /** What the pencils give at every place there may be. */
    private List<Lab> colours() {
        List<Made> tones = work.tones();
        return IntStream.range(0, TONES)
                .mapToObj(place -> {
                    int from = Math.min(tones.size() - 1, place / PicturePlan.BETWEEN);
                    int to = Math.min(tones.size() - 1, from + (place % PicturePlan.BETWEEN == 0 ? 0 : 1));
                    return tones.get(from)
                            .predicted()
                            .towards(
                                    tones.get(to).predicted(),
                                    place % PicturePlan.BETWEEN / (double) PicturePlan.BETWEEN);
                })
                .toList();
    }
}
