package grastel.app.progress.drawn;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.progress.drawn.Poster.Format;
import grastel.app.progress.drawn.Poster.Picture;
import grastel.app.progress.drawn.Poster.PosterLine;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;

class PosterTest {
    private static final int WIDE = 90;
    private static final int HIGH = 60;

    private static Poster poster(int rows, int columns) throws IOException {
        BufferedImage black = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(black, "jpeg", jpeg);
        Picture picture = new Picture(jpeg.toByteArray(), (double) WIDE / HIGH);
        return new Poster(
                "8 Dunlin",
                IntStream.range(0, columns).mapToObj(String::valueOf).toList(),
                Collections.nCopies(rows, new PosterLine("Amara", Collections.nCopies(columns, picture))));
    }

    /** Share of the paper that is picture, and whether any lies beyond the margin. */
    private static double covered(PDDocument pdf, int page) throws IOException {
        BufferedImage seen = new PDFRenderer(pdf).renderImageWithDPI(page, 25.4f);
        int dark = 0;
        for (int y = 0; y < seen.getHeight(); y++) {
            for (int x = 0; x < seen.getWidth(); x++) {
                boolean isDark = (seen.getRGB(x, y) & 255) < 128;
                boolean isMargin = x < 13 || y < 13 || x > seen.getWidth() - 13 || y > seen.getHeight() - 13;
                assertThat(isDark && isMargin).as("at %d, %d mm", x, y).isFalse();
                dark += isDark ? 1 : 0;
            }
        }
        return (double) dark / (seen.getWidth() * seen.getHeight());
    }

    @Test
    void picturesFillThePaperAndNoneLiesInTheMargin() throws IOException {
        for (int[] of : List.of(new int[] {26, 5}, new int[] {14, 3}, new int[] {10, 12}, new int[] {1, 1})) {
            for (Format format : Format.values()) {
                try (PDDocument pdf = Loader.loadPDF(poster(of[0], of[1]).pdf(format))) {
                    double covered = covered(pdf, 0);
                    if (of[0] > 1) {
                        assertThat(covered)
                                .as("%d × %d on %s", of[0], of[1], format)
                                .isGreaterThan(0.2);
                    }
                }
            }
        }
    }

    @Test
    void whatIsTooMuchForOneSheetGoesOnOverMore() throws IOException {
        try (PDDocument pdf = Loader.loadPDF(poster(40, 6).pdf(Format.A3))) {
            assertThat(pdf.getNumberOfPages()).isGreaterThan(1);
            assertThat(covered(pdf, pdf.getNumberOfPages() - 1)).isPositive();
        }
        try (PDDocument pdf = Loader.loadPDF(poster(10, 2).pdf(Format.A2))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
        }
    }
}
