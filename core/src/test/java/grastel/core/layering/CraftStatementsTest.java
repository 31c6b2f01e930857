package grastel.core.layering;

import static grastel.core.layering.Demo.BLENDER;
import static grastel.core.layering.Demo.BROWN;
import static grastel.core.layering.Demo.CARTRIDGE;
import static grastel.core.layering.Demo.WHITE;
import static grastel.core.layering.Demo.byTurns;
import static grastel.core.layering.Demo.change;
import static grastel.core.layering.Demo.chroma;
import static grastel.core.layering.Demo.laid;
import static grastel.core.layering.Demo.lifted;
import static grastel.core.layering.Demo.lightness;
import static grastel.core.layering.Demo.paper;
import static grastel.core.layering.Demo.pencil;
import static grastel.core.layering.PressureGrade.FIRM;
import static grastel.core.layering.PressureGrade.FULL;
import static grastel.core.layering.PressureGrade.LIGHT;
import static grastel.core.layering.PressureGrade.MEDIUM;
import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.media.Pencil;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;

/**
 * What practitioners say, each with the program's figure beside it. The table stands in docs/model.md; run with
 * {@code -Dcraft.write=true} to write it anew.
 */
class CraftStatementsTest {
    private static final Path DOCS = Path.of("../docs/model.md");
    private static final String BEGIN = "<!-- statements: begin -->\n";
    private static final String END = "<!-- statements: end -->\n";

    private static final Pencil RED = pencil("S07");
    private static final Pencil YELLOW = pencil("S03");
    private static final Pencil BLUE = pencil("S16");
    private static final Pencil DARK_BLUE = pencil("S15");
    private static final Pencil GREEN = pencil("S21");
    private static final Pencil ORANGE = pencil("S06");
    private static final Pencil BROWN_PENCIL = pencil("S30");
    private static final Pencil BLACK = pencil("S36");

    private record Statement(String words, String figure, boolean holds) {}

    private final List<Statement> all = new ArrayList<>();

    private void say(boolean holds, String words, String figure, Object... values) {
        all.add(new Statement(words, String.format(Locale.ROOT, figure, values), holds));
    }

    @Test
    void theProgramAgreesWithWhatPractitionersSay() throws IOException {
        layers();
        papers();
        covering();
        burnishing();
        mixing();
        mistakes();
        assertThat(all)
                .hasSizeGreaterThanOrEqualTo(40)
                .allSatisfy(s ->
                        assertThat(s.holds()).as("%s %s", s.words(), s.figure()).isTrue());

        StringBuilder table = new StringBuilder("| statement | figure |\n|---|---|\n");
        all.forEach(s -> table.append("| ")
                .append(s.words())
                .append(" | ")
                .append(s.figure())
                .append(" |\n"));
        String docs = Files.readString(DOCS);
        int from = docs.indexOf(BEGIN) + BEGIN.length();
        int to = docs.indexOf(END);
        if (Boolean.getBoolean("craft.write")) {
            Files.writeString(DOCS, docs.substring(0, from) + table + docs.substring(to));
        } else {
            assertThat(docs.substring(from, to)).isEqualTo(table.toString());
        }
    }

