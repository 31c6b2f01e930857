package grastel.core.scanner;

import grastel.core.colour.LinearRgb;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.page.PageLayout;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.MemoryCacheImageOutputStream;

/** Fills a printed page and scans it. The same seed gives the same picture. */
public final class SimulatedScanner {
    static final double DESK_LIGHT = 0.13;
    private static final double INK = 0.04;

    /** Fine enough for the tooth of every shipped paper and for 400 dpi scans. */
    private static final double FINE_PX_PER_MM = 12;

    private final Paper paper;
    private final double pxPerMm;

    public SimulatedScanner(Paper paper) {
        this(paper, FINE_PX_PER_MM);
    }

    /** @param pxPerMm how finely the page is drawn before it is scanned; its own tooth shows from about 10 on */
    public SimulatedScanner(Paper paper, double pxPerMm) {
        this.paper = paper;
        this.pxPerMm = pxPerMm;
    }

    /** A scan and what was really on the page. */
    public record Scan(BufferedImage picture, byte[] jpeg, List<Truth> truth) {}

    /**
     * @param page the printed page of one student
     * @param tasks what each box asks; boxes without a task stay bare
     * @param keys the sheet's pencils, for its key boxes; may be empty
     * @param seed makes the grain, the hand's errors and the noise
     */
    public Scan scan(
            PageLayout page,
            List<FieldTask> tasks,
            List<Pencil> keys,
            Hand hand,
            ScanConditions conditions,
            long seed) {
        return scan(page, tasks, keys, hand, conditions, List.of(), seed);
    }

    /** @param spoils what goes wrong, in order */
    public Scan scan(
            PageLayout page,
            List<FieldTask> tasks,
            List<Pencil> keys,
            Hand hand,
            ScanConditions conditions,
            List<Spoil> spoils,
            long seed) {
        return scan(page, tasks, keys, hand, conditions, spoils, seed, true);
    }

    /** The file alone: what was really on the page takes as long to find out as to draw. */
    public byte[] file(
            PageLayout page,
            List<FieldTask> tasks,
            List<Pencil> keys,
            Hand hand,
            ScanConditions conditions,
            long seed) {
        return scan(page, tasks, keys, hand, conditions, List.of(), seed, false).jpeg();
    }

    private Scan scan(
            PageLayout page,
            List<FieldTask> tasks,
            List<Pencil> keys,
            Hand hand,
            ScanConditions conditions,
            List<Spoil> spoils,
            long seed,
            boolean withTruth) {
        RandomGenerator random = new java.util.Random(seed);
        FlatPage flat = FlatPage.printed(page, paper, INK + 0.004 * random.nextGaussian(), pxPerMm);
        Filling filling = new Filling(paper, random.nextLong());
        Map<String, Double> bands = new HashMap<>();
        for (FieldTask task : tasks) {
            boolean skipped = random.nextDouble() < hand.skipChance();
            if (!skipped) {
                page.fields().stream()
                        .filter(f -> f.id().equals(task.field()))
                        .forEach(f -> bands.put(f.id(), filling.fill(flat, Region.of(f), task, hand, random)));
            }
        }
        page.keys().stream()
                .filter(k -> k.pencil() < keys.size())
                .forEach(k -> filling.fill(flat, new Region.Box(k.rect()), key(keys.get(k.pencil())), hand, random));
        double paperLightness = paper.ground().toLab().lightness();
        List<Truth> truth = new ArrayList<>();
        for (PageLayout.Field field : withTruth ? page.fields() : List.<PageLayout.Field>of()) {
            double band = bands.getOrDefault(field.id(), Double.NaN);
            truth.add(Truth.of(field.id(), flat, Region.of(field), paperLightness, band));
        }
        spoils.forEach(spoil -> spoil.on(flat, page.size()));
        Camera camera = new Camera(page.size(), conditions, bend(spoils));
        boolean sheetUnder = spoils.stream().anyMatch(Spoil.SheetUnder.class::isInstance);
        BufferedImage picture = expose(flat, camera, conditions, sheetUnder, random.nextLong());
        return new Scan(picture, jpeg(picture, conditions.quality()), List.copyOf(truth));
    }

    private static double bend(List<Spoil> spoils) {
        return spoils.stream()
                .filter(Spoil.Bent.class::isInstance)
                .mapToDouble(s -> ((Spoil.Bent) s).mm())
                .sum();
    }

    /** A key box: full pressure, twice. */
    private static FieldTask key(Pencil pencil) {
        return FieldTask.even("", List.of(new Layer.Colour(Pass.of(pencil, PressureGrade.FULL), 2)));
    }

