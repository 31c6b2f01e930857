package grastel.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import grastel.core.colour.Lab;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.ImpossibleExercise;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.media.Pencil;
import grastel.core.media.Pencil.Binder;
import grastel.core.media.PencilSet;
import grastel.core.recipe.Method;
import grastel.core.recipe.RecipeFinder;
import grastel.core.recipe.Substitutes;
import grastel.core.recipe.Target;
import grastel.core.recipe.Target.Closeness;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.EnumSource.Mode;

/** The same lessons in crayon, pastel and graphite; and markers, which have one value each. */
class OtherMediaTest {
    private static final List<String> IN_ALL =
            List.of("pressure-scale", "gradation-strip", "two-colour-fade", "analogous-blend", "form-study");

    private static List<Pencil> sticks(Binder binder) {
        return Shipped.ALL.stream()
                .filter(p -> p.code().startsWith("S") && !p.colourless())
                .map(p -> new Pencil(
                        "X" + p.code(), p.name(), binder, p.masstone(), p.hiding(), p.softness(), p.colourless()))
                .toList();
    }

    private static Setting setting(List<Pencil> pencils) {
        return new Setting(new PencilSet("Sticks", pencils), Shipped.CARTRIDGE, Method.USUAL, GradeBand.DEVELOPING);
    }

    @ParameterizedTest
    @EnumSource(value = Binder.class, names = "MARKER", mode = Mode.EXCLUDE)
    void lessonsOfPressureArePlannedInEveryMediumThatFollowsIt(Binder binder) {
        for (String kind : IN_ALL) {
            ExercisePlan plan = Shipped.plan(kind, ChosenValues.NONE, setting(sticks(binder)));
            assertThat(plan.palette()).as(kind).isNotEmpty().allMatch(p -> p.binder() == binder);
            assertThat(binder.hasPoint()
                            || Stream.concat(
                                            plan.steps().stream(),
                                            plan.faults().stream().map(ExercisePlan.Fault::say))
                                    .noneMatch(words -> words.contains("harpen")))
                    .as("a crayon is not sharpened: " + kind)
                    .isTrue();
            assertThat(plan.cautions().stream().anyMatch(c -> c.contains("dust")))
                    .isEqualTo(binder == Binder.SOFT_PASTEL);
        }
    }

    @Test
    void markersRefuseValueByPressureAndSayWhy() {
        for (String kind : IN_ALL) {
            assertThatExceptionOfType(ImpossibleExercise.class)
                    .as(kind)
                    .isThrownBy(() -> Shipped.plan(kind, ChosenValues.NONE, setting(sticks(Binder.MARKER))))
                    .withMessageContaining("only one value, however hard");
        }
    }

    @Test
    void whatIsForPencilsTakesNoCrayon() {
        assertThatExceptionOfType(ImpossibleExercise.class)
                .isThrownBy(() -> Shipped.plan("burnish-trio", ChosenValues.NONE, setting(sticks(Binder.CRAYON))));
    }

    /** A crayon chosen by hand from a mixed set is joined by crayons. */
    @Test
    void whatIsChosenForTheTeacherIsOfOneSort() {
        List<Pencil> mixed = new ArrayList<>(Shipped.ALL);
        mixed.addAll(sticks(Binder.CRAYON));
        Setting setting = setting(mixed);
        assertThat(Shipped.plan("two-colour-fade", ChosenValues.NONE, setting).palette())
                .allMatch(p -> p.binder().isPencil());
        Pencil crayon =
                mixed.stream().filter(p -> p.code().equals("XS07")).findFirst().orElseThrow();
        assertThat(Shipped.plan("two-colour-fade", ChosenValues.of("pencil", crayon), setting)
                        .palette())
                .hasSize(2)
                .allMatch(p -> p.binder() == Binder.CRAYON);
    }

    @Test
    void recipesReachAndSubstitutesKeepToPencilsWhereThereAreAny() {
        List<Pencil> mixed = new ArrayList<>(sticks(Binder.OIL_PASTEL));
        mixed.add(Shipped.pencil("S07"));
        mixed.add(Shipped.pencil("S24"));
        assertThat(RecipeFinder.recipe(
                                new Target(new Lab(50, 30, 20), Closeness.COLOUR),
                                Shipped.CARTRIDGE,
                                mixed,
                                Method.USUAL,
                                RecipeFinder.Limits.USUAL)
                        .orElseThrow()
                        .layers())
                .isNotEmpty()
                .allMatch(l -> l.pencil().binder().isPencil());
        assertThat(Substitutes.of(Shipped.pencil("S06"), mixed, 5))
                .isNotEmpty()
                .allMatch(s -> s.pencil().binder().isPencil());
        assertThat(mixed.subList(0, mixed.size() - 2))
                .allSatisfy(stick -> assertThat(Substitutes.of(stick, mixed, 99))
                        .noneMatch(s -> s.pencil().binder().isPencil()));
    }
}
