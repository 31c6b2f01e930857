package grastel.core.reference;

/**
 * How large a subject is in its frame and how wide against its height, in numbers a hand can hold against a pencil. The subject is
 * whatever does not lie along the frame.
 *
 * @param left and top of it from the frame, mm
 * @param wide and high in small whole numbers: 5 and 6 where it is five parts wide and six high
 */
public record Proportions(double left, double top, double widthMm, double heightMm, int wide, int high) {
    /** Larger numbers are not held against a pencil. */
    private static final int MOST_PARTS = 6;

    /** Of what is left where nothing stands before the rest, the whole frame. */
    public static Proportions of(Reference reference, Zones zones) {
        int width = reference.width();
        int height = reference.height();
        boolean[] before = new boolean[zones.zones().size()];
        boolean any = false;
        for (int zone = 0; zone < before.length; zone++) {
            before[zone] = !zones.isBehind(zone);
            any |= before[zone];
        }
        int left = width;
        int right = -1;
        int top = height;
        int bottom = -1;
        for (int i = 0; i < width * height; i++) {
            if (before[zones.zone(i)] || !any) {
                left = Math.min(left, i % width);
                right = Math.max(right, i % width);
                top = Math.min(top, i / width);
                bottom = Math.max(bottom, i / width);
            }
        }
        double mm = reference.mmPerPx();
        double wide = (right + 1 - left) * mm;
        double high = (bottom + 1 - top) * mm;
        int[] parts = parts(wide / high);
        return new Proportions(left * mm, top * mm, wide, high, parts[0], parts[1]);
    }

    /** The nearest ratio of small numbers. */
    static int[] parts(double ratio) {
        int[] best = {1, 1};
        for (int a = 1; a <= MOST_PARTS; a++) {
            for (int b = 1; b <= MOST_PARTS; b++) {
                if (off(a, b, ratio) < off(best[0], best[1], ratio) - 1e-9) {
                    best = new int[] {a, b};
                }
            }
        }
        return best;
    }

    private static double off(int a, int b, double ratio) {
        return Math.abs(Math.log(a / (b * ratio)));
    }
}
