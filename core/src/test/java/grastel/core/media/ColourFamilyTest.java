package grastel.core.media;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ColourFamilyTest {
    @ParameterizedTest
    @CsvSource({
        "Foam,WHITE",
        "Lamp Yellow,YELLOW",
        "Lifejacket,ORANGE",
        "Buoy Red,RED",
        "Heather,VIOLET",
        "Tide Blue,BLUE",
        "Kelp,GREEN",
        "Rust,BROWN",
        "Tarred Oak,BROWN",
        "Rope,BROWN",
        "Slate,GREY",
        "Lamp Black,BLACK",
        "Sea Lettuce,GREEN"
    })
    void filesPencilsWhereAClassWould(String name, ColourFamily family) {
        ShippedKit.RangePencil pencil = ShippedKit.pencils().stream()
                .filter(p -> p.name().equals(name))
                .findFirst()
                .orElseThrow();

        assertThat(ColourFamily.of(pencil.colour())).isEqualTo(family);
    }
}
