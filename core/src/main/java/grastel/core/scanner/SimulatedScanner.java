package grastel.core.scanner;

import grastel.core.colour.Lab;
import grastel.core.layering.Layer;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.page.Card;
import grastel.core.page.PageLayout;
import grastel.core.scanner.hand.FieldTask;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.Camera;
import grastel.core.scanner.picture.Cut;
import grastel.core.scanner.picture.Exposure;
import grastel.core.scanner.picture.ImageDefect;
import grastel.core.scanner.picture.ScanConditions;
import grastel.core.scanner.sheet.Filling;
import grastel.core.scanner.sheet.FlatPage;
import grastel.core.scanner.sheet.Region;
import grastel.core.scanner.sheet.Stock;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.MemoryCacheImageOutputStream;

/** Fills a printed page and scans it. The same seed gives the same picture. */
public final class SimulatedScanner {
    /** Fine enough for the tooth of every shipped paper and for 400 dpi scans. */
    private static final double FINE_PX_PER_MM = 12;

    /** How far office cards lie apart, L*, one standard deviation. */
    private static final double CARD_WHITER = 0.8;

    private final Paper paper;
    private final Stock stock;
    private final double pxPerMm;

    public SimulatedScanner(Paper paper) {
        this(paper, FINE_PX_PER_MM);
    }

    /** @param pxPerMm how finely the page is drawn before it is scanned; its own tooth shows from about 10 on */
    public SimulatedScanner(Paper paper, double pxPerMm) {
        this(paper, Stock.USUAL, pxPerMm);
    }

    public SimulatedScanner(Paper paper, Stock stock) {
        this(paper, stock, FINE_PX_PER_MM);
    }

    public SimulatedScanner(Paper paper, Stock stock, double pxPerMm) {
        this.paper = paper;
        this.stock = stock;
        this.pxPerMm = pxPerMm;
    }

    /** A scan and what was really on the page. */
    public record Scan(BufferedImage picture, byte[] jpeg, List<GroundTruth> truth) {}

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

    /** The file alone: what was really on the page takes as long to find out as to draw. */
    public byte[] file(
            PageLayout page,
            List<FieldTask> tasks,
            List<Pencil> keys,
            Hand hand,
            ScanConditions conditions,
            long seed) {
        return jpeg(picture(page, tasks, keys, hand, conditions, seed), conditions.quality());
    }

    /** What the scanner sees, before it is made a file. */
    public BufferedImage picture(
            PageLayout page,
            List<FieldTask> tasks,
            List<Pencil> keys,
            Hand hand,
            ScanConditions conditions,
            long seed) {
        Filled filled = filled(page, tasks, keys, hand, seed);
        return exposed(filled, page, conditions, List.of());
    }

    /** @param spoils what goes wrong, in order */
    public Scan scan(
            PageLayout page,
            List<FieldTask> tasks,
            List<Pencil> keys,
            Hand hand,
            ScanConditions conditions,
            List<ImageDefect> spoils,
            long seed) {
        Filled filled = filled(page, tasks, keys, hand, seed);
        double paperLightness = paper.ground().toLab().lightness();
        List<GroundTruth> truth = page.fields().stream()
                .map(f -> GroundTruth.of(
                        f.id(),
                        filled.drawing(),
                        Region.of(f),
                        paperLightness,
                        filled.bands().getOrDefault(f.id(), Double.NaN)))
                .toList();
        BufferedImage picture = exposed(filled, page, conditions, spoils);
        return new Scan(picture, jpeg(picture, conditions.quality()), truth);
    }

    /**
     * A page that was drawn on.
     *
     * @param flat what lies on the desk
     * @param drawing what was drawn on: the same, or what lies under a card
     * @param bands where lines were left in strips
     * @param random for what comes after
     */
    private record Filled(FlatPage flat, FlatPage drawing, Map<String, Double> bands, RandomGenerator random) {}

    private Filled filled(PageLayout page, List<FieldTask> tasks, List<Pencil> keys, Hand hand, long seed) {
        RandomGenerator random = new java.util.Random(seed);
        double black = stock.black() * (1 + 0.1 * random.nextGaussian());
        boolean card = page.hasWindows();
        Paper printedOn = card ? officeCard(random) : paper;
        FlatPage print = FlatPage.printed(page, printedOn, black, pxPerMm);
        FlatPage drawing = card ? FlatPage.printed(page.bare(), paper, black, pxPerMm) : print;
        Filling filling = new Filling(paper, stock.cloud(), random.nextLong());
        Map<String, Double> bands = new HashMap<>();
        for (FieldTask task : tasks) {
            boolean skipped = random.nextDouble() < hand.skipChance();
            if (!skipped) {
                page.fields().stream()
                        .filter(f -> f.id().equals(task.field()))
                        .forEach(f -> bands.put(f.id(), filling.fill(drawing, Region.of(f), task, hand, random)));
            }
        }
        Filling keyFilling = card ? new Filling(printedOn, 0, random.nextLong()) : filling;
        for (PageLayout.Key box : page.keys()) {
            List<Layer> layers =
                    box.pencil() < keys.size() ? hand.keys().layers(keys.get(box.pencil()), keys, random) : List.of();
            if (!layers.isEmpty()) {
                keyFilling.fill(print, new Region.Box(box.rect()), FieldTask.even("", layers), hand, random);
            }
        }
        if (card) {
            Cut cut = new Cut(page, random);
            cut.trace(drawing);
            cut.lay(print, drawing, FlatPage.printed(page, printedOn, black, pxPerMm));
        }
        return new Filled(print, drawing, bands, random);
    }

    /** No two are as white, nor as blue. */
    private static Paper officeCard(RandomGenerator random) {
        Lab usual = Card.STOCK.ground().toLab();
        return Paper.of(
                Card.STOCK.name(),
                new Lab(
                        usual.lightness() + CARD_WHITER * random.nextGaussian(),
                        usual.a() + 0.4 * random.nextGaussian(),
                        usual.b() + random.nextGaussian()),
                Card.STOCK.tooth());
    }

    private static BufferedImage exposed(
            Filled filled, PageLayout page, ScanConditions conditions, List<ImageDefect> spoils) {
        spoils.forEach(spoil -> spoil.on(filled.flat(), page.size()));
        Camera camera = new Camera(page.size(), conditions, bend(spoils, true), bend(spoils, false));
        boolean sheetUnder = spoils.stream().anyMatch(ImageDefect.SheetUnder.class::isInstance);
        return expose(
                filled.flat(), camera, conditions, sheetUnder, filled.random().nextLong());
    }

    private static double bend(List<ImageDefect> spoils, boolean down) {
        return spoils.stream()
                .filter(ImageDefect.Bent.class::isInstance)
                .map(ImageDefect.Bent.class::cast)
                .filter(bent -> bent.down() == down)
                .mapToDouble(ImageDefect.Bent::mm)
                .sum();
    }

    private static BufferedImage expose(FlatPage flat, Camera camera, ScanConditions s, boolean sheetUnder, long seed) {
        BufferedImage picture = new BufferedImage(camera.width, camera.height, BufferedImage.TYPE_3BYTE_BGR);
        byte[] out = ((DataBufferByte) picture.getRaster().getDataBuffer()).getData();
        Exposure exposure = Exposure.of(flat, camera, s, sheetUnder, new SplittableRandom(seed));
        IntStream.range(0, camera.height).parallel().forEach(y -> exposure.line(y, out));
        s.device().tone().on(out);
        return picture;
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
