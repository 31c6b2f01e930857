package grastel.core.reading.light;

import grastel.core.colour.LinearRgb;
import grastel.core.page.PageFurniture;
import grastel.core.page.PageLayout;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.PixelLight;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reading.place.Mapping;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * The light on a photographed page: that of its bare paper, see {@link UpperFit}. Paper gives white; the markers' black tells of
 * flare; between them reflectance is linear.
 */
public final class LightField {
    static final double LATTICE_MM = 3;
    private static final double KEY_MARGIN_MM = 1;
    /** Places looked at along and across a key box. */
    private static final int KEY_SPOTS = 16;

    /** Fewer places of bare paper beside a drawing say nothing, */
    private static final int FEWEST_BARE = 12;
    /** nor do such that lie on a line, mm. */
    private static final double LEAST_SPREAD_MM = 40;

    /** What varies so much, relative, is no paper: grain, creases and smudges stay under half of it. */
    private static final double UNEVEN = 0.06;

    /** Half the side of the spots in which bare paper is looked at, mm; samples lie at half of it. */
    private static final double SPOT_MM = 0.5;

    private final int columns;
    private final int rows;
    /** Light of bare paper on a lattice over the page, three channels. */
    private final float[] paperLight;

    /** Reflectance for each unit of light on the same lattice. */
    private final float[] gain;

    private final double residual;
    private final float[] ground;
    private final float[] flare = new float[3];
    private PrintedBlack black = PrintedBlack.UNSEEN;
    private @Nullable Shadows shading;
    private Stains stains = Stains.NONE;

