package grastel.core.reading.lines;

import grastel.core.page.Rect;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.place.FoundPage;
import grastel.core.reading.place.Mapping;
import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;

/**
 * The straight lines that a student drew across a frame, each from side to side. The frame is the smallest drawn quadrangle that has
 * such lines, as the paper on the table is one too; where none is drawn, the picture itself.
 *
 * @param lines the plainest first
 */
public record LineDrawing(List<Crossing> lines) {
    /** Places each way that a frame is looked at by. */
    static final int PLACES = 500;
    /** Fewer lines make no frame of a quadrangle. */
    private static final int FEWEST = 2;

    public LineDrawing {
        lines = List.copyOf(lines);
    }

    /** A line by its ends on the frame's sides, shares of width and height from the top left. */
    public record Crossing(double fromX, double fromY, double toX, double toY) {}

    public static LineDrawing of(Picture picture) {
        Ink ink = Ink.of(picture);
        return ink.quadrangles().stream()
                .map(frame -> laid(ink, frame))
                .filter(Crossings::hasSides)
                .map(Crossings::of)
                .filter(lines -> lines.size() >= FEWEST)
                .findFirst()
                .map(LineDrawing::new)
                .orElseGet(() -> new LineDrawing(Crossings.of(laid(ink, ink.corners()))));
    }

    /** Whether there is ink, place by place of a frame. */
    private static boolean[] laid(Ink ink, List<Coordinate> frame) {
        List<double[]> corners =
                frame.stream().map(c -> new double[] {c.x, c.y}).toList();
        Mapping mapping = FoundPage.drawing(corners).mapping(new Rect(0, 0, PLACES, PLACES));
        boolean[] laid = new boolean[PLACES * PLACES];
        IntStream.range(0, laid.length).parallel().forEach(i -> {
            double x = i % PLACES + 0.5;
            double y = i / PLACES + 0.5;
            laid[i] = ink.isAt(mapping.x(x, y), mapping.y(x, y));
        });
        return laid;
    }
}
