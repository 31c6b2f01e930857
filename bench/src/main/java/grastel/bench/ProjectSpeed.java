package grastel.bench;

import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.ShippedKit;
import grastel.core.project.Mixtures;
import grastel.core.project.Palette;
import grastel.core.project.ReferencePiece;
import grastel.core.project.SeenFinished;
import grastel.core.project.ZoneColours.Mixed;
import grastel.core.reading.picture.Picture;
import grastel.core.recipe.Method;
import grastel.core.recipe.Target.Closeness;
import grastel.core.reference.Frame;
import grastel.core.reference.Reference;
import grastel.core.reference.ValueMap;
import grastel.core.reference.ValueMap.Wanted;
import grastel.core.reference.View;
import grastel.core.reference.Zones;
import grastel.core.stilllife.HarbourFind;
import java.util.List;
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

/** From a decoded picture of 12 megapixels to what it looks like in two dozen pencils. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 5, time = 3)
public class ProjectSpeed {
    private static final Frame FRAME = new Frame(150, 200);
    /** 3,098 × 3,873 px. */
    private static final int HEIGHT_PX = 3873;

    private static final int PENCILS = 24;
    private static final int ZONES = 20;

    private Picture picture;
    private Reference reference;
    private Zones zones;
    private Paper paper;
    private List<Pencil> pencils;
    private List<List<Mixed>> mixed;
    private int next;

    @Setup
    public void prepare() {
        picture = Picture.of(HarbourFind.ENAMEL_MUG.picture(HEIGHT_PX, 1));
        reference = Reference.of(picture, View.WHOLE, FRAME);
        zones = Zones.of(reference, ZONES, 20);
        paper = ShippedKit.papers().get(1).toPaper();
        pencils = ShippedKit.pencils().stream()
                .map(ShippedKit.RangePencil::toPencil)
                .filter(p -> !p.colourless())
                .limit(PENCILS)
                .toList();
        mixed = ReferencePiece.mixed(zones, paper, pencils, Method.USUAL);
    }

    @Benchmark
    public Object referenceToValuesAndZones() {
        Reference made = Reference.of(picture, View.WHOLE, FRAME);
        return List.of(ValueMap.of(made, new Wanted(5, 20, 1.5)), Zones.of(made, ZONES, 20));
    }

    @Benchmark
    public Object valuesAsASliderAsksThem() {
        next = (next + 1) % 6;
        return ValueMap.of(reference, new Wanted(2 + next, 20, 1.5));
    }

    @Benchmark
    public Object coloursOfTwentyZones() {
        return ReferencePiece.mixed(zones, paper, pencils, Method.USUAL);
    }

    @Benchmark
    public Object bestEightPencils() {
        return Palette.of(zones.zones(), Mixtures.of(paper, pencils), Closeness.COLOUR, 8);
    }

    @Benchmark
    public Object seenFinishedInPencils() {
        return new SeenFinished(
                        ReferencePiece.work(reference, zones, FRAME, paper, mixed, reference.mmPerPx(), 4, 6), paper)
                .inPencils();
    }
}
