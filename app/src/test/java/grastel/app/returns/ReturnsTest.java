package grastel.app.returns;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.DeskTest;
import grastel.app.platform.SignedIn;
import grastel.app.platform.room.FolderFiles;
import grastel.app.platform.room.StoredFiles;
import grastel.app.platform.room.StoredName;
import grastel.app.returns.intake.WatchedFolder;
import grastel.app.returns.page.PageRows;
import grastel.app.sheets.Printings.PageInfo;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.api.RunInfo;
import grastel.core.exercise.goal.Goal;
import grastel.core.judging.Level;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.Tabletop;
import java.awt.Color;
import java.awt.Graphics2D;
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
import java.util.concurrent.locks.LockSupport;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class ReturnsTest extends DeskTest {
    @Autowired
    private StoredFiles stored;

    /** Goals of a pressure scale. */
    private static final int GOALS = 6;

    @Autowired
    private WatchedFolder folder;

    @Autowired
    private PageRows rows;

    private SignedIn teacher;
    private RunInfo run;
    private List<PageInfo> printed;

    @BeforeEach
    void printedSheets() {
        teacher = newTeacher();
        run = printed(teacher);
        printed = as(teacher, () -> printings.pages(run.id()));
    }

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
    void aScanIsReadAndProposedAndTheTeacherDecides() {
        UUID page = upload(teacher, "scan.jpg", scan(teacher, printed.get(1).id(), Hand.EXACT, 1))
                .get(0);
        String detail = awaitRead(teacher, page);

        assertThat(JsonPath.<String>read(detail, "$.row.place.student.name")).isEqualTo("Björn Sæther");
        assertThat(JsonPath.<List<String>>read(detail, "$.boxes[*].field")).containsExactly("1", "2", "3", "4", "5");
        assertThat(JsonPath.<List<String>>read(detail, "$.goals[*].goal")).hasSize(GOALS);
        assertThat(JsonPath.<Integer>read(detail, "$.goals[2].proposed"))
                .as("an exact hand uses the range")
                .isGreaterThanOrEqualTo(3);
        assertThat(JsonPath.<Object>read(detail, "$.goals[2].level")).isNull();

        String neatEdge = JsonPath.<List<String>>read(detail, "$.goals[?(@.goal == 'NEAT_EDGE')].id")
                .get(0);
        Map<String, Object> change = Map.of("changed", List.of(Map.of("mark", neatEdge, "level", "NEARLY")));
        assertThat(post(teacher, "/api/returns/pages/{id}/confirmation", change, page))
                .hasStatusOk();

        Returns.Attempt attempt = as(teacher, () -> returns.attempts(run.id())).get(0);
        assertThat(attempt.confirmed()).isTrue();
        assertThat(attempt.marks())
                .filteredOn(m -> m.goal() == Goal.NEAT_EDGE)
                .singleElement()
                .satisfies(m -> {
                    assertThat(m.level()).isEqualTo(Level.NEARLY);
                    assertThat(m.proposed()).isGreaterThan(Level.NEARLY);
                });
        assertThat(jdbc.queryForObject(
                        "select count(*) from goal_mark where page_id = ? and decided_by = ? and decided_at is not null",
                        Integer.class,
                        page,
                        teacher.id()))
                .isEqualTo(GOALS);
        assertThat(post(teacher, "/api/returns/pages/{id}/again", Map.of(), page))
                .as("a confirmed mark is not read over")
                .hasStatus(409);
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

    @Test
    void twoPagesOfOneStudentAreBothShownAndToldOf() {
        UUID first = upload(teacher, "a.jpg", scan(teacher, printed.get(0).id(), Hand.EXACT, 1))
                .get(0);
        UUID second = upload(teacher, "b.jpg", scan(teacher, printed.get(0).id(), Hand.EXACT, 2))
                .get(0);
        awaitRead(teacher, first);

        assertThat(JsonPath.<List<String>>read(awaitRead(teacher, second), "$.row.notices"))
                .contains("SECOND_PAGE");
        assertThat(as(teacher, () -> returns.attempts(run.id()))).hasSize(1);
        as(teacher, () -> {
            returns.confirm(first, Map.of());
            return null;
        });
        assertThat(as(teacher, () -> returns.attempts(run.id())).get(0).page())
                .as("the confirmed one counts")
                .isEqualTo(first);
    }

    @Test
    void picturesLostBetweenFiguresAndPicturesAreMadeWhenAskedFor() {
        UUID page = upload(teacher, "scan.jpg", scan(teacher, printed.get(0).id(), Hand.EXACT, 1))
                .get(0);
        awaitRead(teacher, page);
        await(() -> pictures(page) > 0);
        int made = pictures(page);
        jdbc.update("delete from page_image where page_id = ?", page);

        assertThat(get(teacher, "/api/returns/pages/{id}/picture?part=3", page)).hasStatusOk();
        assertThat(pictures(page))
                .as("the page and its five boxes")
                .isEqualTo(made)
                .isEqualTo(6);
        assertThat(get(teacher, "/api/returns/pages/{id}/picture?part=9", page)).hasStatus(404);
    }

    @Test
    void aDamagedPictureIsMadeAgainFromItsScan() throws IOException {
        UUID page = upload(teacher, "scan.jpg", scan(teacher, printed.get(0).id(), Hand.EXACT, 2))
                .get(0);
        awaitRead(teacher, page);
        await(() -> pictures(page) > 0);
        String name = jdbc.queryForObject(
                "select sha256 from page_image where page_id = ? and part = '3'", String.class, page);
        damage(name);

        assertThat(get(teacher, "/api/returns/pages/{id}/picture?part=3", page)).hasStatusOk();
        assertThat(jdbc.queryForList("select sha256 from page_image where page_id = ?", String.class, page))
                .hasSize(6)
                .allSatisfy(file -> assertThat(stored.get(file)).isPresent());
    }

    private void damage(String name) throws IOException {
        if (stored instanceof FolderFiles files) {
            Files.writeString(StoredName.file(files.folder(), name), "not what its name says");
        } else {
            jdbc.update("update stored_file set content = ? where name = ?", new byte[] {1, 2, 3}, name);
        }
    }

    private int pictures(UUID page) {
        return jdbc.queryForObject("select count(*) from page_image where page_id = ?", Integer.class, page);
    }

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

    @Test
    void whatAScannerLaysIntoTheFolderIsTakenAndWhatIsNoPictureIsSetAside() throws IOException {
        Path inbox = folder.of(teacher);
        Files.write(inbox.resolve("page.jpg"), scan(teacher, printed.get(0).id(), Hand.EXACT, 1));
        Files.writeString(inbox.resolve("readme.txt"), "not a picture");

        await(() -> as(teacher, () -> returns.progress(run.id())).read() == 1);
        await(() -> Files.exists(inbox.resolve("refused").resolve("readme.txt")));

        assertThat(inbox.resolve("page.jpg")).doesNotExist();
        assertThat(inbox.resolve("refused").resolve("readme.txt.txt")).content().contains("NOT_A_PICTURE");
    }

    @Test
    void theWallAndTheStudentShowTheAttempt() {
        UUID page = upload(teacher, "scan.jpg", scan(teacher, printed.get(0).id(), Hand.EXACT, 1))
                .get(0);
        awaitRead(teacher, page);

        String wall = content(get(teacher, "/api/wall/runs/{id}", run.id()));
        assertThat(JsonPath.<List<String>>read(wall, "$.rows[*].name"))
                .containsExactly("Amara Diallo", "Björn Sæther", "Nguyễn Minh Anh");
        assertThat(JsonPath.<List<Object>>read(wall, "$.rows[0].cells")).hasSize(5);
        assertThat(JsonPath.<Object>read(wall, "$.rows[1].page")).isNull();
        assertThat(JsonPath.<List<Integer>>read(wall, "$.goals[0].counts").stream()
                        .mapToInt(i -> i)
                        .sum())
                .isEqualTo(1);
        String student =
                content(get(teacher, "/api/wall/students/{id}", printed.get(0).student()));
        assertThat(JsonPath.<List<Object>>read(student, "$.attempts")).hasSize(1);
        String today = content(get(teacher, "/api/today"));
        assertThat(JsonPath.<Integer>read(today, "$.classes[0].run.progress.read"))
                .isEqualTo(1);
        assertThat(get(teacher, "/api/returns/pages/{id}/picture?part=3", page)).hasStatusOk();
        assertThat(send(teacher, MockMvcRequestBuilders.delete("/api/returns/pages/{id}", page)))
                .hasStatus(204);
        assertThat(jdbc.queryForObject(
                        "select count(*) from scan_file where owner_id = ?", Integer.class, teacher.id()))
                .isZero();
    }

    private interface Condition {
        boolean holds();
    }

    private static void await(Condition condition) {
        long end = System.nanoTime() + PATIENCE.toNanos();
        while (!condition.holds()) {
            assertThat(System.nanoTime()).as("waited half a minute").isLessThan(end);
            LockSupport.parkNanos(100_000_000);
        }
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
