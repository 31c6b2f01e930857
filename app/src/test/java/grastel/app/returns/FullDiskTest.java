package grastel.app.returns;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.OnlyOnH2;
import grastel.app.platform.SignedIn;
import grastel.app.platform.storage.PlayedStorage;
import grastel.app.sheets.api.RunInfo;
import grastel.core.scanner.hand.Hand;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.annotation.Import;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A disk that fills up while the program runs, and has room again. */
@Import(PlayedStorage.class)
class FullDiskTest extends ApplicationTest {
    @Autowired
    private PlayedStorage disk;

    private SignedIn teacher;
    private RunInfo run;
    private List<byte[]> scans;

    @BeforeEach
    void printedAndDrawn() {
        teacher = newTeacher();
        run = printed(teacher);
        scans = as(teacher, () -> printings.pages(run.id())).stream()
                .map(p -> scan(teacher, p.id(), Hand.EXACT, p.number()))
                .toList();
    }

    @AfterEach
    void roomAgain() {
        disk.setUsableMb(PlayedStorage.PLENTY);
    }

    private static MockMultipartFile file(String name, byte[] content) {
        return new MockMultipartFile("files", name, null, content);
    }

    @Test
    void whileItIsFullEverythingCanBeLookedAtAndNothingIsStored() {
        UUID page = upload(teacher, "scan.jpg", scans.get(0)).get(0);
        awaitRead(teacher, page);
        int rows = rows();

        disk.setUsableMb(150);

        for (String path :
                List.of("/api/today", "/api/classes", "/api/returns/pages/" + page, "/api/wall/runs/" + run.id())) {
            assertThat(get(teacher, path)).as(path).hasStatusOk();
        }
        assertThat(mvc.perform(MockMvcRequestBuilders.post("/api/account/session")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(json.writeValueAsString(Map.of("name", teacher.name(), "password", PASSWORD)))))
                .as("signing in")
                .hasStatusOk();
        UUID paper = as(teacher, () -> kit.papers().get(0).id());
        assertThat(post(
                        teacher,
                        "/api/bench/look",
                        Map.of("stack", Map.of("paper", paper, "layers", List.of()), "steps", 5)))
                .as("reckoning")
                .hasStatusOk();
        for (MvcTestResult refused : List.of(
                uploadAll(teacher, file("more.jpg", scans.get(1))),
                post(teacher, "/api/returns/pages/{id}/confirmation", Map.of("changed", List.of()), page),
                put(teacher, "/api/returns/pages/{id}/note", Map.of("note", "Sharpen."), page),
                post(teacher, "/api/returns/phrases", Map.of("words", "Sharpen.")),
                put(teacher, "/api/classes/{id}", Map.of("name", "Other", "band", "ADVANCED"), run.schoolClass()))) {
            assertThat(refused).hasStatus(507);
            assertThat(JsonPath.<String>read(content(refused), "$.code")).isEqualTo("DISK_FULL");
            assertThat(JsonPath.<String>read(content(refused), "$.detail"))
                    .matches("The disk is full, so this was not saved. Free 5[01] MB\\. .*");
        }
        MvcTestResult health = mvc.perform(MockMvcRequestBuilders.get("/actuator/health"));
        assertThat(health).hasStatus(503);
        assertThat(JsonPath.<String>read(content(health), "$.components.disk.details.words"))
                .contains("Free 50 MB");
        assertThat(rows()).isEqualTo(rows);

        disk.setUsableMb(PlayedStorage.PLENTY);

        assertThat(post(teacher, "/api/returns/pages/{id}/confirmation", Map.of("changed", List.of()), page))
                .hasStatusOk();
        assertThat(mvc.perform(MockMvcRequestBuilders.get("/actuator/health"))).hasStatusOk();
        awaitRead(teacher, upload(teacher, "more.jpg", scans.get(1)).get(0));
    }

    /** Wherever it fills up – before a file, between it and its page, at the end – what is said is what was stored. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4, 5, 6, 7, 8})
    void whereItFillsUpDuringAnUploadEachFileIsToldWhatBecameOfIt(int looks) {
        disk.fillAfterLooks(looks);
        MvcTestResult answered = uploadAll(
                teacher, file("a.jpg", scans.get(0)), file("b.jpg", scans.get(1)), file("c.jpg", scans.get(2)));
        disk.setUsableMb(PlayedStorage.PLENTY);
        String answer = content(answered);
        int stored =
                jdbc.queryForObject("select count(*) from scan_file where owner_id = ?", Integer.class, teacher.id());

        if (stored == 0) {
            assertThat(answered).hasStatus(507);
        } else {
            assertThat(JsonPath.<List<Integer>>read(answer, "$[*].pages"))
                    .as(answer)
                    .filteredOn(n -> n == 1)
                    .hasSize(stored);
            assertThat(JsonPath.<List<String>>read(answer, "$[*].problem"))
                    .filteredOn("DISK_FULL"::equals)
                    .hasSize(3 - stored);
        }
    }

    @Test
    void whatWaitsIsReadWhenThereIsRoomAgain() {
        UUID page = upload(teacher, "scan.jpg", scans.get(0)).get(0);
        awaitRead(teacher, page);
        disk.setUsableMb(10);
        jdbc.update("update returned_page set state = 'QUEUED' where id = ?", page);
        disk.setUsableMb(PlayedStorage.PLENTY);
        assertThat(JsonPath.<String>read(awaitRead(teacher, page), "$.row.state"))
                .isEqualTo("READ");
    }

    /** What H2 does when a write fails: it closes the database under everybody. */
    @OnlyOnH2
    @Test
    void aDatabaseThatClosedItselfIsOpenedAgain() {
        jdbc.execute("shutdown immediately");
        long end = System.nanoTime() + 15_000_000_000L;
        int status = 0;
        while (status != 200 && System.nanoTime() < end) {
            status = get(teacher, "/api/classes").getResponse().getStatus();
        }
        assertThat(status).isEqualTo(200);
        assertThat(post(teacher, "/api/returns/phrases", Map.of("words", "Again.")))
                .hasStatusOk();
    }

    private int rows() {
        return jdbc.queryForObject(
                "select (select count(*) from scan_file) + (select count(*) from phrase) + (select count(*) from mark_change)",
                Integer.class);
    }
}
