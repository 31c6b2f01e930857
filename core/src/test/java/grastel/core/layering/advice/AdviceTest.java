package grastel.core.layering.advice;

import static grastel.core.layering.Demo.BLENDER;
import static grastel.core.layering.Demo.BROWN;
import static grastel.core.layering.Demo.CARTRIDGE;
import static grastel.core.layering.Demo.WHITE;
import static grastel.core.layering.Demo.pencil;
import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.layering.Demo;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stack;
import grastel.core.layering.Stroke;
import grastel.core.layering.advice.Advice.Code;
import grastel.core.layering.advice.Advice.Intention;
import grastel.core.layering.advice.Advice.Warning;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class AdviceTest {
    @Test
    void aSoundStackIsLeftAlone() {
        Stack stack = Stack.on(
                CARTRIDGE,
                colour("S15", PressureGrade.WHISPER, 1),
                colour("S07", PressureGrade.MEDIUM, 2),
                colour("S08", PressureGrade.MEDIUM, 1));

        assertThat(Advice.on(stack, Optional.empty(), Intention.COLOUR, true)).isEmpty();
    }

    /** Later colour pushes white and cream aside: neither is scolded, on white paper or on toned. */
    @Test
    void whiteOrCreamAsABaseIsNoFault() {
        for (Paper paper : List.of(CARTRIDGE, BROWN)) {
            for (String base : List.of("S01", "S02")) {
                assertThat(codes(Stack.on(
                                paper, colour(base, PressureGrade.FIRM, 1), colour("S07", PressureGrade.FIRM, 1))))
                        .isEmpty();
            }
        }
    }

    @Test
    void aHardFirstLayerUnderMoreIsLaidLighter() {
        Stack stack = Stack.on(CARTRIDGE, colour("S16", PressureGrade.FIRM, 1), colour("S07", PressureGrade.FIRM, 1));

        Warning warning = only(stack, Code.HARD_LAYER_FIRST);

        assertThat(warning.remedied().orElseThrow().layers().get(0)).isEqualTo(colour("S16", PressureGrade.LIGHT, 1));
        assertThat(codes(warning.remedied().orElseThrow())).doesNotContain(Code.HARD_LAYER_FIRST);
        assertThat(codes(Stack.on(CARTRIDGE, colour("S16", PressureGrade.FIRM, 1))))
                .doesNotContain(Code.HARD_LAYER_FIRST);
    }

    @Test
    void blackDrownsALightColour() {
        Stack stack = Stack.on(CARTRIDGE, colour("S03", PressureGrade.MEDIUM, 2), colour("S36", PressureGrade.FIRM, 1));

        Warning warning = only(stack, Code.DARK_DROWNS_COLOUR);

        assertThat(warning.layer()).isEqualTo(1);
        assertThat(codes(warning.remedied().orElseThrow())).doesNotContain(Code.DARK_DROWNS_COLOUR);
        assertThat(codes(stack, Intention.SHADOW)).doesNotContain(Code.DARK_DROWNS_COLOUR);
        assertThat(codes(Stack.on(
                        CARTRIDGE, colour("S36", PressureGrade.WHISPER, 1), colour("S03", PressureGrade.MEDIUM, 2))))
                .doesNotContain(Code.DARK_DROWNS_COLOUR);
    }

    @Test
    void oppositesAreNoMudInAShadowOrABlack() {
        Stack stack = Stack.on(CARTRIDGE, colour("S21", PressureGrade.MEDIUM, 2), colour("S07", PressureGrade.FIRM, 1));

        assertThat(codes(stack)).contains(Code.MUDDY);
        assertThat(codes(stack, Intention.SHADOW)).doesNotContain(Code.MUDDY);
        assertThat(codes(stack, Intention.BLACK)).doesNotContain(Code.MUDDY);
    }

    @Test
    void aSharpHardAccentBitesIntoABurnish() {
        Layer accent = new Layer.Colour(new Pass(pencil("S15"), 1, 0.95, Stroke.ONE_WAY), 1);
        Stack stack = Stack.on(CARTRIDGE, colour("S06", PressureGrade.FIRM, 1), new Layer.Burnish(BLENDER, 1), accent);

        assertThat(codes(stack)).contains(Code.ACCENT_AFTER_BURNISH).doesNotContain(Code.LAYER_AFTER_BURNISH);
        assertThat(Advice.on(stack, Optional.empty(), Intention.COLOUR, false))
                .as("where burnishing may come between")
                .extracting(Warning::code)
                .doesNotContain(Code.ACCENT_AFTER_BURNISH, Code.LAYER_AFTER_BURNISH);
    }

    /** Whatever it says to leave out changes less than an eye sees. */
    @Test
    void nothingThatShowsIsLeftOut() {
        Random random = new Random(3);
        for (int i = 0; i < 200; i++) {
            List<Layer> layers = new ArrayList<>();
            for (int n = 0; n < 2 + random.nextInt(4); n++) {
                layers.add(colour(
                        Demo.ALL.get(random.nextInt(60)).code(),
                        PressureGrade.values()[random.nextInt(5)],
                        1 + random.nextInt(3)));
            }
            Stack stack = Stack.on(CARTRIDGE, layers.toArray(Layer[]::new));
            for (Warning warning : Advice.on(stack, Optional.empty(), Intention.COLOUR, true)) {
                if (warning.remedy() == Advice.Remedy.LEAVE_OUT) {
                    assertThat(ColourDifference.ciede2000(
                                    stack.swatch().colour(),
                                    warning.remedied().orElseThrow().swatch().colour()))
                            .isLessThan(1);
                }
            }
        }
    }

    @Test
    void aPassThatAddsNothingIsLeftOut() {
        Stack stack =
                Stack.on(CARTRIDGE, colour("S36", PressureGrade.FULL, 3), colour("S35", PressureGrade.WHISPER, 1));

        Warning warning = only(stack, Code.ADDS_LITTLE);

        assertThat(warning.layer()).isEqualTo(1);
        assertThat(warning.figure()).isLessThan(1);
        assertThat(warning.remedied().orElseThrow().layers()).hasSize(1);
    }

    @Test
    void oppositesInEqualPartsAreMuddyAndAWhisperClearsThem() {
        Stack stack = Stack.on(CARTRIDGE, colour("S21", PressureGrade.FIRM, 2), colour("S07", PressureGrade.FIRM, 1));

        Warning warning = only(stack, Code.MUDDY);

        assertThat(warning.figure()).isGreaterThan(warning.limit());
        assertThat(codes(warning.remedied().orElseThrow())).doesNotContain(Code.MUDDY);
    }

    @Test
    void neighboursOnTheWheelAreNeverMuddy() {
        Stack stack = Stack.on(CARTRIDGE, colour("S03", PressureGrade.FIRM, 2), colour("S06", PressureGrade.FIRM, 2));

        assertThat(codes(stack)).doesNotContain(Code.MUDDY);
    }

    @Test
    void hardLinesStayUnderBurnishingUnlessDrawnInCircles() {
        Layer lines = new Layer.Colour(new Pass(pencil("S16"), 0.7, 0.7, Stroke.ONE_WAY), 2);
        Stack stack = Stack.on(CARTRIDGE, lines, new Layer.Burnish(BLENDER, 1));

        Warning warning = only(stack, Code.BURNISH_OVER_HARD_LINES);

        assertThat(codes(warning.remedied().orElseThrow())).doesNotContain(Code.BURNISH_OVER_HARD_LINES);
        assertThat(codes(Stack.on(CARTRIDGE, lines, new Layer.Solvent(), new Layer.Burnish(BLENDER, 1))))
                .as("solvent dissolves the lines")
                .doesNotContain(Code.BURNISH_OVER_HARD_LINES);
    }

    @Test
    void nothingHoldsOnABurnishedShine() {
        Stack stack = Stack.on(
                CARTRIDGE,
                colour("S16", PressureGrade.FIRM, 2),
                new Layer.Burnish(BLENDER, 1),
                colour("S07", PressureGrade.MEDIUM, 1));

        assertThat(codes(stack)).contains(Code.LAYER_AFTER_BURNISH);
    }

    @Test
    void solventNeedsPigment() {
        assertThat(codes(Stack.on(CARTRIDGE, colour("S16", PressureGrade.WHISPER, 1), new Layer.Solvent())))
                .contains(Code.SOLVENT_ON_TOO_LITTLE);
        assertThat(codes(Stack.on(CARTRIDGE, colour("S16", PressureGrade.FIRM, 2), new Layer.Solvent())))
                .doesNotContain(Code.SOLVENT_ON_TOO_LITTLE);
    }

    @Test
    void blackAndWhiteDoNotCrossOnTonedPaper() {
        Stack stack = Stack.on(BROWN, colour("S36", PressureGrade.MEDIUM, 1), white(WHITE));

        assertThat(codes(stack)).contains(Code.BLACK_CROSSES_WHITE);
    }

    @Test
    void aFullToothSaysSo() {
        Stack stack = Stack.on(Demo.paper("Ledger Smooth"), colour("S07", PressureGrade.FULL, 8));

        Warning warning = only(stack, Code.TOOTH_NEARLY_FULL);

        assertThat(warning.remedied().orElseThrow().layers()).containsExactly(colour("S07", PressureGrade.FULL, 7));
    }

    @Test
    void aGoalDarkerThanTheYellowGoesIsSaid() {
        Stack stack = Stack.on(CARTRIDGE, colour("S03", PressureGrade.FULL, 2));

        List<Warning> warnings = Advice.on(stack, Optional.of(new Lab(45, 5, 40)), Intention.COLOUR, true);

        assertThat(warnings).extracting(Warning::code).contains(Code.DARKER_THAN_PENCILS_GO);
        assertThat(Advice.on(stack, Optional.of(new Lab(88, 2, 60)), Intention.COLOUR, true))
                .extracting(Warning::code)
                .doesNotContain(Code.DARKER_THAN_PENCILS_GO);
    }

    private static Warning only(Stack stack, Code code) {
        List<Warning> found = Advice.on(stack, Optional.empty(), Intention.COLOUR, true).stream()
                .filter(w -> w.code() == code)
                .toList();
        assertThat(found).as("%s in %s", code, codes(stack)).hasSize(1);
        return found.get(0);
    }

    private static List<Code> codes(Stack stack) {
        return Advice.on(stack, Optional.empty(), Intention.COLOUR, true).stream()
                .map(Warning::code)
                .toList();
    }

    private static List<Code> codes(Stack stack, Intention intention) {
        return Advice.on(stack, Optional.empty(), intention, true).stream()
                .map(Warning::code)
                .toList();
    }

    private static Layer colour(String code, PressureGrade grade, int passes) {
        return new Layer.Colour(Pass.of(pencil(code), grade), passes);
    }

    private static Layer white(Pencil white) {
        return new Layer.Colour(Pass.of(white, PressureGrade.MEDIUM), 1);
    }
}
