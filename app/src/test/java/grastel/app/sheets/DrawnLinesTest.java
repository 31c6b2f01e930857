package grastel.app.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.api.SheetData.ValueData;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class DrawnLinesTest extends ApplicationTest {
    /** A student's drawing of lines, taken from its picture, cuts the composition of the sheet. */
    @Test
    void linesOfADrawingCutAComposition() throws IOException {
        SignedIn teacher = newTeacher();
        BufferedImage drawing = new BufferedImage(600, 800, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = drawing.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, 600, 800);
        pen.setColor(Color.DARK_GRAY);
        pen.setStroke(new BasicStroke(3));
        pen.drawRect(50, 60, 500, 660);
        pen.drawLine(200, 60, 260, 720);
        pen.drawLine(50, 250, 550, 200);
        pen.drawLine(50, 600, 550, 480);
        pen.dispose();

        String found = content(sent(teacher, png(drawing)));
        List<String> lines = JsonPath.read(found, "$.lines");
        assertThat(lines).hasSize(3);

        UUID paper = as(teacher, () -> kit.papers().get(0).id());
        SheetData data =
                SheetData.of(paper, "faceted-composition", Map.of("lines", new ValueData(null, null, lines, null)));
        String draft = content(post(teacher, "/api/sheets/preview", Map.of("data", data)));
        assertThat(JsonPath.<List<?>>read(draft, "$.exercises[0].problems")).isEmpty();
        assertThat(JsonPath.<List<?>>read(draft, "$.exercises[0].fields")).hasSize(1);

        BufferedImage white = new BufferedImage(60, 80, BufferedImage.TYPE_INT_RGB);
        MvcTestResult none = sent(teacher, png(white));
        assertThat(none).hasStatus(422).bodyJson().extractingPath("$.code").isEqualTo("NO_LINES");
        assertThat(sent(teacher, "no picture".getBytes(StandardCharsets.UTF_8)))
                .hasStatus(422)
                .bodyJson()
                .extractingPath("$.code")
                .isEqualTo("NOT_A_PICTURE");
    }

    private MvcTestResult sent(SignedIn teacher, byte[] picture) {
        MockMultipartFile file = new MockMultipartFile("file", "lines.png", "image/png", picture);
        return send(
                teacher,
                MockMvcRequestBuilders.multipart("/api/sheets/drawn-lines").file(file));
    }

    private static byte[] png(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }
}