    private void layers() {
        Swatch one = laid(CARTRIDGE, RED, LIGHT, 1);
        Swatch three = laid(CARTRIDGE, RED, LIGHT, 3);
        Swatch eight = laid(CARTRIDGE, RED, LIGHT, 8);
        Swatch sixteen = laid(CARTRIDGE, RED, LIGHT, 16);
        Swatch hard = laid(CARTRIDGE, RED, FULL, 1);
        say(one.specks() > 0.6, "One light layer leaves most of the paper showing", "%.0f %%", 100 * one.specks());
        say(
                three.specks() < 0.4 && eight.specks() < 0.1,
                "Light layers build to a closed tone: after three, after eight",
                "%.0f %%, %.0f %% paper",
                100 * three.specks(),
                100 * eight.specks());
        double behind = lightness(sixteen) - lightness(hard);
        say(
                behind > 0 && behind < 6,
                "Sixteen light layers come near to one hard pass, a little lighter",
                "%+.1f L*",
                behind);
        double second = change(one, light(RED));
        double eighth = change(laid(CARTRIDGE, RED, LIGHT, 7), light(RED));
        say(
                eighth < second && eighth > 0.8,
                "Each light layer still shows, and adds less: the second, the eighth",
                "%.1f, %.1f ΔE00",
                second,
                eighth);
        say(hard.layersLeft(RED) <= 1, "A hard first pass leaves no room for light layers", "%d", hard.layersLeft(RED));
        say(
                three.layersLeft(RED) >= 5,
                "After three light layers there is room for many more",
                "about %d",
                three.layersLeft(RED));
        double masstone = ColourDifference.ciede2000(
                laid(CARTRIDGE, RED, FULL, 2).colour(), RED.masstone().toLab());
        say(masstone < 4, "Pressed hard twice a pencil shows its full colour", "%.1f ΔE00 off", masstone);
        double turned = Math.abs(laid(CARTRIDGE, BLUE, MEDIUM, 2).colour().hueDegrees() - Demo.hue(BLUE));
        say(turned < 12, "A lighter mark keeps the pencil’s hue", "%.0f° off", turned);
        double wax = laid(CARTRIDGE, RED, LIGHT, 3).specks();
        double oil = laid(CARTRIDGE, pencil("F05"), LIGHT, 3).specks();
        say(
                oil > wax,
                "A harder pencil lays less at the same pressure: soft, hard",
                "%.0f %%, %.0f %% paper",
                100 * wax,
                100 * oil);
        say(
                lightness(laid(CARTRIDGE, DARK_BLUE, FULL, 2)) < 25,
                "A dark pencil reaches a real dark only when the paper is closed",
                "L* %.0f; light × 1: %.0f",
                lightness(laid(CARTRIDGE, DARK_BLUE, FULL, 2)),
                lightness(laid(CARTRIDGE, DARK_BLUE, LIGHT, 1)));
    }

    private void papers() {
        double dull = Swatch.bare(CARTRIDGE)
                .with(new Pass(RED, 0.4, 0.2, Stroke.CIRCLES))
                .specks();
        double sharp = Swatch.bare(CARTRIDGE)
                .with(new Pass(RED, 0.4, 0.9, Stroke.CIRCLES))
                .specks();
        say(
                sharp < dull,
                "A sharp point gets into the grain: dull, sharp",
                "%.0f %%, %.0f %% paper",
                100 * dull,
                100 * sharp);
        double circles = laid(CARTRIDGE, RED, MEDIUM, 1).specks();
        double oneWay = Swatch.bare(CARTRIDGE)
                .with(new Pass(RED, 0.4, 0.7, Stroke.ONE_WAY))
                .specks();
        say(
                circles < oneWay,
                "Small circles cover better than strokes one way",
                "%.0f %%, %.0f %% paper",
                100 * circles,
                100 * oneWay);
        double smooth = laid(paper("Ledger Smooth"), RED, MEDIUM, 1).specks();
        double rough = laid(paper("Shingle Rough"), RED, MEDIUM, 1).specks();
        say(
                smooth < circles && circles < rough,
                "Rough paper keeps more white: smooth, cartridge, rough",
                "%.0f, %.0f, %.0f %%",
                100 * smooth,
                100 * circles,
                100 * rough);
        int onSmooth = laid(paper("Ledger Smooth"), RED, MEDIUM, 2).layersLeft(RED);
        int onRough = laid(paper("Shingle Rough"), RED, MEDIUM, 2).layersLeft(RED);
        say(onRough > onSmooth, "Rough paper takes more layers: smooth, rough", "%d, %d more", onSmooth, onRough);
        double ground = BROWN.ground().toLab().lightness();
        say(
                lightness(laid(BROWN, WHITE, LIGHT, 1)) > ground + 2,
                "White shows on toned paper even when light",
                "%+.1f L*",
                lightness(laid(BROWN, WHITE, LIGHT, 1)) - ground);
        say(
                lightness(laid(BROWN, WHITE, FULL, 2)) > 78,
                "White on toned paper gets bright only when pressed: firm, full twice",
                "%+.0f, %+.0f L*",
                lightness(laid(BROWN, WHITE, FIRM, 1)) - ground,
                lightness(laid(BROWN, WHITE, FULL, 2)) - ground);
    }

