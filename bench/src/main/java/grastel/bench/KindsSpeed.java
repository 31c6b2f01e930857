package grastel.bench;

import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.ExerciseKinds;
import grastel.core.exercise.Values;
import grastel.core.page.PageLayout;
import grastel.core.page.Rect;
import grastel.core.reading.PageReader;
import grastel.core.reading.Picture;
import grastel.core.reading.PictureFile;
import grastel.core.reading.Straightened;
import grastel.core.reading.UnreadablePage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Reading one 300 dpi page of each kind, from the file's bytes to the figures and straightened pictures, against djpeg. */
final class KindsSpeed {
    /** The usual method has no solvent. */
    private static final String WITH_SOLVENT = "solvent-split";

    private static final int ROUNDS = 15;
    private static final PictureFile.Limits LIMITS = new PictureFile.Limits(60_000_000, 80);

    private KindsSpeed() {}

    static void measure() throws IOException, InterruptedException, UnreadablePage {
        Path file = Files.createTempFile("grastel-kind", ".jpg");
        PageReader reader = new PageReader();
        for (ExerciseKind kind : ExerciseKinds.all()) {
            if (kind.id().equals(WITH_SOLVENT)) {
                continue;
            }
            BenchSheet sheet = new BenchSheet(kind, Values.NONE);
            Files.write(file, sheet.jpeg);
            List<Double> own = new ArrayList<>();
            List<Double> djpeg = new ArrayList<>();
            for (int i = 0; i < ROUNDS; i++) {
                djpeg.add(Djpeg.millis(file));
                long start = System.nanoTime();
                read(reader, sheet);
                own.add((System.nanoTime() - start) / 1e6);
            }
            double ms = Djpeg.median(own);
            double against = Djpeg.median(djpeg);
            System.out.printf(
                    "%-20s %2d fields: %.0f ms, djpeg %.0f ms, ratio %.2f%n",
                    kind.id(), sheet.page.fields().size(), ms, against, ms / against);
        }
        Files.delete(file);
    }

    private static void read(PageReader reader, BenchSheet sheet) throws UnreadablePage {
        Picture picture = PictureFile.decode(sheet.jpeg, 0, LIMITS);
        Straightened flat = reader.measure(
                        picture, reader.find(picture), sheet.page, sheet.paper, PageReader.Inks.UNKNOWN)
                .straightened();
        flat.part(new Rect(0, 0, sheet.page.size().widthMm(), sheet.page.size().heightMm()), 2.2);
        sheet.page.fields().parallelStream().map(PageLayout.Field::rect).forEach(r -> flat.part(r.inset(-2.5), 6));
    }
}
