package grastel.core.layering.advice;

import static grastel.core.layering.Demo.BLENDER;
import static grastel.core.layering.Demo.BROWN;
import static grastel.core.layering.Demo.CARTRIDGE;
import static grastel.core.layering.Demo.WHITE;
import static grastel.core.layering.Demo.pencil;
import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.colour.Lab;
import grastel.core.layering.Demo;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stack;
import grastel.core.layering.Stroke;
import grastel.core.layering.advice.Advice.Code;
import grastel.core.layering.advice.Advice.Warning;
import grastel.core.media.Pencil;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class AdviceTest {
    @Test
    void aSoundStackIsLeftAlone() {
        Stack stack = Stack.on(
                CARTRIDGE,
                colour("S15", PressureGrade.WHISPER, 1),
                colour("S07", PressureGrade.MEDIUM, 2),
                colour("S08", PressureGrade.MEDIUM, 1));

        assertThat(Advice.on(stack, Optional.empty())).isEmpty();
    }

    @Test
    void whiteUnderAColourIsTooEarlyAndMovesLast() {
        Stack stack = Stack.on(CARTRIDGE, white(WHITE), colour("S07", PressureGrade.FIRM, 2));

        Warning warning = only(stack, Code.WHITE_TOO_EARLY);

        assertThat(warning.layer()).isEqualTo(0);
        assertThat(warning.remedied().orElseThrow().layers())
                .containsExactly(colour("S07", PressureGrade.FIRM, 2), white(WHITE));
        assertThat(codes(warning.remedied().orElseThrow())).doesNotContain(Code.WHITE_TOO_EARLY);
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

        List<Warning> warnings = Advice.on(stack, Optional.of(new Lab(45, 5, 40)));

        assertThat(warnings).extracting(Warning::code).contains(Code.DARKER_THAN_PENCILS_GO);
        assertThat(Advice.on(stack, Optional.of(new Lab(88, 2, 60))))
                .extracting(Warning::code)
                .doesNotContain(Code.DARKER_THAN_PENCILS_GO);
    }

    private static Warning only(Stack stack, Code code) {
        List<Warning> found = Advice.on(stack, Optional.empty()).stream()
                .filter(w -> w.code() == code)
                .toList();
        assertThat(found).as("%s in %s", code, codes(stack)).hasSize(1);
        return found.get(0);
    }

    private static List<Code> codes(Stack stack) {
        return Advice.on(stack, Optional.empty()).stream().map(Warning::code).toList();
    }

    private static Layer colour(String code, PressureGrade grade, int passes) {
        return new Layer.Colour(Pass.of(pencil(code), grade), passes);
    }

    private static Layer white(Pencil white) {
        return new Layer.Colour(Pass.of(white, PressureGrade.MEDIUM), 1);
    }
}
