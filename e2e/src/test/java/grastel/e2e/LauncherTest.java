package grastel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.account.Accounts;
import grastel.app.platform.storage.StoredFiles;
import grastel.app.platform.storage.StoredName;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;

/** Backing up and restoring by the launcher, on real data. */
@Tag("browser")
class LauncherTest {
    private static final byte[] SCAN = "a scan".getBytes(StandardCharsets.UTF_8);

    @TempDir
    Path folder;

    private record Said(int exit, String words) {}

    private Said launch(Path data, String... arguments) throws IOException, InterruptedException {
        ProcessBuilder launcher = new ProcessBuilder("../grastel");
        launcher.command().addAll(java.util.List.of(arguments));
        launcher.environment().put("GRASTEL_DATA", data.toString());
        // nobody listens there
        launcher.environment().put("GRASTEL_PORT", "9");
        Process process = launcher.redirectErrorStream(true).start();
        String words = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return new Said(process.waitFor(), words);
    }

    @Test
    void backsUpOnlyWhatNobodyWritesAndRestoresOnlyWhatOpens() throws IOException, InterruptedException {
        Path data = folder.resolve("data");
        Path zip = folder.resolve("backup.zip");
        String scan;
        try (RunningGrastel grastel = RunningGrastel.on(data)) {
            grastel.bean(Accounts.class).first("ilse.korhonen", "Ilse Korhonen", "gannet-quarry-umbrella-nine");
            scan = grastel.bean(StoredFiles.class).put(SCAN);
            Said refused = launch(data, "backup", zip.toString());
            assertThat(refused.exit()).isNotZero();
            assertThat(refused.words()).contains("Grastel is running").doesNotContain("Exception");
            assertThat(zip).doesNotExist();
        }
        Said done = launch(data, "backup", zip.toString());
        assertThat(done.exit()).as(done.words()).isZero();

        byte[] whole = Files.readAllBytes(zip);
        Path damaged = Files.write(folder.resolve("damaged.zip"), java.util.Arrays.copyOf(whole, whole.length / 2));
        Path elsewhere = folder.resolve("elsewhere");
        for (Path bad : java.util.List.of(damaged, Files.writeString(folder.resolve("letter.zip"), "Dear teacher"))) {
            Said refused = launch(elsewhere, "restore", bad.toString());
            assertThat(refused.exit()).isNotZero();
            assertThat(refused.words()).contains("nothing was changed").doesNotContain("Exception");
            assertThat(elsewhere.resolve("grastel.mv.db")).doesNotExist();
        }
        Said restored = launch(elsewhere, "restore", zip.toString());
        assertThat(restored.exit()).as(restored.words()).isZero();
        assertThat(launch(elsewhere, "restore", zip.toString()).words()).contains("holds data already");
        try (RunningGrastel grastel = RunningGrastel.on(elsewhere)) {
            assertThat(grastel.bean(Accounts.class).byName("ilse.korhonen")).isPresent();
            assertThat(grastel.bean(StoredFiles.class).get(scan)).hasValue(SCAN);
            grastel.bean(JdbcTemplate.class).update("""
                            insert into scan_file (id, owner_id, created_at, name, media_type, sha256, source)
                            select random_uuid(), id, current_timestamp, 'scan.jpg', 'image/jpeg', ?, 'FOLDER' from teacher
                            """, "f".repeat(64));
        }
        Said lacking = launch(elsewhere, "doctor");
        assertThat(lacking.words()).containsPattern("▲   missing in .*" + "f".repeat(64));
        assertThat(lacking.exit()).isNotZero();
    }

    @Test
    void theDoctorSaysWhatIsWell() throws IOException, InterruptedException {
        Path data = folder.resolve("data");
        Said fresh = launch(data, "doctor");
        assertThat(fresh.words()).contains("ok  Java", "no data in " + data + " yet", "all well");
        assertThat(fresh.exit()).isZero();

        Files.createDirectories(data);
        Files.writeString(data.resolve("grastel.mv.db"), "no database");
        Path picture = StoredName.file(data.resolve(StoredName.FOLDER), "0".repeat(64));
        Files.createDirectories(picture.getParent());
        Files.writeString(picture, "not what its name says");
        Said broken = launch(data, "doctor");
        assertThat(broken.words())
                .contains("▲   the data in " + data + " does not open")
                .containsPattern("▲   damaged in .*0000");
        assertThat(broken.exit()).isNotZero();
    }
}
