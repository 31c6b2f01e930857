package grastel.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import grastel.core.colour.Lab;
import grastel.core.exercise.Shipped;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stack;
import grastel.core.layering.Swatch;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.recipe.RecipeFinder.Found;
import grastel.core.recipe.RecipeFinder.Limits;
import grastel.core.recipe.RecipeFinder.Move;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class RecipeFinderTest {
    private static final Paper PAPER = Shipped.CARTRIDGE;
    private static final List<Pencil> EIGHT = List.of("S01", "S03", "S07", "S12", "S16", "S21", "S28", "S31").stream()
            .map(Shipped::pencil)
            .toList();
    private static final List<PressureGrade> GRADES =
            List.of(PressureGrade.WHISPER, PressureGrade.LIGHT, PressureGrade.FIRM);

    private static List<Found> find(Target target, List<Pencil> pencils, Method method, Limits limits) {
        return RecipeFinder.find(target, PAPER, pencils, method, limits, share -> {}, () -> false);
    }

    private static Target near(double lightness, double a, double b) {
        return new Target(new Lab(lightness, a, b), Target.Closeness.VALUE_FIRST);
    }

    /** Every allowed stack of up to three layers, written out plainly. */
    private static List<Lab> everything(Method method) {
        Rules rules = new Rules(method);
        List<Move> moves = EIGHT.stream()
                .flatMap(p -> GRADES.stream().map(g -> new Move(p, g)))
                .toList();
        List<Lab> colours = new ArrayList<>();
        extend(List.of(), moves, rules, colours, 3);
        return colours;
    }

    private static void extend(List<Move> done, List<Move> moves, Rules rules, List<Lab> colours, int most) {
        for (Move move : moves) {
            if (rules.allow(done, move)) {
                List<Move> more = new ArrayList<>(done);
                more.add(move);
                colours.add(colour(more));
                if (more.size() < most) {
                    extend(more, moves, rules, colours, most);
                }
            }
        }
    }

    private static Lab colour(List<Move> moves) {
        Swatch swatch = Swatch.bare(PAPER);
        for (int i = 0; i < moves.size(); ) {
            int end = i;
            while (end < moves.size() && moves.get(end) == moves.get(i)) {
                end++;
            }
            swatch = swatch.with(moves.get(i).pass(), end - i);
            i = end;
        }
        return swatch.colour();
    }

    @Test
    void comesWithinThreeTenthsOfTryingEverything() {
        List<Lab> all = everything(Method.USUAL);
        SplittableRandom random = new SplittableRandom(4);
        Limits limits = new Limits(3, GRADES, 12_000);
        for (int n = 0; n < 50; n++) {
            Target target = near(random.nextDouble(20, 92), random.nextDouble(-45, 60), random.nextDouble(-45, 75));
            double best = all.stream().mapToDouble(target::error).min().orElseThrow();
            double found = find(target, EIGHT, Method.USUAL, limits).get(0).error();
            assertThat(found).as("target %s", target.colour()).isBetween(best - 1e-9, best + 0.3);
        }
    }

    /** With every pencil of the range and every pressure, what two layers can do is not missed. */
    @Test
    void findsWhatTwoLayersOfAnyPressureGive() {
        SplittableRandom random = new SplittableRandom(11);
        Rules rules = new Rules(Method.USUAL);
        List<Move> moves = Shipped.ALL.stream()
                .filter(p -> !p.colourless())
                .flatMap(p -> Stream.of(PressureGrade.values()).map(g -> new Move(p, g)))
                .toList();
        List<Lab> two = new ArrayList<>();
        extend(List.of(), moves, rules, two, 2);
        for (int n = 0; n < 20; n++) {
            Lab wanted = two.get(random.nextInt(two.size()));
            Target target = near(
                    wanted.lightness(), wanted.a() + random.nextDouble(-4, 4), wanted.b() + random.nextDouble(-4, 4));
            double best = two.stream().mapToDouble(target::error).min().orElseThrow();
            double found =
                    find(target, Shipped.ALL, Method.USUAL, Limits.USUAL).get(0).error();
            assertThat(found).as("target %s", target.colour()).isLessThan(best + 0.3);
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

    @Test
    void theFrontTradesClosenessForTimeOrTooth() {
        List<Found> front = find(near(40, 20, -10), Shipped.ALL, Method.USUAL, Limits.USUAL);

        assertThat(front).hasSizeGreaterThan(1);
        for (int i = 1; i < front.size(); i++) {
            Found nearer = front.get(i - 1);
            Found next = front.get(i);
            assertThat(next.error()).isGreaterThanOrEqualTo(nearer.error());
            assertThat(next.minutes() < nearer.minutes() || next.toothLeft() > nearer.toothLeft())
                    .isTrue();
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
    void aFoundationIsAWhisperOrNotThereAtAll() {
        Rules under = new Rules(Method.USUAL);
        Rules over = new Rules(Method.USUAL.with(MethodAnswer.DARK_OVER));
        Move firmDark = new Move(Shipped.pencil("S13"), PressureGrade.FIRM);
        Move whisperedDark = new Move(Shipped.pencil("S13"), PressureGrade.WHISPER);
        Move yellow = new Move(Shipped.pencil("S03"), PressureGrade.LIGHT);

        assertThat(under.allow(List.of(firmDark), yellow)).isFalse();
        assertThat(under.allow(List.of(whisperedDark), yellow)).isTrue();
        assertThat(over.allow(List.of(whisperedDark), yellow)).isFalse();
        assertThat(over.allow(List.of(yellow), firmDark)).isTrue();
    }

    @Test
    void whiteAndBlackNeverCross() {
        Rules rules = new Rules(Method.USUAL.with(MethodAnswer.BLACK_ACCENTS).with(MethodAnswer.HOLD_WITH_WHITE));
        Move white = new Move(Shipped.pencil("S01"), PressureGrade.FULL);
        Move black = new Move(Shipped.pencil("S36"), PressureGrade.LIGHT);
        Move red = new Move(Shipped.pencil("S07"), PressureGrade.LIGHT);

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
        Move move = new Move(Shipped.pencil("S07"), PressureGrade.LIGHT);
        assertThat(new Layer.Colour(move.pass(), 1).pencil()).isEqualTo(Shipped.pencil("S07"));
        assertThat(move.pass()).isEqualTo(Pass.of(Shipped.pencil("S07"), PressureGrade.LIGHT));
    }
}