    private LightField(PageSize size, double[][] terms, double residual, LinearRgb ground) {
        this.columns = (int) Math.ceil(size.widthMm() / LATTICE_MM) + 3;
        this.rows = (int) Math.ceil(size.heightMm() / LATTICE_MM) + 3;
        this.paperLight = new float[columns * rows * 3];
        this.gain = new float[paperLight.length];
        this.residual = residual;
        this.ground = new float[] {(float) ground.red(), (float) ground.green(), (float) ground.blue()};
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                double[] basis = basis(column * LATTICE_MM, row * LATTICE_MM, size);
                for (int c = 0; c < 3; c++) {
                    paperLight[(row * columns + column) * 3 + c] = (float) Math.exp(UpperFit.dot(basis, terms[c]));
                }
            }
        }
    }

    /**
     * @param ground light of the bare paper under D65, from the kit
     * @param darkest luminance that a key box can have; 0 where that is not known
     */
    public static LightField fit(Picture picture, Mapping mapping, PageLayout page, LinearRgb ground, double darkest) {
        List<double[]> places = BarePaper.places(page);
        Fitted fitted = Fitted.of(picture, mapping, page.size(), places, UpperFit.Prior.PAGE);
        LightField field = new LightField(page.size(), fitted.terms(), fitted.fit().scale, ground);
        Shadows shading = Shadows.of(places, fitted.basis(), fitted.logs(), fitted.terms());
        if (shading != null) {
            field.shade(shading);
        }
        field.stains = Stains.of(places, fitted.offs(), shading != null);
        field.findFlare(picture, mapping, page, darkest);
        field.setGains();
        return field;
    }

    /**
     * Where no page is printed: the light of what is bare among some places, falling off gently; nothing tells of black.
     *
     * @throws UnreadablePage where too little is bare, or on one side only
     */
    public static LightField beside(
            Picture picture, Mapping mapping, PageSize size, List<double[]> places, LinearRgb ground)
            throws UnreadablePage {
        Fitted fitted = Fitted.of(picture, mapping, size, places, UpperFit.Prior.DRAWING);
        List<double[]> bare = IntStream.range(0, places.size())
                .filter(fitted.fit()::isPaper)
                .mapToObj(places::get)
                .toList();
        double across = spread(bare, 0);
        double down = spread(bare, 1);
        boolean even = fitted.fit().scale < UNEVEN;
        if (!even || bare.size() < FEWEST_BARE || Math.min(across, down) < LEAST_SPREAD_MM) {
            throw new UnreadablePage(UnreadablePage.Problem.NO_PAPER, bare.size());
        }
        LightField field = new LightField(size, fitted.terms(), fitted.fit().scale, ground);
        Arrays.fill(field.flare, (float) PrintedBlack.VEIL);
        field.setGains();
        return field;
    }

    /** @param axis 0 across, 1 down */
    private static double spread(List<double[]> places, int axis) {
        DoubleSummaryStatistics along =
                places.stream().mapToDouble(p -> p[axis]).summaryStatistics();
        return places.isEmpty() ? 0 : along.getMax() - along.getMin();
    }

    /** @param logs of the light of each place by channel; @param terms of each channel */
    private record Fitted(double[][] basis, double[][] logs, UpperFit fit, double[][] terms) {
        static Fitted of(Picture picture, Mapping mapping, PageSize size, List<double[]> places, UpperFit.Prior known) {
            double[][] logs = new double[3][places.size()];
            IntStream.range(0, places.size()).parallel().forEach(i -> {
                float[] mean = spot(picture, mapping, places.get(i));
                for (int c = 0; c < 3; c++) {
                    logs[c][i] = Math.log(Math.max(1e-4, mean[c]));
                }
            });
            double[][] basis = places.stream()
                    .map(place -> LightField.basis(place[0], place[1], size))
                    .toArray(double[][]::new);
            UpperFit fit = new UpperFit(basis, logs[1], known);
            return new Fitted(basis, logs, fit, new double[][] {fit.also(logs[0]), fit.terms, fit.also(logs[2])});
        }

        double[][] offs() {
            return IntStream.range(0, logs.length)
                    .mapToObj(c -> fit.off(terms[c], logs[c]))
                    .toArray(double[][]::new);
        }
    }

    /** See {@link Stains#around}. */
    public double stainAround(Rect field) {
        return stains.around(field);
    }

    /** Robust relative spread of the bare paper about the fitted light, 1 standard deviation. */
    public double residual() {
        return residual;
    }

    /** True where light changes too sharply for the smooth field, as at the edge of a shadow. */
    public boolean hasShadow() {
        return shading != null && shading.isShadow();
    }

    /** How much the light changes around a field beyond the smooth field, relative; 0 where no shadow falls. */
    double shadowAround(Rect field) {
        return shading == null ? 0 : shading.spread(field);
    }

    private void shade(Shadows found) {
        shading = found;
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                double[] logs = found.at(column * LATTICE_MM, row * LATTICE_MM);
                for (int c = 0; c < 3; c++) {
                    paperLight[(row * columns + column) * 3 + c] *= (float) Math.exp(logs[c]);
                }
            }
        }
    }

    /** How many lattice columns there are. */
    int columns() {
        return columns;
    }

    /**
     * What light on the line {@code mmY} is to be multiplied by to give reflectance, at lattice columns from {@code first} and
     * each channel, as many as {@code into} holds; {@link #offset} is then taken off.
     */
    void gains(double mmY, int first, float[] into) {
        double at = Math.min(rows - 2.0, Math.max(0, mmY / LATTICE_MM));
        int row = (int) at;
        float share = (float) (at - row);
        int above = (row * columns + first) * 3;
        int below = above + columns * 3;
        for (int k = 0; k < into.length; k++) {
            into[k] = gain[above + k] + (gain[below + k] - gain[above + k]) * share;
        }
    }

    /** Light of bare paper at a place of the page, as bright as the camera saw it, by its green. */
    public double onPaper(double mmX, double mmY) {
        double column = Math.min(columns - 1.001, Math.max(0, mmX / LATTICE_MM));
        double row = Math.min(rows - 1.001, Math.max(0, mmY / LATTICE_MM));
        int at = (((int) row) * columns + (int) column) * 3 + 1;
        double across = column - (int) column;
        double top = paperLight[at] + across * (paperLight[at + 3] - paperLight[at]);
        int below = at + columns * 3;
        double bottom = paperLight[below] + across * (paperLight[below + 3] - paperLight[below]);
        return top + (row - (int) row) * (bottom - top);
    }

    /** Reflectance that flare alone would show, per channel. */
    float offset(int channel) {
        return ground[channel] * flare[channel] / (1 - flare[channel]);
    }

    private void setGains() {
        for (int i = 0; i < gain.length; i++) {
            int c = i % 3;
            gain[i] = ground[c] / ((1 - flare[c]) * paperLight[i]);
        }
    }

    /** Black of the markers as a share of the paper's light around them: the middle of their black borders. */
    private void findFlare(Picture picture, Mapping mapping, PageLayout page, double darkest) {
        double cell = PageFurniture.MARKER_MM / 8;
        List<float[]> seen = new ArrayList<>();
        for (int corner = 0; corner < 4; corner++) {
            Rect ring = PageFurniture.marker(page.size(), corner).inset(cell / 2);
            for (int step = 0; step <= 10; step++) {
                double along = step / 10.0;
                double x = ring.x() + along * ring.width();
                double y = ring.y() + along * ring.height();
                for (double[] place :
                        new double[][] {{x, ring.y()}, {x, ring.bottom()}, {ring.x(), y}, {ring.right(), y}}) {
                    seen.add(shareOfPaper(picture, mapping, place));
                }
            }
        }
        double[] middle = new double[3];
        for (int c = 0; c < 3; c++) {
            int channel = c;
            double[] sorted =
                    seen.stream().mapToDouble(s -> s[channel]).sorted().toArray();
            middle[c] = sorted[sorted.length / 2];
        }
        black = PrintedBlack.of(
                Arrays.stream(middle).average().orElseThrow(),
                (ground[0] + ground[1] + ground[2]) / 3,
                keys(picture, mapping, page.keys()),
                darkest);
        for (int c = 0; c < 3; c++) {
            flare[c] = (float) Math.min(0.3, Math.max(-0.1, middle[c] - black.reflectance() / ground[c]));
        }
    }

    /** Light of each key box as a share of the paper's. */
    private List<Double> keys(Picture picture, Mapping mapping, List<PageLayout.Key> boxes) {
        List<Double> keys = new ArrayList<>();
        for (PageLayout.Key box : boxes) {
            Rect inside = box.rect().inset(KEY_MARGIN_MM);
            double sum = 0;
            for (int i = 0; i < KEY_SPOTS * KEY_SPOTS; i++) {
                double x = inside.x() + (i % KEY_SPOTS + 0.5) * inside.width() / KEY_SPOTS;
                double y = inside.y() + (i / KEY_SPOTS + 0.5) * inside.height() / KEY_SPOTS;
                float[] share = shareOfPaper(picture, mapping, new double[] {x, y});
                sum += new LinearRgb(share[0], share[1], share[2]).luminance();
            }
            keys.add(sum / (KEY_SPOTS * KEY_SPOTS));
        }
        return keys;
    }

    /** What the printed black is taken to be. */
    PrintedBlack black() {
        return black;
    }

    private float[] shareOfPaper(Picture picture, Mapping mapping, double[] place) {
        float[] light = new float[3];
        PixelLight.sample(picture, mapping.x(place[0], place[1]), mapping.y(place[0], place[1]), light);
        int i = ((int) Math.round(place[1] / LATTICE_MM) * columns + (int) Math.round(place[0] / LATTICE_MM)) * 3;
        for (int c = 0; c < 3; c++) {
            light[c] /= paperLight[i + c];
        }
        return light;
    }

    /** Mean light over 1.2 mm around a place, whose surroundings are taken for flat. */
    private static float[] spot(Picture picture, Mapping mapping, double[] place) {
        double x = mapping.x(place[0], place[1]);
        double y = mapping.y(place[0], place[1]);
        double rightX = (mapping.x(place[0] + SPOT_MM, place[1]) - x) / 2;
        double rightY = (mapping.y(place[0] + SPOT_MM, place[1]) - y) / 2;
        double downX = (mapping.x(place[0], place[1] + SPOT_MM) - x) / 2;
        double downY = (mapping.y(place[0], place[1] + SPOT_MM) - y) / 2;
        float[] light = new float[3];
        float[] mean = new float[3];
        for (int dy = -2; dy <= 2; dy++) {
            for (int dx = -2; dx <= 2; dx++) {
                PixelLight.sample(picture, x + dx * rightX + dy * downX, y + dx * rightY + dy * downY, light);
                for (int c = 0; c < 3; c++) {
                    mean[c] += light[c] / 25;
                }
            }
        }
        return mean;
    }

    private static double[] basis(double mmX, double mmY, PageSize size) {
        return UpperFit.basis(2 * mmX / size.widthMm() - 1, 2 * mmY / size.heightMm() - 1);
    }
}
