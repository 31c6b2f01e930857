package grastel.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.PaintersWheel.Name;
import grastel.core.colour.PaintersWheel.Relation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PaintersWheelTest {
    @ParameterizedTest
    @CsvSource({"32,RED", "60,ORANGE", "90,YELLOW", "150,GREEN", "270,BLUE", "320,VIOLET", "350,RED_VIOLET"})
    void namesWhatAClassWouldSay(double hue, Name name) {
        assertThat(PaintersWheel.nameOf(hue)).isEqualTo(name);
    }

    @Test
    void goesRoundOnceWithoutTurningBack() {
        double before = PaintersWheel.placeOf(28);
        double turned = 0;
        for (double hue = 28.5; hue <= 388; hue += 0.5) {
            double place = PaintersWheel.placeOf(hue);
            double step = (place - before + 360) % 360;
            assertThat(step).as("at %s", hue).isBetween(0.1, 2.0);
            turned += step;
            before = place;
        }
        assertThat(turned).isCloseTo(360, within(1e-6));
    }

    @Test
    void turnsBackToTheHueItCameFrom() {
        for (double hue = 0; hue < 360; hue += 7.3) {
            assertThat(PaintersWheel.labHueOf(PaintersWheel.placeOf(hue))).isCloseTo(hue, within(1e-9));
        }
    }

    @Test
    void paintersOppositesAreOpposite() {
        double red = 28;
        double green = 150;
        double yellow = 92;
        double violet = 320;
        double blue = 272;
        double orange = 62;
        assertThat(PaintersWheel.relation(red, green)).isEqualTo(Relation.COMPLEMENTARY);
        assertThat(PaintersWheel.relation(yellow, violet)).isEqualTo(Relation.COMPLEMENTARY);
        assertThat(PaintersWheel.relation(blue, orange)).isEqualTo(Relation.COMPLEMENTARY);
        assertThat(PaintersWheel.relation(red, yellow)).isEqualTo(Relation.TRIAD);
        assertThat(PaintersWheel.relation(red, orange)).isEqualTo(Relation.ANALOGOUS);
        assertThat(PaintersWheel.relation(red, red)).isEqualTo(Relation.SAME);
    }

    @Test
    void warmIsRedToYellowCoolIsGreenToViolet() {
        assertThat(PaintersWheel.isWarm(30)).isTrue();
        assertThat(PaintersWheel.isWarm(90)).isTrue();
        assertThat(PaintersWheel.isWarm(205)).isFalse();
        assertThat(PaintersWheel.isWarm(290)).isFalse();
    }
}
