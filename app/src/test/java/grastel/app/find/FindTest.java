package grastel.app.find;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.classes.CalendarData;
import grastel.app.platform.SignedIn;
import grastel.core.exercise.goal.GradeBand;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FindTest extends ApplicationTest {
    private SignedIn teacher;

    @BeforeEach
    void aClass() {
        teacher = newTeacher();
        as(
                teacher,
                () -> classes.create(
                        "8 Dunlin",
                        GradeBand.DEVELOPING,
                        List.of("Björn Sæther", "Màiri NicLeòid", "Łucja Wójcik", "Nguyễn Minh Anh", "Ana Silva"),
                        CalendarData.NONE));
    }

    private List<String> found(SignedIn by, String q) {
        return JsonPath.read(content(get(by, "/api/find?q={q}", q)), "$[*].name");
    }

    @ParameterizedTest
    @CsvSource({
        "bjorn, Björn Sæther",
        "saeth, Björn Sæther",
        "MAIRI, Màiri NicLeòid",
        "lucja, Łucja Wójcik",
        "anh ngu, Nguyễn Minh Anh",
        "8 dun, 8 Dunlin",
        "s16, S16 Tide Blue",
        "tide, S16 Tide Blue"
    })
    void findsByAFewLettersWithoutAccents(String typed, String name) {
        assertThat(found(teacher, typed)).contains(name);
    }

    @Test
    void whatBeginsSoComesFirst() {
        assertThat(found(teacher, "ana").get(0)).isEqualTo("Ana Silva");
    }

    @Test
    void nothingOfAColleagueIsFound() {
        assertThat(found(newTeacher(), "bjorn")).isEmpty();
    }

    @Test
    void nothingAndOnlySignsFindNothing() {
        assertThat(found(teacher, " ")).isEmpty();
        assertThat(found(teacher, "%_*")).isEmpty();
        assertThat(get(teacher, "/api/find?q={q}", "x".repeat(61))).hasStatus(422);
    }
}
