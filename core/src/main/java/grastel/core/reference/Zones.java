package grastel.core.reference;

import grastel.core.colour.Lab;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A picture parted into areas of one colour each, with their own, light and shadow colours: its {@link Patches} joined with
 * neighbours.
 */
public final class Zones {
    public static final int FEWEST = 3;
    public static final int MOST = 25;
    /** Zones that lie along so much of the frame are behind the others. */
    private static final double BEHIND = 0.2;

    private static final double OWN_FROM = 0.25;
    private static final double OWN_TO = 0.75;
    private static final double ENDS = 0.1;

    private final Reference reference;
    private final Regions regions;
    private final List<Zone> zones;
    /** Areas under this join a neighbour, mm². */
    private final double leastMm2;
    /** What was made two. */
    private final List<Halved> halved;

    /** @param split from 0; @param cells of the zone before it, from the top left, row by row */
    private record Halved(int split, BitSet cells) {}

    private Zones(Reference reference, Regions regions, List<Zone> zones, double leastMm2, List<Halved> halved) {
        this.reference = reference;
        this.regions = regions;
        this.zones = zones;
        this.leastMm2 = leastMm2;
        this.halved = halved;
    }

    /**
     * A zone.
     *
     * @param own colour of its middle half by lightness
     * @param light colour of its lightest tenth
     * @param shadow colour of its darkest tenth
     */
    public record Zone(double areaMm2, Lab own, Lab light, Lab shadow) {}

    /**
     * @param count at most so many, {@value #FEWEST} … {@value #MOST}
     * @param leastMm2 areas under this join a neighbour
     */
    public static Zones of(Reference reference, int count, double leastMm2) {
        return of(Patches.of(reference), count, leastMm2);
    }

    /** The same from what was found before. */
    public static Zones of(Patches patches, int count, double leastMm2) {
        if (count < FEWEST || count > MOST) {
            throw new IllegalArgumentException(
                    "A picture is parted into " + FEWEST + " … " + MOST + " zones, not " + count);
        }
        Reference reference = patches.reference();
        int[] drawn = Borders.drawn(reference.width(), patches.joined(count), patches.bands());
        byte[] labels = new byte[drawn.length];
        for (int i = 0; i < drawn.length; i++) {
            labels[i] = (byte) drawn[i];
        }
        return drawable(
                reference,
                Regions.of(reference.width(), reference.height(), labels, patches.bands()),
                leastMm2,
                patches.colours());
    }

    /** Without areas that cannot be drawn, numbered. */
    private static Zones drawable(Reference reference, Regions regions, double leastMm2, Lab[] colours) {
        double mm2PerPx = reference.mmPerPx() * reference.mmPerPx();
        Regions kept = regions.without(leastMm2 / mm2PerPx, ValueMap.PENCIL_MM / reference.mmPerPx());
        return numbered(reference, kept, colours, mm2PerPx, leastMm2);
    }

    /** Numbers zones in reading order; those that are gone leave no number out. */
    private static Zones numbered(
            Reference reference, Regions regions, Lab[] colours, double mm2PerPx, double leastMm2) {
        byte[] names = new byte[MOST + 1];
        Arrays.fill(names, (byte) -1);
        byte next = 0;
        for (int i = 0; i < colours.length; i++) {
            int label = regions.label(i);
            if (names[label] < 0) {
                names[label] = next++;
            }
        }
        Regions named = regions.renamed(names);
        int[] of = IntStream.range(0, colours.length).map(named::label).toArray();
        return new Zones(
                reference,
                named,
                IntStream.range(0, next)
                        .mapToObj(z -> zone(of, z, colours, mm2PerPx))
                        .toList(),
                leastMm2,
                List.of());
    }

    private static Zone zone(int[] joined, int zone, Lab[] colours, double mm2PerPx) {
        List<Lab> own = new ArrayList<>();
        for (int i = 0; i < joined.length; i++) {
            if (joined[i] == zone) {
                own.add(colours[i]);
            }
        }
        own.sort(Comparator.comparingDouble(Lab::lightness));
        return new Zone(own.size() * mm2PerPx, mean(own, OWN_FROM, OWN_TO), mean(own, 1 - ENDS, 1), mean(own, 0, ENDS));
    }

    private static Lab mean(List<Lab> sorted, double from, double to) {
        int first = Math.min(sorted.size() - 1, (int) (from * sorted.size()));
        int end = Math.max(first + 1, (int) (to * sorted.size()));
        double lightness = 0;
        double a = 0;
        double b = 0;
        for (Lab one : sorted.subList(first, end)) {
            lightness += one.lightness();
            a += one.a();
            b += one.b();
        }
        int count = end - first;
        return new Lab(lightness / count, a / count, b / count);
    }

    /**
     * Two zones that are to be one, as somebody pointed at them.
     *
     * @param x and y a place in the one, shares of the frame from its top left
     * @param otherX and otherY a place in the other
     */
    public record Join(double x, double y, double otherX, double otherY) {
        public Join {
            if (!(isShare(x) && isShare(y) && isShare(otherX) && isShare(otherY))) {
                throw new IllegalArgumentException("Zones are pointed at inside the frame, 0…1");
            }
        }

        static boolean isShare(double v) {
            return v >= 0 && v <= 1;
        }
    }

