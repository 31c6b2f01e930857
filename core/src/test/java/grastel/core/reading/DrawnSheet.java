package grastel.core.reading;

import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.layering.KeyRamp;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.page.Card;
import grastel.core.page.FieldSpec;
import grastel.core.page.FieldSpec.Inside;
import grastel.core.page.PageCode;
import grastel.core.page.PageLayout;
import grastel.core.page.PageSize;
import grastel.core.page.Section;
import grastel.core.page.SheetComposer;
import grastel.core.page.SheetWords;
import grastel.core.reading.keys.KeyColour;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.PictureFile;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reading.place.FoundPage;
import grastel.core.recipe.Method;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.SimulatedScanner.Scan;
import grastel.core.scanner.hand.FieldTask;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.ImageDefect;
import grastel.core.scanner.picture.ScanConditions;
import java.util.List;

/**
 * A sheet of one exercise, printed and drawn by the simulated scanner, for tests of reading.
 *
 * @param sheet the page before a student's words are put on it
 * @param page of one student
 */
public record DrawnSheet(Paper paper, ExercisePlan plan, PageLayout sheet, PageLayout page, List<FieldTask> tasks) {
    public static final PageCode CODE = new PageCode("7KQ2M9XB", 14);
    public static final ScanConditions PLAIN = new ScanConditions(200, 1, 0, 0, 0.05, 0, 1, 0.85, 0, 4);

    public static DrawnSheet of(String pencilCode, int steps, PageSize size) {
        return of(
                "pressure-scale",
                ChosenValues.of("pencil", Shipped.pencil(pencilCode)).with("steps", steps),
                Shipped.CARTRIDGE,
                size);
    }

    /** The first page of a sheet. */
    public static DrawnSheet of(String kind, ChosenValues values, Paper paper, PageSize size) {
        return of(Shipped.plan(kind, values, Shipped.on(paper, Method.USUAL)), paper, size);
    }

    /** The first page of a sheet of one exercise as planned. */
    public static DrawnSheet of(ExercisePlan plan, Paper paper, PageSize size) {
        List<FieldSpec> specs = plan.fields().stream()
                .map(f -> new FieldSpec(
                        f.id(),
                        f.group(),
                        f.widthMm(),
                        f.heightMm(),
                        f.outline(),
                        f.isShape() ? null : f.askedLightness(),
                        "value",
                        List.of("medium", "2 passes"),
                        f.hasPicture() ? new Inside(1, 1, f.picture().guide()) : Inside.NOTHING))
                .toList();
        SheetWords words =
                new SheetWords("Sheet", "Even steps.", "Name", "Class", "Date", "Try here.", "Keys", List.of("Kit"));
        PageLayout sheet = SheetComposer.compose(
                        size,
                        words,
                        List.of(new Section("", "", specs, List.of("Squint."))),
                        plan.palette().stream().map(Pencil::code).toList())
                .pages()
                .get(0);
        PageLayout page = SheetComposer.forStudent(sheet, "Ana", "8 Dunlin", CODE);
        List<FieldTask> tasks = FieldTask.of(SheetPlan.of(List.of(plan)), page);
        return new DrawnSheet(paper, plan, sheet, page, tasks);
    }

    /** The same under a card, on any paper. */
    public DrawnSheet underCard(Paper on) {
        PageLayout card = Card.of(sheet, new Card.Words("Lay over the drawing.", "bare paper"));
        PageLayout labelled = Card.labelled(card, new Card.Label("Ana", CODE));
        return new DrawnSheet(on, plan, card, labelled, tasks);
    }

    public Scan scan(Hand hand, ScanConditions conditions, long seed) {
        return scan(hand, conditions, List.of(), seed);
    }

    public Scan scan(Hand hand, ScanConditions conditions, List<ImageDefect> spoils, long seed) {
        return new SimulatedScanner(paper).scan(page, tasks, plan.palette(), hand, conditions, spoils, seed);
    }

    /** What its key boxes can look like, and all pencils that could have been taken by mistake. */
    public PageReader.KeyColours inks() {
        return new PageReader.KeyColours(
                plan.palette().stream().map(this::ink).toList(),
                Shipped.ALL.stream().filter(p -> !p.colourless()).map(this::ink).toList());
    }

    private KeyColour ink(Pencil pencil) {
        return new KeyColour(pencil.name(), KeyRamp.of(pencil, page.hasWindows() ? Card.STOCK : paper));
    }

    /** Found and measured without colours of keys. */
    public PageReading read(PageReader reader, Scan scan) throws UnreadablePage {
        return read(reader, scan, PageReader.KeyColours.UNKNOWN);
    }

    public PageReading read(PageReader reader, Scan scan, PageReader.KeyColours inks) throws UnreadablePage {
        Picture picture = PictureFile.decode(scan.jpeg(), 0, new PictureFile.Limits(60_000_000, 80));
        return read(picture, reader.find(picture), paper, inks);
    }

    /** @param planned paper that the page was planned for */
    public PageReading read(Picture picture, FoundPage found, Paper planned, PageReader.KeyColours inks)
            throws UnreadablePage {
        return PageReader.measure(picture, found, page, planned, inks).reading();
    }
}
