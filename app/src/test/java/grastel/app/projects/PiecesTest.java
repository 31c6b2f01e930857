package grastel.app.projects;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.DeskTest;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.platform.SignedIn;
import grastel.core.scanner.Hand;
import grastel.core.stilllife.HarbourFind;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A project seen finished, handed out, drawn, read, confirmed, and on its student's page. */
class PiecesTest extends DeskTest {
    @Autowired
    private Projects projects;

    private SignedIn teacher;
    private ClassInfo schoolClass;

    @BeforeEach
    void aTeacher() {
        teacher = newTeacher();
        schoolClass = newClass(teacher);
    }

    /** In a frame of 100 × 125 mm and a set of pencils. */
    private String project() {
        byte[] file;
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(HarbourFind.GLASS_FLOAT.picture(900, 1), "jpeg", out);
            file = out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        UUID id = as(teacher, () -> projects.create("Glass float", schoolClass.id(), Rights.OWN_PHOTO, "", file))
                .id();
        Map<String, Object> settings =
                new HashMap<>(JsonPath.read(content(get(teacher, "/api/projects/{id}", id)), "$.settings"));
        settings.put("frameWidthMm", 100);
        settings.put("frameHeightMm", 125);
        settings.put("zones", 6);
        settings.put("set", as(teacher, () -> kit.sets().get(0).id()));
        Map<String, Object> change =
                Map.of("title", "Glass float", "schoolClass", schoolClass.id(), "settings", settings);
        return content(put(teacher, "/api/projects/{id}", change, id));
    }

    private BufferedImage finished(String project, String seen) throws IOException {
        StringBuilder query = new StringBuilder("?seen=" + seen);
        JsonPath.<Map<String, Object>>read(project, "$.settings").forEach((name, value) -> {
            if (value != null && !List.of().equals(value)) {
                query.append('&').append(name).append('=').append(value);
            }
        });
        MvcTestResult answer =
                get(teacher, "/api/projects/" + JsonPath.read(project, "$.id") + "/finished.png" + query);
        assertThat(answer).hasStatusOk();
        return ImageIO.read(new ByteArrayInputStream(answer.getResponse().getContentAsByteArray()));
    }

    @Test
    void itIsSeenFinishedInItsPencilsInItsValuesAndHowFarOff() throws IOException {
        String project = project();
        BufferedImage pencils = finished(project, "IN_PENCILS");
        assertThat(pencils.getWidth()).as("6 px/mm").isEqualTo(600);
        assertThat(pencils.getHeight()).isEqualTo(750);
        int green = 0;
        for (int x = 250; x < 400; x++) {
            int code = pencils.getRGB(x, 450);
            green += (code >> 8 & 255) - (code >> 16 & 255) > 10 ? 1 : 0;
        }
        assertThat(green).as("glass, with grain in it").isBetween(75, 150);
        BufferedImage values = finished(project, "VALUES");
        int grey = values.getRGB(values.getWidth() / 2, values.getHeight() / 2);
        assertThat(grey >> 16 & 255).isEqualTo(grey & 255);
        BufferedImage off = finished(project, "DIFFERENCE");
        double sum = 0;
        for (int x = 0; x < off.getWidth(); x++) {
            sum += off.getRGB(x, off.getHeight() / 2) & 255;
        }
        assertThat(sum / off.getWidth())
                .as("near its reference nearly all over")
                .isGreaterThan(150);
    }

    @Test
    void aClassDrawsItAndWhatWasDrawnIsJudgedAndKept() {
        String project = project();
        String sheet = JsonPath.read(
                content(post(
                        teacher,
                        "/api/projects/{id}/sheet",
                        Map.of("paper", "A4"),
                        JsonPath.<String>read(project, "$.id"))),
                "$.sheet");
        assertThat(JsonPath.<String>read(content(get(teacher, "/api/sheets/{id}", sheet)), "$.title"))
                .isEqualTo("Glass float");
        UUID run = created(teacher, "/api/sheets/" + sheet + "/runs", Map.of("schoolClass", schoolClass.id()));
        UUID printed = printedPage(teacher, run, 0);
        UUID page = confirmed(teacher, printed, Hand.EXACT, 3);
        String read = content(get(teacher, "/api/returns/pages/{id}", page));
        List<String> goals = JsonPath.read(read, "$.goals[*].goal");
        assertThat(goals).contains("PROPORTION", "PICTURE_RANGE", "PICTURE_VALUES", "NO_DARK_LINES");
        assertThat(JsonPath.<List<String>>read(read, "$.goals[*].level"))
                .as(read)
                .doesNotContain("BEGINNING", "NEARLY", "NOT_TRIED");
        assertThat(JsonPath.<Boolean>read(read, "$.boxes[0].picture")).isTrue();
        assertThat(get(teacher, "/api/returns/pages/{id}/overlay?of=PLAN", page))
                .hasStatusOk()
                .hasContentType("image/png");
        UUID student = as(teacher, () -> sheets.page(printed)).student();
        assertThat(content(get(teacher, "/api/progress/students/{id}", student)))
                .contains("READING_A_REFERENCE", "COLOUR_PLAN", "FINISHING");
    }

    @Test
    void whatIsPrintedStaysAsItWasWhenTheProjectIsGone() {
        String project = project();
        String id = JsonPath.read(project, "$.id");
        String sheet =
                JsonPath.read(content(post(teacher, "/api/projects/{id}/sheet", Map.of("paper", "A4"), id)), "$.sheet");
        UUID run = created(teacher, "/api/sheets/" + sheet + "/runs", Map.of("schoolClass", schoolClass.id()));
        assertThat(send(teacher, MockMvcRequestBuilders.delete("/api/projects/{id}", id)))
                .hasStatus(204);
        assertThat(as(teacher, () -> sheets.plan(run)).fields().get(0).hasPicture())
                .isTrue();
        assertThat(get(teacher, "/api/sheets/runs/{id}/pages.pdf", run)).hasStatusOk();
        assertThat(get(teacher, "/api/sheets/{id}/teacher.pdf", sheet)).hasStatusOk();
        assertThat(get(newTeacher(), "/api/projects/{id}/finished.png?seen=VALUES", id))
                .hasStatus(422);
    }
}