    private void covering() {
        Swatch black = laid(CARTRIDGE, BLACK, FULL, 1);
        say(lifted(black, full(YELLOW)) < 10, "Yellow does not cover black", "%+.1f L*", lifted(black, full(YELLOW)));
        double white = lifted(black, full(WHITE));
        say(white > 3 && white < 22, "White over black is a grey veil", "%+.1f L*", white);
        double cream = lifted(laid(CARTRIDGE, DARK_BLUE, FULL, 1), full(pencil("S02")));
        say(cream < 14, "Cream hardly covers dark blue", "%+.1f L*", cream);
        say(
                white > lifted(black, full(YELLOW)),
                "White covers more than yellow",
                "%.1f against %.1f L*",
                white,
                lifted(black, full(YELLOW)));
        Swatch over = laid(CARTRIDGE, YELLOW, FIRM, 1).with(Pass.of(DARK_BLUE, FIRM));
        Swatch under = laid(CARTRIDGE, DARK_BLUE, FIRM, 1).with(Pass.of(YELLOW, FIRM));
        double order = ColourDifference.ciede2000(over.colour(), under.colour());
        say(order > 1.5, "The order of two layers matters: dark blue over or under yellow", "%.1f ΔE00", order);
        double first = lightness(laid(CARTRIDGE, WHITE, FIRM, 1).with(Pass.of(RED, FIRM), 2));
        double alone = lightness(laid(CARTRIDGE, RED, FIRM, 2));
        say(Math.abs(first - alone) < 6, "White laid first is pushed aside by what follows", "%+.1f L*", first - alone);
        double last = lightness(laid(CARTRIDGE, RED, FIRM, 2).with(Pass.of(WHITE, FIRM)));
        say(last > alone, "White laid last lightens", "%+.1f L*", last - alone);
    }

    private void burnishing() {
        Swatch light = laid(CARTRIDGE, BLUE, LIGHT, 1);
        Swatch firm = laid(CARTRIDGE, BLUE, FIRM, 1);
        Swatch white = firm.with(new Layer.Burnish(WHITE, 3));
        double veiled = lightness(white) - lightness(firm);
        say(
                veiled > 2 && veiled < 11,
                "Burnishing with white veils a colour, it does not bleach it",
                "%+.1f L*",
                veiled);
        double kept = chroma(white) / chroma(firm);
        say(kept > 0.65, "Under a white burnish most of the colour stays", "%.0f %% of C*", 100 * kept);
        double share = burnished(light).specks() / light.specks();
        say(share < 0.5, "A blender spreads a light layer over the grain", "%.0f %% of the paper left", 100 * share);
        Swatch blended = burnished(firm);
        say(
                lightness(blended) < lightness(firm) && chroma(blended) > chroma(firm),
                "A blender deepens and enriches",
                "%+.1f L*, %+.1f C*",
                lightness(blended) - lightness(firm),
                chroma(blended) - chroma(firm));
        say(blended.specks() < 0.02, "Burnishing over a firm layer leaves no paper", "%.1f %%", 100 * blended.specks());
        Swatch onRough = laid(BROWN, RED, FIRM, 1);
        say(
                burnished(onRough).toothLeft() > 0.15
                        && onRough.with(new Layer.Burnish(BLENDER, 3)).specks() < 0.01,
                "Rough toned paper needs more than one burnish: tooth after one, paper after three",
                "%.0f %%, %.1f %%",
                100 * burnished(onRough).toothLeft(),
                100 * onRough.with(new Layer.Burnish(BLENDER, 3)).specks());
        Swatch field = burnished(laid(CARTRIDGE, ORANGE, FIRM, 1));
        double slides = change(field, Pass.of(DARK_BLUE, LIGHT));
        double bites = change(field, new Pass(DARK_BLUE, 1, 0.95, Stroke.ONE_WAY));
        say(slides < 3, "A light layer slides on a burnish", "%.1f ΔE00", slides);
        say(bites > 10, "A sharp hard accent bites into a burnish", "%.0f ΔE00", bites);
        Swatch two = laid(CARTRIDGE, BLUE, LIGHT, 2);
        Swatch wet = two.with(new Layer.Solvent());
        say(
                wet.specks() < 0.5 * two.specks() && lightness(wet) < lightness(two),
                "Solvent spreads the colour: paper before, after",
                "%.0f, %.0f %%",
                100 * two.specks(),
                100 * wet.specks());
        say(
                wet.toothLeft() > 0.8 * two.toothLeft(),
                "Solvent leaves the tooth open for more: before, after",
                "%.0f, %.0f %%",
                100 * two.toothLeft(),
                100 * wet.toothLeft());
    }

