package grastel.core.reference;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Connected areas of one label, side by side, that cover a picture. */
final class Regions {
    private final int width;
    private final int height;
    private final byte[] labels;
    private final float[][] bands;
    private final int[] of;
    private final List<Region> all;

    private Regions(int width, int height, byte[] labels, float[][] bands) {
        this.width = width;
        this.height = height;
        this.labels = labels;
        this.bands = bands;
        this.of = new int[labels.length];
        this.all = found();
    }

    /** @param means of each band */
    record Region(int label, int pixels, List<Double> means) {
        Region {
            means = List.copyOf(means);
        }

        double off(Region other) {
            double off = 0;
            for (int band = 0; band < means.size(); band++) {
                off += Math.pow(means.get(band) - other.means.get(band), 2);
            }
            return off;
        }
    }

    /** A band at a place. */
    float band(int band, int i) {
        return bands[band][i];
    }

    /** The same places, in the same bands, under other labels. */
    Regions relabelled(byte[] other) {
        return new Regions(width, height, other, bands);
    }

    /** @param bands what areas differ in: L* alone, or L*, a* and b* */
    static Regions of(int width, int height, byte[] labels, float[]... bands) {
        return new Regions(width, height, labels, bands);
    }

    /** Neighbours share a side, not a corner. */
    private List<Region> found() {
        List<Region> regions = new ArrayList<>();
        int[] stack = new int[labels.length];
        Arrays.fill(of, -1);
        for (int start = 0; start < labels.length; start++) {
            if (of[start] >= 0) {
                continue;
            }
            int id = regions.size();
            int top = 0;
            stack[top++] = start;
            of[start] = id;
            int pixels = 0;
            double[] sums = new double[bands.length];
            while (top > 0) {
                int at = stack[--top];
                pixels++;
                for (int band = 0; band < bands.length; band++) {
                    sums[band] += bands[band][at];
                }
                for (int side = 0; side < 4; side++) {
                    int next = beside(at, side);
                    if (next >= 0 && of[next] < 0 && labels[next] == labels[start]) {
                        of[next] = id;
                        stack[top++] = next;
                    }
                }
            }
            double count = pixels;
            regions.add(new Region(
                    labels[start],
                    pixels,
                    Arrays.stream(sums).mapToObj(s -> s / count).toList()));
        }
        return regions;
    }

    /** The pixel on a side, 0 right, 1 below, 2 left, 3 above; −1 beyond the picture. */
    private int beside(int at, int side) {
        int x = at % width;
        return switch (side) {
            case 0 -> x + 1 < width ? at + 1 : -1;
            case 1 -> at + width < labels.length ? at + width : -1;
            case 2 -> x > 0 ? at - 1 : -1;
            default -> at >= width ? at - width : -1;
        };
    }

    /**
     * The same without areas that cannot be drawn: each joins the neighbour it differs from least, the smallest first.
     *
     * @param fewerThan pixels
     * @param narrowerThan width, px: of a ribbon its area over half its border
     */
    Regions without(double fewerThan, double narrowerThan) {
        Regions now = this;
        while (now.all.size() > 1) {
            List<Map<Integer, Integer>> borders = now.borders();
            List<Integer> small = now.small(borders, fewerThan, narrowerThan);
            if (small.isEmpty()) {
                return now;
            }
            now = now.joined(small, borders);
        }
        return now;
    }

    private List<Integer> small(List<Map<Integer, Integer>> borders, double fewerThan, double narrowerThan) {
        List<Integer> small = new ArrayList<>();
        for (int id = 0; id < all.size(); id++) {
            double border = borders.get(id).values().stream()
                    .mapToInt(Integer::intValue)
                    .sum();
            int pixels = all.get(id).pixels();
            if (pixels < fewerThan || 2 * pixels / border < narrowerThan) {
                small.add(id);
            }
        }
        small.sort(Comparator.comparingInt(id -> all.get(id).pixels()));
        return small;
    }

    private Regions joined(List<Integer> small, List<Map<Integer, Integer>> borders) {
        int[] label = all.stream().mapToInt(Region::label).toArray();
        boolean[] settled = new boolean[all.size()];
        for (int id : small) {
            // who has just taken in another is larger now: it is looked at again in the next round
            if (!settled[id]) {
                int into = nearest(id, borders.get(id));
                label[id] = label[into];
                settled[into] = true;
            }
        }
        byte[] joined = new byte[labels.length];
        for (int i = 0; i < joined.length; i++) {
            joined[i] = (byte) label[of[i]];
        }
        return new Regions(width, height, joined, bands);
    }

    /** How many sides of pixels each region shares with each neighbour. */
    private List<Map<Integer, Integer>> borders() {
        List<Map<Integer, Integer>> borders = new ArrayList<>();
        all.forEach(r -> borders.add(new HashMap<>()));
        for (int at = 0; at < of.length; at++) {
            for (int side = 0; side < 2; side++) {
                int next = beside(at, side);
                if (next >= 0 && of[next] != of[at]) {
                    borders.get(of[at]).merge(of[next], 1, Integer::sum);
                    borders.get(of[next]).merge(of[at], 1, Integer::sum);
                }
            }
        }
        return borders;
    }

    /** Of those equally near the one with the longer border. */
    private int nearest(int id, Map<Integer, Integer> borders) {
        return borders.entrySet().stream()
                .min(Comparator.<Map.Entry<Integer, Integer>>comparingDouble(
                                e -> all.get(id).off(all.get(e.getKey())))
                        .thenComparing(
                                Map.Entry.<Integer, Integer>comparingByValue().reversed())
                        .thenComparing(Map.Entry.comparingByKey()))
                .orElseThrow()
                .getKey();
    }

    /** The same areas by other labels. */
    Regions renamed(byte[] names) {
        byte[] renamed = new byte[labels.length];
        for (int i = 0; i < renamed.length; i++) {
            renamed[i] = names[labels[i]];
        }
        return new Regions(width, height, renamed, bands);
    }

    List<Region> all() {
        return all;
    }

    int width() {
        return width;
    }

    int height() {
        return height;
    }

    int label(int i) {
        return labels[i];
    }

    /** The area a pixel lies in; −1 beyond the picture. */
    int at(int x, int y) {
        return x < 0 || y < 0 || x >= width || y >= height ? -1 : of[y * width + x];
    }
}
