package grastel.core.layering.advice;

import static grastel.core.layering.Demo.CARTRIDGE;
import static grastel.core.layering.Demo.pencil;
import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.layering.Demo;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stack;
import grastel.core.layering.Swatch;
import grastel.core.layering.advice.WhatIf.Kind;
import grastel.core.layering.advice.WhatIf.Variant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class WhatIfTest {
    private static final Stack STACK = Stack.on(
            CARTRIDGE,
            new Layer.Colour(Pass.of(pencil("S16"), PressureGrade.LIGHT), 1),
            new Layer.Colour(Pass.of(pencil("S07"), PressureGrade.MEDIUM), 2));

    @Test
    void everyNeighbourIsThereOnce() {
        assertThat(around(STACK))
                .extracting(Variant::kind)
                .containsExactlyInAnyOrder(
                        Kind.ORDER_REVERSED,
                        Kind.ONE_PASS_MORE,
                        Kind.ONE_PASS_LESS,
                        Kind.SHARPER,
                        Kind.DULLER,
                        Kind.ONE_WAY,
                        Kind.WHITE_OVER,
                        Kind.BLENDER_OVER,
                        Kind.SOLVENT_OVER);
    }

    @Test
    void eachIsItsOwnStacksSwatchAndOneChangeAway() {
        for (Variant variant : around(STACK)) {
            assertThat(variant.stack()).isNotEqualTo(STACK);
            assertThat(variant.swatch().spectrum())
                    .isEqualTo(variant.stack().swatch().spectrum());
            assertThat(variant.stack().layers().size()).isBetween(2, 3);
        }
        assertThat(of(Kind.ONE_PASS_MORE).colour().lightness())
                .isLessThan(STACK.swatch().colour().lightness())
                .isLessThan(of(Kind.ONE_PASS_LESS).colour().lightness());
        assertThat(of(Kind.SHARPER).specks()).isLessThan(of(Kind.DULLER).specks());
    }

    @Test
    void whatCannotBeDoneIsNotOffered() {
        assertThat(WhatIf.around(Stack.on(CARTRIDGE), Optional.of(Demo.WHITE), Optional.empty()))
                .isEmpty();
        Stack single = Stack.on(CARTRIDGE, new Layer.Colour(Pass.of(pencil("S07"), PressureGrade.FULL), 1));
        List<Kind> kinds = WhatIf.around(single, Optional.empty(), Optional.empty()).stream()
                .map(Variant::kind)
                .toList();
        assertThat(kinds).doesNotContain(Kind.ORDER_REVERSED, Kind.ONE_PASS_LESS, Kind.WHITE_OVER, Kind.BLENDER_OVER);
    }

    private static Swatch of(Kind kind) {
        return around(STACK).stream()
                .filter(v -> v.kind() == kind)
                .findFirst()
                .orElseThrow()
                .swatch();
    }

    private static List<Variant> around(Stack stack) {
        return WhatIf.around(stack, Optional.of(Demo.WHITE), Optional.of(Demo.BLENDER));
    }
}
