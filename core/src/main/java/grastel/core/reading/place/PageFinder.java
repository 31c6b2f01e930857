package grastel.core.reading.place;

import boofcv.abst.fiducial.FiducialDetector;
import boofcv.factory.fiducial.ConfigFiducialHammingDetector;
import boofcv.factory.fiducial.ConfigHammingMarker;
import boofcv.factory.fiducial.FactoryFiducial;
import boofcv.struct.ConfigLength;
import boofcv.struct.image.GrayU8;
import com.google.zxing.BarcodeFormat;
import com.google.zxing.Binarizer;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.PlanarYUVLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.common.GlobalHistogramBinarizer;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import georegression.struct.point.Point2D_F64;
import georegression.struct.shapes.Polygon2D_F64;
import grastel.core.page.PageCode;
import grastel.core.page.PageFurniture;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reading.picture.UnreadablePage.Problem;
import grastel.core.reading.place.MarkerGroups.Marker;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Finds a page by its corner markers, on a reduced picture, then reads its code from where the markers say it is. Not for
 * use by two threads at once: the detector keeps its work space.
 */
public final class PageFinder {
    private static final System.Logger LOG = System.getLogger(PageFinder.class.getName());

    /** Longer side of the reduced picture, px: about 85 dpi for a page that fills the picture. */
    private static final int REDUCED_SIDE = 1000;
    /** Share of the marker code that may be ambiguous; as found good for printed sheets. */
    private static final double AMBIGUOUS_SHARE = 0.75;

    /** Outline of the smallest marker whose code can be told, px of the reduced picture: letters are shorter and soon left. */
    private static final int SMALLEST_OUTLINE = 40;

    /** Diagonal of a marker in the reduced picture, px, under which a finer one is looked at: about four sheets in a picture. */
    private static final double SMALL = 30;

    private static final double ROWS = 4;
    private static final int LARGE_BLOCK = 4;
    private static final int FEWEST_MARKERS = 3;
    /** Of a dozen sheets: more are too small in any picture. */
    private static final int MOST_MARKERS = 48;

    private static final double CODE_MARGIN_MM = 2.5;
    private static final List<Double> CODE_PX_PER_MM = List.of(7.0, 10.3, 5.2, 8.6, 14.0);

    private final FiducialDetector<GrayU8> detector;

    public PageFinder() {
        ConfigFiducialHammingDetector config = new ConfigFiducialHammingDetector();
        config.ambiguousPenaltyFrac = AMBIGUOUS_SHARE;
        config.squareDetector.detector.minimumContour = ConfigLength.fixed(SMALLEST_OUTLINE);
        detector = FactoryFiducial.squareHamming(
                ConfigHammingMarker.loadDictionary(PageFurniture.DICTIONARY), config, GrayU8.class);
    }

    /**
     * Every sheet of the picture, in rows from the top: at least one with three markers; further ones may show only two.
     *
     * @throws UnreadablePage where there is none
     */
    public List<FoundPage> find(Picture picture) throws UnreadablePage {
        int factor = Math.max(1, (int) Math.round(Math.max(picture.width, picture.height) / (double) REDUCED_SIDE));
        List<Marker> markers = markers(reduced(picture, factor), factor);
        boolean back = isBack();
        if (factor > 1 && areSmall(markers, factor)) {
            List<Marker> finer = markers(reduced(picture, factor / 2), factor / 2);
            markers = finer.size() > markers.size() ? finer : markers;
        }
        if (markers.isEmpty()) {
            throw new UnreadablePage(back ? Problem.BACK : Problem.NO_MARKERS);
        }
        if (markers.size() > MOST_MARKERS) {
            throw new UnreadablePage(Problem.TOO_MANY_SHEETS, markers.size() / 4.0);
        }
        List<Map<Integer, List<Point2D_F64>>> sheets = MarkerGroups.of(markers);
        int most = sheets.stream().mapToInt(Map::size).max().orElse(1);
        if (most < FEWEST_MARKERS) {
            throw new UnreadablePage(Problem.TOO_FEW_MARKERS, most);
        }
        boolean strays = markers.size() > sheets.stream().mapToInt(Map::size).sum();
        double row = picture.height / ROWS;
        return sheets.stream()
                .map(sheet -> coded(picture, sheet, strays))
                .sorted(Comparator.comparingDouble((FoundPage p) -> Math.floor(p.centreY() / row))
                        .thenComparingDouble(FoundPage::centreX))
                .toList();
    }

    private static FoundPage coded(Picture picture, Map<Integer, List<Point2D_F64>> markers, boolean strays) {
        FoundPage uncoded = new FoundPage(markers, null, strays);
        if (markers.size() >= FEWEST_MARKERS) {
            for (PageSize size : PageSize.values()) {
                PageCode code = code(picture, uncoded.mapping(size), size);
                if (code != null) {
                    return new FoundPage(markers, code, strays);
                }
            }
        }
        return uncoded;
    }

    /** True where sheets are so small in the picture that others may have been missed. */
    private static boolean areSmall(List<Marker> markers, int factor) {
        return markers.stream()
                .anyMatch(m -> m.points().get(0).distance(m.points().get(2)) < SMALL * factor);
    }

