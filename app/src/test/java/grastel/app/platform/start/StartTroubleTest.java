package grastel.app.platform.start;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import grastel.app.GrastelApplication;
import grastel.app.OnlyOnH2;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;

/** A start that fails is explained in two lines, not by a stack trace. */
@ExtendWith(OutputCaptureExtension.class)
@Tag("app")
class StartTroubleTest {
    @TempDir
    Path folder;

    private static void start(Path data) {
        SpringApplication.run(
                GrastelApplication.class, "--server.port=0", "--grastel.data=" + data, "--grastel.warm-up=false");
    }

    @Test
    void anUnknownLanguageIsRefusedWithThoseThatAreKnown(CapturedOutput output) {
        assertThatThrownBy(() -> SpringApplication.run(
                        GrastelApplication.class,
                        "--server.port=0",
                        "--grastel.data=" + folder,
                        "--grastel.language=xx"))
                .isInstanceOf(RuntimeException.class);
        assertThat(output).contains("no words in the language “xx”", "Known are: en, en-XA");
    }

    @Test
    @OnlyOnH2
    void aDamagedDatabaseIsToldAndLeftAsItIs(CapturedOutput output) throws IOException {
        byte[] rubbish = new byte[20_000];
        new Random(1).nextBytes(rubbish);
        Path file = Files.write(folder.resolve("grastel.mv.db"), rubbish);

        assertThatThrownBy(() -> start(folder)).isInstanceOf(Exception.class);

        assertThat(output.getErr())
                .contains("is damaged")
                .contains("./grastel restore FILE")
                .doesNotContain("\tat ");
        assertThat(file).hasBinaryContent(rubbish);
    }

    @Test
    void aFolderThatCannotBeWrittenIsTold(CapturedOutput output) throws IOException {
        Path inTheWay = Files.writeString(folder.resolve("file"), "not a folder");

        assertThatThrownBy(() -> start(inTheWay.resolve("data"))).isInstanceOf(Exception.class);

        assertThat(output.getErr())
                .contains("Nothing can be written into the data folder")
                .contains("GRASTEL_DATA")
                .doesNotContain("\tat ");
    }

    @ParameterizedTest
    @CsvSource({
        "08001, does not answer",
        "28P01, does not let Grastel in",
        "3D000, no such database",
        "53300, no more connections"
    })
    void whatAServerSaysIsPutIntoWords(String state, String words) {
        SQLException said = new SQLException("some words of the driver's", state);
        assertThat(new StartTrouble().analyze(new IllegalStateException(said)).getDescription())
                .contains(words);
    }

    @Test
    void whatTheDatabaseSaysIsPutIntoWords() {
        StartTrouble trouble = new StartTrouble();
        for (int code : new int[] {90020, 90030, 90097}) {
            RuntimeException failure = new RuntimeException(new SQLException("quoted", "x", code));
            assertThat(trouble.analyze(failure).getDescription()).endsWith(".").doesNotContain("quoted");
        }
        assertThat(trouble.analyze(new RuntimeException("anything"))).isNull();
    }
}
