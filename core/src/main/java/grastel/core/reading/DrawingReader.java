package grastel.core.reading;

import grastel.core.colour.LinearRgb;
import grastel.core.media.Paper;
import grastel.core.page.PageLayout;
import grastel.core.page.Rect;
import grastel.core.reading.fields.FieldReader;
import grastel.core.reading.fields.Ground;
import grastel.core.reading.fields.Sharpness;
import grastel.core.reading.keys.ColourCorrection;
import grastel.core.reading.keys.KeyColour;
import grastel.core.reading.keys.KeyReport;
import grastel.core.reading.light.EvenPage;
import grastel.core.reading.light.LightField;
import grastel.core.reading.light.ToneCurve;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reading.picture.UnreadablePage.Problem;
import grastel.core.reading.place.FoundPage;
import grastel.core.reading.place.Mapping;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * Reads a drawing that has no markers beside it, as on a page of a sketchbook, by its four corners. The light comes from what is
 * bare in it and around it, the paper is taken to be the sheet's; black, tone curve and colours of the camera are not known, and
 * what that leaves open is in every interval.
 */
final class DrawingReader {
    private static final double MM_PER_INCH = 25.4;
    /** Two pixels for each cell of a picture. */
    private static final double LEAST_DPI = 50;
    /** Corners are pointed at, and frames are drawn, so near, mm. */
    private static final double PLAY_MM = 3;
    /** What lies under the line of a frame that is a little off is not looked at, mm. */
    private static final double EDGE_MM = 2;
    /** Drawing papers that pass for one differ so much in light, relative, 95 %. */
    private static final double PAPERS_DIFFER = 0.05;

    private static final double SPACING_MM = 4;
    /** Nearest and furthest beside the frame that paper is looked for, mm. */
    private static final double BESIDE_FROM_MM = 4;

    private static final double BESIDE_TO_MM = 14;

    private DrawingReader() {}

    static PageReader.Measures measure(Picture picture, FoundPage found, PageLayout page, Paper paper)
            throws UnreadablePage {
        PageLayout.Field frame = page.fields().stream()
                .filter(FieldReader::isPicture)
                .findFirst()
                .orElseThrow(() -> new UnreadablePage(Problem.NO_MARKERS));
        Mapping mapping = found.mapping(frame.rect());
        double middleX = frame.rect().x() + frame.rect().width() / 2;
        double middleY = frame.rect().y() + frame.rect().height() / 2;
        double dpi = MM_PER_INCH * mapping.pxPerMm(middleX, middleY);
        if (!(dpi >= LEAST_DPI)) {
            throw new UnreadablePage(Problem.TOO_COARSE, dpi);
        }
        LinearRgb ground = LinearRgb.of(paper.ground().toXyz());
        List<double[]> places = places(picture, mapping, frame.rect());
        LightField light = LightField.beside(picture, mapping, page.size(), places, ground);
        ToneCurve tone = ToneCurve.unseen(LinearRgb.encode(Math.min(1, light.onPaper(middleX, middleY))));
        EvenPage flat = new EvenPage(picture.toned(tone.light()), mapping, light, tone);
        Ground bare = new Ground(ground, KeyColour.lab(ground), EDGE_MM, PAPERS_DIFFER, PLAY_MM);
        FieldReader reader = new FieldReader(flat, Sharpness.UNSEEN, ColourCorrection.NONE, bare);
        Set<PageFlag> flags = EnumSet.of(PageFlag.WITHOUT_MARKERS);
        PageReader.flag(flags, PageFlag.COARSE, dpi < PageReader.COARSE_DPI);
        PageReader.flag(flags, PageFlag.CLIPPED, tone.isClipped());
        PageReader.flag(flags, PageFlag.GREY, picture.isGrey());
        PageLayout drawn =
                new PageLayout(page.size(), List.of(frame), List.of(), List.of(), List.of(), List.of(), List.of());
        PageReading read = new PageReading(
                List.of(reader.read(frame)), dpi, 0, light.residual(), 0, List.copyOf(flags), KeyReport.NONE);
        return new PageReader.Measures(read, flat, new Overlays(drawn, reader, light));
    }

    /** In the frame and around it, not under its line, as far as the picture goes. */
    private static List<double[]> places(Picture picture, Mapping mapping, Rect frame) {
        List<double[]> places = new ArrayList<>();
        Rect out = frame.inset(-BESIDE_TO_MM);
        Rect in = frame.inset(EDGE_MM);
        Rect near = frame.inset(-BESIDE_FROM_MM);
        for (double y = out.y(); y <= out.bottom(); y += SPACING_MM) {
            for (double x = out.x(); x <= out.right(); x += SPACING_MM) {
                double px = mapping.x(x, y);
                double py = mapping.y(x, y);
                boolean seen = px >= 1 && py >= 1 && px < picture.width() - 1 && py < picture.height() - 1;
                if (seen && (in.contains(x, y) || !near.contains(x, y))) {
                    places.add(new double[] {x, y});
                }
            }
        }
        return places;
    }
}
