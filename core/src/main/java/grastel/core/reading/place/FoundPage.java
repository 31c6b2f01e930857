package grastel.core.reading.place;

import boofcv.struct.geo.AssociatedPair;
import georegression.struct.point.Point2D_F64;
import grastel.core.page.PageCode;
import grastel.core.page.PageFurniture;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reading.picture.UnreadablePage.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A page found in a picture: its marker corners in pixels and, if it could be read, its code. */
public final class FoundPage {
    /** A sheet that lies less flat than this is not measured. */
    private static final double MOST_RESIDUAL_MM = 1.2;

    private static final int FEWEST_MARKERS = 3;

    private static final double LEAST_DPI = 110;

    /** Marker corner 0…3 → its corners, clockwise from the top left as printed. */
    private final Map<Integer, List<Point2D_F64>> markers;

    private final @Nullable PageCode code;
    private final boolean crowded;
    /** Corners of a drawing without markers; empty for a page. */
    private final List<Point2D_F64> drawing;

    FoundPage(Map<Integer, List<Point2D_F64>> markers, @Nullable PageCode code) {
        this(markers, code, false);
    }

    /** @param crowded true where a marker of yet another sheet is in the picture */
    FoundPage(Map<Integer, List<Point2D_F64>> markers, @Nullable PageCode code, boolean crowded) {
        this(markers, code, crowded, List.of());
    }

    private FoundPage(
            Map<Integer, List<Point2D_F64>> markers,
            @Nullable PageCode code,
            boolean crowded,
            List<Point2D_F64> drawing) {
        this.markers = new TreeMap<>(markers);
        this.code = code;
        this.crowded = crowded;
        this.drawing = drawing;
    }

    /** A page whose markers a person pointed at: the centres of the four, from the top left clockwise, in pixels. */
    public static FoundPage pointedAt(List<double[]> centres) {
        if (centres.size() != 4) {
            throw new IllegalArgumentException("Four marker centres are needed, given " + centres.size());
        }
        Map<Integer, List<Point2D_F64>> markers = new TreeMap<>();
        for (int corner = 0; corner < 4; corner++) {
            markers.put(corner, List.of(new Point2D_F64(centres.get(corner)[0], centres.get(corner)[1])));
        }
        return new FoundPage(markers, null);
    }

    /** A drawing without markers: its own corners, from the top left clockwise, in pixels. */
    public static FoundPage drawing(List<double[]> corners) {
        if (corners.size() != 4) {
            throw new IllegalArgumentException("Four corners are needed, given " + corners.size());
        }
        return new FoundPage(
                Map.of(),
                null,
                false,
                corners.stream().map(c -> new Point2D_F64(c[0], c[1])).toList());
    }

    /** True for a drawing without markers. */
    public boolean isDrawing() {
        return !drawing.isEmpty();
    }

    /** Where a drawing without markers lies. @param frame it is drawn in */
    public Mapping mapping(Rect frame) {
        double[][] planned = {
            {frame.x(), frame.y()},
            {frame.right(), frame.y()},
            {frame.right(), frame.bottom()},
            {frame.x(), frame.bottom()}
        };
        return Mapping.fit(IntStream.range(0, planned.length)
                .mapToObj(i -> new AssociatedPair(planned[i][0], planned[i][1], drawing.get(i).x, drawing.get(i).y))
                .toList());
    }

    public Optional<PageCode> code() {
        return Optional.ofNullable(code);
    }

    /** How many of the four markers were found. */
    public int markers() {
        return markers.size();
    }

    /** Middle of the markers that were found, pixels from the left. */
    public double centreX() {
        return points().mapToDouble(p -> p.x).average().orElseThrow();
    }

    /** The same from the top. */
    public double centreY() {
        return points().mapToDouble(p -> p.y).average().orElseThrow();
    }

    private Stream<Point2D_F64> points() {
        return Stream.concat(markers.values().stream().flatMap(List::stream), drawing.stream());
    }

    /** True where a marker of yet another sheet is in the picture. */
    public boolean isCrowded() {
        return crowded;
    }

    /** The page's place in the picture, if it is flat and fine enough to measure. */
    public Mapping usableMapping(PageSize size) throws UnreadablePage {
        if (markers.size() < FEWEST_MARKERS) {
            throw new UnreadablePage(Problem.TOO_FEW_MARKERS, markers.size());
        }
        Mapping mapping = mapping(size);
        double pxPerMm = mapping.pxPerMm(size.widthMm() / 2, size.heightMm() / 2);
        double residual = mapping.residualPx() / pxPerMm;
        if (!(residual < MOST_RESIDUAL_MM)) {
            throw new UnreadablePage(Problem.NOT_FLAT, residual);
        }
        double dpi = pxPerMm * 25.4;
        if (dpi < LEAST_DPI) {
            throw new UnreadablePage(Problem.TOO_COARSE, dpi);
        }
        return mapping;
    }

    /** Where its markers say that it lies, whether that can be measured or not. */
    public Mapping mapping(PageSize size) {
        List<AssociatedPair> pairs = new ArrayList<>();
        markers.forEach((corner, points) -> {
            Rect r = PageFurniture.marker(size, corner);
            double[][] printed = points.size() == 1
                    ? new double[][] {{r.x() + r.width() / 2, r.y() + r.height() / 2}}
                    : new double[][] {{r.x(), r.y()}, {r.right(), r.y()}, {r.right(), r.bottom()}, {r.x(), r.bottom()}};
            for (int i = 0; i < points.size(); i++) {
                pairs.add(new AssociatedPair(printed[i][0], printed[i][1], points.get(i).x, points.get(i).y));
            }
        });
        return Mapping.fit(pairs);
    }
}
