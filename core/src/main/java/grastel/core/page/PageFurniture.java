package grastel.core.page;

import boofcv.factory.fiducial.ConfigHammingMarker;
import boofcv.factory.fiducial.HammingDictionary;
import java.util.ArrayList;
import java.util.List;

/**
 * What stands at the same place on every page of a size: the four corner markers and the code. The reader finds the page
 * by these before it knows which sheet it is.
 */
public final class PageFurniture {
    /** Dictionary of the corner markers: 6 × 6 bits, a black border of one bit. */
    public static final HammingDictionary DICTIONARY = HammingDictionary.ARUCO_MIP_36h12;
    /** Marker numbers at the top left, top right, bottom right and bottom left corner. */
    public static final List<Integer> MARKER_IDS = List.of(0, 1, 2, 3);

    /** Marker number in all corners of the back of a sheet, where nothing is to be read. */
    public static final int BACK_ID = 4;

    public static final double MARKER_MM = 11;
    /** From the edge of the paper to a marker; printers leave about 5 mm bare. */
    public static final double INSET_MM = 9;

    /** Width of the gratings with the room beside them. */
    public static final double GRATINGS_MM = 20;

    public static final double CODE_MM = 18;
    /** Lines around boxes. */
    public static final double HAIRLINE_MM = 0.25;

    /** Guide lines inside forms: as fine as a printer makes them, to vanish under pencil. */
    public static final double GUIDE_MM = 0.12;

    private static final double CODE_GAP_MM = 6;

    /** Ruled finely enough that no camera tells the lines apart: it averages light before any curve is laid over it. */
    private static final double FINE_MM = 0.2;
    /** Ruled so that lines are told apart: shows how much wider than drawn the printer makes an edge. */
    private static final double COARSE_MM = 1.2;

    private static final List<Double> DUTIES = List.of(0.25, 0.5, 0.75);
    private static final double GRATING_MM = 4.8;
    private static final double GRATING_GAP_MM = 1;
    /** Finest part that a grating is drawn of, mm. */
    private static final double GRATING_CELL_MM = 0.05;

    private PageFurniture() {}

    /** Where the marker of a corner stands; corner 0…3 as in {@link #MARKER_IDS}. */
    public static Rect marker(PageSize size, int corner) {
        double left = INSET_MM;
        double right = size.widthMm() - INSET_MM - MARKER_MM;
        double top = INSET_MM;
        double bottom = size.heightMm() - INSET_MM - MARKER_MM;
        return switch (corner) {
            case 0 -> new Rect(left, top, MARKER_MM, MARKER_MM);
            case 1 -> new Rect(right, top, MARKER_MM, MARKER_MM);
            case 2 -> new Rect(right, bottom, MARKER_MM, MARKER_MM);
            case 3 -> new Rect(left, bottom, MARKER_MM, MARKER_MM);
            default -> throw new IllegalArgumentException("A page has corners 0…3, asked for " + corner);
        };
    }

    /** Where the square code stands, without its quiet zone. */
    public static Rect code(PageSize size) {
        double x = size.widthMm() - INSET_MM - MARKER_MM - CODE_GAP_MM - CODE_MM;
        return new Rect(x, INSET_MM, CODE_MM, CODE_MM);
    }

    /**
     * A patch of black lines.
     *
     * @param duty share of the period that is black, as drawn
     * @param periodMm from line to line
     */
    public record Grating(Rect rect, double duty, double periodMm) {
        public boolean isFine() {
            return periodMm == FINE_MM;
        }

        PageLayout.Bits bits() {
            int cells = (int) Math.round(rect.width() / GRATING_CELL_MM);
            int period = (int) Math.round(periodMm / GRATING_CELL_MM);
            StringBuilder row = new StringBuilder();
            for (int i = 0; i < cells; i++) {
                row.append(i % period < duty * period ? '1' : '0');
            }
            return new PageLayout.Bits(rect, List.of(row.toString()));
        }
    }

    /** Gratings left of the marker at the bottom right, by which the reader tells a picture's tone curve. */
    public static List<Grating> gratings(PageSize size) {
        Rect marker = marker(size, 2);
        double left = marker.x() - GRATINGS_MM;
        List<Grating> all = new ArrayList<>();
        for (int i = 0; i < DUTIES.size(); i++) {
            double x = left + i * (GRATING_MM + GRATING_GAP_MM);
            all.add(new Grating(new Rect(x, marker.y(), GRATING_MM, GRATING_MM), DUTIES.get(i), COARSE_MM));
            double below = marker.bottom() - GRATING_MM;
            all.add(new Grating(new Rect(x, below, GRATING_MM, GRATING_MM), DUTIES.get(i), FINE_MM));
        }
        return all;
    }

    static List<PageLayout.Bits> markers(PageSize size) {
        List<PageLayout.Bits> bits = new ArrayList<>();
        for (int corner = 0; corner < MARKER_IDS.size(); corner++) {
            bits.add(new PageLayout.Bits(marker(size, corner), pattern(MARKER_IDS.get(corner))));
        }
        return bits;
    }

    /** The back of a sheet, with nothing on it but what tells it from a front. */
    public static PageLayout back(PageSize size) {
        List<PageLayout.Bits> bits = new ArrayList<>();
        for (int corner = 0; corner < MARKER_IDS.size(); corner++) {
            bits.add(new PageLayout.Bits(marker(size, corner), pattern(BACK_ID)));
        }
        return new PageLayout(size, List.of(), List.of(), List.of(), List.of(), List.of(), bits);
    }

    /** The marker's bits with its black border. The dictionary counts rows from the bottom up. */
    private static List<String> pattern(int id) {
        ConfigHammingMarker dictionary = ConfigHammingMarker.loadDictionary(DICTIONARY);
        int side = dictionary.gridWidth;
        List<String> rows = new ArrayList<>();
        rows.add("1".repeat(side + 2));
        for (int row = 0; row < side; row++) {
            StringBuilder line = new StringBuilder("1");
            for (int column = 0; column < side; column++) {
                line.append(dictionary.encoding.get(id).pattern.get(row * side + column) == 0 ? '1' : '0');
            }
            rows.add(line.append('1').toString());
        }
        rows.add("1".repeat(side + 2));
        return rows;
    }
}
