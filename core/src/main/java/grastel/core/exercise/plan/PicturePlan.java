package grastel.core.exercise.plan;

import grastel.core.checks.Require;
import grastel.core.colour.Lab;
import grastel.core.exercise.plan.FieldPlan.Point;
import java.io.ByteArrayOutputStream;
import java.util.Base64;
import java.util.List;
import java.util.zip.DataFormatException;
import java.util.zip.Deflater;
import java.util.zip.Inflater;
import org.jspecify.annotations.Nullable;

/**
 * A picture that is drawn in a field: what lies where, and what it is made with. Each cell names a tone, or lies between it and the
 * next one of the same zone by thirds: so a zone may turn from light to shadow.
 *
 * @param cellMm side of a cell
 * @param columns and rows of cells
 * @param cells three times the number of the tone and what lies beyond it, row by row, deflated, Base64
 * @param tones those of one zone stand side by side, the lightest first; zones in their order
 * @param order in which zones are drawn
 * @param gridColumns and gridRows that are printed faintly, 1 for none
 * @param guide what else it is drawn by; null for nothing
 * @param texture what is asked of its strokes; null where nothing is
 */
public record PicturePlan(
        double cellMm,
        int columns,
        int rows,
        String cells,
        List<Tone> tones,
        List<Integer> order,
        int gridColumns,
        int gridRows,
        Guide guide,
        @Nullable Texture texture) {
    /** No other field is as wide and high, so that what is this large is read as a picture, mm. */
    public static final double LEAST_MM = 60;

    /** Places from a tone to the next. */
    public static final int BETWEEN = 3;

    /** As many as a cell can name. */
    public static final int MOST_TONES = 256 / BETWEEN;

    public PicturePlan {
        tones = List.copyOf(tones);
        order = List.copyOf(order);
        guide = guide == null ? Guide.NONE : guide;
        if (tones.isEmpty() || tones.size() > MOST_TONES) {
            throw new IllegalArgumentException("A picture has 1 … " + MOST_TONES + " tones, not " + tones.size());
        }
    }

    /**
     * Places are mm from the top left of the picture.
     *
     * @param lines that are printed faintly
     * @param marks small words that are printed
     * @param focus where the eye is to go first; null where nothing was said
     */
    public record Guide(
            List<Line> lines, List<Mark> marks, @Nullable FocusPoint focus) {
        public static final Guide NONE = new Guide(List.of(), List.of(), null);

        public Guide {
            lines = List.copyOf(lines);
            marks = List.copyOf(marks);
        }
    }

    public record Line(Point from, Point to) {}

    /**
     * Strokes and grain of what is drawn.
     *
     * @param columns and rows of windows that fill the picture
     * @param directions of the strokes in each window, row by row: whole degrees from the horizontal, anticlockwise, 0 up to 180,
     *     {@value #NO_WAY} where none is asked; deflated, Base64
     * @param strokeMm how long a stroke is; 0 where none are asked
     * @param relief by how many tones a stroke is darker than what lies between the strokes; 0 where strokes of the tones' own
     *     layers make the picture
     * @param open true where the paper's tooth is to be left open
     */
    public record Texture(int columns, int rows, String directions, double strokeMm, double relief, boolean open) {
        /** Side of a window, mm. */
        public static final double WINDOW_MM = 4;

        public static final int NO_WAY = 255;

        /** True where pictures of a zone are laid in strokes, not where a surface is shown by strokes over a base. */
        public boolean madeByPressure() {
            return strokeMm > 0 && relief == 0;
        }

        /** How many windows a length has, the last one cut off. */
        public static int windows(double mm) {
            return (int) Math.ceil(mm / WINDOW_MM - 1e-9);
        }

        /** Of each window, see {@link #directions}. */
        public byte[] ways() {
            return unpacked(directions, columns * rows);
        }
    }

    /** An area, not printed. @param at its middle */
    public record FocusPoint(Point at, double radiusMm) {}

    /** @param at its middle */
    public record Mark(Point at, String words) {}

    /**
     * A tone.
     *
     * @param zone it is part of, from 1
     * @param share of the picture's area that is nearest to it, 0…1
     * @param wanted as the reference has it
     * @param recipe none where the paper stays bare
     * @param predicted what the recipe gives
     */
    public record Tone(int zone, double share, Lab wanted, Recipe recipe, Lab predicted) {
        public Tone with(Recipe other) {
            return new Tone(zone, share, wanted, other, predicted);
        }
    }

    /** @param places one for each cell: {@value #BETWEEN} times the number of the tone and what lies beyond it */
    public static PicturePlan of(
            double cellMm,
            int columns,
            int rows,
            byte[] places,
            List<Tone> tones,
            List<Integer> order,
            int gridColumns,
            int gridRows,
            Guide guide,
            @Nullable Texture texture) {
        if (places.length != columns * rows) {
            throw new IllegalArgumentException(places.length + " cells for " + columns + " × " + rows);
        }
        return new PicturePlan(
                cellMm, columns, rows, packed(places), tones, order, gridColumns, gridRows, guide, texture);
    }

    /** Bytes as text, deflated. */
    public static String packed(byte[] bytes) {
        Deflater deflater = new Deflater();
        deflater.setInput(bytes);
        deflater.finish();
        ByteArrayOutputStream out = new ByteArrayOutputStream(bytes.length / 4);
        byte[] buffer = new byte[4096];
        while (!deflater.finished()) {
            out.write(buffer, 0, deflater.deflate(buffer));
        }
        deflater.end();
        return Base64.getEncoder().encodeToString(out.toByteArray());
    }

    /** @param length of what was packed */
    public static byte[] unpacked(String text, int length) {
        Inflater inflater = new Inflater();
        inflater.setInput(Base64.getDecoder().decode(text));
        byte[] bytes = new byte[length];
        try {
            int read = inflater.inflate(bytes);
            if (read != length) {
                throw new IllegalArgumentException("A picture of " + length + " bytes holds " + read);
            }
        } catch (DataFormatException e) {
            throw new IllegalArgumentException("A picture that cannot be unpacked", e);
        } finally {
            inflater.end();
        }
        return bytes;
    }

    /** The place of each cell, see {@link #cells}. */
    public byte[] places() {
        return unpacked(cells, columns * rows);
    }

    /** The tone a place is nearest to. */
    public Tone tone(byte place) {
        int at = place & 255;
        return tones.get(at % BETWEEN > BETWEEN / 2 ? at / BETWEEN + 1 : at / BETWEEN);
    }

    /** What the pencils give at a tone or between two. */
    public Lab predictedBetween(double tone) {
        int from = (int) Math.min(tones.size() - 1.0, tone);
        int to = Math.min(tones.size() - 1, from + 1);
        return tones.get(from).predicted().towards(tones.get(to).predicted(), tone - from);
    }

    /** What the pencils give at a place. */
    public Lab predicted(byte place) {
        int at = place & 255;
        Lab from = tones.get(at / BETWEEN).predicted();
        if (at % BETWEEN == 0) {
            return from;
        }
        Lab to = tones.get(at / BETWEEN + 1).predicted();
        return from.towards(to, at % BETWEEN / (double) BETWEEN);
    }

    /** How it is stroked, of a picture that asks for it. */
    public Texture ownTexture() {
        return Require.present(texture, "the texture");
    }

    /** True where the picture is a surface with what lies over its base, not a piece of many zones. */
    public boolean showsSurface() {
        return texture != null && !texture.madeByPressure();
    }

    public PicturePlan with(List<Tone> other) {
        return new PicturePlan(cellMm, columns, rows, cells, other, order, gridColumns, gridRows, guide, texture);
    }
}
