package grastel.bench;

import grastel.app.sheets.Printings;
import grastel.core.page.Rect;
import grastel.core.reading.PageReader;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.PictureFile;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reading.place.FoundPage;
import java.io.IOException;
import java.nio.file.Files;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Where the time of reading one 300 dpi page goes: decode, find, measure, straighten. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 3, time = 3)
public class ReadingStages {
    private static final PictureFile.Limits LIMITS = new PictureFile.Limits(60_000_000, 80);

    private Printings.PrintedSheet sheet;
    private byte[] jpeg;
    private PageReader reader;
    private Picture picture;
    private FoundPage found;
    private PageReader.Measures measures;

    @Setup
    public void prepare() throws UnreadablePage, IOException {
        try (RunningGrastel grastel = new RunningGrastel()) {
            UUID run = grastel.printScale(grastel.teacher, 1);
            grastel.draw(grastel.teacher, run, "page", 1);
            sheet = grastel.printed(grastel.teacher, run, 1).get(0);
            jpeg = Files.readAllBytes(grastel.page("page", 1));
        }
        reader = new PageReader();
        picture = decode();
        found = find();
        measures = measure();
    }

    @Benchmark
    public Picture decode() throws UnreadablePage {
        return PictureFile.decode(jpeg, 0, LIMITS);
    }

    @Benchmark
    public FoundPage find() throws UnreadablePage {
        return reader.find(picture);
    }

    @Benchmark
    public PageReader.Measures measure() throws UnreadablePage {
        return PageReader.measure(picture, found, sheet.layout(), sheet.paper(), PageReader.KeyColours.UNKNOWN);
    }

    @Benchmark
    public Picture straighten() {
        return measures.straightened().part(new Rect(0, 0, 210, 297), 2.5);
    }
}
