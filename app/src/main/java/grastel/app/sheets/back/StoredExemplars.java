package grastel.app.sheets.back;

import grastel.app.platform.Digest;
import grastel.app.platform.Failure;
import grastel.app.platform.storage.Storage;
import grastel.core.exemplar.Exemplars.Exemplar;
import grastel.core.exercise.goal.Goal;
import grastel.core.judging.Level;
import grastel.core.reading.picture.Picture;
import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Example pictures on disk, so that a sheet's are drawn once and not again after a restart: a ZIP for each sheet, its entries named
 * {@code exercise/place/goal/level/field.png}. They can be made again at any time; a file that cannot be read counts as missing.
 */
@Component
class StoredExemplars {
    private static final Logger LOG = LoggerFactory.getLogger(StoredExemplars.class);
    /** About 1 MB each; the sheets of some years. */
    private static final int MOST = 200;

    private static final int PARTS = 5;

    private final Storage storage;

    StoredExemplars(Storage storage) {
        this.storage = storage;
    }

    private Path folder() {
        return storage.folder("exemplars");
    }

    private Path file(String key) {
        return folder().resolve(Digest.sha256(key.getBytes(StandardCharsets.UTF_8)) + ".zip");
    }

    /** @param exercises how many the sheet has */
    Optional<List<List<Exemplar>>> find(String key, int exercises) {
        Path file = file(key);
        if (!Files.exists(file)) {
            return Optional.empty();
        }
        try (ZipInputStream zip = new ZipInputStream(new BufferedInputStream(Files.newInputStream(file)))) {
            List<List<Exemplar>> found = new ArrayList<>();
            for (int i = 0; i < exercises; i++) {
                found.add(new ArrayList<>());
            }
            String place = "";
            List<Picture> fields = new ArrayList<>();
            List<String> name = List.of();
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                String group = entry.getName().substring(0, entry.getName().lastIndexOf('/'));
                if (!group.equals(place)) {
                    add(found, name, fields);
                    fields = new ArrayList<>();
                    place = group;
                }
                name = List.of(entry.getName().split("/"));
                fields.add(Picture.of(ImageIO.read(new ByteArrayInputStream(zip.readAllBytes()))));
            }
            add(found, name, fields);
            return Optional.of(found);
        } catch (IOException | RuntimeException e) {
            LOG.warn("Stored example pictures cannot be read and are drawn anew: {}", Failure.of(e));
            return Optional.empty();
        }
    }

    private static void add(List<List<Exemplar>> found, List<String> name, List<Picture> fields) {
        if (name.size() == PARTS) {
            found.get(Integer.parseInt(name.get(0)))
                    .add(new Exemplar(Goal.valueOf(name.get(2)), Level.valueOf(name.get(3)), fields));
        }
    }

    /** Stores what was drawn; where there is no room for it, it is drawn again the next time. */
    void store(String key, List<List<Exemplar>> exemplars) {
        if (storage.isFull()) {
            return;
        }
        Path file = file(key);
        try {
            Path part = Files.createTempFile(folder(), "drawing", ".part");
            try (ZipOutputStream zip = new ZipOutputStream(new BufferedOutputStream(Files.newOutputStream(part)))) {
                for (int exercise = 0; exercise < exemplars.size(); exercise++) {
                    for (int place = 0; place < exemplars.get(exercise).size(); place++) {
                        Exemplar one = exemplars.get(exercise).get(place);
                        String group = exercise + "/" + place + "/" + one.goal() + "/" + one.level() + "/";
                        for (int field = 0; field < one.fields().size(); field++) {
                            zip.putNextEntry(new ZipEntry(group + field + ".png"));
                            write(one.fields().get(field), zip);
                            zip.closeEntry();
                        }
                    }
                }
            }
            Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            forgetOldest(folder());
        } catch (IOException e) {
            LOG.warn("Example pictures cannot be stored: {}", Failure.of(e));
        }
    }

    private static void write(Picture picture, OutputStream out) throws IOException {
        ImageIO.write(picture.toImage(), "png", out);
    }

    private static void forgetOldest(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            List<Path> all = files.sorted(
                            Comparator.comparing((Path f) -> f.toFile().lastModified())
                                    .reversed())
                    .toList();
            for (Path old : all.subList(Math.min(MOST, all.size()), all.size())) {
                Files.deleteIfExists(old);
            }
        }
    }
}
