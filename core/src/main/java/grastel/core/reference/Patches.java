package grastel.core.reference;

import boofcv.abst.segmentation.ImageSuperpixels;
import boofcv.factory.segmentation.ConfigSlic;
import boofcv.factory.segmentation.FactoryImageSegmentation;
import boofcv.struct.image.GrayF32;
import boofcv.struct.image.GrayS32;
import boofcv.struct.image.ImageType;
import boofcv.struct.image.Planar;
import grastel.core.colour.Lab;
import grastel.core.colour.Srgb;
import java.util.stream.IntStream;

/**
 * What zones of any number are made from: superpixels (Achanta and others, IEEE Transactions on Pattern Analysis and Machine
 * Intelligence 34, 2012; BoofCV's), which are joined with neighbours, those first that lose least by it (Ward, Journal of the
 * American Statistical Association 58, 1963). Finding them takes most of the time that zones take. Not changed after it is made.
 */
public final class Patches {
    private static final int SUPERPIXELS = 500;
    /** How much nearness in space counts against nearness in colour; SLIC's usual weight for Lab. */
    private static final float SPACE = 10;

    /** SLIC's centres hardly move after so many. */
    private static final int ROUNDS = 6;

    private final Reference reference;
    private final Lab[] colours;
    private final float[][] bands;
    /** Found at half the fineness, which is a quarter of the work and still finer than a pencil's line. */
    private final Lab[] half;

    private final GrayS32 found;

    private Patches(Reference reference, Lab[] colours, Lab[] half, GrayS32 found) {
        this.reference = reference;
        this.colours = colours;
        this.bands = Borders.smooth(reference.width(), colours);
        this.half = half;
        this.found = found;
    }

    public static Patches of(Reference reference) {
        Lab[] colours = colours(reference);
        int width = reference.width() / 2;
        int height = reference.height() / 2;
        Lab[] half = IntStream.range(0, width * height)
                .mapToObj(i -> colours[2 * (i / width) * reference.width() + 2 * (i % width)])
                .toArray(Lab[]::new);
        return new Patches(reference, colours, half, superpixels(width, height, half));
    }

    /** Of each pixel. */
    static Lab[] colours(Reference reference) {
        return IntStream.range(0, reference.width() * reference.height())
                .parallel()
                .mapToObj(i -> Srgb.ofCode(reference.code(i)).toLab())
                .toArray(Lab[]::new);
    }

    Reference reference() {
        return reference;
    }

    /** Of each pixel. */
    Lab[] colours() {
        return colours;
    }

    /** See {@link Borders#smooth}. */
    float[][] bands() {
        return bands;
    }

    /** For each pixel which of so many areas it lies in. */
    int[] joined(int count) {
        int[] coarse = RegionMerging.of(found, half, count);
        return IntStream.range(0, colours.length)
                .map(i -> {
                    int x = Math.min(found.width - 1, i % reference.width() / 2);
                    int y = Math.min(found.height - 1, i / reference.width() / 2);
                    return coarse[y * found.width + x];
                })
                .toArray();
    }

    private static GrayS32 superpixels(int width, int height, Lab[] colours) {
        Planar<GrayF32> bands = new Planar<>(GrayF32.class, width, height, 3);
        for (int i = 0; i < colours.length; i++) {
            bands.getBand(0).data[i] = (float) colours[i].lightness();
            bands.getBand(1).data[i] = (float) colours[i].a();
            bands.getBand(2).data[i] = (float) colours[i].b();
        }
        ConfigSlic config = new ConfigSlic(SUPERPIXELS, SPACE);
        config.totalIterations = ROUNDS;
        ImageSuperpixels<Planar<GrayF32>> slic = FactoryImageSegmentation.slic(config, ImageType.pl(3, GrayF32.class));
        GrayS32 found = new GrayS32(width, height);
        slic.segment(bands, found);
        return found;
    }
}
