package grastel.core.page;

import grastel.core.page.PageLayout.Patch;
import grastel.core.page.PageLayout.Rule;
import grastel.core.page.PageLayout.Text;
import grastel.core.page.PageLayout.Weight;
import java.util.ArrayList;
import java.util.List;

/** Lays a sheet out: head, rows of boxes with their recipes, a strip for trying out, what to do, foot. */
public final class SheetComposer {
    private static final double SIDE_MM = 14;
    private static final double HEAD_X = PageFurniture.INSET_MM + PageFurniture.MARKER_MM + 5;
    private static final double NAME_BASELINE = 35;
    private static final double FIELDS_TOP = 44;
    /** Clear paper around a box, where colour outside the edge is looked for. */
    static final double CLEAR_MM = 3.2;

    private static final double LEAST_GAP_MM = 7;
    private static final double MOST_GAP_MM = 16;
    private static final double LABEL_MM = 7.6;
    private static final double RECIPE_SIZE = 2.7;
    private static final double RECIPE_LEAD = 3.4;
    private static final double PRACTICE_MM = 22;

    private final PageSize size;
    private final List<PageLayout.Field> fields = new ArrayList<>();
    private final List<Rule> rules = new ArrayList<>();
    private final List<Text> texts = new ArrayList<>();
    private final List<Patch> patches = new ArrayList<>();
    private double y = FIELDS_TOP;

    private SheetComposer(PageSize size) {
        this.size = size;
    }

    /**
     * The page without a student on it.
     *
     * @throws PageTooFull if the boxes do not fit on one page
     */
    public static PageLayout compose(PageSize size, SheetWords words, List<FieldSpec> specs) {
        SheetComposer composer = new SheetComposer(size);
        composer.head(words);
        composer.rows(specs);
        composer.below(words);
        return new PageLayout(
                size, composer.fields, composer.rules, composer.texts, composer.patches, PageFurniture.markers(size));
    }

    /** The same page for one student: name, class, code. */
    public static PageLayout forStudent(PageLayout sheet, String student, String className, PageCode code) {
        PageSize size = sheet.size();
        Rect square = PageFurniture.code(size);
        NameLine line = new NameLine(size);
        List<Text> words = List.of(
                line(line.nameX(), NAME_BASELINE, 4.4, Weight.BOLD, student, line.nameRoom()),
                line(line.classX(), NAME_BASELINE, 4.0, Weight.REGULAR, className, line.classRoom()),
                line(square.x(), square.bottom() + 3.4, 2.3, Weight.REGULAR, code.toString(), square.width() + 8));
        return sheet.with(words, List.of(new PageLayout.Bits(square, code.squareRows())));
    }

    /** Where the written parts of the name line stand. */
    private record NameLine(double nameX, double nameRoom, double classX, double classRoom, double dateX, double end) {
        NameLine(PageSize size) {
            this(HEAD_X + 11, 68, HEAD_X + 93, 30, HEAD_X + 136, size.widthMm() - SIDE_MM);
        }
    }

    private void head(SheetWords words) {
        double room = PageFurniture.code(size).x() - HEAD_X - 5;
        texts.add(line(HEAD_X, 16, 6.2, Weight.BOLD, words.title(), room));
        texts.add(line(HEAD_X, 22.5, 3.3, Weight.REGULAR, words.goal(), room));
        NameLine line = new NameLine(size);
        texts.add(line(HEAD_X, NAME_BASELINE, 2.8, Weight.REGULAR, words.nameLabel(), 10));
        texts.add(line(line.classX() - 10, NAME_BASELINE, 2.8, Weight.REGULAR, words.classLabel(), 10));
        texts.add(line(line.dateX() - 9, NAME_BASELINE, 2.8, Weight.REGULAR, words.dateLabel(), 9));
        double under = NAME_BASELINE + 1.6;
        rules.add(new Rule(line.nameX(), under, line.nameX() + line.nameRoom(), under, 0.2));
        rules.add(new Rule(line.classX(), under, line.classX() + line.classRoom(), under, 0.2));
        rules.add(new Rule(line.dateX(), under, line.end(), under, 0.2));
    }

