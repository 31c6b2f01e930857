package grastel.app.progress.archive;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.platform.JsonFormat;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.api.RunInfo;
import grastel.core.scanner.hand.Hand;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** A class that is handed over, or deleted with what goes said before. */
class ArchivesTest extends ApplicationTest {
    @Test
    void oneFileHoldsAllThereIsOfAClassAndItsSchemaIsTrue() throws IOException {
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);
        printed(teacher);
        UUID printed = as(teacher, () -> printings.pages(run.id())).get(1).id();
        UUID page =
                upload(teacher, "a.jpg", scan(teacher, printed, Hand.EXACT, 1)).get(0);
        awaitRead(teacher, page);

        String holdings = content(get(teacher, "/api/progress/classes/{id}/holdings", run.schoolClass()));
        assertThat(JsonPath.<Map<String, Object>>read(holdings, "$"))
                .containsEntry("students", 3)
                .containsEntry("printings", 1)
                .containsEntry("pages", 1)
                .containsEntry("confirmed", 0);
        assertThat(JsonPath.<Object>read(holdings, "$.ended")).isNull();
        Map<String, Object> past = Map.of("term", Map.of("from", "2020-09-01", "to", "2020-12-18"), "slots", List.of());
        assertThat(put(teacher, "/api/classes/{id}/calendar", Map.of("calendar", past), run.schoolClass()))
                .hasStatusOk();
        assertThat(JsonPath.<String>read(
                        content(get(teacher, "/api/progress/classes/{id}/holdings", run.schoolClass())), "$.ended"))
                .isEqualTo("2020-12-18");

        MvcTestResult answer = get(teacher, "/api/progress/classes/{id}/archive", run.schoolClass());
        assertThat(answer).hasStatusOk();
        Map<String, byte[]> files = new HashMap<>();
        try (ZipInputStream zip =
                new ZipInputStream(new ByteArrayInputStream(answer.getResponse().getContentAsByteArray()))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                files.put(entry.getName(), zip.readAllBytes());
            }
        }
        assertThat(files).containsOnlyKeys("class.json", "pages/" + page + ".jpg");
        assertThat(ImageIO.read(new ByteArrayInputStream(files.get("pages/" + page + ".jpg"))))
                .isNotNull();
        ClassArchive kept = new JsonFormat<>(
                        json,
                        ClassArchive.class,
                        "class-archive.schema.json",
                        "archive",
                        "an archive of a class",
                        "grastelClassArchive",
                        ClassArchive.VERSION)
                .parsed(new String(files.get("class.json"), StandardCharsets.UTF_8));
        assertThat(kept.students()).extracting(ClassArchive.Student::name).contains("Björn Sæther");
        assertThat(kept.pages().get(0).goals()).isNotEmpty();
        assertThat(kept.pages()).extracting(ClassArchive.Page::file).isEqualTo(List.of("pages/" + page + ".jpg"));
    }
}
