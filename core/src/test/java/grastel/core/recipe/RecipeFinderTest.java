package grastel.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import grastel.core.Sample;
import grastel.core.colour.Lab;
import grastel.core.colour.PaintersWheel;
import grastel.core.exercise.Shipped;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stack;
import grastel.core.layering.Swatch;
import grastel.core.media.Masstone;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.recipe.RecipeFinder.Found;
import grastel.core.recipe.RecipeFinder.Limits;
import grastel.core.recipe.RecipeFinder.Move;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class RecipeFinderTest {
    private static final Paper PAPER = Shipped.CARTRIDGE;
    private static final List<Pencil> EIGHT = List.of("S01", "S03", "S07", "S12", "S16", "S21", "S28", "S31").stream()
            .map(Shipped::pencil)
            .toList();
    private static final List<PressureGrade> GRADES =
            List.of(PressureGrade.WHISPER, PressureGrade.LIGHT, PressureGrade.FIRM);

    /** A simpler recipe is shown instead of one that is nearer by less, and the search may miss a little. */
    private static final double NEAR = 0.8;

    private static List<Found> find(Target target, List<Pencil> pencils, Method method, Limits limits) {
        return RecipeFinder.find(target, PAPER, pencils, method, limits, share -> {}, () -> false);
    }

    private static Target near(double lightness, double a, double b) {
        return new Target(new Lab(lightness, a, b), Target.Closeness.VALUE_FIRST);
    }

    private record Tried(List<Move> moves, Lab colour) {
        double cost(Target target) {
            return target.error(colour) + RecipeFinder.STRAY_GAIN * RecipeFinder.strays(moves, target.colour());
        }
    }

    /** Every allowed stack of up to three layers, written out plainly. */
    private static List<Tried> everything(Method method) {
        Rules rules = new Rules(method);
        List<Move> moves = EIGHT.stream()
                .flatMap(p -> RecipeFinder.moves(p, GRADES).stream())
                .toList();
        List<Tried> colours = new ArrayList<>();
        extend(List.of(), moves, rules, colours, 3);
        return colours;
    }

    private static void extend(List<Move> done, List<Move> moves, Rules rules, List<Tried> colours, int most) {
        for (Move move : moves) {
            if (rules.allow(done, move)) {
                List<Move> more = new ArrayList<>(done);
                more.add(move);
                colours.add(new Tried(List.copyOf(more), colour(more)));
                if (more.size() < most) {
                    extend(more, moves, rules, colours, most);
                }
            }
        }
    }

    private static Lab colour(List<Move> moves) {
        Swatch swatch = Swatch.bare(PAPER);
        for (Move move : moves) {
            swatch = swatch.with(move.pass(), move.passes());
        }
        return swatch.colour();
    }

    @Test
    void comesAsNearAsTryingEverything() {
        List<Tried> all = everything(Method.USUAL);
        SplittableRandom random = new SplittableRandom(4);
        Limits limits = new Limits(3, GRADES, 12_000);
        for (int n = 0; n < 50; n++) {
            Target target = near(random.nextDouble(20, 92), random.nextDouble(-45, 60), random.nextDouble(-45, 75));
            double best = all.stream().mapToDouble(t -> t.cost(target)).min().orElseThrow();
            double found = closest(find(target, EIGHT, Method.USUAL, limits));
            assertThat(found).as("target %s", target.colour()).isLessThan(best + NEAR);
        }
    }

    /** With every pencil of the range and every pressure, what two layers can do is not missed. */
    @Test
    void findsWhatTwoLayersOfAnyPressureGive() {
        SplittableRandom random = new SplittableRandom(11);
        Rules rules = new Rules(Method.USUAL);
        List<Move> moves = Shipped.ALL.stream()
                .filter(p -> !p.colourless())
                .flatMap(p -> RecipeFinder.moves(p, List.of(PressureGrade.values())).stream())
                .toList();
        List<Tried> two = new ArrayList<>();
        extend(List.of(), moves, rules, two, 2);
        for (int n = 0; n < 20; n++) {
            Lab wanted = two.get(random.nextInt(two.size())).colour();
            Target target = near(
                    wanted.lightness(), wanted.a() + random.nextDouble(-4, 4), wanted.b() + random.nextDouble(-4, 4));
            double best = two.stream().mapToDouble(t -> t.cost(target)).min().orElseThrow();
            double found = closest(find(target, Shipped.ALL, Method.USUAL, Limits.USUAL));
            assertThat(found).as("target %s", target.colour()).isLessThan(best + NEAR);
        }
    }

    @Test
    void whatItPromisesIsWhatTheLayersGive() {
        for (Found found : find(near(45, 30, 20), Shipped.ALL, Method.USUAL, Limits.USUAL)) {
            Lab laid =
                    new Stack(PAPER, Optional.empty(), found.layers()).swatch().colour();
            assertThat(found.error()).isEqualTo(near(45, 30, 20).error(laid));
            assertThat(found.layers()).isNotEmpty();
        }
    }

    private static double closest(List<Found> found) {
        return found.stream().mapToDouble(Found::error).min().orElseThrow();
    }

    /** A hundred colours from the whole range of the kit. */
    private static List<Target> targets(Target.Closeness closeness) {
        SplittableRandom random = new SplittableRandom(21);
        List<Target> targets = new ArrayList<>();
        for (int i = 0; i < Sample.rounds(12, 100); i++) {
            Lab any = Shipped.ALL
                    .get(random.nextInt(Shipped.ALL.size() - 1))
                    .masstone()
                    .toLab();
            double thin = random.nextDouble(0.3, 1);
            Lab colour = new Lab(95 + thin * (any.lightness() - 95), thin * any.a(), thin * any.b());
            targets.add(new Target(colour, closeness));
        }
        return targets;
    }

    @ParameterizedTest
    @EnumSource(Target.Closeness.class)
    void closerRecipesTakeMorePencilsOrLayers(Target.Closeness closeness) {
        for (Target target : targets(closeness)) {
            List<Found> found = find(target, Shipped.ALL, Method.USUAL, Limits.USUAL);
            Found recipe = found.get(0);
            for (Found closer : found.subList(1, found.size())) {
                assertThat(closer.pencils().size() * 10 + closer.layers().size())
                        .as("%s beside %s", names(closer), names(recipe))
                        .isGreaterThanOrEqualTo(recipe.pencils().size() * 10);
                assertThat(closer.pencils())
                        .hasSizeGreaterThanOrEqualTo(recipe.pencils().size());
            }
        }
    }

    /** One pencil is enough wherever another would bring the colour nearer by less than 2 ΔE00. */
    @Test
    void aRecipeTakesNoPencilThatGainsLittle() {
        for (Target target : targets(Target.Closeness.COLOUR).subList(0, 5)) {
            List<Found> found = find(target, Shipped.ALL, Method.USUAL, Limits.USUAL);
            Found recipe = found.get(0);
            double alone = Shipped.ALL.stream()
                    .map(p -> find(target, List.of(p), Method.USUAL, Limits.USUAL))
                    .filter(f -> !f.isEmpty())
                    .mapToDouble(RecipeFinderTest::closest)
                    .min()
                    .orElseThrow();
            assertThat(recipe.pencils().size() == 1 || closest(found) < alone - 1.5)
                    .as("%s for %s: %.2f, one alone %.2f", names(recipe), target.colour(), recipe.error(), alone)
                    .isTrue();
        }
    }

    @ParameterizedTest
    @EnumSource(MethodAnswer.class)
    void pressureNeverFallsAndFullComesLastAndOnce(MethodAnswer answer) {
        for (Target target : targets(Target.Closeness.VALUE_FIRST).subList(0, 4)) {
            for (Found found : find(target, Shipped.ALL, Method.USUAL.with(answer), Limits.USUAL)) {
                List<Layer.Colour> layers =
                        found.layers().stream().map(Layer.Colour.class::cast).toList();
                for (int i = 1; i < layers.size(); i++) {
                    boolean whiteUnder = i == 1
                            && answer == MethodAnswer.HOLD_WITH_WHITE
                            && Masstone.isWhite(
                                    layers.get(0).pass().pencil().masstone().toLab());
                    assertThat(whiteUnder
                                    || layers.get(i).pass().pressure()
                                            >= layers.get(i - 1).pass().pressure())
                            .as("%s", layers)
                            .isTrue();
                }
                for (int i = 0; i < layers.size(); i++) {
                    if (layers.get(i).pass().pressure() == PressureGrade.FULL.pressure()) {
                        assertThat(i).isEqualTo(layers.size() - 1);
                        assertThat(layers.get(i).passes()).isEqualTo(1);
                    }
                }
            }
        }
    }

    /** A grey is laid in greys, a red with reds and their neighbours. */
    @Test
    void strayPencilsStayOut() {
        for (Target target : targets(Target.Closeness.COLOUR)) {
            Found recipe = find(target, Shipped.ALL, Method.USUAL, Limits.USUAL).get(0);
            if (target.colour().chroma() > 25) {
                assertThat(recipe.pencils().stream().map(p -> p.masstone().toLab()))
                        .as("%s for %s", names(recipe), target.colour())
                        .filteredOn(p -> p.chroma() > 15 && p.lightness() > 35)
                        .filteredOn(p -> PaintersWheel.distance(
                                        p.hueDegrees(), target.colour().hueDegrees())
                                > 75)
                        .isEmpty();
            }
        }
    }

    @Test
    void theMethodsRulesAreKept() {
        Target dark = near(22, 2, 0);
        assertThat(find(dark, Shipped.ALL, Method.USUAL, Limits.USUAL))
                .allSatisfy(f -> assertThat(names(f)).doesNotContain("Lamp Black", "Soot"));
        assertThat(find(near(14, 0, 0), Shipped.ALL, Method.USUAL.with(MethodAnswer.BLACK_ACCENTS), Limits.USUAL))
                .anySatisfy(f -> assertThat(names(f)).containsAnyOf("Lamp Black", "Soot"));

        for (Found found : find(near(80, 20, 10), Shipped.ALL, Method.USUAL, Limits.USUAL)) {
            List<String> names = names(found);
            int white = Math.max(names.indexOf("Foam"), names.indexOf("Chalk"));
            assertThat(white < 0 || white == names.size() - 1)
                    .as("white last in %s", names)
                    .isTrue();
        }
    }

    private static List<String> names(Found found) {
        return found.layers().stream().map(l -> l.pencil().name()).toList();
    }

    @Test
    void aFoundationIsLaidLightlyOrNotAtAll() {
        Rules under = new Rules(Method.USUAL);
        Rules over = new Rules(Method.USUAL.with(MethodAnswer.DARK_OVER));
        Move firmDark = new Move(Shipped.pencil("S13"), PressureGrade.FIRM, 1);
        Move whisperedDark = new Move(Shipped.pencil("S13"), PressureGrade.WHISPER, 1);
        Move yellow = new Move(Shipped.pencil("S03"), PressureGrade.LIGHT, 1);

        assertThat(under.allow(List.of(firmDark), yellow)).isFalse();
        assertThat(under.allow(List.of(whisperedDark), yellow)).isTrue();
        assertThat(over.allow(List.of(whisperedDark), yellow)).isFalse();
        assertThat(over.allow(List.of(yellow), firmDark)).isTrue();
    }

    @Test
    void whiteAndBlackNeverCross() {
        Rules rules = new Rules(Method.USUAL.with(MethodAnswer.BLACK_ACCENTS).with(MethodAnswer.HOLD_WITH_WHITE));
        Move white = new Move(Shipped.pencil("S01"), PressureGrade.FULL, 1);
        Move black = new Move(Shipped.pencil("S36"), PressureGrade.LIGHT, 1);
        Move red = new Move(Shipped.pencil("S07"), PressureGrade.LIGHT, 1);

        assertThat(rules.allow(List.of(red, black), white)).isFalse();
        assertThat(rules.allow(List.of(white, red), black)).isFalse();
        assertThat(rules.allow(List.of(white), red)).isTrue();
        assertThat(new Rules(Method.USUAL).allow(List.of(white), red)).isFalse();
    }

    @Test
    void valueAloneLeavesTheHueFree() {
        Target value = new Target(new Lab(50, 0, 0), Target.Closeness.VALUE_ONLY);

        assertThat(find(value, List.of(Shipped.pencil("S07")), Method.USUAL, Limits.USUAL)
                        .get(0)
                        .error())
                .isLessThan(2);
    }

    @Test
    void stopsWhenToldAndReportsProgress() {
        List<Double> progress = new ArrayList<>();
        RecipeFinder.find(near(50, 10, 10), PAPER, EIGHT, Method.USUAL, Limits.USUAL, progress::add, () -> false);

        assertThat(progress).isSorted().endsWith(1.0);
        assertThatExceptionOfType(RecipeFinder.Cancelled.class)
                .isThrownBy(() -> RecipeFinder.find(
                        near(50, 10, 10), PAPER, EIGHT, Method.USUAL, Limits.USUAL, s -> {}, () -> true));
    }

    @Test
    void anEmptyDrawerHasNoRecipe() {
        assertThat(find(near(50, 0, 0), List.of(), Method.USUAL, Limits.USUAL)).isEmpty();
    }

    @Test
    void aMoveKnowsItsPass() {
        Move move = new Move(Shipped.pencil("S07"), PressureGrade.LIGHT, 1);
        assertThat(new Layer.Colour(move.pass(), 1).pencil()).isEqualTo(Shipped.pencil("S07"));
        assertThat(move.pass()).isEqualTo(Pass.of(Shipped.pencil("S07"), PressureGrade.LIGHT));
    }
}
