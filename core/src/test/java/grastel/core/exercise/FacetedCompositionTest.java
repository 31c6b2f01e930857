package grastel.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.Lab;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.ImpossibleExercise;
import grastel.core.exercise.facets.FacetedComposition;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.exercise.plan.PicturePlan.Tone;
import grastel.core.media.Paper;
import grastel.core.media.Tooth;
import grastel.core.recipe.Method;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Laws of compositions, whatever their variant. */
class FacetedCompositionTest {
    private static final String KIND = "faceted-composition";
    /** An edge reads where its sides differ by so much, L*. */
    private static final double READS = 8;

    private static PicturePlan picture(ChosenValues values) {
        return Shipped.plan(KIND, values, Shipped.WHITE_PAPER).fields().get(0).picture();
    }

    @ParameterizedTest
    @CsvSource({"8, 1", "8, 2", "10, 1", "10, 7", "12, 3", "14, 5", "16, 2", "20, 1", "20, 9"})
    void everyPartIsThereCanBeDrawnAndEdgesReadByValue(int areas, int variant) {
        PicturePlan plan = picture(ChosenValues.of("areas", areas)
                .with("variant", variant)
                .with("colours", 1)
                .with("widthMm", 150.0));
        byte[] places = plan.places();
        Map<Integer, Integer> sizes = new HashMap<>();
        int edges = 0;
        int read = 0;
        Map<Set<Integer>, Integer> shared = new HashMap<>();
        Map<Set<Integer>, Integer> readOf = new HashMap<>();
        for (int i = 0; i < places.length; i++) {
            int zone = plan.tone(places[i]).zone();
            sizes.merge(zone, 1, Integer::sum);
            for (int j : new int[] {i % plan.columns() + 1 < plan.columns() ? i + 1 : i, i + plan.columns()}) {
                if (j < places.length && plan.tone(places[j]).zone() != zone) {
                    Lab one = plan.predicted(places[i]);
                    Lab other = plan.predicted(places[j]);
                    boolean plain = Math.abs(one.lightness() - other.lightness()) >= READS;
                    edges++;
                    read += plain ? 1 : 0;
                    Set<Integer> pair = Set.of(zone, plan.tone(places[j]).zone());
                    shared.merge(pair, 1, Integer::sum);
                    readOf.merge(pair, plain ? 1 : 0, Integer::sum);
                }
            }
        }
        assertThat(sizes).hasSize(areas);
        double even = places.length / (double) areas;
        assertThat(sizes.values()).allMatch(n -> n >= 100 && n < 3.2 * even);
        assertThat(read / (double) edges).as("of all edges").isGreaterThan(0.85);
        shared.forEach((pair, length) -> {
            if (length >= 15) {
                assertThat(readOf.get(pair) / (double) length)
                        .as("edge of %s", pair)
                        .isGreaterThan(0.45);
            }
        });
        assertThat(plan.guide().marks()).hasSize(areas);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
    void tonesOfAPartRunFromLightToDarkAndNeighboursHaveOtherPencils(int colours) {
        ExercisePlan plan = Shipped.plan(KIND, ChosenValues.of("colours", colours), Shipped.WHITE_PAPER);
        assertThat(plan.palette()).hasSize(colours);
        PicturePlan picture = plan.fields().get(0).picture();
        for (int i = 1; i < picture.tones().size(); i++) {
            Tone lighter = picture.tones().get(i - 1);
            Tone darker = picture.tones().get(i);
            if (lighter.zone() == darker.zone()) {
                assertThat(darker.wanted().lightness())
                        .isLessThan(lighter.wanted().lightness());
            }
        }
        Set<String> recipes = new HashSet<>();
        picture.tones().forEach(t -> recipes.add(t.recipe().toString()));
        assertThat(recipes).hasSizeGreaterThan(4);
    }

    @Test
    void linesOfADrawingCutTheFrame() {
        List<String> own = List.of("300 0 400 1000", "0 350 1000 250", "0 800 1000 600");
        ExercisePlan plan =
                Shipped.plan("faceted-composition", ChosenValues.NONE.with("lines", own), Shipped.WHITE_PAPER);
        PicturePlan picture = plan.fields().get(0).picture();

        assertThat(picture.guide().marks()).hasSize(6);
        assertThat(picture.guide().lines()).hasSize(3);
        assertThat(picture.guide().lines().get(0).to().x()).isCloseTo(0.4 * 90, within(1e-9));
        // A part is numbered on its own side of every line.
        assertThat(picture.guide().marks().get(0).at().x()).isLessThan(40);
    }

    @Test
    void linesThatPartTooLittleAreRefusedAndTooSmallPartsAreSaid() {
        assertThatThrownBy(() -> withLines("500 0 500 1000"))
                .isInstanceOf(ImpossibleExercise.class)
                .hasMessageContaining("into 2 areas");
        assertThat(withLines("500 0 500 1000", "515 0 515 1000", "0 500 1000 500")
                        .findings())
                .anyMatch(f -> f.words().startsWith("Under 1 cm², too small for a fade: "));
        assertThat(ChosenValues.of("lines", List.of("500 0 500 1001"))
                        .problems(new FacetedComposition().parameters(Shipped.WHITE_PAPER)))
                .hasSize(1);
    }

    private static ExercisePlan withLines(String... lines) {
        return Shipped.plan(
                "faceted-composition", ChosenValues.NONE.with("lines", List.of(lines)), Shipped.WHITE_PAPER);
    }

    @Test
    void variantsDifferAndTheSameOneIsAlwaysTheSame() {
        PicturePlan one = picture(ChosenValues.of("variant", 1));
        assertThat(picture(ChosenValues.of("variant", 1))).isEqualTo(one);
        assertThat(picture(ChosenValues.of("variant", 2)).cells()).isNotEqualTo(one.cells());
    }

    @Test
    void eachNumberStandsInItsPartWhereItIsDark() {
        PicturePlan plan = picture(ChosenValues.NONE);
        byte[] places = plan.places();
        plan.guide().marks().forEach(m -> {
            byte place = places[(int) m.at().y() * plan.columns() + (int) m.at().x()];
            int zone = plan.tone(place).zone();
            assertThat(zone).isEqualTo(Integer.parseInt(m.words()));
            double dark = plan.tones().stream()
                    .filter(t -> t.zone() == zone)
                    .mapToDouble(t -> t.predicted().lightness())
                    .min()
                    .orElseThrow();
            double light = plan.tones().stream()
                    .filter(t -> t.zone() == zone)
                    .mapToDouble(t -> t.predicted().lightness())
                    .max()
                    .orElseThrow();
            assertThat(plan.predicted(place).lightness()).isLessThan((dark + light) / 2);
        });
    }

    @Test
    void onPaperThatNoPencilFallsFarFromThereIsNone() {
        Setting dark = Shipped.on(Paper.of("Slate", new Lab(30, 0, 0), new Tooth(1, 0.3)), Method.USUAL);
        assertThatExceptionOfType(ImpossibleExercise.class)
                .isThrownBy(() -> Shipped.plan(KIND, ChosenValues.NONE, dark))
                .satisfies(e -> assertThat(e.getMessage()).contains("edges"));
    }
}
