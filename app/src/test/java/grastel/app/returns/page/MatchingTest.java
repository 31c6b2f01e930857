package grastel.app.returns.page;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.platform.SignedIn;
import grastel.app.returns.PrintedSheetTestBase;
import grastel.app.sheets.Sheets;
import grastel.core.scanner.hand.Hand;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Which sheet and which student a page is, where its code does not say so or says something else. */
@Tag("database")
class MatchingTest extends PrintedSheetTestBase {

    @Test
    void aSheetFromAnEarlierPrintingIsReadAgainstItsOwnVersion() {
        Sheets.SheetInfo sheet = as(teacher, () -> sheets.change(run.sheet(), null, null, scale("S16", 7, 20)));
        as(teacher, () -> printings.print(sheet.id(), run.schoolClass()));

        UUID page = upload(teacher, "old.jpg", scan(teacher, printed.get(0).id(), Hand.EXACT, 1))
                .get(0);
        String detail = awaitRead(teacher, page);

        assertThat(JsonPath.<List<String>>read(detail, "$.row.notices")).contains("OLDER_RUN");
        assertThat(JsonPath.<List<String>>read(detail, "$.boxes[*].field")).hasSize(5);
    }

    @Test
    void aPageWithoutItsCodeIsMatchedByHand() throws IOException {
        BufferedImage picture = picture(scan(teacher, printed.get(2).id(), Hand.EXACT, 1));
        cover(picture, 0.74, 0.02, 0.14, 0.09);
        UUID page = upload(teacher, "torn.png", png(picture)).get(0);
        assertThat(JsonPath.<String>read(awaitRead(teacher, page), "$.row.problem"))
                .isEqualTo("NO_CODE");

        assertThat(post(
                        teacher,
                        "/api/returns/pages/{id}/match",
                        Map.of("printedPage", printed.get(2).id()),
                        page))
                .hasStatusOk();

        String detail = awaitRead(teacher, page);
        assertThat(JsonPath.<String>read(detail, "$.row.state")).isEqualTo("READ");
        assertThat(JsonPath.<List<String>>read(detail, "$.row.notices")).contains("BY_HAND");
    }

    @Test
    void aPageWithoutMarkersIsMatchedByPointingAtThem() throws IOException {
        BufferedImage picture = picture(scan(teacher, printed.get(0).id(), Hand.EXACT, 1));
        double[][] middles = markerMiddles(picture);
        for (double[] m : middles) {
            cover(picture, m[0] - 0.045, m[1] - 0.032, 0.09, 0.064);
        }
        UUID page = upload(teacher, "bare.png", png(picture)).get(0);
        assertThat(JsonPath.<String>read(awaitRead(teacher, page), "$.row.problem"))
                .isIn("NO_MARKERS", "TOO_FEW_MARKERS");

        List<Map<String, Double>> corners = java.util.Arrays.stream(middles)
                .map(m -> Map.of("x", m[0], "y", m[1]))
                .toList();
        assertThat(post(
                        teacher,
                        "/api/returns/pages/{id}/match",
                        Map.of("printedPage", printed.get(0).id(), "corners", corners),
                        page))
                .hasStatusOk();

        assertThat(JsonPath.<String>read(awaitRead(teacher, page), "$.row.state"))
                .isEqualTo("READ");
    }

    @Test
    void aColleaguesSheetIsUnknownHere() {
        SignedIn colleague = newTeacher();
        UUID page = upload(
                        colleague, "strange.jpg", scan(teacher, printed.get(0).id(), Hand.EXACT, 1))
                .get(0);

        String detail = awaitRead(colleague, page);
        assertThat(JsonPath.<String>read(detail, "$.row.problem")).isEqualTo("UNKNOWN_SHEET");
        assertThat(detail).doesNotContain("Amara");
    }

    /** Middles of the four markers as shares: the test's scans lie nearly straight with 4 mm of desk around. */
    private static double[][] markerMiddles(BufferedImage picture) {
        double left = 4 + 9 + 5.5;
        double right = 4 + 210 - 9 - 5.5;
        double top = 4 + 9 + 5.5;
        double bottom = 4 + 297 - 9 - 5.5;
        double pxPerMm = 150 / 25.4;
        double turn = Math.toRadians(1);
        double[][] corners = {{left, top}, {right, top}, {right, bottom}, {left, bottom}};
        double[][] shares = new double[4][];
        for (int i = 0; i < 4; i++) {
            double x = (corners[i][0] - 109) * pxPerMm;
            double y = (corners[i][1] - 152.5) * pxPerMm;
            double px = picture.getWidth() / 2.0 + x * Math.cos(turn) - y * Math.sin(turn);
            double py = picture.getHeight() / 2.0 + x * Math.sin(turn) + y * Math.cos(turn);
            shares[i] = new double[] {px / picture.getWidth(), py / picture.getHeight()};
        }
        return shares;
    }

    private static void cover(BufferedImage picture, double x, double y, double width, double height) {
        Graphics2D g = picture.createGraphics();
        g.setColor(new Color(238, 236, 230));
        g.fillRect(
                (int) (x * picture.getWidth()),
                (int) (y * picture.getHeight()),
                (int) (width * picture.getWidth()),
                (int) (height * picture.getHeight()));
        g.dispose();
    }

    private static BufferedImage picture(byte[] jpeg) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(jpeg));
    }

    private static byte[] png(BufferedImage picture) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(picture, "png", out);
        return out.toByteArray();
    }
}
