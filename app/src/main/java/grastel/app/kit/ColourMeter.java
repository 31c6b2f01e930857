package grastel.app.kit;

import grastel.core.colour.Lab;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Swatch;
import grastel.core.layering.calibration.Calibration.Measured;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.Tooth;
import java.util.List;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.random.RandomGenerator;
import org.springframework.stereotype.Component;

/**
 * The simulated colour meter that ships in place of a real one. Under it lies the teacher's own pencil or paper, which differs
 * from its label by a fixed, hidden amount for each; each reading carries the noise of an instrument.
 */
@Component
public class ColourMeter {
    /** Scatter of a reading in each of L*, a*, b*. */
    private static final double NOISE = 0.25;

    private static final double DEEPEST = 3.5;

    static List<Layer.Colour> calibrationSwatches(Pencil pencil) {
        return List.of(
                new Layer.Colour(Pass.of(pencil, PressureGrade.FULL), 2),
                new Layer.Colour(Pass.of(pencil, PressureGrade.LIGHT), 1),
                new Layer.Colour(Pass.of(pencil, PressureGrade.LIGHT), 3));
    }

    /** Reads the three swatches of calibration: full pressure twice, light once and three times. */
    List<Measured> swatches(UUID id, Pencil label, Paper paper, RandomGenerator noise) {
        return measured(real(id, label), paper, noise);
    }

    /** The same three swatches of a pencil whose values are right, on the teacher's own paper, which is not quite its label's. */
    List<Measured> swatchesOn(UUID paperId, Paper label, Pencil pencil, RandomGenerator noise) {
        return measured(pencil, real(paperId, label), noise);
    }

    private static List<Measured> measured(Pencil pencil, Paper paper, RandomGenerator noise) {
        return calibrationSwatches(pencil).stream()
                .map(drawn ->
                        new Measured(drawn, read(Swatch.bare(paper).with(drawn).colour(), noise)))
                .toList();
    }

    /** Reads a pencil that is not in the kit yet: one of a box of loose ones, by its place in it. */
    Lab loosePencil(int place, RandomGenerator noise) {
        return read(loose(place), noise);
    }

    /** What a loose pencil really is. */
    public static Lab loose(int place) {
        SplittableRandom box = new SplittableRandom(90_001L + place);
        double hue = Math.toRadians(box.nextDouble(360));
        double chroma = 15 + box.nextDouble(40);
        return new Lab(30 + box.nextDouble(45), chroma * Math.cos(hue), chroma * Math.sin(hue));
    }

    /** What the teacher's own paper really is. */
    public static Paper real(UUID id, Paper label) {
        double deeper = Math.exp(0.2 * Math.max(-2, Math.min(2, hidden(id).nextGaussian())));
        double depth = Math.min(DEEPEST, deeper * label.tooth().depth());
        return new Paper(
                label.name(), label.ground(), new Tooth(depth, label.tooth().grainMm()));
    }

    private static Random hidden(UUID id) {
        return new Random(id.getMostSignificantBits() ^ id.getLeastSignificantBits());
    }

    /** What the teacher's own pencil really is. */
    public static Pencil real(UUID id, Pencil label) {
        Random hidden = hidden(id);
        double strength = 1 + 0.05 * hidden.nextGaussian();
        return label.measuredAs(
                label.masstone().map(r -> Math.pow(r, strength)),
                Math.min(1, Math.max(0, label.hiding() + 0.08 * hidden.nextGaussian())),
                Math.min(
                        Pencil.SOFTEST,
                        Math.max(Pencil.HARDEST, label.softness() * (1 + 0.12 * hidden.nextGaussian()))));
    }

    private static Lab read(Lab exact, RandomGenerator noise) {
        return new Lab(
                Math.min(100, Math.max(0, exact.lightness() + NOISE * noise.nextGaussian())),
                exact.a() + NOISE * noise.nextGaussian(),
                exact.b() + NOISE * noise.nextGaussian());
    }
}
