package grastel.app.platform.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import grastel.app.platform.ApiProblem;
import grastel.app.platform.Digest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Collection;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Scans and pictures beside the database: never half there, never taken for what they are not, gone when nobody needs them. */
@Tag("database")
class FolderFilesTest {
    private static final Instant NOON = Instant.parse("2026-11-29T12:00:00Z");
    private static final byte[] SCAN = "a scan".getBytes(StandardCharsets.UTF_8);
    private static final byte[] OTHER = "another".getBytes(StandardCharsets.UTF_8);

    @TempDir
    private Path data;

    private FolderFiles at(Instant when) {
        return new FolderFiles(new Storage(data, 0), Clock.fixed(when, ZoneOffset.UTC));
    }

    private OrphanCleaner sweepAt(Instant when, FileUser... users) {
        return new OrphanCleaner(at(when), List.of(users));
    }

    private List<Path> onDisk() throws IOException {
        try (Stream<Path> files = Files.walk(data)) {
            return files.filter(Files::isRegularFile).toList();
        }
    }

    @Test
    void theSameTwiceIsOneFileUnderItsDigest() throws IOException {
        String name = at(NOON).put(SCAN);
        assertThat(name).isEqualTo(Digest.sha256(SCAN));
        assertThat(at(NOON).putRemade(SCAN)).isEqualTo(name);
        assertThat(at(NOON).get(name)).hasValue(SCAN);
        assertThat(onDisk()).singleElement().satisfies(f -> assertThat(f).hasFileName(name));
    }

    @Test
    void manyWhoKeepTheSameAtOnceAllHaveIt() throws Exception {
        FolderFiles files = at(NOON);
        try (var all = Closing.of(Executors.newFixedThreadPool(8))) {
            List<java.util.concurrent.Future<String>> names = all.pool()
                    .invokeAll(IntStream.range(0, 64)
                            .<java.util.concurrent.Callable<String>>mapToObj(
                                    i -> () -> files.put(new byte[] {(byte) (i % 4)}))
                            .toList());
            for (var name : names) {
                assertThat(files.get(name.get())).isPresent();
            }
        }
        assertThat(onDisk()).hasSize(4);
    }

    private record Closing(java.util.concurrent.ExecutorService pool) implements AutoCloseable {
        static Closing of(java.util.concurrent.ExecutorService pool) {
            return new Closing(pool);
        }

        @Override
        public void close() {
            pool.shutdown();
        }
    }

    /** A disk may turn bits, a power cut leave an empty file: neither is handed out, and what is kept again is whole. */
    @Test
    void whatIsDamagedIsNotHandedOutAndCanBeKeptAgain() throws IOException {
        FolderFiles files = at(NOON);
        String name = files.put(SCAN);
        Path file = StoredName.file(files.folder(), name);
        Files.writeString(file, "a scam");
        assertThat(files.get(name)).isEmpty();
        Files.write(file, new byte[0]);
        assertThat(files.get(name)).isEmpty();
        files.put(SCAN);
        assertThat(files.get(name)).hasValue(SCAN);
        assertThat(files.get(Digest.sha256(OTHER))).isEmpty();
    }

    @Test
    void aNameLeadsNowhereElse() {
        assertThatIllegalArgumentException().isThrownBy(() -> at(NOON).get("../../grastel.mv.db"));
    }

    @Test
    void whereNothingCanBeWrittenNothingIsLeft() throws IOException {
        Storage full = new Storage(data, Long.MAX_VALUE / (4L << 20));
        FolderFiles files = new FolderFiles(full, Clock.fixed(NOON, ZoneOffset.UTC));
        // A file where the folder should be: no disk takes it.
        Files.writeString(data.resolve(StoredName.FOLDER), "in the way");
        assertThatExceptionOfType(ApiProblem.class).isThrownBy(() -> files.put(SCAN));
        assertThat(onDisk()).hasSize(1);
    }

    @Test
    void whatNoRowNamesIsSweptButNotBeforeARowCouldNameIt() throws IOException {
        String named = at(NOON).put(SCAN);
        String unnamed = at(NOON).put(OTHER);
        FileUser rows = names -> names.stream().filter(named::equals).toList();

        assertThat(sweepAt(NOON.plus(Duration.ofMinutes(59)), rows).sweep()).isZero();
        assertThat(sweepAt(NOON.plus(Duration.ofMinutes(61)), rows).sweep()).isOne();
        assertThat(at(NOON).get(unnamed)).isEmpty();
        assertThat(at(NOON).get(named)).isPresent();
    }

    /** Somebody uploads a file again at the very moment in which the first of its kind, long deleted, is swept. */
    @Test
    void whatIsKeptAgainWhileItIsLookedAtStays() throws IOException {
        String name = at(NOON).put(SCAN);
        Instant later = NOON.plus(Duration.ofHours(5));
        FileUser meanwhile = (Collection<String> names) -> {
            at(later).put(SCAN);
            return List.of();
        };
        assertThat(sweepAt(later, meanwhile).sweep()).isZero();
        assertThat(at(later).get(name)).isPresent();
    }
}
