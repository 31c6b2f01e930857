package grastel.core.reading.place;

import grastel.core.page.PageFurniture;
import grastel.core.page.PageLayout;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.PixelLight;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reading.place.Warp.Sighting;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;

/**
 * Looks whether the printed lines of fields lie where a flat sheet has them, and corrects the mapping where they say that the
 * sheet is bent: the markers in the corners alone cannot tell.
 */
public final class PrintedLines {
    private static final double OUT_MM = 2.4;
    private static final double IN_MM = 2.6;
    private static final double STEP_MM = 0.06;
    private static final double ALONG_MM = 4;
    /** Printed lines are half a hairline wider than their field. */
    private static final double HALF_LINE_MM = 0.125;
    /** A line must take this share of the paper's light to be seen. */
    private static final double SEEN = 0.12;
    /** A sheet this far off is bent, mm. */
    private static final double BENT_MM = 0.4;
    /** The bend must leave at most this share of what was off before. */
    private static final double EXPLAINED = 0.6;

    /** A box seen more than this larger or smaller was not seen right, mm. */
    private static final double MOST_WIDER_MM = 1.5;

    private static final int ROUNDS = 8;
    private static final int FEWEST = 24;
    /** Looked for at each box, across and down. */
    private static final int SIGHTINGS = 3;
    /** Where so many lines are as they should be, nothing is far off. */
    private static final double WELL = 0.5;
    /** Boxes that lie this far off as a whole are not found by their lines, mm. */
    private static final double FAR_MM = 1.5;

    private final Picture picture;
    private final List<Rect> boxes = new ArrayList<>();

    private final PageSize size;

    private PrintedLines(Picture picture, PageLayout page) {
        this.picture = picture;
        this.size = page.size();
        page.fields().stream().filter(f -> !f.isShape()).forEach(f -> boxes.add(f.rect()));
        page.keys().forEach(k -> boxes.add(k.rect()));
    }

    /**
     * The mapping as it is, or with the bend that the printed lines show; where they lie further off than they can be looked for,
     * first with the bend that whole boxes show.
     *
     * @throws UnreadablePage where boxes lie far off and their lines cannot be followed
     */
    public static Mapping follow(Picture picture, Mapping mapping, PageLayout page) throws UnreadablePage {
        PrintedLines outlines = new PrintedLines(picture, page);
        Mapping found = outlines.followed(mapping, mapping);
        if (outlines.liesWell(found)) {
            return found;
        }
        Mapping coarse = outlines.coarse(mapping, page);
        if (coarse.isFlat()) {
            return found;
        }
        Mapping followed = outlines.followed(mapping, coarse);
        if (followed.isFlat()) {
            throw new UnreadablePage(UnreadablePage.Problem.NOT_FLAT, coarse.bendMm());
        }
        return followed;
    }

    /** Whether most boxes have their lines where the mapping says, across the page and down it. */
    private boolean liesWell(Mapping mapping) {
        Map<Boolean, Long> well = boxes.parallelStream()
                .flatMap(box -> sightings(mapping, box).stream())
                .filter(s ->
                        Math.abs(s.off() - (s.vertical() ? mapping.warpY(s.x(), s.y()) : mapping.warpX(s.x(), s.y())))
                                < BENT_MM)
                .collect(Collectors.partitioningBy(Sighting::vertical, Collectors.counting()));
        return well.values().stream().allMatch(count -> count >= WELL * SIGHTINGS * boxes.size());
    }

    /** With the bend that boxes show as a whole; the same where they show none. */
    private Mapping coarse(Mapping mapping, PageLayout page) {
        BoxFinder finder = new BoxFinder(picture, mapping, page, boxes);
        List<Sighting> sightings = new ArrayList<>(markers());
        for (Rect box : boxes) {
            double x = box.x() + box.width() / 2;
            double y = box.y() + box.height() / 2;
            finder.off(box, true).ifPresent(off -> sightings.add(new Sighting(x, y, off, true)));
            finder.off(box, false).ifPresent(off -> sightings.add(new Sighting(x, y, off, false)));
        }
        Warp warp = Warp.fit(sightings);
        boolean shown =
                warp.most(sightings) > FAR_MM && warp.remaining(sightings) < EXPLAINED * Warp.NONE.remaining(sightings);
        return shown ? mapping.bent(warp, warp.most(sightings)) : mapping;
    }

