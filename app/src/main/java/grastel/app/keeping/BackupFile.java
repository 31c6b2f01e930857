package grastel.app.keeping;

import grastel.app.platform.Digest;
import grastel.app.platform.storage.StoredName;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/** One file with all data: the database, and every stored picture under its name. */
final class BackupFile {
    /** The file of H2's database. */
    static final String DATABASE = "grastel.mv.db";
    /** A dump of PostgreSQL's, pictures and all. */
    static final String DUMP = "grastel.dump";

    private static final Set<String> DATABASES = Set.of(DATABASE, DUMP);
    private static final Pattern PICTURE = Pattern.compile(StoredName.FOLDER + "/([0-9a-f]{64})");

    private static final int NO_DUMP = 3;

    private BackupFile() {}

    /** @param database a ZIP with the database as it was at one moment; @param pictures folder of those that are there now */
    static void write(Path to, Path database, Path pictures) throws IOException {
        try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(to))) {
            try (ZipInputStream in = new ZipInputStream(Files.newInputStream(database))) {
                for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                    out.putNextEntry(new ZipEntry(entry.getName()));
                    in.transferTo(out);
                }
            }
            // They are packed already.
            out.setLevel(Deflater.NO_COMPRESSION);
            for (Path picture : pictures(pictures)) {
                out.putNextEntry(new ZipEntry(StoredName.FOLDER + "/" + picture.getFileName()));
                Files.copy(picture, out);
            }
        }
    }

    private static List<Path> pictures(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.walk(folder)) {
            return files.filter(f -> StoredName.is(f.getFileName().toString())).toList();
        }
    }

    /**
     * Reads all of it: checksums must agree, and each picture be what its name says.
     *
     * @throws IOException naming what is wrong
     */
    static void requireWhole(Path file) throws IOException {
        each(file, (name, content) -> {});
    }

    /**
     * Brings the pictures of a backup into a folder; those that are there stay.
     *
     * @return how many it holds
     */
    static int restorePictures(Path file, Path folder) throws IOException {
        int[] count = {0};
        each(file, (name, content) -> {
            Path to = StoredName.file(folder, name);
            if (!Files.exists(to)) {
                Path part = to.resolveSibling(name + ".part");
                Files.createDirectories(StoredName.folder(folder, name));
                Files.write(part, content);
                Files.move(part, to, StandardCopyOption.ATOMIC_MOVE);
            }
            count[0]++;
        });
        return count[0];
    }

    /**
     * Takes PostgreSQL's dump out of a backup.
     *
     * @return false where it holds none, as it is H2's
     */
    static boolean takeDump(Path file, Path to) throws IOException {
        try (ZipInputStream zip = new ZipInputStream(Files.newInputStream(file))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (entry.getName().equals(DUMP)) {
                    Files.copy(zip, to, StandardCopyOption.REPLACE_EXISTING);
                    return true;
                }
            }
            return false;
        }
    }

    private interface Taking {
        void picture(String name, byte[] content) throws IOException;
    }

    private static void each(Path file, Taking taking) throws IOException {
        boolean found = false;
        try (InputStream in = Files.newInputStream(file);
                ZipInputStream zip = new ZipInputStream(in)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                Matcher picture = PICTURE.matcher(entry.getName());
                if (picture.matches()) {
                    byte[] content = zip.readAllBytes();
                    if (!Digest.sha256(content).equals(picture.group(1))) {
                        throw new IOException(entry.getName() + " is damaged in " + file);
                    }
                    taking.picture(picture.group(1), content);
                } else {
                    found |= DATABASES.contains(entry.getName());
                    zip.transferTo(OutputStream.nullOutputStream());
                }
            }
        }
        if (!found) {
            throw new IOException(file + " holds no database");
        }
    }

    /**
     * For the launcher, while Grastel is stopped: {@code add ZIP FOLDER} puts the pictures of a folder into a backup of the
     * database, {@code bring FILE FOLDER} brings those of a backup back, {@code dump FILE TO} takes PostgreSQL's dump out of one
     * and ends with 3 where there is none.
     */
    public static void main(String[] arguments) throws IOException {
        Path file = Path.of(arguments[1]);
        Path folder = Path.of(arguments[2]);
        if (arguments[0].equals("add")) {
            Path whole = file.resolveSibling(file.getFileName() + ".whole");
            try {
                write(whole, file, folder);
                requireWhole(whole);
                Files.move(whole, file, StandardCopyOption.REPLACE_EXISTING);
            } finally {
                Files.deleteIfExists(whole);
            }
        } else if (arguments[0].equals("bring")) {
            restorePictures(file, folder);
        } else if (!takeDump(file, folder)) {
            System.exit(NO_DUMP);
        }
    }
}
