package grastel.app.sheets.packs;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.api.SheetData.ExerciseData;
import grastel.app.sheets.api.SheetData.ValueData;
import grastel.core.exercise.goal.Goal;
import grastel.core.page.PageSize;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class LessonPacksTest extends ApplicationTest {
    private String exported(SignedIn teacher) {
        UUID sheet = as(teacher, () -> {
            SheetData scale = scale("S23", 5, 20);
            return sheets.create(
                            "Kelp from light to dark",
                            new SheetData(
                                    null,
                                    null,
                                    scale.paper(),
                                    PageSize.A4,
                                    List.of(
                                            scale.exercises().get(0),
                                            new ExerciseData(
                                                    "form-study",
                                                    Map.of("form", ValueData.of("CYLINDER")),
                                                    Map.of(Goal.ZONE_VALUES, 1.25)))))
                    .id();
        });
        return content(get(teacher, "/api/sheets/packs?sheets={id}", sheet));
    }

    private void dropKelp(SignedIn teacher) {
        UUID kelp = as(
                teacher,
                () -> kit.pencils().stream()
                        .filter(p -> p.pencil().name().equals("Kelp"))
                        .findFirst()
                        .orElseThrow()
                        .id());
        assertThat(send(teacher, MockMvcRequestBuilders.delete("/api/kit/pencils/{id}", kelp)))
                .hasStatus(204);
    }

    @Test
    void aSheetGoesOutAndComesInAgainTheSame() {
        SignedIn one = newTeacher();
        SignedIn other = newTeacher();
        String pack = exported(one);

        String seen = content(post(other, "/api/sheets/packs/preview", Map.of("pack", pack)));
        assertThat(JsonPath.<List<String>>read(seen, "$.titles")).containsExactly("Kelp from light to dark");
        assertThat(JsonPath.<List<?>>read(seen, "$.pencils")).isEmpty();
        assertThat(post(other, "/api/sheets/packs", Map.of("pack", pack, "pencils", Map.of(), "papers", Map.of())))
                .hasStatus(201);

        Sheets.SheetInfo taken = as(other, () -> sheets.all()).get(0);
        assertThat(taken.data().exercises()).hasSize(2);
        assertThat(taken.data().exercises().get(1).thresholds()).containsExactly(Map.entry(Goal.ZONE_VALUES, 1.25));
        assertThat(content(get(other, "/api/sheets/packs?sheets={id}", taken.id())))
                .isEqualTo(pack);
    }

    /** A pencil of the same code that is quite another colour, and a paper of the same name with another tooth, are not the pack's. */
    @Test
    void pencilsAndPapersAreKnownByWhatTheyAre() {
        String pack = exported(newTeacher());
        SignedIn other = newTeacher();
        String repainted = JsonPath.parse(pack).set("$.pencils[0].lab.a", 60).jsonString();
        String rougher = JsonPath.parse(pack).set("$.papers[0].tooth", 2.2).jsonString();
        String renamed = JsonPath.parse(pack)
                .set("$.pencils[0].range", "Elsewhere")
                .set("$.pencils[0].name", "Seaweed")
                .set("$.papers[0].name", "Their cartridge")
                .jsonString();

        String crayon =
                JsonPath.parse(pack).put("$.pencils[0]", "medium", "CRAYON").jsonString();

        assertThat(missing(other, crayon, "pencils")).as("no crayon of it").isEqualTo(1);
        assertThat(post(other, "/api/sheets/packs/preview", Map.of("pack", crayon.replace("CRAYON", "CHALK"))))
                .hasStatus(422);
        assertThat(missing(other, repainted, "pencils")).isEqualTo(1);
        assertThat(missing(other, rougher, "papers")).isEqualTo(1);
        assertThat(missing(other, renamed, "pencils")).isZero();
        assertThat(missing(other, renamed, "papers")).isZero();
    }

    private int missing(SignedIn teacher, String pack, String what) {
        String seen = content(post(teacher, "/api/sheets/packs/preview", Map.of("pack", pack)));
        return JsonPath.<List<?>>read(seen, "$." + what).size();
    }

    @Test
    void aPackThatMovesThresholdsOfNoGoalIsRefusedWhole() {
        SignedIn teacher = newTeacher();
        String pack = exported(teacher).replace("ZONE_VALUES", "LOUDNESS");

        assertThat(post(teacher, "/api/sheets/packs", Map.of("pack", pack, "pencils", Map.of(), "papers", Map.of())))
                .hasStatus(422)
                .bodyText()
                .contains("LOUDNESS");
        assertThat(as(teacher, () -> sheets.all())).hasSize(1);
    }

    @Test
    void aMissingPencilIsOfferedStandInsAndNothingIsHalfImported() {
        SignedIn teacher = newTeacher();
        String pack = exported(teacher);
        SignedIn other = newTeacher();
        dropKelp(other);

        String seen = content(post(other, "/api/sheets/packs/preview", Map.of("pack", pack)));
        assertThat(JsonPath.<String>read(seen, "$.pencils[0].name")).isEqualTo("Kelp");
        assertThat(JsonPath.<List<?>>read(seen, "$.pencils[0].standIns")).hasSizeBetween(1, 4);

        assertThat(post(other, "/api/sheets/packs", Map.of("pack", pack, "pencils", Map.of(), "papers", Map.of())))
                .hasStatus(422)
                .bodyText()
                .contains("Kelp");
        assertThat(as(other, () -> sheets.all())).isEmpty();

        String key = JsonPath.read(seen, "$.pencils[0].key");
        String standIn = JsonPath.read(seen, "$.pencils[0].standIns[0].pencil");
        assertThat(post(
                        other,
                        "/api/sheets/packs",
                        Map.of("pack", pack, "pencils", Map.of(key, standIn), "papers", Map.of())))
                .hasStatus(201);
        assertThat(as(other, () -> sheets.all())
                        .get(0)
                        .data()
                        .exercises()
                        .get(0)
                        .values()
                        .get("pencil")
                        .pencil())
                .isEqualTo(UUID.fromString(standIn));
    }

    @Test
    void whatIsNoPackSaysWhereItIsWrong() {
        SignedIn teacher = newTeacher();
        String pack = exported(teacher);

        assertThat(preview(teacher, "{ not json")).contains("NOT_JSON");
        assertThat(preview(teacher, pack.replace("\"grastelLessonPack\" : 1", "\"grastelLessonPack\" : 7")))
                .contains("UNKNOWN_VERSION", "version 7");
        assertThat(preview(teacher, pack.replace("\"A4\"", "\"A3\""))).contains("/sheets/0/pageSize");
        assertThat(preview(teacher, "{}")).contains("SCHEMA");
        String stranger = pack.replace("\"pencil\" : \"Skerry S23\"", "\"pencil\" : \"nobody\"");
        assertThat(content(post(
                        teacher,
                        "/api/sheets/packs",
                        Map.of("pack", stranger, "pencils", Map.of(), "papers", Map.of()))))
                .contains("nobody");
        assertThat(content(post(
                        teacher,
                        "/api/sheets/packs",
                        Map.of(
                                "pack",
                                pack.replace("form-study", "knitting"),
                                "pencils",
                                Map.of(),
                                "papers",
                                Map.of()))))
                .contains("NO_SUCH_KIND");
        assertThat(as(teacher, () -> sheets.all()))
                .as("nothing was half-imported")
                .hasSize(1);
    }

    private String preview(SignedIn teacher, String pack) {
        return content(post(teacher, "/api/sheets/packs/preview", Map.of("pack", pack)));
    }
}
