package grastel.app.campaign;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.api.RunInfo;
import grastel.core.scanner.hand.Hand;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** A scan in each kind of file, damaged or forged by chance: told for what it is, and what is whole is read afterwards. */
@TestPropertySource(
        properties = {
            "grastel.decoding.one-page=5s",
            "grastel.decoding.inspecting=5s",
            "grastel.decoding.memory-mb=256",
            "grastel.reading.workers=2"
        })
class HostileFilesCampaignTest extends ApplicationTest {
    /** {@code ./grastel campaign files} sends more. */
    private static final int FILES = Integer.getInteger("grastel.files", 12);

    private static final long SEED = Long.getLong("grastel.seed", 1);
    private static final int AT_ONCE = 20;
    private static final long LONGEST_MS = 60_000;

    @Test
    void whateverComesInIsToldAndWhatIsWholeIsReadAfterwards() throws IOException {
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);
        byte[] scan = scan(teacher, printedPage(teacher, run.id(), 0), Hand.EXACT, 1);
        List<byte[]> kinds = List.of(scan, as("png", scan), as("tiff", scan), as("bmp", scan), pdf(scan), zip(scan));
        SpoiledFiles spoiled = new SpoiledFiles(kinds, new Random(SEED));
        Map<String, Integer> told = new TreeMap<>();
        List<UUID> waiting = new ArrayList<>();
        long slowest = 0;
        for (int i = 0; i < FILES; i++) {
            SpoiledFiles.Spoiled file = spoiled.next();
            long start = System.nanoTime();
            MvcTestResult answer =
                    uploadAll(teacher, new MockMultipartFile("files", file.name(), null, file.content()));
            long millis = (System.nanoTime() - start) / 1_000_000;
            slowest = Math.max(slowest, millis);
            assertThat(answer.getResponse().getStatus()).as(file.name()).isLessThan(500);
            assertThat(millis).as(file.name()).isLessThan(LONGEST_MS);
            for (String problem : JsonPath.<List<String>>read(content(answer), "$[*].problem")) {
                told.merge(problem == null ? "taken" : problem, 1, Integer::sum);
            }
            if (i % AT_ONCE == AT_ONCE - 1) {
                awaitNoneWaiting(teacher);
            }
        }
        awaitNoneWaiting(teacher);
        jdbc.query(
                "select coalesce(problem, state) as became, count(*) as n from returned_page where owner_id = ?"
                        + " group by coalesce(problem, state)",
                row -> {
                    told.merge("page " + row.getString("became"), row.getInt("n"), Integer::sum);
                },
                teacher.id());
        Campaign.print("files %d | seed %d | %s | slowest answer %d ms%n", FILES, SEED, told, slowest);

        UUID whole = upload(teacher, "whole.jpg", scan(teacher, printedPage(teacher, run.id(), 1), Hand.EXACT, 2))
                .get(0);
        assertThat(JsonPath.<String>read(awaitRead(teacher, whole), "$.row.state"))
                .isEqualTo("READ");
    }

    private void awaitNoneWaiting(SignedIn teacher) {
        long end = System.nanoTime() + PATIENCE.toNanos();
        while (jdbc.queryForObject(
                        "select count(*) from returned_page where owner_id = ? and state in ('QUEUED', 'READING')",
                        Integer.class,
                        teacher.id())
                > 0) {
            assertThat(System.nanoTime()).as("all come to an end").isLessThan(end);
            java.util.concurrent.locks.LockSupport.parkNanos(100_000_000);
        }
    }

    private static byte[] as(String format, byte[] scan) throws IOException {
        BufferedImage picture = ImageIO.read(new ByteArrayInputStream(scan));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertThat(ImageIO.write(picture, format, out)).as(format).isTrue();
        return out.toByteArray();
    }

    private static byte[] pdf(byte[] scan) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PDPage page = new PDPage(PDRectangle.A4);
            document.addPage(page);
            try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                content.drawImage(
                        JPEGFactory.createFromByteArray(document, scan),
                        0,
                        0,
                        PDRectangle.A4.getWidth(),
                        PDRectangle.A4.getHeight());
            }
            document.save(out);
            return out.toByteArray();
        }
    }

    private static byte[] zip(byte[] scan) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (String name : List.of("one.jpg", "two.jpg")) {
                zip.putNextEntry(new ZipEntry(name));
                zip.write(scan);
            }
        }
        return out.toByteArray();
    }
}