    private void mixing() {
        Swatch hue = laid(CARTRIDGE, RED, FIRM, 1);
        Swatch under = laid(CARTRIDGE, DARK_BLUE, LIGHT, 1).with(Pass.of(RED, FIRM));
        Swatch over = hue.with(Pass.of(DARK_BLUE, LIGHT));
        say(
                lightness(under) < lightness(hue) - 3 && chroma(under) > 0.65 * chroma(hue),
                "A light layer of a dark under a colour shades it and keeps it",
                "%+.1f L*, %.0f %% of C*",
                lightness(under) - lightness(hue),
                100 * chroma(under) / chroma(hue));
        say(
                lightness(over) < lightness(hue) - 3 && chroma(over) > 0.65 * chroma(hue),
                "So does a light layer of it over the colour",
                "%+.1f L*, %.0f %% of C*",
                lightness(over) - lightness(hue),
                100 * chroma(over) / chroma(hue));
        Lab green = byTurns(YELLOW, pencil("F12")).colour();
        say(
                green.chroma() > 25,
                "Yellow and a greenish blue make green",
                "C* %.0f, hue %.0f°",
                green.chroma(),
                green.hueDegrees());
        Lab dull = byTurns(YELLOW, BLUE).colour();
        say(
                dull.chroma() < 0.7 * green.chroma(),
                "Yellow and a reddish blue make a dull green",
                "C* %.0f",
                dull.chroma());
        Lab orange = byTurns(YELLOW, RED).colour();
        say(
                orange.hueDegrees() > 40 && orange.hueDegrees() < 80 && orange.chroma() > 40,
                "Red and yellow make a clear orange",
                "C* %.0f, hue %.0f°",
                orange.chroma(),
                orange.hueDegrees());
        Lab grey = byTurns(RED, GREEN).colour();
        say(
                grey.chroma() < 0.6 * chroma(laid(CARTRIDGE, GREEN, FIRM, 2)),
                "Opposites grey one another: red and green",
                "C* %.0f of %.0f and %.0f",
                grey.chroma(),
                chroma(laid(CARTRIDGE, RED, FIRM, 2)),
                chroma(laid(CARTRIDGE, GREEN, FIRM, 2)));
        Lab black = byTurns(DARK_BLUE, BROWN_PENCIL).colour();
        say(
                black.lightness() < 28 && black.chroma() < 10,
                "Dark blue and dark brown make a black",
                "L* %.0f, C* %.0f",
                black.lightness(),
                black.chroma());
        say(
                black.lightness() < grey.lightness() - 8,
                "It is darker than what middle opposites make",
                "%.0f against L* %.0f",
                black.lightness(),
                grey.lightness());
        Lab neighbours = byTurns(YELLOW, ORANGE).colour();
        say(
                neighbours.chroma() > 55,
                "Neighbours on the wheel stay pure: yellow and orange",
                "C* %.0f",
                neighbours.chroma());
    }

    private void mistakes() {
        Swatch yellow = laid(CARTRIDGE, YELLOW, MEDIUM, 2);
        Swatch drowned = yellow.with(Pass.of(BLACK, FIRM));
        say(
                chroma(drowned) < 0.5 * chroma(yellow),
                "Black drowns yellow",
                "%.0f %% of C* left",
                100 * chroma(drowned) / chroma(yellow));
        double open = change(laid(CARTRIDGE, RED, LIGHT, 2), Pass.of(DARK_BLUE, MEDIUM));
        double closed = change(laid(CARTRIDGE, RED, FULL, 2), Pass.of(DARK_BLUE, MEDIUM));
        say(
                closed < 0.5 * open,
                "Pressing hard first spoils the next layer: over light, over full",
                "%.1f, %.1f ΔE00",
                open,
                closed);
        Swatch solid = laid(CARTRIDGE, RED, MEDIUM, 3);
        Swatch putty = solid.with(new Layer.Lift(1));
        say(
                lightness(putty) > lightness(solid) && putty.specks() < 0.9,
                "Putty lightens but never lifts back to paper",
                "%+.0f L*, %.0f %% paper",
                lightness(putty) - lightness(solid),
                100 * putty.specks());
    }

    private static Swatch burnished(Swatch swatch) {
        return swatch.with(new Layer.Burnish(BLENDER, 1));
    }

    private static Pass light(Pencil pencil) {
        return Pass.of(pencil, LIGHT);
    }

    private static Pass full(Pencil pencil) {
        return Pass.of(pencil, FULL);
    }
}
