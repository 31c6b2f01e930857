package grastel.app.classes;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.api.RunInfo;
import grastel.core.scanner.hand.Hand;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

@Tag("database")
class ClassesTest extends ApplicationTest {
    @Test
    void aListWithAProblemChangesNothing() {
        SignedIn teacher = newTeacher();

        assertThat(post(teacher, "/api/classes", request("8 Dunlin", "Ana\nUgo\n=1+1")))
                .hasStatus(422)
                .bodyJson()
                .extractingPath("$.fields[0].path")
                .isEqualTo("lines[3]");
        assertThat(get(teacher, "/api/classes")).bodyJson().isLenientlyEqualTo("[]");
    }

    @Test
    void aStudentIsRenamedAndItsWorkStays() {
        SignedIn teacher = newTeacher();
        String made = content(post(teacher, "/api/classes", request("8 Dunlin", "Ana Sliva\nUgo Bassi")));
        String id = JsonPath.read(made, "$.id");
        String ana = JsonPath.read(made, "$.students[0].id");
        String path = "/api/classes/{id}/students/{student}";
        String renamed = content(put(teacher, path, Map.of("name", "Ana Silva", "seen", "Ana Sliva"), id, ana));
        assertThat(JsonPath.<List<String>>read(renamed, "$.students[*].name"))
                .containsExactly("Ana Silva", "Ugo Bassi");
        assertThat(JsonPath.<String>read(renamed, "$.students[0].id")).isEqualTo(ana);

        assertThat(put(teacher, path, Map.of("name", "Ana S.", "seen", "Ana Sliva"), id, ana))
                .as("by somebody who saw the old name")
                .hasStatus(409);
        assertThat(put(teacher, path, Map.of("name", "ugo bassi", "seen", "Ana Silva"), id, ana))
                .hasStatus(422);
        assertThat(put(teacher, path, Map.of("name", "=1+1", "seen", "Ana Silva"), id, ana))
                .hasStatus(422);
    }

    @Test
    void aSecondClassOfTheSameNameIsRefused() {
        SignedIn teacher = newTeacher();
        assertThat(post(teacher, "/api/classes", request("8 Dunlin", "Ana"))).hasStatus(201);

        assertThat(post(teacher, "/api/classes", request("8 Dunlin", "Ugo"))).hasStatus(422);
        assertThat(post(newTeacher(), "/api/classes", request("8 Dunlin", "Ugo")))
                .hasStatus(201);
    }

    @Test
    void classesStandInTheOrderOfTheirYears() {
        SignedIn teacher = newTeacher();
        for (String name : List.of("10 Avocet", "7 Kittiwake", "Evening class", "8 Dunlin")) {
            post(teacher, "/api/classes", request(name, "Ana"));
        }

        assertThat(as(teacher, classes::all))
                .extracting(Classes.ClassInfo::name)
                .containsExactly("7 Kittiwake", "8 Dunlin", "10 Avocet", "Evening class");
    }

    @Test
    void anUploadedListIsLookedOverWithoutBeingKept() {
        SignedIn teacher = newTeacher();
        var file = new MockMultipartFile("file", "8d.csv", "text/csv", "Name\nAna\n=1+1".getBytes());

        assertThat(send(
                        teacher,
                        MockMvcRequestBuilders.multipart("/api/classes/roster").file(file)))
                .hasStatusOk()
                .bodyJson()
                .extractingPath("$.problems[0].code")
                .isEqualTo("FORMULA");
    }

    @Test
    void deletingAClassDeletesItsStudentsPicturesAndMarks() {
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);
        UUID printedPage = as(teacher, () -> printings.pages(run.id()).get(0).id());
        UUID page = upload(teacher, "scan.jpg", scan(teacher, printedPage, Hand.EXACT, 3))
                .get(0);
        awaitRead(teacher, page);

        assertThat(send(teacher, MockMvcRequestBuilders.delete("/api/classes/{id}", run.schoolClass())))
                .hasStatus(204);

        for (String table : List.of(
                "student", "print_run", "printed_page", "returned_page", "page_image", "goal_mark", "scan_file")) {
            Integer left = jdbc.queryForObject(
                    "select count(*) from " + table + " where owner_id = ?", Integer.class, teacher.id());
            assertThat(left).as(table).isZero();
        }
    }

    private static Map<String, Object> request(String name, String names) {
        return Map.of("name", name, "band", "DEVELOPING", "names", names, "periods", List.of());
    }
}