    /** With zones made one, wherever they lie; without a join the zones are as they were. */
    public Zones joined(List<Join> joins) {
        if (joins.isEmpty()) {
            return this;
        }
        byte[] names = new byte[zones.size()];
        for (byte zone = 0; zone < names.length; zone++) {
            names[zone] = zone;
        }
        for (Join join : joins) {
            byte one = names[at(join.x(), join.y())];
            byte other = names[at(join.otherX(), join.otherY())];
            for (int zone = 0; zone < names.length; zone++) {
                names[zone] = names[zone] == one ? other : names[zone];
            }
        }
        double mm2PerPx = reference.mmPerPx() * reference.mmPerPx();
        return numbered(reference, regions.renamed(names), Patches.colours(reference), mm2PerPx, leastMm2)
                .with(halved);
    }

    /** A zone that is to be two, as somebody pointed at it. @param x and y a place in it, shares of the frame */
    public record Split(double x, double y) {
        public Split {
            if (!(Join.isShare(x) && Join.isShare(y))) {
                throw new IllegalArgumentException("Zones are pointed at inside the frame, 0…1");
            }
        }
    }

    /** With zones made two, one after the other; what is of one colour, or too small for two, stays as it was. */
    public Zones split(List<Split> splits) {
        Zones now = this;
        Lab[] colours = splits.isEmpty() ? new Lab[0] : Patches.colours(reference);
        List<Halved> done = new ArrayList<>();
        for (int i = 0; i < splits.size() && now.zones.size() < MOST; i++) {
            int zone = now.at(splits.get(i).x(), splits.get(i).y());
            Zones halves = now.split(zone, colours);
            if (halves != now) {
                done.add(new Halved(i, now.cells(zone)));
            }
            now = halves;
        }
        return now.with(done);
    }

    private Zones with(List<Halved> done) {
        return done.isEmpty() ? this : new Zones(reference, regions, zones, leastMm2, List.copyOf(done));
    }

    /** The splits that a zone came from, from 0. */
    public List<Integer> splitsOf(int zone) {
        int at = placeInside(zone);
        return halved.stream().filter(h -> h.cells().get(at)).map(Halved::split).toList();
    }

    private BitSet cells(int zone) {
        BitSet cells = new BitSet(reference.width() * reference.height());
        IntStream.range(0, reference.width() * reference.height())
                .filter(i -> regions.label(i) == zone)
                .forEach(cells::set);
        return cells;
    }

    /** In two along what its colours differ in most. */
    private Zones split(int zone, Lab[] colours) {
        int[] cells = cells(zone).stream().toArray();
        double[] along =
                PcaSplit.of(cells, i -> new double[] {regions.band(0, i), regions.band(1, i), regions.band(2, i)});
        byte[] labels = new byte[colours.length];
        for (int i = 0; i < labels.length; i++) {
            labels[i] = (byte) regions.label(i);
        }
        for (int i = 0; i < cells.length; i++) {
            labels[cells[i]] = along[i] > 0 ? (byte) zones.size() : labels[cells[i]];
        }
        Zones halves = drawable(reference, regions.relabelled(labels), leastMm2, colours);
        return halves.zones.size() > zones.size() ? halves : this;
    }

    /** The zone at a place, shares of the frame. */
    public int at(double x, double y) {
        int column = Math.min(reference.width() - 1, (int) (x * reference.width()));
        int row = Math.min(reference.height() - 1, (int) (y * reference.height()));
        return regions.label(row * reference.width() + column);
    }

    /** A place well inside a zone, x and y as shares of the frame: that of its pixel farthest from its border along its row. */
    public double[] inside(int zone) {
        int place = placeInside(zone);
        return new double[] {
            (place % reference.width() + 0.5) / reference.width(),
            (place / reference.width() + 0.5) / reference.height()
        };
    }

    private int placeInside(int zone) {
        int best = 0;
        int longest = 0;
        int run = 0;
        for (int i = 0; i < reference.width() * reference.height(); i++) {
            run = i % reference.width() == 0 ? 0 : run;
            run = regions.label(i) == zone ? run + 1 : 0;
            if (run > longest) {
                longest = run;
                best = i - run / 2;
            }
        }
        return best;
    }

    /** True of a zone that lies along much of the frame: it is behind the others. */
    boolean isBehind(int zone) {
        int width = reference.width();
        int height = reference.height();
        int along = 0;
        for (int x = 0; x < width; x++) {
            along += regions.label(x) == zone ? 1 : 0;
            along += regions.label((height - 1) * width + x) == zone ? 1 : 0;
        }
        for (int y = 1; y < height - 1; y++) {
            along += regions.label(y * width) == zone ? 1 : 0;
            along += regions.label((y + 1) * width - 1) == zone ? 1 : 0;
        }
        return along >= BEHIND * (2.0 * (width + height) - 4);
    }

    /** In reading order of where they begin. */
    public List<Zone> zones() {
        return zones;
    }

    /** The zone of a place. @param i from the top left, row by row */
    public int zone(int i) {
        return regions.label(i);
    }

    /** Of each area the zone as its step. @param toleranceMm how far a line may leave the edge it follows */
    public Outlines outlines(double toleranceMm) {
        return Outlines.of(regions, reference.mmPerPx(), toleranceMm);
    }
}
