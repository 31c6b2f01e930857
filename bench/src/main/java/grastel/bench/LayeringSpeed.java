package grastel.bench;

import grastel.core.colour.Lab;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stack;
import grastel.core.layering.Swatch;
import grastel.core.layering.advice.WhatIf;
import grastel.core.layering.picture.SwatchPicture;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.ShippedKit;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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

/** The layering model, warm, on one core. A swatch is composed as it is laid, so a pass includes its optics. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class LayeringSpeed {
    private static final int PICTURE = 320;

    private Paper paper;
    private Pass pass;
    private Swatch started;
    private Stack six;
    private Swatch finished;
    private Optional<Pencil> white;
    private Optional<Pencil> blender;

    @Setup
    public void prepare() {
        List<Pencil> pencils = ShippedKit.pencils().stream()
                .map(ShippedKit.RangePencil::toPencil)
                .toList();
        paper = ShippedKit.papers().get(0).toPaper();
        white = Optional.of(pencils.get(0));
        blender = Optional.of(pencils.get(pencils.size() - 1));
        pass = Pass.of(pencils.get(6), PressureGrade.MEDIUM);
        started = Swatch.bare(paper).with(Pass.of(pencils.get(15), PressureGrade.LIGHT));
        List<Layer> layers = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            layers.add(new Layer.Colour(Pass.of(pencils.get(6 + 3 * i), PressureGrade.LIGHT), 1));
        }
        six = new Stack(paper, Optional.empty(), layers);
        finished = six.swatch();
    }

    /** One pass of another pencil on a state of 16 height classes × 36 wavelengths, optics included. */
    @Benchmark
    public Swatch onePass() {
        return started.with(pass);
    }

    /** Six layers of six pencils from bare paper to L*a*b*. */
    @Benchmark
    public Lab sixPassStackToLab() {
        return six.swatch().colour();
    }

    /** Every neighbour of the six-layer stack, each to L*a*b*. */
    @Benchmark
    public double whatIfSet() {
        double sum = 0;
        for (WhatIf.Variant variant : WhatIf.around(six, white, blender)) {
            sum += variant.swatch().colour().lightness();
        }
        return sum;
    }

    @Benchmark
    public BufferedImage picture320() {
        return SwatchPicture.paint(finished, paper.tooth().grainMm(), PICTURE, PICTURE, 9, 7);
    }
}
