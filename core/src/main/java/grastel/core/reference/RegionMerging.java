package grastel.core.reference;

import boofcv.struct.image.GrayS32;
import grastel.core.colour.Lab;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.Set;

/** Joins neighbouring segments, the pair first whose squared colour error grows least. */
final class RegionMerging {
    private final List<Segment> segments = new ArrayList<>();
    private final PriorityQueue<Pair> pairs = new PriorityQueue<>(
            Comparator.comparingDouble(Pair::cost).thenComparingInt(Pair::one).thenComparingInt(Pair::other));
    private int live;

    private RegionMerging() {}

    private static final class Segment {
        private double pixels;
        private double lightness;
        private double a;
        private double b;
        /** The segment that took it in, itself while it is there. */
        private int into;

        private int changes;
        private final Set<Integer> beside = new HashSet<>();

        double cost(Segment other) {
            double off = Math.pow(lightness / pixels - other.lightness / other.pixels, 2)
                    + Math.pow(a / pixels - other.a / other.pixels, 2)
                    + Math.pow(b / pixels - other.b / other.pixels, 2);
            return off * pixels * other.pixels / (pixels + other.pixels);
        }
    }

    /** @param oneChanges and otherChanges what they had been through when this was reckoned */
    private record Pair(double cost, int one, int other, int oneChanges, int otherChanges) {}

    /**
     * @param count at most so many are left
     * @return a number for each place, from 0 in the order of first appearance
     */
    static int[] of(GrayS32 segmented, Lab[] colours, int count) {
        RegionMerging joining = new RegionMerging();
        joining.add(segmented, colours);
        joining.down(count);
        return joining.numbered(segmented);
    }

    private void add(GrayS32 segmented, Lab[] colours) {
        for (int i = 0; i < segmented.data.length; i++) {
            int id = segmented.data[i];
            while (segments.size() <= id) {
                Segment made = new Segment();
                made.into = segments.size();
                segments.add(made);
            }
            Segment s = segments.get(id);
            s.pixels++;
            s.lightness += colours[i].lightness();
            s.a += colours[i].a();
            s.b += colours[i].b();
            if (i % segmented.width > 0) {
                meet(id, segmented.data[i - 1]);
            }
            if (i >= segmented.width) {
                meet(id, segmented.data[i - segmented.width]);
            }
        }
        for (int id = 0; id < segments.size(); id++) {
            live += segments.get(id).pixels > 0 ? 1 : 0;
            for (int other : segments.get(id).beside) {
                if (other > id) {
                    queue(id, other);
                }
            }
        }
    }

    private void meet(int one, int other) {
        if (one != other) {
            segments.get(one).beside.add(other);
            segments.get(other).beside.add(one);
        }
    }

    private void queue(int one, int other) {
        Segment a = segments.get(one);
        Segment b = segments.get(other);
        pairs.add(new Pair(a.cost(b), one, other, a.changes, b.changes));
    }

    private void down(int count) {
        while (live > count && !pairs.isEmpty()) {
            Pair next = pairs.remove();
            Segment one = segments.get(next.one());
            Segment other = segments.get(next.other());
            boolean stands = one.into == next.one()
                    && other.into == next.other()
                    && one.changes == next.oneChanges()
                    && other.changes == next.otherChanges();
            if (stands) {
                join(next.one(), next.other());
            }
        }
    }

    private void join(int into, int from) {
        Segment one = segments.get(into);
        Segment gone = segments.get(from);
        one.pixels += gone.pixels;
        one.lightness += gone.lightness;
        one.a += gone.a;
        one.b += gone.b;
        one.changes++;
        gone.into = into;
        live--;
        for (int other : gone.beside) {
            segments.get(other).beside.remove(from);
            if (other != into) {
                meet(into, other);
            }
        }
        one.beside.remove(from);
        one.beside.forEach(other -> queue(into, other));
    }

    private int[] numbered(GrayS32 segmented) {
        Map<Integer, Integer> numbers = new HashMap<>();
        int[] numbered = new int[segmented.data.length];
        for (int i = 0; i < numbered.length; i++) {
            int id = segmented.data[i];
            while (segments.get(id).into != id) {
                id = segments.get(id).into;
            }
            numbered[i] = numbers.computeIfAbsent(id, k -> numbers.size());
        }
        return numbered;
    }
}
