package grastel.app.returns.page;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.reading.picture.Picture;
import grastel.core.reading.place.FoundPage;
import java.awt.image.BufferedImage;
import java.util.List;
import org.junit.jupiter.api.Test;

class SpotTest {
    private static final Picture PICTURE = Picture.of(new BufferedImage(400, 200, BufferedImage.TYPE_3BYTE_BGR));

    private static FoundPage at(double x, double y) {
        return FoundPage.pointedAt(List.of(
                new double[] {x - 50, y - 80},
                new double[] {x + 50, y - 80},
                new double[] {x + 50, y + 80},
                new double[] {x - 50, y + 80}));
    }

    @Test
    void aSheetIsFoundAgainWhereItLay() {
        FoundPage left = at(90, 100);
        FoundPage right = at(310, 96);
        SheetPosition kept =
                SheetPosition.parse(SheetPosition.of(right, PICTURE).toString());

        assertThat(kept.x()).isEqualTo(0.775);
        assertThat(kept.y()).isEqualTo(0.48);
        assertThat(kept.nearest(List.of(left, right), PICTURE)).isSameAs(right);
        assertThat(kept.nearest(List.of(left, at(300, 110)), PICTURE).centreX())
                .as("found a little elsewhere by another reader")
                .isEqualTo(300);
    }
}
