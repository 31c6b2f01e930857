package grastel.app.campaign;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.OnlyOnH2;
import grastel.app.platform.SignedIn;
import grastel.app.platform.storage.FolderFiles;
import grastel.app.platform.storage.OrphanCleaner;
import grastel.app.platform.storage.StoredFiles;
import grastel.app.sheets.api.RunInfo;
import grastel.core.scanner.hand.Hand;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** Clocks that jump, and folders that nothing can be written into while the program runs. */
class BadDaysTest extends ApplicationTest {
    /** {@code ./grastel campaign clocks} jumps oftener. */
    private static final int JUMPS = Integer.getInteger("grastel.jumps", 2);

    private static final List<Duration> FAR = List.of(
            Duration.ofSeconds(-90),
            Duration.ofHours(-3),
            Duration.ofHours(3),
            Duration.ofDays(-400),
            Duration.ofDays(400),
            Duration.ZERO);

    @Autowired
    private JumpingClock clock;

    @Autowired
    private StoredFiles files;

    @Autowired
    private OrphanCleaner sweep;

    /** Right, but for how far it was put. */
    static final class JumpingClock extends Clock {
        private volatile Duration off = Duration.ZERO;

        @Override
        public ZoneId getZone() {
            return ZoneId.systemDefault();
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return Instant.now().plus(off);
        }
    }

    @TestConfiguration
    static class Jumping {
        @Bean
        @Primary
        JumpingClock jumping() {
            return new JumpingClock();
        }
    }

    @AfterEach
    void right() {
        clock.off = Duration.ZERO;
    }

    @Test
    void howeverTheClockJumpsPagesAreReadAndNothingThatARowNamesIsSwept() throws IOException {
        Random chance = new Random(JUMPS);
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);
        for (int jump = 1; jump <= JUMPS; jump++) {
            byte[] scan = scan(teacher, printedPage(teacher, run.id(), jump % 3), Hand.EXACT, jump);
            clock.off = FAR.get(chance.nextInt(FAR.size()));
            UUID page = upload(teacher, jump + ".jpg", scan).get(0);
            clock.off = FAR.get(chance.nextInt(FAR.size()));
            assertThat(JsonPath.<String>read(awaitRead(teacher, page), "$.row.state"))
                    .isEqualTo("READ");
            clock.off = FAR.get(chance.nextInt(FAR.size()));
            sweep.sweep();
            for (String path : List.of("", "/picture", "/original")) {
                assertThat(get(teacher, "/api/returns/pages/{id}" + path, page)).hasStatusOk();
            }
            assertThat(post(
                            teacher,
                            "/api/returns/pages/{id}/confirmation",
                            java.util.Map.of("changed", List.of()),
                            page))
                    .hasStatusOk();
        }
        for (String path : List.of("/api/today", "/api/courses", "/api/returns/agreement")) {
            assertThat(get(teacher, path)).as(path).hasStatusOk();
        }
        Campaign.print("clocks: %d jumps of up to 400 days | pages read %d | lost 0%n", JUMPS, JUMPS);
    }

    /** A file lies where their folder was: not even an administrator can write there. */
    @Test
    @OnlyOnH2
    void whereNoPictureCanBeWrittenThatIsSaidAndAfterwardsItGoesOn() throws IOException {
        SignedIn teacher = newTeacher();
        RunInfo run = printed(teacher);
        byte[] before = scan(teacher, printedPage(teacher, run.id(), 0), Hand.EXACT, 1);
        UUID page = upload(teacher, "before.jpg", before).get(0);
        awaitRead(teacher, page);
        byte[] scan = scan(teacher, printedPage(teacher, run.id(), 1), Hand.EXACT, 2);
        Path folder = ((FolderFiles) files).folder();
        Path aside = folder.resolveSibling("aside");
        Files.move(folder, aside);
        Files.writeString(folder, "in the way");
        try {
            MvcTestResult refused = uploadAll(teacher, new MockMultipartFile("files", "scan.jpg", null, scan));
            assertThat(refused)
                    .hasStatus(507)
                    .bodyJson()
                    .extractingPath("$.code")
                    .isEqualTo("NOT_STORED");
            assertThat(jdbc.queryForObject(
                            "select count(*) from scan_file where owner_id = ?", Integer.class, teacher.id()))
                    .as("nothing half-stored")
                    .isEqualTo(1);
            assertThat(get(teacher, "/api/returns/pages/{id}", page)).hasStatusOk();
            assertThat(get(teacher, "/api/today")).hasStatusOk();
        } finally {
            Files.delete(folder);
            Files.move(aside, folder);
        }
        awaitRead(teacher, upload(teacher, "scan.jpg", scan).get(0));
        assertThat(get(teacher, "/api/returns/pages/{id}/original", page)).hasStatusOk();
    }
}
