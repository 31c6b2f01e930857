package grastel.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** What reading is held against: libjpeg-turbo's djpeg on the same file, from its start to its end. */
final class Djpeg {
    private Djpeg() {}

    static double millis(Path file) throws IOException, InterruptedException {
        long start = System.nanoTime();
        int exit = new ProcessBuilder("djpeg", "-outfile", file + ".ppm", file.toString())
                .start()
                .waitFor();
        if (exit != 0) {
            throw new IllegalStateException("djpeg ended with " + exit);
        }
        double ms = (System.nanoTime() - start) / 1e6;
        Files.delete(Path.of(file + ".ppm"));
        return ms;
    }

    static double median(List<Double> values) {
        List<Double> sorted = values.stream().sorted().toList();
        return sorted.get(sorted.size() / 2);
    }
}