    private void rows(List<FieldSpec> specs) {
        double width = specs.stream().mapToDouble(FieldSpec::widthMm).max().orElseThrow();
        double usable = size.widthMm() - 2 * SIDE_MM;
        int columns = (int) Math.floor((usable + LEAST_GAP_MM) / (width + LEAST_GAP_MM));
        int rowCount = (specs.size() + columns - 1) / columns;
        int perRow = (specs.size() + rowCount - 1) / rowCount;
        double gap = perRow == 1 ? 0 : Math.min(MOST_GAP_MM, (usable - perRow * width) / (perRow - 1));
        for (int start = 0; start < specs.size(); start += perRow) {
            row(specs.subList(start, Math.min(specs.size(), start + perRow)), width + gap, gap);
        }
    }

    private void row(List<FieldSpec> specs, double pitch, double gap) {
        double x = SIDE_MM;
        double tallest = 0;
        for (FieldSpec spec : specs) {
            field(spec, x, spec.widthMm() + gap - 2);
            x += pitch;
            double recipe = CLEAR_MM + RECIPE_LEAD * spec.recipe().size();
            tallest = Math.max(tallest, LABEL_MM + spec.heightMm() + recipe + 6);
        }
        y += tallest;
        if (y > bottom()) {
            throw new PageTooFull(size, y - bottom());
        }
    }

    private void field(FieldSpec spec, double x, double room) {
        double baseline = y + LABEL_MM - CLEAR_MM - 0.6;
        double numberWidth = Typeface.widthMm(spec.id(), Weight.BOLD, 4);
        texts.add(line(x, baseline, 4, Weight.BOLD, spec.id(), room));
        patches.add(new Patch(new Rect(x + numberWidth + 1.4, baseline - 3, 4, 3.2), spec.askedLightness()));
        double askedX = numberWidth + 6.4;
        texts.add(line(x + askedX, baseline, RECIPE_SIZE, Weight.REGULAR, spec.asked(), room - askedX));
        Rect box = new Rect(x, y + LABEL_MM, spec.widthMm(), spec.heightMm());
        fields.add(new PageLayout.Field(spec.id(), box));
        double recipeY = box.bottom() + CLEAR_MM + RECIPE_SIZE;
        for (String words : spec.recipe()) {
            texts.add(line(x, recipeY, RECIPE_SIZE, Weight.REGULAR, words, room));
            recipeY += RECIPE_LEAD;
        }
    }

    /** What stands below the boxes, as far as there is room: the boxes come first. */
    private void below(SheetWords words) {
        double room = size.widthMm() - 2 * SIDE_MM;
        double footTop = bottom() - words.footer().size() * 4.0;
        double need = words.steps().size() * 5.4;
        if (y + PRACTICE_MM + 12 + need < footTop) {
            texts.add(line(SIDE_MM, y + 3.4, 3, Weight.REGULAR, words.practice(), room));
            frame(new Rect(SIDE_MM, y + 5.2, room, PRACTICE_MM));
            y += PRACTICE_MM + 13;
        }
        for (int i = 0; i < words.steps().size() && y + 4 < footTop; i++) {
            texts.add(line(SIDE_MM, y + 3.6, 3.6, Weight.BOLD, String.valueOf(i + 1), 6));
            texts.add(line(
                    SIDE_MM + 6, y + 3.6, 3.5, Weight.REGULAR, words.steps().get(i), room - 6));
            y += 5.4;
        }
        double footY = footTop + 3;
        double footRoom = room - 2 * PageFurniture.MARKER_MM;
        for (String foot : words.footer()) {
            texts.add(line(HEAD_X, footY, 2.7, Weight.REGULAR, foot, footRoom));
            footY += 4.0;
        }
    }

    private void frame(Rect r) {
        rules.add(new Rule(r.x(), r.y(), r.right(), r.y(), 0.15));
        rules.add(new Rule(r.right(), r.y(), r.right(), r.bottom(), 0.15));
        rules.add(new Rule(r.right(), r.bottom(), r.x(), r.bottom(), 0.15));
        rules.add(new Rule(r.x(), r.bottom(), r.x(), r.y(), 0.15));
    }

    private double bottom() {
        return size.heightMm() - PageFurniture.INSET_MM - 2;
    }

    private static Text line(double x, double y, double size, Weight weight, String words, double room) {
        String fitted = Typeface.fitted(Typeface.printable(words), weight, size, room);
        return new Text(x, y, size, weight, fitted, Typeface.widthMm(fitted, weight, size));
    }
}
