package grastel.app.decoding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reading.picture.UnreadablePage.Problem;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;

class ZipOfFilesTest {
    @FunctionalInterface
    private interface Filling {
        void into(ZipOutputStream zip) throws IOException;
    }

    private static byte[] zip(Filling filling) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            filling.into(zip);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    private static ZipOfFiles.Bytes bytes(byte[] content) {
        return () -> new ByteArrayInputStream(content);
    }

    private static void entry(ZipOutputStream zip, String name, byte[] content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(content);
        zip.closeEntry();
    }

    private static List<String> names(byte[] zip) throws UnreadablePage {
        List<String> names = new ArrayList<>();
        ZipOfFiles.each(bytes(zip), (name, content) -> names.add(name + " " + content.length));
        return names;
    }

    private static void refused(byte[] zip, Problem problem) {
        List<String> given = new ArrayList<>();
        assertThatThrownBy(() -> ZipOfFiles.each(bytes(zip), (name, content) -> given.add(name)))
                .isInstanceOfSatisfying(
                        UnreadablePage.class, e -> assertThat(e.problem()).isEqualTo(problem));
        assertThat(given).isEmpty();
    }

    @Test
    void filesComeWithTheirFoldersNamesAndHiddenOnesStayAway() throws IOException, UnreadablePage {
        byte[] zip = zip(z -> {
            entry(z, "Ilse Korhonen/photo.jpg", new byte[10]);
            entry(z, "__MACOSX/Ilse Korhonen/._photo.jpg", new byte[3]);
            entry(z, ".DS_Store", new byte[3]);
            z.putNextEntry(new ZipEntry("empty/"));
            entry(z, "Teo.png", new byte[20]);
        });
        assertThat(ZipOfFiles.is(bytes(zip))).isTrue();
        assertThat(names(zip)).containsExactly("Ilse Korhonen – photo.jpg 10", "Teo.png 20");
    }

    @Test
    void oneThatGrowsBeyondMeasureGivesNothing() {
        byte[] block = new byte[1 << 20];
        refused(
                zip(z -> {
                    entry(z, "first.jpg", new byte[10]);
                    z.putNextEntry(new ZipEntry("bomb.jpg"));
                    for (int i = 0; i < 61; i++) {
                        z.write(block);
                    }
                }),
                Problem.TOO_HEAVY);
    }

    @Test
    void tooManyFilesGiveNothing() {
        refused(
                zip(z -> {
                    for (int i = 0; i <= 400; i++) {
                        entry(z, i + ".jpg", new byte[1]);
                    }
                }),
                Problem.TOO_MANY_PAGES);
    }

    @Test
    void damagedLockedAndEmptyOnesAreSaid() throws IOException {
        byte[] whole = zip(z -> entry(z, "a.jpg", "some words that can be pressed, pressed, pressed".getBytes()));
        refused(Arrays.copyOf(whole, 45), Problem.DAMAGED);
        byte[] locked = whole.clone();
        locked[6] |= 1;
        refused(locked, Problem.PASSWORD);
        refused(zip(z -> entry(z, ".hidden", new byte[1])), Problem.NOT_A_PICTURE);
        assertThat(ZipOfFiles.is(bytes(new byte[] {'P'}))).isFalse();
    }

    @Test
    void aFileByItselfIsReadUpToItsMost() throws IOException, UnreadablePage {
        assertThat(ZipOfFiles.whole(bytes(new byte[7]))).hasSize(7);
        assertThatThrownBy(() -> ZipOfFiles.whole(bytes(new byte[(60 << 20) + 1])))
                .isInstanceOf(UnreadablePage.class);
    }
}
