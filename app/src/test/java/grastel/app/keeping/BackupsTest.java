package grastel.app.keeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatIOException;

import grastel.app.ApplicationTest;
import grastel.app.OnlyOnH2;
import grastel.app.TestDatabase;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.storage.PlayedStorage;
import grastel.app.platform.storage.StoredFiles;
import grastel.app.platform.storage.StoredName;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.h2.tools.Restore;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.annotation.Import;

/** Copies made while the program is used: whole, the last few, and nothing half-done where they cannot be made. */
@Import(PlayedStorage.class)
@Tag("database")
class BackupsTest extends ApplicationTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 29);

    @Autowired
    private PlayedStorage disk;

    @Autowired
    private DatabaseCopy data;

    @Autowired
    private StoredFiles pictures;

    @TempDir
    private Path elsewhere;

    @AfterEach
    void roomAgain() {
        disk.setUsableMb(PlayedStorage.PLENTY);
    }

    private Backups on(LocalDate day) {
        Instant at = day.atTime(9, 5).toInstant(ZoneOffset.UTC);
        return new Backups(
                data, disk, new BackupSettings(7, elsewhere.resolve("backups")), Clock.fixed(at, ZoneOffset.UTC));
    }

    private int rowsOf(Path backup, Path into) throws Exception {
        if (TestDatabase.isPostgres()) {
            return RestoredDump.of(backup).classes();
        }
        Restore.execute(backup.toString(), into.toString(), "grastel");
        String url = "jdbc:h2:file:" + into.resolve("grastel") + ";IFEXISTS=TRUE";
        try (Connection restored = DriverManager.getConnection(url, "grastel", "");
                ResultSet count = restored.createStatement().executeQuery("select count(*) from school_class")) {
            count.next();
            return count.getInt(1);
        }
    }

    @Test
    void whatIsWrittenMeanwhileBreaksNoneAndWhatWasThereIsThereAgain() throws Exception {
        var teacher = newTeacher();
        newClass(teacher);
        AtomicBoolean stop = new AtomicBoolean();
        AtomicInteger made = new AtomicInteger();
        Thread others = new Thread(() -> {
            while (!stop.get()) {
                newClass(teacher);
                made.incrementAndGet();
            }
        });
        others.start();
        while (made.get() < 3) {
            Thread.sleep(20);
        }
        int before = jdbc.queryForObject("select count(*) from school_class", Integer.class);
        Backups.Kept kept = on(DAY).make();
        int after = jdbc.queryForObject("select count(*) from school_class", Integer.class);
        stop.set(true);
        others.join();

        Path file = elsewhere.resolve("backups").resolve(kept.name());
        assertThat(file).hasFileName("grastel-2026-11-29.zip");
        assertThat(rowsOf(file, Files.createDirectory(elsewhere.resolve("restored"))))
                .isBetween(before, after);
    }

    @Test
    @OnlyOnH2
    void picturesAreInItAndComeBack() throws IOException {
        byte[] scan = "a scan of today".getBytes(StandardCharsets.UTF_8);
        String name = pictures.put(scan);
        Path file = elsewhere.resolve("backups").resolve(on(DAY).make().name());
        Path restored = elsewhere.resolve("pictures");
        assertThat(BackupFile.restorePictures(file, restored)).isPositive();
        assertThat(StoredName.file(restored, name)).hasBinaryContent(scan);
        // Brought back once more nothing is written twice.
        BackupFile.restorePictures(file, restored);
        assertThat(StoredName.file(restored, name)).hasBinaryContent(scan);
    }

    @Test
    void aBackupWithADamagedPictureIsNotTakenForWhole() throws IOException {
        Path database = Files.createDirectories(elsewhere.resolve("made")).resolve("database.zip");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(database))) {
            zip.putNextEntry(new ZipEntry("grastel.mv.db"));
        }
        Path damaged = StoredName.file(elsewhere.resolve("made"), "0".repeat(64));
        Files.createDirectories(damaged.getParent());
        Files.writeString(damaged, "not what its name says");
        Path whole = elsewhere.resolve("whole.zip");
        BackupFile.write(whole, database, elsewhere.resolve("made"));
        assertThatIOException().isThrownBy(() -> BackupFile.requireWhole(whole)).withMessageContaining("0000");
        assertThatIOException().isThrownBy(() -> BackupFile.restorePictures(whole, elsewhere.resolve("back")));
        assertThat(elsewhere.resolve("back")).doesNotExist();
    }

    @Test
    void theLastSevenDaysAreKeptAndNothingElseIsTouched() throws IOException {
        Path folder = Files.createDirectories(elsewhere.resolve("backups"));
        Path foreign = Files.writeString(folder.resolve("letter.zip"), "mine");
        for (int i = 0; i < 9; i++) {
            on(DAY.plusDays(i)).make();
        }
        on(DAY.plusDays(8)).make();

        List<String> names = on(DAY).all().stream().map(Backups.Kept::name).toList();
        assertThat(names).hasSize(7).startsWith("grastel-2026-12-07.zip").endsWith("grastel-2026-12-01.zip");
        assertThat(foreign).content().isEqualTo("mine");
    }

    @Test
    void aDayHasItsBackupOnceAndWhereNoneIsWantedNoneIsMade() throws IOException {
        Backups backups = on(DAY);
        backups.makeIfDue();
        Path file = elsewhere.resolve("backups").resolve("grastel-2026-11-29.zip");
        Files.writeString(file, "of this morning");
        backups.makeIfDue();
        assertThat(file).content().isEqualTo("of this morning");

        Path none = elsewhere.resolve("none");
        new Backups(data, disk, new BackupSettings(0, none), Clock.systemUTC()).makeIfDue();
        assertThat(none).doesNotExist();
    }

    @Test
    void whereNoneAreMadeByThemselvesOneMadeByHandIsKeptAndSoAreEarlierOnes() {
        on(DAY).make();
        Clock next = Clock.fixed(DAY.plusDays(1).atTime(9, 5).toInstant(ZoneOffset.UTC), ZoneOffset.UTC);
        Backups byHand = new Backups(data, disk, new BackupSettings(0, elsewhere.resolve("backups")), next);

        assertThat(byHand.make().name()).isEqualTo("grastel-2026-11-30.zip");
        assertThat(byHand.all()).hasSize(2);
    }

    @Test
    void whereThereIsNoRoomOrNoFolderItIsSaidAndEarlierOnesStay() throws IOException {
        Backups backups = on(DAY);
        backups.make();
        disk.setUsableMb(10);
        assertThatExceptionOfType(ApiProblem.class).isThrownBy(backups::make);
        assertThat(backups.problem()).get().asString().contains("disk is full");
        assertThat(backups.all()).hasSize(1);
        disk.setUsableMb(PlayedStorage.PLENTY);
        backups.make();
        assertThat(backups.problem()).isEmpty();

        Path file = Files.writeString(elsewhere.resolve("file"), "in the way");
        Backups nowhere = new Backups(data, disk, new BackupSettings(7, file.resolve("backups")), Clock.systemUTC());
        assertThatExceptionOfType(ApiProblem.class)
                .isThrownBy(nowhere::make)
                .satisfies(e -> assertThat(e.code()).isEqualTo("NO_BACKUP"));
        assertThat(nowhere.problem()).get().asString().contains("Earlier backups are unchanged");
    }
}
