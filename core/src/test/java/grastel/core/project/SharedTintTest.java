package grastel.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.colour.Lab;
import grastel.core.exercise.Shipped;
import grastel.core.layering.Layer;
import grastel.core.project.ZoneColours.Mixed;
import grastel.core.recipe.Method;
import grastel.core.reference.Zones.Zone;
import java.util.List;
import org.junit.jupiter.api.Test;

class SharedTintTest {
    /** Warm middle colours, a green and one that is as light as paper. */
    private static final List<Lab> COLOURS =
            List.of(new Lab(62, 22, 34), new Lab(55, 30, 26), new Lab(60, -22, 28), new Lab(95, 0, 2));

    private static final List<Double> AREAS = List.of(4000.0, 2500.0, 3000.0, 800.0);

    private static final List<List<Mixed>> MIXED = COLOURS.stream()
            .map(c -> ZoneColours.of(new Zone(400, c, c, c), Shipped.CARTRIDGE, Shipped.ALL, Method.USUAL))
            .toList();

    private static final SharedTint TINT =
            SharedTint.of(MIXED, AREAS, Shipped.CARTRIDGE, Shipped.ALL).orElseThrow();

    @Test
    void itTiesSeveralZonesAndLeadsNoneFarAstray() {
        assertThat(TINT.zones()).hasSizeGreaterThanOrEqualTo(2);
        assertThat(TINT.worst()).isLessThanOrEqualTo(3);
        List<List<Mixed>> glazed = TINT.over(MIXED, Shipped.CARTRIDGE);
        for (int zone : TINT.zones()) {
            Mixed before = MIXED.get(zone).get(0);
            Mixed after = glazed.get(zone).get(0);
            assertThat(after.error() - before.error()).isLessThanOrEqualTo(TINT.worst() + 1e-9);
            assertThat(after.layers()).hasSize(before.layers().size() + 1);
            assertThat(after.layers().get(after.layers().size() - 1).pencil()).isEqualTo(TINT.pencil());
            assertThat(after.minutes()).isGreaterThan(before.minutes());
        }
    }

    @Test
    void barePaperStaysBareAndOtherZonesAsTheyWere() {
        List<List<Mixed>> glazed = TINT.over(MIXED, Shipped.CARTRIDGE);
        assertThat(MIXED.get(3).get(0).layers()).isEmpty();
        for (int zone = 0; zone < MIXED.size(); zone++) {
            if (!TINT.zones().contains(zone)) {
                assertThat(glazed.get(zone)).isEqualTo(MIXED.get(zone));
            }
        }
        assertThat(TINT.zones()).doesNotContain(3);
    }

    /** No other light colour ties more of the picture: looked at one by one. */
    @Test
    void itIsTheOneThatTiesMost() {
        double most = TINT.zones().stream().mapToDouble(AREAS::get).sum();
        Shipped.ALL.forEach(p -> SharedTint.of(MIXED, AREAS, Shipped.CARTRIDGE, List.of(p))
                .ifPresent(t -> assertThat(
                                t.zones().stream().mapToDouble(AREAS::get).sum())
                        .isLessThanOrEqualTo(most)));
    }

    @Test
    void oneZoneAloneIsTiedToNothing() {
        assertThat(SharedTint.of(MIXED.subList(0, 1), AREAS, Shipped.CARTRIDGE, Shipped.ALL))
                .isEmpty();
        assertThat(TINT.pencil().colourless()).isFalse();
        assertThat(MIXED.get(0).get(0).layers()).allMatch(Layer.Colour.class::isInstance);
    }
}
