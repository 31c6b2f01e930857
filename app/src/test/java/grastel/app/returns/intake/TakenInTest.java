package grastel.app.returns.intake;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.returns.PrintedSheetTestBase;
import grastel.app.returns.page.PageRows;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.Tabletop;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Whatever a scanner, a phone or a learning platform hands over. */
class TakenInTest extends PrintedSheetTestBase {
    @Autowired
    private WatchedFolder folder;

    @Autowired
    private PageRows rows;

    /** As a learning platform hands out what a class has sent in: each file by itself, and the ZIP sent again changes nothing. */
    @Test
    void aZipOfPhotosIsTakenInFileByFile() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (int i = 0; i < 2; i++) {
                zip.putNextEntry(new ZipEntry("Student " + i + "/photo.jpg"));
                zip.write(scan(teacher, printed.get(i).id(), Hand.EXACT, 40 + i));
            }
            zip.putNextEntry(new ZipEntry("readme.txt"));
            zip.write("no picture".getBytes(StandardCharsets.UTF_8));
        }
        MockMultipartFile file = new MockMultipartFile("files", "class.zip", null, bytes.toByteArray());

        String answer = content(uploadAll(teacher, file));

        assertThat(JsonPath.<List<String>>read(answer, "$[*].name"))
                .containsExactly("Student 0 – photo.jpg", "Student 1 – photo.jpg", "readme.txt");
        assertThat(JsonPath.<String>read(answer, "$[2].problem")).isEqualTo("NOT_A_PICTURE");
        List<UUID> pages =
                jdbc.queryForList("select id from returned_page where owner_id = ?", UUID.class, teacher.id());
        assertThat(pages)
                .extracting(p -> JsonPath.<String>read(awaitRead(teacher, p), "$.row.place.printedPage"))
                .containsExactlyInAnyOrder(
                        printed.get(0).id().toString(), printed.get(1).id().toString());
        String again = content(uploadAll(teacher, file));
        assertThat(JsonPath.<List<String>>read(again, "$[*].problem"))
                .containsExactly("ALREADY_HERE", "ALREADY_HERE", "NOT_A_PICTURE");
    }

    @Test
    void aPdfOfTwoPagesGivesTwoPages() throws IOException {
        byte[] pdf = pdf(
                scan(teacher, printed.get(0).id(), Hand.EXACT, 1),
                scan(teacher, printed.get(2).id(), Hand.EXACT, 2));

        List<UUID> pages = upload(teacher, "pile.pdf", pdf);

        assertThat(pages).hasSize(2);
        assertThat(pages.stream().map(p -> JsonPath.<String>read(awaitRead(teacher, p), "$.row.place.student.name")))
                .containsExactly("Amara Diallo", "Nguyễn Minh Anh");
    }

    @Test
    void oneBadFileDoesNotKeepTheOthersOut() {
        byte[] good = scan(teacher, printed.get(0).id(), Hand.EXACT, 1);
        MvcTestResult answer = uploadAll(
                teacher,
                new MockMultipartFile("files", "letter.txt", null, "Dear teacher".getBytes()),
                new MockMultipartFile("files", "good.jpg", null, good),
                new MockMultipartFile("files", "again.jpg", null, good));

        assertThat(JsonPath.<List<String>>read(content(answer), "$[*].problem"))
                .containsExactly("NOT_A_PICTURE", null, "ALREADY_HERE");
    }

    @Test
    void aCutOffJpegSaysSoAndKeepsTheFile() {
        byte[] whole = scan(teacher, printed.get(0).id(), Hand.EXACT, 1);
        UUID page = upload(teacher, "cut.jpg", java.util.Arrays.copyOf(whole, whole.length / 2))
                .get(0);

        assertThat(JsonPath.<String>read(awaitRead(teacher, page), "$.row.problem"))
                .isEqualTo("DAMAGED");
        assertThat(get(teacher, "/api/returns/pages/{id}/original", page)).hasStatusOk();
    }

    /** A desk of two in one photo: a page each, found again when read again, and neither lost with the other. */
    @Test
    void sheetsSideBySideInOnePictureAreAPageEach() throws IOException {
        List<BufferedImage> sheets = List.of(
                ImageIO.read(
                        new ByteArrayInputStream(scan(teacher, printed.get(0).id(), Hand.EXACT, 1))),
                ImageIO.read(
                        new ByteArrayInputStream(scan(teacher, printed.get(2).id(), Hand.EXACT, 2))));
        ByteArrayOutputStream desk = new ByteArrayOutputStream();
        ImageIO.write(Tabletop.of(sheets, 2, 20), "jpeg", desk);

        UUID first = upload(teacher, "desk.jpg", desk.toByteArray()).get(0);
        assertThat(student(awaitRead(teacher, first))).isEqualTo("Amara Diallo");
        UUID second = jdbc.queryForObject(
                "select p.id from returned_page p join returned_page f on f.file_id = p.file_id and f.id <> p.id"
                        + " where f.id = ?",
                UUID.class,
                first);
        assertThat(student(awaitRead(teacher, second)))
                .isEqualTo(as(teacher, () -> classes.one(run.schoolClass()))
                        .students()
                        .get(2)
                        .name());
        assertThat(content(get(teacher, "/api/returns/pages/{id}", second))).contains("SHARED_PICTURE");

        for (UUID page : List.of(second, first)) {
            String before = student(awaitRead(teacher, page));
            assertThat(post(teacher, "/api/returns/pages/{id}/again", Map.of(), page))
                    .hasStatusOk();
            assertThat(student(awaitRead(teacher, page))).isEqualTo(before);
            assertThat(content(get(teacher, "/api/returns/pages/{id}/rereading", page)))
                    .isEqualTo("[]");
        }
        assertThat(as(teacher, () -> rows.ofRun(run.id()))).hasSize(2);

        assertThat(send(teacher, MockMvcRequestBuilders.delete("/api/returns/pages/{id}", first)))
                .hasStatus(204);
        assertThat(get(teacher, "/api/returns/pages/{id}/original", second)).hasStatusOk();
    }

    private static String student(String detail) {
        assertThat(JsonPath.<String>read(detail, "$.row.state")).as(detail).isEqualTo("READ");
        return JsonPath.read(detail, "$.row.place.student.name");
    }

    @Test
    void whatAScannerLaysIntoTheFolderIsTakenAndWhatIsNoPictureIsSetAside() throws IOException {
        Path inbox = folder.of(teacher);
        Files.write(inbox.resolve("page.jpg"), scan(teacher, printed.get(0).id(), Hand.EXACT, 1));
        Files.writeString(inbox.resolve("readme.txt"), "not a picture");

        until(() -> as(teacher, () -> returns.progress(run.id())).read() == 1);
        until(() -> Files.exists(inbox.resolve("refused").resolve("readme.txt")));

        assertThat(inbox.resolve("page.jpg")).doesNotExist();
        assertThat(inbox.resolve("refused").resolve("readme.txt.txt")).content().contains("NOT_A_PICTURE");
    }

    private static byte[] pdf(byte[]... jpegs) throws IOException {
        try (PDDocument pdf = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            for (byte[] jpeg : jpegs) {
                PDPage page = new PDPage(PDRectangle.A4);
                pdf.addPage(page);
                try (PDPageContentStream stream = new PDPageContentStream(pdf, page)) {
                    PDImageXObject image = PDImageXObject.createFromByteArray(pdf, jpeg, "scan");
                    stream.drawImage(image, 0, 0, PDRectangle.A4.getWidth(), PDRectangle.A4.getHeight());
                }
            }
            pdf.save(out);
            return out.toByteArray();
        }
    }
}
