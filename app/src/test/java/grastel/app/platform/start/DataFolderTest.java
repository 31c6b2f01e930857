package grastel.app.platform.start;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DataFolderTest {
    @TempDir
    private Path folder;

    @Test
    void isMadeWithALogThatNobodyElseReads() throws IOException {
        Path data = folder.resolve("new").resolve("data");

        DataFolder.prepare(data);

        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(data.resolve("logs"))))
                .isEqualTo("rwx------");
        assertThat(data).isDirectoryNotContaining("glob:**.tmp");
    }

    @Test
    void aFileInItsPlaceIsSaidByName() throws IOException {
        Path file = Files.writeString(folder.resolve("data"), "not a folder");

        assertThatThrownBy(() -> DataFolder.prepare(file))
                .isInstanceOf(DataFolder.Unusable.class)
                .hasMessageContaining(file.toString());
    }
}
