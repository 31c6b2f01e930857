package grastel.app.sheets.back;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.api.RunInfo;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UnsupportedEncodingException;
import java.util.List;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

class BacksTest extends ApplicationTest {
    private final class Printed implements AutoCloseable {
        final PDDocument pdf;
        final RunInfo run;

        Printed(SignedIn teacher) throws IOException {
            run = printed(teacher);
            pdf = Loader.loadPDF(bytes(teacher, run.id()));
        }

        private byte[] bytes(SignedIn teacher, UUID id) throws UnsupportedEncodingException {
            return get(teacher, "/api/sheets/runs/{id}/pages.pdf?backs=true", id)
                    .getResponse()
                    .getContentAsByteArray();
        }

        String words(int page) throws IOException {
            PDFTextStripper stripper = new PDFTextStripper();
            stripper.setStartPage(page);
            stripper.setEndPage(page);
            return stripper.getText(pdf);
        }

        byte[] scan(int page) throws IOException {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(new PDFRenderer(pdf).renderImageWithDPI(page - 1, 150, ImageType.RGB), "jpg", out);
            return out.toByteArray();
        }

        @Override
        public void close() throws IOException {
            pdf.close();
        }
    }

    @Test
    void everyPageHasABackThatSaysItsGoalsAndHowLevelsLook() throws IOException {
        try (Printed printed = new Printed(newTeacher())) {
            assertThat(printed.pdf.getNumberOfPages()).isEqualTo(2 * printed.run.pages());
            assertThat(printed.words(2))
                    .contains("What it can look like", "2 nearly", "3 secure", "4 beyond")
                    .contains("Even inside", "The boxes are smooth inside.", "Rich dark", "Neat edge")
                    .contains("Space to try again")
                    .doesNotContain("Amara");
            assertThat(printed.words(1)).contains("Amara Diallo");
        }
    }

    @Test
    void aBackThatComesBackIsKeptAndAsksForNothing() throws IOException {
        SignedIn teacher = newTeacher();
        try (Printed printed = new Printed(teacher)) {
            UUID back = upload(teacher, "back.jpg", printed.scan(2)).get(0);
            assertThat(JsonPath.<String>read(awaitRead(teacher, back), "$.row.state"))
                    .isEqualTo("BACK");

            assertThat(JsonPath.<List<?>>read(content(get(teacher, "/api/returns/unplaced")), "$"))
                    .isEmpty();
        }
    }
}