    /** Whether what was detected last are the marks of a back. */
    private boolean isBack() {
        return IntStream.range(0, detector.totalFound()).anyMatch(i -> detector.getId(i) == PageFurniture.BACK_ID);
    }

    private List<Marker> markers(GrayU8 reduced, int factor) {
        detector.detect(reduced);
        List<Marker> found = new ArrayList<>();
        for (int i = 0; i < detector.totalFound(); i++) {
            int corner = PageFurniture.MARKER_IDS.indexOf((int) detector.getId(i));
            if (corner >= 0) {
                found.add(new Marker(corner, corners(detector.getBounds(i, new Polygon2D_F64()), factor)));
            }
        }
        return found;
    }

    /** The detector gives bottom right first, then clockwise; reduced pixels become those of the full picture. */
    private static List<Point2D_F64> corners(Polygon2D_F64 bounds, int factor) {
        return List.of(
                scaled(bounds.get(2), factor),
                scaled(bounds.get(3), factor),
                scaled(bounds.get(0), factor),
                scaled(bounds.get(1), factor));
    }

    private static Point2D_F64 scaled(Point2D_F64 p, int factor) {
        return new Point2D_F64(p.x * factor, p.y * factor);
    }

    /**
     * Green of the picture, averaged over blocks of {@code factor}² pixels, of large blocks over every other pixel of every
     * other line; lines side by side.
     */
    static GrayU8 reduced(Picture picture, int factor) {
        GrayU8 grey = new GrayU8(picture.width / factor, picture.height / factor);
        IntStream.range(0, grey.height).parallel().forEach(y -> reduceLine(picture, factor, grey, y));
        return grey;
    }

    private static void reduceLine(Picture picture, int factor, GrayU8 grey, int y) {
        byte[] rgb = picture.rgb;
        int step = factor >= LARGE_BLOCK ? 2 : 1;
        int perLine = (factor + step - 1) / step;
        int[] sums = new int[grey.width];
        for (int j = 0; j < factor; j += step) {
            int line = (y * factor + j) * picture.width * 3 + 1;
            for (int x = 0; x < sums.length; x++) {
                int i = line + x * factor * 3;
                for (int k = 0; k < perLine; k++, i += 3 * step) {
                    sums[x] += rgb[i] & 0xff;
                }
            }
        }
        for (int x = 0; x < sums.length; x++) {
            grey.data[y * grey.width + x] = (byte) (sums[x] / (perLine * perLine));
        }
    }

    /**
     * Tried at several sizes and with either threshold until one reads: some patterns deceive the library at one of them. Two
     * sizes missed 1 code of 1,500, five none (PageFinderCodeTest).
     */
    static @Nullable PageCode code(Picture picture, Mapping mapping, PageSize size) {
        for (double pxPerMm : CODE_PX_PER_MM) {
            var source = codeSquare(picture, mapping, size, pxPerMm);
            for (Binarizer binarizer : List.of(new GlobalHistogramBinarizer(source), new HybridBinarizer(source))) {
                Optional<PageCode> code = decode(new BinaryBitmap(binarizer)).flatMap(PageCode::parse);
                if (code.isPresent()) {
                    return code.get();
                }
            }
        }
        return null;
    }

    private static PlanarYUVLuminanceSource codeSquare(
            Picture picture, Mapping mapping, PageSize size, double pxPerMm) {
        Rect area = PageFurniture.code(size).inset(-CODE_MARGIN_MM);
        int side = (int) Math.round(area.width() * pxPerMm);
        byte[] grey = new byte[side * side];
        for (int y = 0; y < side; y++) {
            for (int x = 0; x < side; x++) {
                double mmX = area.x() + (x + 0.5) / pxPerMm;
                double mmY = area.y() + (y + 0.5) / pxPerMm;
                grey[y * side + x] = (byte) palest(picture, mapping.x(mmX, mmY), mapping.y(mmX, mmY));
            }
        }
        return new PlanarYUVLuminanceSource(grey, side, side, 0, 0, side, side, false);
    }

    /** Of the three channels the one in which coloured pencil over the code is palest: black is black in all. */
    private static int palest(Picture picture, double x, double y) {
        int px = Math.min(picture.width - 1, Math.max(0, (int) x));
        int py = Math.min(picture.height - 1, Math.max(0, (int) y));
        int at = (py * picture.width + px) * 3;
        return Math.max(picture.rgb[at] & 0xff, Math.max(picture.rgb[at + 1] & 0xff, picture.rgb[at + 2] & 0xff));
    }

    private static Optional<String> decode(BinaryBitmap bitmap) {
        try {
            return Optional.of(new QRCodeReader()
                    .decode(
                            bitmap,
                            Map.of(
                                    DecodeHintType.TRY_HARDER,
                                    true,
                                    DecodeHintType.POSSIBLE_FORMATS,
                                    List.of(BarcodeFormat.QR_CODE)))
                    .getText());
        } catch (ReaderException e) {
            return Optional.empty();
        } catch (RuntimeException e) {
            // Of noise that looks like a code the library is not always sure to say so in its own way.
            LOG.log(System.Logger.Level.DEBUG, e::toString, e);
            return Optional.empty();
        }
    }
}
