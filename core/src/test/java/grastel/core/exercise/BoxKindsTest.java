package grastel.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.Lab;
import grastel.core.colour.Temperature;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.ImpossibleExercise;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.GoalPlan;
import grastel.core.exercise.plan.Recipe.Step;
import grastel.core.layering.PressureGrade;
import grastel.core.media.ColourFamily;
import grastel.core.media.Pencil;
import grastel.core.media.PencilSet;
import grastel.core.recipe.Complements;
import grastel.core.recipe.Method;
import grastel.core.recipe.MethodAnswer;
import grastel.core.recipe.MixedBlacks;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BoxKindsTest {
    /** Hue within 15°, tint 12 lighter, shade 6 darker with 45 % of the chroma – or the sheet says that it cannot be. */
    @Test
    void tintHueShadeKeepsEachFamilyOrSaysWhereItCannot() {
        ExercisePlan plan = Shipped.plan("tint-hue-shade", ChosenValues.NONE, Shipped.WHITE_PAPER);

        assertThat(plan.fields()).hasSize(6 * 4);
        int kept = 0;
        for (int family = 0; family < 6; family++) {
            Lab tint = plan.fields().get(4 * family).predictedColour();
            Lab hue = plan.fields().get(4 * family + 1).predictedColour();
            FieldPlan shade = plan.fields().get(4 * family + 2);
            Lab dark = shade.predictedColour();
            boolean holds = Math.abs(Math.IEEEremainder(dark.hueDegrees() - hue.hueDegrees(), 360)) <= 15
                    && hue.lightness() - dark.lightness() >= 6
                    && dark.chroma() >= 0.45 * hue.chroma();
            boolean said = plan.findings().stream().anyMatch(f -> shade.id().equals(f.field()));
            assertThat(holds != said).as("family %d", family).isTrue();
            String id = plan.fields().get(4 * family).id();
            boolean lifted = tint.lightness() >= hue.lightness() + 12
                    && Math.abs(Math.IEEEremainder(tint.hueDegrees() - hue.hueDegrees(), 360)) <= 15;
            assertThat(lifted != plan.findings().stream().anyMatch(f -> id.equals(f.field())))
                    .as("tint of family %d", family)
                    .isTrue();
            kept += holds ? 1 : 0;
        }
        assertThat(kept).isGreaterThanOrEqualTo(4);
    }

    @Test
    void shadesFollowTheMethod() {
        Setting over = Shipped.on(Shipped.CARTRIDGE, Method.USUAL.with(MethodAnswer.DARK_OVER));
        FieldPlan under = shadeOfRed(Shipped.WHITE_PAPER);
        FieldPlan above = shadeOfRed(over);

        assertThat(under.recipe().steps().get(0).grade()).isIn(PressureGrade.WHISPER, PressureGrade.LIGHT);
        assertThat(under.recipe().steps().get(0).pencil())
                .isNotEqualTo(under.recipe().steps().get(2).pencil());
        int last = above.recipe().steps().size() - 1;
        assertThat(above.recipe().steps().get(last).pencil())
                .isNotIn(
                        above.recipe().steps().get(0).pencil(),
                        above.recipe().steps().get(1).pencil());
        assertThat(above.recipe()).isNotEqualTo(under.recipe());
    }

    private static FieldPlan shadeOfRed(Setting setting) {
        return Shipped.plan("tint-hue-shade", ChosenValues.of("families", List.of("RED")), setting)
                .field("3");
    }

    /** A set that holds true greens makes its green of them, and so with every family. */
    @ParameterizedTest
    @ValueSource(strings = {"S", ""})
    void familiesAreMadeOfPencilsOfTheirHue(String range) {
        List<Pencil> pencils =
                Shipped.ALL.stream().filter(p -> p.code().startsWith(range)).toList();
        Setting setting =
                new Setting(new PencilSet("Range", pencils), Shipped.CARTRIDGE, Method.USUAL, GradeBand.DEVELOPING);
        for (ColourFamily family :
                List.of(ColourFamily.RED, ColourFamily.YELLOW, ColourFamily.GREEN, ColourFamily.BLUE)) {
            List<Pencil> near = PencilChoice.family(setting, family).stream()
                    .filter(p -> family.isNear(p.masstone().toLab()))
                    .toList();
            ExercisePlan plan =
                    Shipped.plan("tint-hue-shade", ChosenValues.of("families", List.of(family.name())), setting);
            FieldPlan hue = plan.field("2");
            Pencil main = plan.layers(hue, 0.5).get(1).pencil();

            assertThat(main).as("%s of %s", family, range).isIn(near);
            assertThat(plan.field("1").predictedColour().chroma())
                    .isGreaterThan(0.2 * hue.predictedColour().chroma());
            assertThat(plan.layers(plan.field("3"), 0.5)).hasSize(3);
        }
    }

    @Test
    void tintsNeedWhiteAndAFamilyItsPencils() {
        assertThatExceptionOfType(ImpossibleExercise.class)
                .isThrownBy(() -> Shipped.plan("tint-hue-shade", ChosenValues.NONE, Shipped.with("S07", "S16")))
                .withMessageContaining("white");
        assertThatExceptionOfType(ImpossibleExercise.class)
                .isThrownBy(() -> Shipped.plan(
                        "tint-hue-shade",
                        ChosenValues.of("families", List.of("GREEN")),
                        Shipped.with("S01", "S07", "S16")))
                .withMessageContaining("green");
    }

    @Test
    void theComplementIsFoundByMixingAndTheMiddleIsTheGreyest() {
        ExercisePlan plan = Shipped.plan("complement-scale", ChosenValues.NONE, Shipped.WHITE_PAPER);
        List<Double> chroma = plan.fields().subList(0, 5).stream()
                .map(f -> f.predictedColour().chroma())
                .toList();
        Complements.Pair best = Complements.of(plan.palette().get(0), Shipped.WHITE_PAPER.colours(), Shipped.CARTRIDGE)
                .get(0);

        assertThat(plan.palette().get(1)).isEqualTo(best.complement());
        assertThat(chroma.get(0)).isGreaterThan(chroma.get(1));
        assertThat(chroma.get(1)).isGreaterThan(chroma.get(2));
        assertThat(chroma.get(2)).isLessThan(20);
        assertThat(plan.field("7").predictedColour().lightness())
                .isLessThan(plan.field("6").predictedColour().lightness());
    }

    @Test
    void mixturesLieBetweenTheirParentsAndBlacksAreDark() {
        ExercisePlan plan = Shipped.plan("mixing-from-few", ChosenValues.NONE, Shipped.WHITE_PAPER);

        assertThat(plan.fields()).hasSize(6);
        assertThat(plan.field("1").predictedColour().hueDegrees())
                .as("red and yellow")
                .isBetween(40.0, 85.0);
        assertThat(plan.field("2").predictedColour().hueDegrees())
                .as("yellow and blue")
                .isBetween(110.0, 240.0);
        plan.fields().subList(3, 6).forEach(f -> {
            assertThat(f.predictedColour().lightness()).isLessThan(35);
            assertThat(f.predictedColour().chroma()).isLessThan(16);
        });
        assertThat(MixedBlacks.of(Shipped.ALL, Shipped.CARTRIDGE, 4))
                .hasSize(4)
                .noneMatch(m -> m.under().equals(m.over()));
    }

    @Test
    void theBlenderKeepsTheValueAndWhiteLiftsIt() {
        ExercisePlan plan = Shipped.plan(
                "burnish-trio", ChosenValues.of("burnishers", List.of("WHITE", "BLENDER")), Shipped.WHITE_PAPER);
        double plain = plan.field("3").predictedColour().lightness();

        assertThat(plan.field("6").predictedColour().lightness()).isGreaterThan(plain + 2);
        assertThat(plan.field("9").predictedColour().lightness()).isCloseTo(plain, within(4.0));
        assertThat(plan.goals()).extracting(GoalPlan::goal).contains(Goal.BLENDER_KEEPS_VALUE, Goal.SPECKS_GONE);
    }

    @Test
    void aSetWithoutABlenderSaysThatItsRowIsLeftOut() {
        Setting few = Shipped.with("S01", "S07");
        ExercisePlan plan =
                Shipped.plan("burnish-trio", ChosenValues.of("burnishers", List.of("WHITE", "BLENDER")), few);

        assertThat(plan.fields()).hasSize(6);
        assertThat(plan.findings()).anySatisfy(f -> assertThat(f.words()).contains("blender"));
    }

    @Test
    void eachLightLayerDarkensByLess() {
        ExercisePlan plan = Shipped.plan("layer-ladder", ChosenValues.of("rungs", 6), Shipped.WHITE_PAPER);
        double before = Double.POSITIVE_INFINITY;
        for (int i = 1; i < 6; i++) {
            double step = plan.fields().get(i - 1).predictedColour().lightness()
                    - plan.fields().get(i).predictedColour().lightness();
            assertThat(step).isPositive().isLessThan(before);
            before = step;
        }
    }

    @Test
    void onTonedPaperTheMiddleIsBareAndLightAndDarkNeverMeet() {
        ExercisePlan plan = Shipped.plan("toned-scale", ChosenValues.NONE, Shipped.BROWN_PAPER);

        assertThat(plan.fields()).hasSize(5);
        assertThat(plan.fields().get(2).recipe().steps()).isEmpty();
        assertThat(plan.fields())
                .allMatch(f ->
                        f.recipe().steps().stream().map(Step::pencil).distinct().count() <= 1);
        for (int i = 1; i < 5; i++) {
            assertThat(plan.fields().get(i).predictedColour().lightness())
                    .isLessThan(plan.fields().get(i - 1).predictedColour().lightness());
        }
    }

    @Test
    void strokesAndPointsDiffer() {
        ExercisePlan plan = Shipped.plan("stroke-sampler", ChosenValues.NONE, Shipped.WHITE_PAPER);

        assertThat(plan.fields()).hasSize(10);
        assertThat(plan.field("3").predictedColour().lightness())
                .as("sharp circles against dull ones")
                .isLessThan(plan.field("8").predictedColour().lightness());
        assertThat(plan.goals()).extracting(GoalPlan::goal).contains(Goal.DIRECTION_KEPT);
    }

    @Test
    void oneThinLayerTurnsTheTemperature() {
        ExercisePlan plan = Shipped.plan("temperature-and-glaze", ChosenValues.NONE, Shipped.WHITE_PAPER);

        assertThat(warmth(plan, "2")).isGreaterThan(warmth(plan, "1") + 3);
        assertThat(warmth(plan, "4")).isLessThan(warmth(plan, "3") - 3);
    }

    private static double warmth(ExercisePlan plan, String field) {
        return Temperature.warmth(plan.field(field).predictedColour());
    }

    @Test
    void dissolvingFillsTheSpecksAndCarriesItsCautions() {
        Setting solvent = Shipped.on(Shipped.CARTRIDGE, Method.USUAL.with(MethodAnswer.SOLVENT_SPARING));
        ExercisePlan plan = Shipped.plan("solvent-split", ChosenValues.NONE, solvent);

        assertThat(plan.field("5").predictedColour().lightness())
                .isLessThan(plan.field("2").predictedColour().lightness());
        assertThat(plan.cautions()).anyMatch(c -> c.contains("burns easily"));
        Setting young = new Setting(solvent.pencils(), solvent.paper(), solvent.method(), GradeBand.FIRST_STEPS);
        assertThat(Shipped.plan("solvent-split", ChosenValues.NONE, young).findings())
                .anyMatch(f -> f.words().contains("young"));
    }
}
