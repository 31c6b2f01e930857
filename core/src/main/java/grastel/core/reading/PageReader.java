package grastel.core.reading;

import grastel.core.colour.LinearRgb;
import grastel.core.media.Paper;
import grastel.core.page.PageLayout;
import java.util.List;

/**
 * Reads pages: the front door of this package. Keeps a detector's work space, so each thread needs its own.
 */
public final class PageReader {
    /** Changes whenever the same picture could give other figures. */
    public static final int VERSION = 1;

    private final PageFinder finder = new PageFinder();

    /** Finds the page in a picture. */
    public FoundPage find(Picture picture) throws UnreadablePage {
        return finder.find(picture);
    }

    /**
     * Measures the boxes and strips of a found page; zones of forms are not measured yet.
     *
     * @param page the layout that was printed, with the student's words on it
     * @param paper the paper it was printed on; its ground is what bare paper is taken to be
     */
    public Measures measure(Picture picture, FoundPage found, PageLayout page, Paper paper) throws UnreadablePage {
        Mapping mapping = found.usableMapping(page.size());
        LinearRgb ground = LinearRgb.of(paper.ground().toXyz());
        LightField light = LightField.fit(picture, mapping, page, ground);
        Straightened flat = new Straightened(picture, mapping, light);
        FieldReader reader = new FieldReader(flat, paper.ground().toLab().lightness());
        List<FieldReading> fields = page.fields().parallelStream()
                .filter(f -> !f.isShape())
                .map(reader::read)
                .toList();
        double pxPerMm = mapping.pxPerMm(page.size().widthMm() / 2, page.size().heightMm() / 2);
        double flatness = mapping.residualPx() / pxPerMm;
        return new Measures(new PageReading(fields, pxPerMm * 25.4, flatness, light.residual(), found.markers()), flat);
    }

    /** The figures, and pictures of what they were read from. */
    public record Measures(PageReading reading, Straightened straightened) {}
}
