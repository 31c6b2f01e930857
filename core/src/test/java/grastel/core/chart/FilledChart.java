package grastel.core.chart;

import grastel.core.chart.ChartPlan.Entry;
import grastel.core.exercise.Shipped;
import grastel.core.layering.Layer;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.Tooth;
import grastel.core.page.PageCode;
import grastel.core.page.PageLayout;
import grastel.core.page.PageSize;
import grastel.core.page.SheetComposer;
import grastel.core.page.SheetWords;
import grastel.core.reading.PageReader;
import grastel.core.reading.PageReading;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.hand.FieldTask;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.hand.RealPencil;
import grastel.core.scanner.picture.ScanConditions;
import grastel.core.scanner.sheet.Stock;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/** A chart whose pencils and paper are not what they are thought to be, filled by a hand and scanned. */
record FilledChart(ChartPlan plan, List<Pencil> real, Paper realPaper, List<PageLayout> pages) {
    private static final SheetWords WORDS =
            new SheetWords("Chart", "Fill every box.", "Name", "Set", "Date", "", "", List.of("Kit"));

    /** @param off how far masstones are from what is thought, ΔE*ab; @param described false for a set that nobody knows */
    static FilledChart of(List<Pencil> pencils, double off, boolean described, long seed) {
        Random random = new Random(seed);
        List<Pencil> real =
                pencils.stream().map(p -> RealPencil.of(p, off, random)).toList();
        double deeper = Math.exp(0.15 * random.nextGaussian());
        Paper cartridge = Shipped.CARTRIDGE;
        Paper paper = new Paper(
                cartridge.name(),
                cartridge.ground(),
                new Tooth(deeper * cartridge.tooth().depth(), cartridge.tooth().grainMm()));
        List<Entry> entries = pencils.stream()
                .map(p -> new Entry(p.code(), p.name(), p.binder(), described ? p : null))
                .toList();
        ChartPlan plan = new ChartPlan(
                entries, ChartPlan.whiteOf(pencils).orElse(-1), Shipped.blender(), ChartPlan.pressedOf(pencils));
        return new FilledChart(plan, real, paper, ChartPages.of(plan, PageSize.A4, words()));
    }

    static ChartPages.Words words() {
        Map<ChartWork, String> works = new EnumMap<>(ChartWork.class);
        for (ChartWork work : ChartWork.values()) {
            works.put(work, work.grade().name().toLowerCase() + "\n× " + work.passes());
        }
        return new ChartPages.Words(WORDS, List.of("Fill every box."), works, "once at each pressure");
    }

    /** All pages as filled by a hand. @param by whose, from 0 */
    List<ChartFit.ReadPage> read(Hand hand, int by, Stock stock, ScanConditions conditions, long seed)
            throws UnreadablePage {
        return read(hand, by, stock, conditions, seed, plan.layers(real));
    }

    /** The same with other layers in its boxes. */
    List<ChartFit.ReadPage> read(
            Hand hand, int by, Stock stock, ScanConditions conditions, long seed, List<List<Layer>> layers)
            throws UnreadablePage {
        List<FieldTask> tasks = new ArrayList<>();
        for (int i = 0; i < layers.size(); i++) {
            if (!layers.get(i).isEmpty()) {
                tasks.add(new FieldTask(plan.boxes().get(i).id(), List.of(layers.get(i))));
            }
        }
        List<ChartFit.ReadPage> read = new ArrayList<>();
        for (int i = 0; i < pages.size(); i++) {
            PageReading reading = page(pages.get(i), tasks, hand, stock, conditions, seed + i);
            read.add(new ChartFit.ReadPage(by, reading));
        }
        return read;
    }

    /** One page drawn with the real paper, and read on what is thought of it. */
    PageReading page(
            PageLayout layout, List<FieldTask> tasks, Hand hand, Stock stock, ScanConditions conditions, long seed)
            throws UnreadablePage {
        PageLayout page = SheetComposer.forStudent(layout, "", "", new PageCode("7KQ2M9XB", 14));
        List<FieldTask> here = tasks.stream()
                .filter(t -> page.fields().stream().anyMatch(f -> f.id().equals(t.field())))
                .toList();
        Picture picture = Picture.of(
                new SimulatedScanner(realPaper, stock).picture(page, here, List.of(), hand, conditions, seed));
        PageReader reader = new PageReader();
        return PageReader.measure(picture, reader.find(picture), page, Shipped.CARTRIDGE, PageReader.KeyColours.UNKNOWN)
                .reading();
    }
}
