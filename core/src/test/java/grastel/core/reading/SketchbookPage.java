package grastel.core.reading;

import grastel.core.media.Paper;
import grastel.core.page.PageLayout;
import grastel.core.page.Rect;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reading.place.Mapping;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.hand.FieldTask;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.ScanConditions;
import java.util.List;
import java.util.Random;

/**
 * A drawing on a page without print, photographed.
 *
 * @param corners where its frame really lies, from the top left clockwise, pixels
 */
public record SketchbookPage(Picture picture, List<double[]> corners) {
    private static final double PX_PER_MM = 6;

    /** @param sheet whose picture is drawn; @param on the paper of the sketchbook */
    public static SketchbookPage of(
            DrawnSheet sheet, List<FieldTask> tasks, Paper on, Hand hand, ScanConditions conditions, long seed)
            throws UnreadablePage {
        PageLayout.Field frame = sheet.page().fields().get(0);
        PageLayout bare = new PageLayout(
                sheet.page().size(), List.of(frame), List.of(), List.of(), List.of(), List.of(), List.of());
        SimulatedScanner scanner = new SimulatedScanner(on, PX_PER_MM);
        Picture picture = Picture.of(scanner.picture(bare, tasks, List.of(), hand, conditions, seed));
        // The same camera sees a printed page of the same size: its markers tell where everything lies.
        Picture printed = Picture.of(scanner.picture(sheet.page(), List.of(), List.of(), hand, conditions, seed));
        Mapping mapping = new PageReader().find(printed).mapping(sheet.page().size());
        Rect r = frame.rect();
        List<double[]> corners = List.of(
                at(mapping, r.x(), r.y()),
                at(mapping, r.right(), r.y()),
                at(mapping, r.right(), r.bottom()),
                at(mapping, r.x(), r.bottom()));
        return new SketchbookPage(picture, corners);
    }

    private static double[] at(Mapping mapping, double x, double y) {
        return new double[] {mapping.x(x, y), mapping.y(x, y)};
    }

    /** Corners as a hand points at them. @param off how far off at most, pixels */
    public List<double[]> pointedAt(double off, long seed) {
        Random random = new Random(seed);
        return corners.stream()
                .map(c -> new double[] {c[0] + random.nextDouble(-off, off), c[1] + random.nextDouble(-off, off)})
                .toList();
    }
}
