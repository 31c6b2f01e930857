package grastel.core.reading.light;

import grastel.core.page.Rect;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.place.Mapping;
import java.util.List;

/** How often each code of red, green and blue is seen in some places. */
record CodeCounts(int[][] counts, int total) {
    private static final double STEP_MM = 0.07;

    static CodeCounts of(Picture picture, Mapping mapping, List<Rect> areas) {
        int[][] counts = new int[3][256];
        int total = 0;
        for (Rect area : areas) {
            int across = (int) Math.max(1, Math.round(area.width() / STEP_MM));
            int down = (int) Math.max(1, Math.round(area.height() / STEP_MM));
            for (int j = 0; j < down; j++) {
                double y = area.y() + (j + 0.5) * area.height() / down;
                for (int i = 0; i < across; i++) {
                    double x = area.x() + (i + 0.5) * area.width() / across;
                    int px = within(mapping.x(x, y), picture.width);
                    int py = within(mapping.y(x, y), picture.height);
                    int at = (py * picture.width + px) * 3;
                    for (int c = 0; c < 3; c++) {
                        counts[c][picture.rgb[at + c] & 0xff]++;
                    }
                    total++;
                }
            }
        }
        return new CodeCounts(counts, total);
    }

    private static int within(double at, int size) {
        return (int) Math.min(size - 1.0, Math.max(0, at));
    }

    /** Share of all codes that are so high or higher. */
    double shareFrom(int code) {
        return 1 - shareBelow(code);
    }

    double shareBelow(int code) {
        int sum = 0;
        for (int[] channel : counts) {
            for (int c = 0; c < code; c++) {
                sum += channel[c];
            }
        }
        return sum / (3.0 * total);
    }

    int middle(int channel) {
        int code = 0;
        for (int sum = counts[channel][0]; 2 * sum < total; sum += counts[channel][code]) {
            code++;
        }
        return code;
    }

    double mean(int channel, double[] lights) {
        double sum = 0;
        for (int code = 0; code < 256; code++) {
            sum += counts[channel][code] * lights[code];
        }
        return sum / total;
    }
}
