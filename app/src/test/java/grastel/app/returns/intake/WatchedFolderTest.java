package grastel.app.returns.intake;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.decoding.ZipOfFiles;
import grastel.app.platform.ApiProblem;
import grastel.app.returns.page.ScanFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.dao.DataAccessResourceFailureException;

/** What becomes of a file that cannot be taken. */
class WatchedFolderTest {
    private static final int MANY = 8;

    @TempDir
    Path inbox;

    private Path scan;
    private RuntimeException failure;
    private final WatchedFolder folder = new WatchedFolder(null, new Failing(), null);

    @BeforeEach
    void laidIn() throws IOException {
        scan = Files.write(inbox.resolve("scan.jpg"), new byte[] {1, 2, 3});
    }

    /** Takes a file in as soon as nothing fails. */
    private final class Failing extends Intake {
        Failing() {
            super(null, null, null, null, null, null, null, null, null, null);
        }

        @Override
        public void accept(
                String name,
                ZipOfFiles.Bytes content,
                ScanFile.Source source,
                UUID schoolClass,
                Consumer<Outcome> told) {
            if (failure != null) {
                throw failure;
            }
            told.accept(new Outcome(name, List.of(UUID.randomUUID()), null, 0));
        }
    }

    private boolean look() {
        boolean goOn = true;
        for (int i = 0; i < MANY; i++) {
            goOn = folder.look(scan);
        }
        return goOn;
    }

    @Test
    void whileTheDatabaseIsAwayItWaitsHoweverLong() {
        failure = new DataAccessResourceFailureException("cut", new SQLException("terminated", "57P01"));
        assertThat(look()).as("others must wait too").isFalse();
        assertThat(scan).exists();

        failure = null;
        folder.look(scan);
        folder.look(scan);
        assertThat(scan).doesNotExist();
        assertThat(inbox).isEmptyDirectory();
    }

    @Test
    void whileTheQueueIsFullItWaits() {
        failure = ApiProblem.conflict("QUEUE_FULL", "Pages are waiting.");
        assertThat(look()).isFalse();
        assertThat(scan).exists();
    }

    @Test
    void whatFailsByItselfAgainAndAgainIsSetAsideWithWords() {
        failure = new IllegalStateException("a fault of ours");
        assertThat(look()).as("others are taken").isTrue();
        assertThat(scan).doesNotExist();
        assertThat(inbox.resolve("refused/scan.jpg")).exists();
        assertThat(inbox.resolve("refused/scan.jpg.txt")).content().startsWith("Not taken: ");
    }
}