    private static BufferedImage expose(FlatPage flat, Camera camera, ScanConditions s, boolean sheetUnder, long seed) {
        BufferedImage picture = new BufferedImage(camera.width, camera.height, BufferedImage.TYPE_3BYTE_BGR);
        byte[] out = ((DataBufferByte) picture.getRaster().getDataBuffer()).getData();
        SplittableRandom random = new SplittableRandom(seed);
        int sub = Math.max(1, (int) Math.round(flat.pxPerMm / (s.dpi() / 25.4)));
        byte[] codes = codeTable();
        double fallX = random.nextDouble(-1, 1);
        double fallY = Math.copySign(Math.sqrt(1 - fallX * fallX), random.nextDouble() - 0.5);
        // A camera sets its exposure by the brightest channel: paper does not clip.
        double brightest = 1 + Math.abs(s.warmth());
        double[] tint = {(1 + s.warmth()) / brightest, 1 / brightest, (1 - s.warmth()) / brightest};
        double[] mm = new double[2];
        double[] light = new double[3];
        for (int y = 0; y < camera.height; y++) {
            for (int x = 0; x < camera.width; x++) {
                light[0] = 0;
                light[1] = 0;
                light[2] = 0;
                gather(flat, camera, x, y, sub, sheetUnder, mm, light);
                double lamp = lamp(x, y, camera, s.lightFall(), fallX, fallY);
                int i = (y * camera.width + x) * 3;
                for (int c = 0; c < 3; c++) {
                    double noise =
                            s.noise() * (random.nextDouble() + random.nextDouble() + random.nextDouble() - 1.5) * 2;
                    out[i + 2 - c] = coded(codes, light[c] * lamp * tint[c], noise);
                }
            }
        }
        return picture;
    }

    /** Average light over a pixel, from {@code sub}² places in it. */
    private static void gather(
            FlatPage flat, Camera camera, int x, int y, int sub, boolean sheetUnder, double[] mm, double[] light) {
        double share = 1.0 / (sub * sub);
        for (int j = 0; j < sub; j++) {
            for (int i = 0; i < sub; i++) {
                camera.toPage(x + (i + 0.5) / sub, y + (j + 0.5) / sub, mm);
                if (!flat.sample(mm[0] * flat.pxPerMm, mm[1] * flat.pxPerMm, light)) {
                    double desk = sheetUnder && mm[0] > 0 ? underSheet(mm) : DESK_LIGHT;
                    light[0] += desk;
                    light[1] += desk * 0.9;
                    light[2] += desk * 0.8;
                }
            }
        }
        for (int c = 0; c < 3; c++) {
            light[c] *= share;
        }
    }

    /** Another sheet, with lines of words. */
    private static double underSheet(double[] mm) {
        return mm[1] % 7 > 4.5 && Math.sin(9 * mm[0]) > 0 ? 0.1 : 0.85;
    }

    /** Light falling off along one direction and, more gently, towards the corners; 1 at the brightest place. */
    private static double lamp(int x, int y, Camera camera, double fall, double fallX, double fallY) {
        double u = 2.0 * x / camera.width - 1;
        double v = 2.0 * y / camera.height - 1;
        double along = (u * fallX + v * fallY) / (Math.abs(fallX) + Math.abs(fallY));
        double corner = (u * u + v * v) / 2;
        return 1 - fall * (0.8 * (along + 1) / 2 + 0.2 * corner);
    }

    private static byte coded(byte[] codes, double light, double noise) {
        int clean = codes[(int) Math.min(codes.length - 1, light * (codes.length - 1))] & 0xff;
        return (byte) Math.min(255, Math.max(0, Math.round(clean + noise)));
    }

    private static byte[] codeTable() {
        byte[] table = new byte[1 << 14];
        for (int i = 0; i < table.length; i++) {
            table[i] = (byte) Math.round(255 * LinearRgb.encode(i / (double) (table.length - 1)));
        }
        return table;
    }

    private static byte[] jpeg(BufferedImage picture, double quality) {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (var out = new ByteArrayOutputStream();
                var stream = new MemoryCacheImageOutputStream(out)) {
            ImageWriteParam param = writer.getDefaultWriteParam();
            param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            param.setCompressionQuality((float) quality);
            writer.setOutput(stream);
            writer.write(null, new IIOImage(picture, null, null), param);
            stream.flush();
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            writer.dispose();
        }
    }
}
