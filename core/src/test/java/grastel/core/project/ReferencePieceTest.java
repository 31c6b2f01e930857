package grastel.core.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.Lab;
import grastel.core.exercise.Piece.Made;
import grastel.core.exercise.Piece.Work;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.project.ZoneColours.Mixed;
import grastel.core.project.ZoneColours.Part;
import grastel.core.reading.picture.Picture;
import grastel.core.reference.Frame;
import grastel.core.reference.Reference;
import grastel.core.reference.View;
import grastel.core.reference.Zones;
import grastel.core.reference.Zones.Zone;
import grastel.core.stilllife.HarbourFind;
import java.awt.image.BufferedImage;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("picture")
class ReferencePieceTest {
    private static final Frame FRAME = new Frame(100, 125);
    private static final Reference REFERENCE =
            Reference.of(Picture.of(HarbourFind.GLASS_FLOAT.picture(900, 1)), View.WHOLE, FRAME);

    /** Every zone with all three colours, each as wanted: quicker than to find recipes. */
    private static List<List<Mixed>> asWanted(Zones zones) {
        return zones.zones().stream().map(ReferencePieceTest::asWanted).toList();
    }

    private static List<Mixed> asWanted(Zone z) {
        return List.of(mixed(Part.OWN, z.own()), mixed(Part.LIGHT, z.light()), mixed(Part.SHADOW, z.shadow()));
    }

    private static Mixed mixed(Part part, Lab colour) {
        return new Mixed(part, colour, List.of(), colour, 0);
    }

    private static Work work(Zones zones) {
        return ReferencePiece.work(
                REFERENCE, zones, FRAME, Shipped.CARTRIDGE, asWanted(zones), ReferencePiece.CELL_MM, 4, 5);
    }

    @Test
    void asManyZonesAsThereMayBeCanStillBeNamed() {
        Zones zones = Zones.of(REFERENCE, Zones.MOST, 0);
        Work work = work(zones);
        assertThat(zones.zones()).hasSizeGreaterThan(20);
        assertThat(work.tones()).hasSizeLessThanOrEqualTo(PicturePlan.MOST_TONES);
        assertThat(work.tones().stream().map(Made::zone).distinct())
                .hasSize(zones.zones().size());
        for (byte place : work.places()) {
            assertThat((place & 255) / PicturePlan.BETWEEN)
                    .isLessThan(work.tones().size());
        }
    }

    @Test
    void whatIsMadeAsWantedIsTheReferenceInItsTones() {
        Zones zones = Zones.of(REFERENCE, 8, 20);
        Work work = work(zones);
        assertThat(work.tones().stream().mapToDouble(Made::share).sum()).isCloseTo(1, within(1e-9));
        BufferedImage values = new SeenFinished(work, Shipped.CARTRIDGE).values();
        double off = 0;
        for (int i = 0; i < work.places().length; i++) {
            int x = i % work.columns();
            int y = i / work.columns();
            double seen = new grastel.core.colour.Srgb(
                            values.getRGB(x, y) & 255, values.getRGB(x, y) & 255, values.getRGB(x, y) & 255)
                    .toLab()
                    .lightness();
            int at = y * REFERENCE.height() / work.rows() * REFERENCE.width() + x * REFERENCE.width() / work.columns();
            off += Math.abs(seen - REFERENCE.lightness(at)) / work.places().length;
        }
        assertThat(off).as("L*, in the mean").isLessThan(2.5);
    }
}
