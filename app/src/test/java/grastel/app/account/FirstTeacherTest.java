package grastel.app.account;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.ApplicationTest;
import grastel.app.Together;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.test.annotation.DirtiesContext;

/** An installation nobody has an account on yet. */
@DirtiesContext(classMode = DirtiesContext.ClassMode.BEFORE_CLASS)
class FirstTeacherTest extends ApplicationTest {
    @Test
    void ofSeveralFirstTeachersAtTheSameMomentOneIsMadeAndIsTheAdministrator() throws Exception {
        List<Integer> answers = Together.run(
                4,
                i -> post(
                                null,
                                "/api/account/first-teacher",
                                Map.of("name", "first-" + i, "displayName", "Wren Adeyemi", "password", PASSWORD))
                        .getResponse()
                        .getStatus());

        assertThat(answers).containsOnlyOnce(201).filteredOn(s -> s != 201).containsOnly(403);
        assertThat(jdbc.queryForList("select administrator from teacher", Boolean.class))
                .containsExactly(true);
    }
}
