package grastel.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.page.PageLayout;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.ScanConditions;
import java.awt.image.BufferedImage;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("picture")
class OverlaysTest {
    private static final DrawnSheet SHEET = DrawnSheet.of("S07", 5, PageSize.A4);

    private static PageReader.Measures read(ScanConditions conditions) throws UnreadablePage {
        PageReader reader = new PageReader();
        Picture picture = Picture.of(SHEET.scan(Hand.EXACT, conditions, 3).picture());
        return PageReader.measure(
                picture, reader.find(picture), SHEET.page(), SHEET.paper(), PageReader.KeyColours.UNKNOWN);
    }

    /** White is counted back from the picture: it must be the specks that were reported. */
    @Test
    void whiteInAFieldIsItsShareOfSpecks() throws UnreadablePage {
        PageReader.Measures measures = read(DrawnSheet.PLAIN);
        BufferedImage over = measures.overlays().specks();

        for (int i = 0; i < 5; i++) {
            PageLayout.Field field = SHEET.page().fields().get(i);
            double dark = 0x50;
            double sum = 0;
            int count = 0;
            Rect inside = field.rect().inset(1.5);
            for (int y = px(inside.y()); y < px(inside.bottom()); y++) {
                for (int x = px(inside.x()); x < px(inside.right()); x++) {
                    assertThat(over.getRGB(x, y) >>> 24).isEqualTo(0xff);
                    sum += ((over.getRGB(x, y) & 0xff) - dark) / (0xff - dark);
                    count++;
                }
            }
            assertThat(100 * sum / count)
                    .as("box %s", field.id())
                    .isCloseTo(measures.reading().fields().get(i).specks().value(), within(1.5));
        }
    }

    @Test
    void whatIsNotLookedAtIsClear() throws UnreadablePage {
        BufferedImage over = read(DrawnSheet.PLAIN).overlays().specks();
        Rect field = SHEET.page().fields().get(0).rect();

        assertThat(over.getRGB(px(field.x() - 4), px(field.y() - 4))).isZero();
        assertThat(over.getRGB(px(105), px(290))).isZero();
    }

    /** The drawn light falls evenly by 40 %: so many steps of 5 % lie across the page. */
    @Test
    void lightIsShownInStepsOfFivePercent() throws UnreadablePage {
        BufferedImage dim = read(new ScanConditions(150, 0, 0, 0, 0.4, 0, 1, 0.9, 0, 4))
                .overlays()
                .light();
        BufferedImage even = read(new ScanConditions(150, 0, 0, 0, 0, 0, 1, 0.9, 0, 4))
                .overlays()
                .light();

        assertThat(greys(dim)).hasSizeBetween(7, 10);
        assertThat(greys(even)).hasSizeLessThanOrEqualTo(2);
    }

    private static Set<Integer> greys(BufferedImage picture) {
        Set<Integer> greys = new HashSet<>();
        for (int y = 0; y < picture.getHeight(); y += 3) {
            for (int x = 0; x < picture.getWidth(); x += 3) {
                greys.add(picture.getRGB(x, y) & 0xffffff);
            }
        }
        greys.remove(0);
        return greys;
    }

    private static int px(double mm) {
        return (int) Math.round(mm * Overlays.PX_PER_MM);
    }
}
