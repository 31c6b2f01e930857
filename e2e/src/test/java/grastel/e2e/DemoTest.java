package grastel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import grastel.app.account.Accounts;
import grastel.app.classes.Classes;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.returns.Returns;
import grastel.app.sheets.Printings;
import grastel.app.sheets.api.RunInfo;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.util.FileSystemUtils;

/** Browser tests in the demo world, each class with a copy of its own. */
@ExtendWith(SaysWhatWasSeen.class)
@Tag("browser")
abstract class DemoTest {
    @TempDir
    static Path data;

    static RunningGrastel grastel;

    /** The world once its last weeks' sheets are drawn, read and confirmed; made for the first class that asks. */
    private static final class World {
        static final Path FOLDER = made();

        private static Path made() {
            try {
                Path folder = Files.createTempDirectory("grastel-demo");
                Runtime.getRuntime()
                        .addShutdownHook(new Thread(() -> FileSystemUtils.deleteRecursively(folder.toFile())));
                grastel = demo(folder);
                awaitConfirmed("10 Avocet");
                grastel.close();
                return folder;
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    private static RunningGrastel demo(Path folder) {
        return RunningGrastel.on(folder, "--spring.profiles.active=demo");
    }

    @BeforeAll
    static void start() throws IOException {
        FileSystemUtils.copyRecursively(World.FOLDER, data);
        grastel = demo(data);
    }

    @AfterAll
    static void stop() {
        grastel.close();
    }

    /** The demo's entrance has its teacher's name and password filled in. */
    static void enter(TestBrowser desk) {
        desk.open("/");
        assertThat(desk.page.getByText("kelp-rope-lantern-tide")).isVisible();
        desk.button("Sign in").click();
        desk.heading("Today").waitFor();
    }

    /** What the demo does in the background is done: every page of a class's last printing is confirmed. */
    static void awaitConfirmed(String schoolClass) {
        SignedIn teacher = grastel.bean(Accounts.class).byName("m.okonjo").orElseThrow();
        long end = System.nanoTime() + Duration.ofMinutes(10).toNanos();
        while (!Ownership.as(teacher.id(), () -> isConfirmed(schoolClass))) {
            if (System.nanoTime() > end) {
                throw new AssertionError("The pages of " + schoolClass + " were not confirmed in ten minutes");
            }
            LockSupport.parkNanos(200_000_000);
        }
    }

    private static boolean isConfirmed(String schoolClass) {
        UUID of = grastel.bean(Classes.class).byName(schoolClass).orElseThrow().id();
        RunInfo run = grastel.bean(Printings.class).latestRuns().get(of);
        return run != null && grastel.bean(Returns.class).progress(run.id()).confirmed() == run.pages();
    }
}
