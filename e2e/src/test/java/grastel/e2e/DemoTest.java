package grastel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;

/** Browser tests in the demo world, each class with one of its own. */
abstract class DemoTest {
    @TempDir
    static Path data;

    static RunningGrastel grastel;

    @BeforeAll
    static void start() {
        grastel = RunningGrastel.on(data, "--spring.profiles.active=demo");
    }

    @AfterAll
    static void stop() {
        grastel.close();
    }

    /** The demo's entrance has its teacher's name and password filled in. */
    static void enter(Desk desk) {
        desk.open("/");
        assertThat(desk.page.getByText("kelp-rope-lantern-tide")).isVisible();
        desk.button("Sign in").click();
        desk.heading("Today").waitFor();
    }
}