    /** @param start where lines are looked for first */
    private Mapping followed(Mapping mapping, Mapping start) {
        Mapping best = start;
        for (int round = 0; round < ROUNDS; round++) {
            List<Sighting> sightings = sightings(best);
            if (sightings.size() < FEWEST) {
                return mapping;
            }
            Warp warp = Warp.fit(sightings);
            boolean bent = warp.most(sightings) > BENT_MM;
            double before = Warp.NONE.remaining(sightings);
            if (round == 0 && !(bent && warp.remaining(sightings) < EXPLAINED * before)) {
                return mapping;
            }
            best = mapping.bent(warp, warp.most(sightings));
            if (round > 0 && before < BENT_MM / 4) {
                return best;
            }
        }
        return best;
    }

    /** The mapping was fitted to the markers: there the sheet is where it says, however few lines are seen. */
    private List<Sighting> markers() {
        List<Sighting> found = new ArrayList<>();
        for (int corner = 0; corner < 4; corner++) {
            Rect marker = PageFurniture.marker(size, corner);
            double x = marker.x() + marker.width() / 2;
            double y = marker.y() + marker.height() / 2;
            found.add(new Sighting(x, y, 0, true, true));
            found.add(new Sighting(x, y, 0, false, true));
        }
        return found;
    }

    /**
     * Where boxes are, in mm off the flat sheet. Both sides of a box are looked for and their middle taken: blur and the paper's
     * shading move opposite sides by the same amount, one out and one in.
     */
    private List<Sighting> sightings(Mapping mapping) {
        List<Sighting> found = markers();
        found.addAll(boxes.parallelStream()
                .flatMap(box -> sightings(mapping, box).stream())
                .toList());
        return found;
    }

    private List<Sighting> sightings(Mapping mapping, Rect box) {
        List<Sighting> found = new ArrayList<>();
        for (double share : new double[] {0.25, 0.5, 0.75}) {
            double x = box.x() + share * box.width();
            double y = box.y() + share * box.height();
            double midX = box.x() + box.width() / 2;
            double midY = box.y() + box.height() / 2;
            middle(out(mapping, x, box.y(), 0, -1), out(mapping, x, box.bottom(), 0, 1))
                    .ifPresent(off -> found.add(new Sighting(x, midY, mapping.warpY(x, midY) + off, true)));
            middle(out(mapping, box.x(), y, -1, 0), out(mapping, box.right(), y, 1, 0))
                    .ifPresent(off -> found.add(new Sighting(midX, y, mapping.warpX(midX, y) + off, false)));
        }
        return found;
    }

    private static OptionalDouble middle(double before, double after) {
        boolean agree = Math.abs(before + after) < MOST_WIDER_MM;
        return agree ? OptionalDouble.of((after - before) / 2) : OptionalDouble.empty();
    }

    /** How far out a side lies, mm: the first place from the outside that is clearly darker than the paper. NaN if none is. */
    private double out(Mapping mapping, double x, double y, int outX, int outY) {
        int steps = (int) Math.round((OUT_MM + IN_MM) / STEP_MM);
        double[] profile = new double[steps];
        for (int i = 0; i < steps; i++) {
            double out = OUT_MM - i * STEP_MM;
            for (int k = 0; k < 9; k++) {
                double along = (k - 4) * ALONG_MM / 8;
                double px = x + outX * out + outY * along;
                double py = y + outY * out + outX * along;
                profile[i] += PixelLight.green(picture, mapping.x(px, py), mapping.y(px, py)) / 9;
            }
        }
        double paper = profile[0];
        double dark = profile[0];
        for (double p : profile) {
            paper = Math.max(paper, p);
            dark = Math.min(dark, p);
        }
        if (paper - dark < SEEN * paper) {
            return Double.NaN;
        }
        int at = 0;
        while (at < steps && profile[at] > paper - SEEN / 2 * paper) {
            at++;
        }
        return at == 0 || at == steps ? Double.NaN : OUT_MM - at * STEP_MM - HALF_LINE_MM;
    }
}
