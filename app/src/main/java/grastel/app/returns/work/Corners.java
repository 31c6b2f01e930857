package grastel.app.returns.work;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import grastel.core.reading.place.FoundPage;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * Corners pointed at by hand: x and y of the four as shares of the picture, from the top left clockwise.
 *
 * @param ofDrawing true for those of a drawing without markers; else they are the markers' centres
 */
public record Corners(List<double[]> shares, boolean ofDrawing) {
    private static final String DRAWING = "drawing ";

    public Corners {
        boolean inside =
                shares.stream().allMatch(p -> p.length == 2 && p[0] >= 0 && p[0] <= 1 && p[1] >= 0 && p[1] <= 1);
        if (shares.size() != 4 || !inside) {
            throw ApiProblem.invalid("corners", "CORNERS", say("problem.point-at-all-four"));
        }
        for (int i = 0; i < 4; i++) {
            if (!(turn(shares.get(i), shares.get((i + 1) % 4), shares.get((i + 2) % 4)) > 0)) {
                throw ApiProblem.invalid("corners", "CORNERS", say("problem.the-four-corners-must"));
            }
        }
    }

    /** Twice the area of a triangle, positive where it turns clockwise. */
    private static double turn(double[] a, double[] b, double[] c) {
        return (b[0] - a[0]) * (c[1] - b[1]) - (b[1] - a[1]) * (c[0] - b[0]);
    }

    static Corners parse(String text) {
        boolean drawing = text.startsWith(DRAWING);
        return new Corners(
                Arrays.stream((drawing ? text.substring(DRAWING.length()) : text).split(";"))
                        .map(p -> Arrays.stream(p.split(","))
                                .mapToDouble(Double::parseDouble)
                                .toArray())
                        .toList(),
                drawing);
    }

    /** The page they lie round, in a picture of a size in pixels. */
    FoundPage found(int width, int height) {
        List<double[]> pixels = shares.stream()
                .map(p -> new double[] {p[0] * width, p[1] * height})
                .toList();
        return ofDrawing ? FoundPage.drawing(pixels) : FoundPage.pointedAt(pixels);
    }

    @Override
    public String toString() {
        return (ofDrawing ? DRAWING : "")
                + shares.stream()
                        .map(p -> String.format(Locale.ROOT, "%.6f,%.6f", p[0], p[1]))
                        .collect(Collectors.joining(";"));
    }
}
