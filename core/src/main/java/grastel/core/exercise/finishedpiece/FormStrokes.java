package grastel.core.exercise.finishedpiece;

import grastel.core.exercise.Piece.Work;
import grastel.core.exercise.plan.FieldPlan.Point;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.exercise.plan.PicturePlan.Line;
import grastel.core.exercise.plan.PicturePlan.Texture;
import grastel.core.fit.Slope;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.Swatch;
import grastel.core.media.Paper;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Which way strokes run round the forms of a picture: from light into shadow, where a shape turns away. Where a zone is as light all
 * over nothing turns, and no way is asked.
 */
final class FormStrokes {
    /** How long a stroke is, mm: what a hand draws from the wrist. */
    private static final double STROKE_MM = 8;
    /** Around a window so much is looked at, mm to each side. */
    private static final double AROUND_MM = 6;
    /** A zone turns where its L* changes by so much over a centimetre. */
    private static final double TURNS = 2.5;

    private static final double CENTIMETRE = 10;
    /** Fewer windows do not show whether strokes follow. */
    private static final int FEWEST = 16;
    /** One short line is printed for so many windows each way, and how long it is, mm. */
    private static final int PRINTED = 3;

    private static final double PRINTED_MM = 6;

    /** A stroke is pressed harder than what lies between, shares of the pressure asked, and shows where that makes so much, L*. */
    private static final double SOFTER = 0.8;

    private static final double HARDER = 1.25;
    private static final double SHOWS = 4;

    private final Work work;
    /** Of each tone. */
    private final List<Boolean> shows;

    private final double[] lightness;
    private final int[] zones;
    private final int columns;
    private final int rows;
    private final byte[] ways;

    private FormStrokes(Work work, Paper paper) {
        this.work = work;
        shows = work.tones().stream().map(t -> shows(t.layers(), paper)).toList();
        byte[] places = work.places();
        lightness = IntStream.range(0, places.length)
                .mapToDouble(i -> lightness(places[i] & 255))
                .toArray();
        zones = IntStream.range(0, places.length)
                .map(i -> work.tones()
                        .get((places[i] & 255) / PicturePlan.BETWEEN)
                        .zone())
                .toArray();
        columns = Texture.windows(work.columns() * work.cellMm());
        rows = Texture.windows(work.rows() * work.cellMm());
        ways = new byte[columns * rows];
        for (int i = 0; i < ways.length; i++) {
            ways[i] = (byte) way(i % columns, i / columns);
        }
    }

    static FormStrokes of(Work work, Paper paper) {
        return new FormStrokes(work, paper);
    }

    /** Whether what is pressed harder can be told from what is not: neither on bare paper nor where the dark is full. */
    private static boolean shows(List<Layer> layers, Paper paper) {
        double soft = pressed(layers, paper, SOFTER);
        double hard = pressed(layers, paper, HARDER);
        return Math.abs(soft - hard) >= SHOWS;
    }

    private static double pressed(List<Layer> layers, Paper paper, double share) {
        Swatch swatch = Swatch.bare(paper);
        for (Layer layer : layers) {
            swatch = swatch.with(layer instanceof Layer.Colour c ? pressed(c, share) : layer);
        }
        return swatch.colour().lightness();
    }

    private static Layer pressed(Layer.Colour layer, double share) {
        Pass pass = layer.pass();
        double pressure = Math.min(1, share * pass.pressure());
        return new Layer.Colour(new Pass(pass.pencil(), pressure, pass.point(), pass.stroke()), layer.passes());
    }

    private double lightness(int place) {
        int tone = place / PicturePlan.BETWEEN;
        double here = work.tones().get(tone).predicted().lightness();
        int beyond = place % PicturePlan.BETWEEN;
        return beyond == 0
                ? here
                : here + (work.tones().get(tone + 1).predicted().lightness() - here) * beyond / PicturePlan.BETWEEN;
    }

    /** True where enough turns to be followed. */
    boolean areAsked() {
        return IntStream.range(0, ways.length)
                        .filter(i -> (ways[i] & 255) != Texture.NO_WAY)
                        .count()
                >= FEWEST;
    }

    Texture texture() {
        return new Texture(columns, rows, PicturePlan.packed(ways), STROKE_MM, 0, false);
    }

    /** Short lines to be printed, along the strokes. */
    List<Line> lines() {
        List<Line> lines = new ArrayList<>();
        for (int row = 1; row < rows; row += PRINTED) {
            for (int column = 1; column < columns; column += PRINTED) {
                int way = ways[row * columns + column] & 255;
                if (way != Texture.NO_WAY) {
                    double x = (column + 0.5) * Texture.WINDOW_MM;
                    double y = (row + 0.5) * Texture.WINDOW_MM;
                    double right = Math.cos(Math.toRadians(way)) * PRINTED_MM / 2;
                    double down = -Math.sin(Math.toRadians(way)) * PRINTED_MM / 2;
                    lines.add(new Line(new Point(x - right, y - down), new Point(x + right, y + down)));
                }
            }
        }
        return lines.stream().filter(this::isInside).toList();
    }

    private boolean isInside(Line line) {
        return List.of(line.from(), line.to()).stream()
                .allMatch(p -> p.x() > 0
                        && p.y() > 0
                        && p.x() < work.columns() * work.cellMm()
                        && p.y() < work.rows() * work.cellMm());
    }

    /** Of a window within one zone: the way its lightness changes in most, degrees; {@link Texture#NO_WAY} for none. */
    private int way(int column, int row) {
        int[] within = cells(column, row, 0);
        int zone = within.length == 0 ? 0 : zones[within[0]];
        if (within.length == 0 || Arrays.stream(within).anyMatch(i -> zones[i] != zone || !shows(i))) {
            return Texture.NO_WAY;
        }
        int[] around = Arrays.stream(cells(column, row, AROUND_MM))
                .filter(i -> zones[i] == zone)
                .toArray();
        Slope slope = Slope.of(work.columns(), i -> lightness[i], around);
        double perMm = Math.hypot(slope.across(), slope.down()) / work.cellMm();
        if (perMm * CENTIMETRE < TURNS) {
            return Texture.NO_WAY;
        }
        return (int) Math.floorMod(Math.round(Math.toDegrees(Math.atan2(-slope.down(), slope.across()))), 180L);
    }

    private boolean shows(int cell) {
        return shows.get((work.places()[cell] & 255) / PicturePlan.BETWEEN);
    }

    /** Cells of a window and so far around it, mm. */
    private int[] cells(int column, int row, double aroundMm) {
        int left = cell(column * Texture.WINDOW_MM - aroundMm, work.columns());
        int right = cell((column + 1) * Texture.WINDOW_MM + aroundMm, work.columns());
        int top = cell(row * Texture.WINDOW_MM - aroundMm, work.rows());
        int bottom = cell((row + 1) * Texture.WINDOW_MM + aroundMm, work.rows());
        return IntStream.range(top, bottom)
                .flatMap(y -> IntStream.range(left, right).map(x -> y * work.columns() + x))
                .toArray();
    }

    private int cell(double mm, int most) {
        return (int) Math.max(0, Math.min(most, Math.round(mm / work.cellMm())));
    }
}
