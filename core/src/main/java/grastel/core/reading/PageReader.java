package grastel.core.reading;

import grastel.core.colour.LinearRgb;
import grastel.core.media.Paper;
import grastel.core.page.Card;
import grastel.core.page.PageLayout;
import grastel.core.reading.fields.FieldReader;
import grastel.core.reading.fields.FieldReading;
import grastel.core.reading.fields.Ground;
import grastel.core.reading.fields.Sharpness;
import grastel.core.reading.keys.KeyColour;
import grastel.core.reading.keys.KeyReader;
import grastel.core.reading.light.EvenPage;
import grastel.core.reading.light.LightField;
import grastel.core.reading.light.ToneCurve;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reading.place.FoundPage;
import grastel.core.reading.place.Mapping;
import grastel.core.reading.place.PageFinder;
import grastel.core.reading.place.PrintedLines;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Reads pages: the front door of this package. Keeps a detector's work space, so each thread needs its own.
 */
public final class PageReader {
    /** Changes whenever the same picture could give other figures. */
    public static final int VERSION = 7;

    /** Below this specks cannot be told, dots per inch. */
    static final double COARSE_DPI = 140;
    /** Share of a field lost to glare that is worth saying, %. */
    private static final double MUCH_GLARE = 0.5;
    /** Markers this far off a flat sheet mean that it is bent, mm. */
    private static final double BENT_MM = 0.4;

    private final PageFinder finder = new PageFinder();

    /**
     * Finds the sheets of a picture, in rows from the top.
     *
     * @throws UnreadablePage where there is none
     */
    public List<FoundPage> findAll(Picture picture) throws UnreadablePage {
        return finder.find(picture);
    }

    /** Finds the only sheet of a picture, or the first. */
    public FoundPage find(Picture picture) throws UnreadablePage {
        return findAll(picture).get(0);
    }

    /**
     * Measures the fields of a found page.
     *
     * @param page the layout that was printed, with the student's words on it
     * @param paper the paper it was drawn on: printed, its ground is what bare paper is taken to be; under a card it is seen
     * @param inks what the key boxes are compared with
     */
    public static Measures measure(Picture picture, FoundPage found, PageLayout page, Paper paper, KeyColours inks)
            throws UnreadablePage {
        if (found.isDrawing()) {
            return DrawingReader.measure(picture, found, page, paper);
        }
        boolean card = page.hasWindows();
        Mapping flatly = found.usableMapping(page.size());
        // The lines of windows were cut along: they do not tell of a bend, and card does not bend.
        Mapping mapping = card ? flatly : PrintedLines.follow(picture, flatly, page);
        LinearRgb printedOn = LinearRgb.of((card ? Card.STOCK : paper).ground().toXyz());
        ToneCurve tone = ToneCurve.of(picture, mapping, page);
        Picture toned = picture.toned(tone.light());
        LightField light = LightField.fit(toned, mapping, page, printedOn, inks.darkest());
        EvenPage flat = new EvenPage(toned, mapping, light, tone);
        // Markers lie where they were found, however the sheet bends between them.
        Sharpness sharpness = Sharpness.of(toned, flatly, page.size());
        KeyReader.Result keys = KeyReader.read(flat, page.keys(), inks.sheet(), inks.kit(), printedOn);
        Ground ground = card ? Ground.under(page, flat, keys.fix(), paper) : Ground.printed(paper);
        FieldReader reader = new FieldReader(flat, sharpness, keys.fix(), ground);
        List<FieldReading> fields =
                page.fields().parallelStream().map(reader::read).toList();
        double pxPerMm = mapping.pxPerMm(page.size().widthMm() / 2, page.size().heightMm() / 2);
        double flatness = Math.max(mapping.bendMm(), mapping.residualPx() / pxPerMm);
        Set<PageFlag> flags = EnumSet.noneOf(PageFlag.class);
        flag(flags, PageFlag.BLURRED, sharpness.hidesSpecks());
        flag(flags, PageFlag.COARSE, pxPerMm * 25.4 < COARSE_DPI);
        flag(flags, PageFlag.GLARE, fields.stream().anyMatch(f -> f.glare() > MUCH_GLARE));
        flag(flags, PageFlag.SHADOW, light.hasShadow());
        flag(flags, PageFlag.STAINED, page.fields().stream().anyMatch(f -> light.stainAround(f.rect()) > 0));
        flag(flags, PageFlag.GREY, keys.grey() || picture.isGrey());
        flag(flags, PageFlag.THREE_MARKERS, found.markers() < 4);
        flag(flags, PageFlag.CLIPPED, tone.isClipped());
        flag(flags, PageFlag.ANOTHER_SHEET, found.isCrowded());
        flag(flags, PageFlag.OTHER_PAPER, card && ground.isOther(paper));
        flag(flags, PageFlag.BENT, !mapping.isFlat() || flatness > BENT_MM);
        PageReading read = new PageReading(
                fields, pxPerMm * 25.4, flatness, light.residual(), found.markers(), List.copyOf(flags), keys.report());
        return new Measures(read, flat, new Overlays(page, reader, light));
    }

    static void flag(Set<PageFlag> flags, PageFlag flag, boolean raised) {
        if (raised) {
            flags.add(flag);
        }
    }

    /**
     * What pencils can look like in key boxes.
     *
     * @param sheet the sheet's pencils by their place; empty to leave colours as the camera saw them
     * @param kit the pencils that could have been taken by mistake
     */
    public record KeyColours(List<KeyColour> sheet, List<KeyColour> kit) {
        public static final KeyColours UNKNOWN = new KeyColours(List.of(), List.of());

        /** Least luminance that any of them gets: whichever pencil was taken, a box is not darker. */
        double darkest() {
            return Stream.concat(sheet.stream(), kit.stream())
                    .mapToDouble(KeyColour::darkest)
                    .min()
                    .orElse(0);
        }
    }

    /** The figures, and pictures of what they were read from. */
    public record Measures(PageReading reading, EvenPage straightened, Overlays overlays) {}
}
