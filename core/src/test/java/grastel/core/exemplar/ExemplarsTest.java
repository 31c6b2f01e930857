package grastel.core.exemplar;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.Sample;
import grastel.core.exemplar.Exemplars.Exemplar;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.judging.Level;
import grastel.core.page.PageSize;
import grastel.core.reading.DrawnSheet;
import grastel.core.reading.picture.Picture;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is shown for a level is held against plain figures of the pictures themselves. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@Tag("picture")
class ExemplarsTest {
    private static final int AROUND_PX = 12;

    private final List<Exemplar> scale = of("pressure-scale");

    private static List<Exemplar> of(String kind) {
        DrawnSheet sheet = DrawnSheet.of(kind, ChosenValues.NONE, Shipped.CARTRIDGE, PageSize.A4);
        return Exemplars.of(
                        new SheetPlan(List.of(sheet.plan())),
                        List.of(sheet.page()),
                        sheet.paper(),
                        GradeBand.DEVELOPING)
                .get(0);
    }

    private List<Exemplar> of(Goal goal) {
        return scale.stream().filter(e -> e.goal() == goal).toList();
    }

    private List<Double> figures(Goal goal, ToDoubleFunction<BufferedImage> figure) {
        return of(goal).stream()
                .map(e -> figure.applyAsDouble(e.fields().get(0).toImage()))
                .toList();
    }

    @Test
    void everyGoalOfAScaleIsShownAtEveryLevelFromNearlyToBeyond() {
        for (Goal goal : List.of(
                Goal.ORDER, Goal.EQUAL_STEPS, Goal.FULL_RANGE, Goal.EVEN_INSIDE, Goal.RICH_DARK, Goal.NEAT_EDGE)) {
            assertThat(of(goal))
                    .as("%s", goal)
                    .extracting(Exemplar::level)
                    .containsExactly(Level.NEARLY, Level.SECURE, Level.BEYOND);
        }
    }

    @Test
    void aRicherDarkIsDarker() {
        assertThat(figures(Goal.RICH_DARK, image -> mean(inside(image))))
                .isSortedAccordingTo(Comparator.reverseOrder());
    }

    @Test
    void anEvenBoxVariesLess() {
        assertThat(figures(Goal.EVEN_INSIDE, ExemplarsTest::unevenness)).isSortedAccordingTo(Comparator.reverseOrder());
    }

    @Test
    void aNeatEdgeHasCleanPaperAroundIt() {
        List<Double> darkAround = figures(Goal.NEAT_EDGE, ExemplarsTest::darkAround);
        assertThat(darkAround).isSortedAccordingTo(Comparator.reverseOrder());
        assertThat(darkAround.get(0)).isGreaterThan(darkAround.get(2) + 0.005);
    }

    @Test
    void theSameSheetGivesTheSamePictures() {
        List<Exemplar> again = of("pressure-scale");
        assertThat(again).hasSameSizeAs(scale);
        for (int i = 0; i < again.size(); i++) {
            assertThat(codes(again.get(i).fields().get(0)))
                    .isEqualTo(codes(scale.get(i).fields().get(0)));
        }
    }

    static List<String> otherKinds() {
        return Sample.of(
                List.of(
                        "gradation-strip",
                        "finished-piece",
                        "burnish-trio",
                        "form-study",
                        "two-colour-fade",
                        "stroke-sampler"),
                2);
    }

    @ParameterizedTest
    @MethodSource("otherKinds")
    void otherKindsShowMostOfTheirGoals(String kind) {
        List<Exemplar> all = of(kind);
        assertThat(all).allMatch(e -> !e.fields().isEmpty());
        assertThat(all.stream().filter(e -> e.level() == Level.NEARLY).count()).isGreaterThanOrEqualTo(2);
        assertThat(all.stream().filter(e -> e.level() == Level.SECURE).count()).isGreaterThanOrEqualTo(2);
    }

    private static int[] codes(Picture picture) {
        BufferedImage image = picture.toImage();
        return image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
    }

    private static BufferedImage inside(BufferedImage image) {
        int in = 2 * AROUND_PX;
        return image.getSubimage(in, in, image.getWidth() - 2 * in, image.getHeight() - 2 * in);
    }

    private static double mean(BufferedImage image) {
        double sum = 0;
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                sum += green(image, x, y);
            }
        }
        return sum / image.getWidth() / image.getHeight();
    }

    private static int green(BufferedImage image, int x, int y) {
        return image.getRGB(x, y) >> 8 & 0xff;
    }

    /** Spread of means over tiles of 3 mm. */
    private static double unevenness(BufferedImage image) {
        BufferedImage in = inside(image);
        int tile = 18;
        List<Double> means = new ArrayList<>();
        for (int y = 0; y + tile <= in.getHeight(); y += tile) {
            for (int x = 0; x + tile <= in.getWidth(); x += tile) {
                means.add(mean(in.getSubimage(x, y, tile, tile)));
            }
        }
        double middle = means.stream().mapToDouble(m -> m).average().orElseThrow();
        return Math.sqrt(means.stream()
                .mapToDouble(m -> (m - middle) * (m - middle))
                .average()
                .orElseThrow());
    }

    /** Share of the paper around a field that is darker than paper. */
    private static double darkAround(BufferedImage image) {
        int dark = 0;
        int all = 0;
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                int edge = Math.min(Math.min(x, image.getWidth() - 1 - x), Math.min(y, image.getHeight() - 1 - y));
                if (edge < AROUND_PX - 3) {
                    all++;
                    dark += green(image, x, y) < 190 ? 1 : 0;
                }
            }
        }
        return dark / (double) all;
    }
}
