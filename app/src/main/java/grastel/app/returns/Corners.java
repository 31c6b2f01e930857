package grastel.app.returns;

import grastel.app.platform.ApiProblem;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** Marker centres pointed at by hand: x and y of the four as shares of the picture, from the top left clockwise. */
record Corners(List<double[]> shares) {
    Corners {
        boolean inside =
                shares.stream().allMatch(p -> p.length == 2 && p[0] >= 0 && p[0] <= 1 && p[1] >= 0 && p[1] <= 1);
        if (shares.size() != 4 || !inside) {
            throw ApiProblem.invalid("corners", "CORNERS", "Point at all four corner markers inside the picture.");
        }
    }

    static Corners parse(String text) {
        return new Corners(Arrays.stream(text.split(";"))
                .map(p -> Arrays.stream(p.split(","))
                        .mapToDouble(Double::parseDouble)
                        .toArray())
                .toList());
    }

    List<double[]> inPixels(int width, int height) {
        return shares.stream()
                .map(p -> new double[] {p[0] * width, p[1] * height})
                .toList();
    }

    @Override
    public String toString() {
        return shares.stream()
                .map(p -> String.format(Locale.ROOT, "%.6f,%.6f", p[0], p[1]))
                .collect(Collectors.joining(";"));
    }
}
