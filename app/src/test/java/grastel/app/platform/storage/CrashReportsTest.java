package grastel.app.platform.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class CrashReportsTest {
    @TempDir
    Path data;

    @Test
    void aReportCountsOnceAndOnlyAfterAStart() throws IOException {
        CrashReports reports = new CrashReports(new Storage(data, 0));
        Path report = data.resolve("logs/crash-7.log");
        Files.writeString(report, "older than the first start");
        assertThat(reports.takeNew()).as("first start").isFalse();
        assertThat(reports.takeNew()).as("killed").isFalse();

        Files.setLastModifiedTime(report, FileTime.fromMillis(System.currentTimeMillis() + 60_000));
        assertThat(reports.takeNew()).as("crashed").isTrue();
    }
}
