package grastel.core.page;

import static grastel.core.words.Words.say;

import grastel.core.exercise.plan.FieldPlan.Point;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.page.PageLayout.Key;
import grastel.core.page.PageLayout.Patch;
import grastel.core.page.PageLayout.Rule;
import grastel.core.page.PageLayout.Text;
import grastel.core.page.PageLayout.Weight;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Lays a sheet out on as many pages as it needs: head, exercises one after the other as rows of fields with their recipes,
 * what to do, a strip for trying out, key boxes, foot. A row is never split.
 */
public final class SheetComposer {
    private static final double SIDE_MM = PageFrame.SIDE_MM;
    private static final double FIELDS_TOP = PageFrame.FIELDS_TOP;
    /** Clear paper around a field, where colour outside the edge is looked for. */
    static final double CLEAR_MM = 3.2;

    private static final double LEAST_GAP_MM = 7;
    private static final double MOST_GAP_MM = 16;
    private static final double LABEL_MM = 7.6;
    /** Nothing under a field that has nothing to say reaches further, mm. */
    private static final double UNDER_ROW_MM = 3.5;

    private static final double GRID_MM = 0.15;
    private static final double GRID_LIGHTNESS = 84;
    /** Dots of a dotted line. */
    private static final double DOT_MM = 0.7;

    private static final double DOT_PITCH_MM = 2.4;
    private static final double MARK_SIZE = 2.3;
    private static final double STEP_INDENT_MM = 6.5;
    private static final double PRACTICE_MM = 22;
    private static final double PRACTICE_LINE_MM = 0.15;
    private static final double KEY_MM = 8;
    private static final double KEY_PITCH = 14;
    private static final double KEY_WORDS = 2.8;
    private static final int MOST_KEYS = 12;

    private final PageSize size;
    private final SheetWords words;
    private final PageFrame frame;
    private final WordSizes sizes;
    private final int keys;
    private final List<PageLayout> pages = new ArrayList<>();
    private List<PageLayout.Field> fields;
    private List<Rule> rules;
    private List<Text> texts;
    private List<Patch> patches;
    private double y;
    private int rowsLaid;
    /** Steps, and room to try out, that found no place. */
    private int left;

    private SheetComposer(PageSize size, SheetWords words, int keys, WordSizes sizes) {
        this.size = size;
        this.words = words;
        this.sizes = sizes;
        this.frame = new PageFrame(size, words);
        this.keys = Math.min(MOST_KEYS, keys);
        begin();
    }

    /**
     * Pages without a student on them.
     *
     * @param smallWords true where words are smaller than is well read, for lack of room
     * @param rows of fields on all pages; what is compared stands in one
     * @param leftOut steps, and room to try out, that found no place
     */
    public record Composed(List<PageLayout> pages, boolean smallWords, int rows, int leftOut) {
        public Composed {
            pages = List.copyOf(pages);
        }

        /** True where it takes no more pages and rows than another, and its words are well read. */
        public boolean isNoTighterThan(Composed other) {
            return pages.size() <= other.pages.size() && rows <= other.rows && leftOut <= other.leftOut && !smallWords;
        }
    }

    /**
     * The pages without a student on them, in words as large as they take no more pages for.
     *
     * @param pencils codes of the pencils used, in order; the first twelve get a key box on every page
     * @throws PageTooFull if a row of fields is larger than a page
     */
    public static Composed compose(PageSize size, SheetWords words, List<Section> sections, List<String> pencils) {
        List<WordSizes> all = WordSizes.fromTheSmallest();
        SheetComposer best = composed(size, words, sections, pencils, all.get(0));
        int fits = 0;
        int tooLarge = all.size();
        for (int next = all.size() - 1; fits < next; next = (fits + tooLarge) / 2) {
            SheetComposer larger = fitting(size, words, sections, pencils, all.get(next));
            if (larger != null && larger.pages.size() <= best.pages.size() && larger.left <= best.left) {
                best = larger;
                fits = next;
            } else {
                tooLarge = next;
            }
        }
        return new Composed(best.pages, best.sizes.areSmall(), best.rowsLaid, best.left);
    }

    private static SheetComposer composed(
            PageSize size, SheetWords words, List<Section> sections, List<String> pencils, WordSizes sizes) {
        SheetComposer composer = new SheetComposer(size, words, pencils.size(), sizes);
        sections.forEach(composer::section);
        composer.practice();
        composer.end(pencils);
        return composer;
    }

    /** Null where a row is higher than a page. */
    private static @Nullable SheetComposer fitting(
            PageSize size, SheetWords words, List<Section> sections, List<String> pencils, WordSizes sizes) {
        try {
            return composed(size, words, sections, pencils, sizes);
        } catch (PageTooFull tooLarge) {
            return null;
        }
    }

    /** The same page for one student: name, class, code. */
    public static PageLayout forStudent(PageLayout sheet, String student, String className, PageCode code) {
        return PageFrame.named(sheet, student, className, code);
    }

    private void begin() {
        fields = new ArrayList<>();
        rules = new ArrayList<>(frame.headRules());
        texts = new ArrayList<>(frame.headWords());
        patches = new ArrayList<>();
        y = FIELDS_TOP;
    }

    /** Closes the page; its key boxes follow when all pencils are known. */
    private void close() {
        pages.add(new PageLayout(size, fields, List.of(), rules, texts, patches, frame.bits()));
    }

    private void end(List<String> pencils) {
        close();
        int count = pages.size();
        pages.replaceAll(page -> finished(page, pencils, pages.indexOf(page) + 1, count));
    }

    private void section(Section section) {
        double heading = section.title().isEmpty() ? 0 : 7.4 + 1.45 * sizes.goal();
        // Judged as a whole, an exercise stays on one page if a page can hold it; else it begins here if its first row
        // can.
        double whole = heading + heightOf(section.fields());
        boolean fitsAPage = FIELDS_TOP + whole <= bottom();
        double needed = fitsAPage ? whole : heading + heightOfFirst(section.fields());
        if (y + needed > bottom() && y > FIELDS_TOP) {
            turnPage();
        }
        if (heading > 0) {
            text(SIDE_MM, y + 4.2, 4.6, Weight.BOLD, section.title(), room());
            text(SIDE_MM, y + 5.4 + sizes.goal(), sizes.goal(), Weight.REGULAR, section.goal(), room());
            y += heading;
        }
        for (List<FieldSpec> group : groups(section.fields())) {
            if (group.get(0).isShape()) {
                form(group);
            } else {
                rows(group);
            }
        }
        steps(section.steps());
    }

    private double heightOf(List<FieldSpec> specs) {
        double height = 0;
        for (List<FieldSpec> group : groups(specs)) {
            if (group.get(0).isShape()) {
                height += formHeight(group);
            } else {
                height += group.get(0).group().isEmpty() ? 0 : sizes.groupLead();
                height += arranged(group).stream().mapToDouble(this::rowHeight).sum();
            }
        }
        return height;
    }

    private double heightOfFirst(List<FieldSpec> specs) {
        List<FieldSpec> group = groups(specs).get(0);
        return group.get(0).isShape()
                ? formHeight(group)
                : rowHeight(arranged(group).get(0));
    }

    /** Neighbours of the same group. */
    private static List<List<FieldSpec>> groups(List<FieldSpec> specs) {
        List<List<FieldSpec>> groups = new ArrayList<>();
        for (FieldSpec spec : specs) {
            boolean same = !groups.isEmpty()
                    && groups.get(groups.size() - 1).get(0).group().equals(spec.group());
            if (!same) {
                groups.add(new ArrayList<>());
            }
            groups.get(groups.size() - 1).add(spec);
        }
        return groups;
    }

    /** Fields side by side. @param pitch from one's left edge to the next's, mm; @param width that all of them have */
    private record Row(List<FieldSpec> fields, double pitch, double width) {
        /** For the words of one of them, up to the next or to the margin. */
        double room(int place) {
            return Math.min(pitch - 2, width - place * pitch);
        }
    }

    /** Fields of one group in rows of nearly equal length. */
    private List<Row> arranged(List<FieldSpec> specs) {
        double width = specs.stream().mapToDouble(FieldSpec::widthMm).max().orElseThrow();
        int columns = Math.max(1, (int) Math.floor((room() + LEAST_GAP_MM) / (width + LEAST_GAP_MM)));
        int rowCount = (specs.size() + columns - 1) / columns;
        int perRow = (specs.size() + rowCount - 1) / rowCount;
        double gap = perRow == 1 ? 0 : Math.min(MOST_GAP_MM, (room() - perRow * width) / (perRow - 1));
        List<Row> rows = new ArrayList<>();
        for (int start = 0; start < specs.size(); start += perRow) {
            List<FieldSpec> fields = specs.subList(start, Math.min(specs.size(), start + perRow));
            rows.add(new Row(fields, perRow == 1 ? room() + 2 : width + gap, room()));
        }
        return rows;
    }

    private void rows(List<FieldSpec> specs) {
        List<Row> rows = arranged(specs);
        for (int i = 0; i < rows.size(); i++) {
            row(rows.get(i), i == 0 ? specs.get(0).group() : "");
        }
    }

    private void row(Row row, String group) {
        makeRoom(rowHeight(row) + (group.isEmpty() ? 0 : sizes.groupLead()));
        if (!group.isEmpty()) {
            text(SIDE_MM, y + sizes.group(), sizes.group(), Weight.BOLD, group, room());
            y += sizes.groupLead();
        }
        for (int i = 0; i < row.fields().size(); i++) {
            field(row.fields().get(i), SIDE_MM + i * row.pitch(), row.room(i));
        }
        y += rowHeight(row);
        rowsLaid++;
    }

    private double rowHeight(Row row) {
        double tallest = 0;
        for (int i = 0; i < row.fields().size(); i++) {
            FieldSpec spec = row.fields().get(i);
            double recipe =
                    CLEAR_MM + sizes.recipeLead() * recipe(spec, row.room(i)).size();
            tallest = Math.max(tallest, LABEL_MM + spec.heightMm() + recipe + UNDER_ROW_MM);
        }
        return tallest;
    }

    private List<String> recipe(FieldSpec spec, double room) {
        return spec.recipe().stream()
                .flatMap(line -> FittedLine.wrapped(line, Weight.REGULAR, sizes.recipe(), room).stream())
                .toList();
    }

    private void field(FieldSpec spec, double x, double room) {
        label(spec, x, y + LABEL_MM - CLEAR_MM - 0.6, room);
        Rect box = new Rect(x, y + LABEL_MM, spec.widthMm(), spec.heightMm());
        fields.add(new PageLayout.Field(spec.id(), box, List.of()));
        grid(spec.inside(), box);
        guide(spec.inside().guide(), box);
        double recipeY = box.bottom() + CLEAR_MM + sizes.recipe();
        for (String line : recipe(spec, room)) {
            text(x, recipeY, sizes.recipe(), Weight.REGULAR, line, room);
            recipeY += sizes.recipeLead();
        }
    }

    /** So light that putty lifts what a pencil drew along it, and that colour covers it. */
    private void grid(FieldSpec.Inside spec, Rect box) {
        for (int i = 1; i < spec.columns(); i++) {
            double at = box.x() + box.width() * i / spec.columns();
            patches.add(new Patch(new Rect(at - GRID_MM / 2, box.y(), GRID_MM, box.height()), GRID_LIGHTNESS));
        }
        for (int i = 1; i < spec.rows(); i++) {
            double at = box.y() + box.height() * i / spec.rows();
            patches.add(new Patch(new Rect(box.x(), at - GRID_MM / 2, box.width(), GRID_MM), GRID_LIGHTNESS));
        }
    }

    /** Dotted, so that the lines are seen while drawing and hardly under colour. */
    private void guide(PicturePlan.Guide guide, Rect box) {
        for (PicturePlan.Line line : guide.lines()) {
            double length = Math.hypot(
                    line.to().x() - line.from().x(), line.to().y() - line.from().y());
            double right = (line.to().x() - line.from().x()) / length;
            double down = (line.to().y() - line.from().y()) / length;
            for (double at = DOT_PITCH_MM / 2; at + DOT_MM < length; at += DOT_PITCH_MM) {
                double x = box.x() + line.from().x() + at * right;
                double y = box.y() + line.from().y() + at * down;
                rules.add(new Rule(x, y, x + DOT_MM * right, y + DOT_MM * down, PageFurniture.GUIDE_MM));
            }
        }
        for (PicturePlan.Mark mark : guide.marks()) {
            double width = Typeface.widthMm(mark.words(), Weight.REGULAR, MARK_SIZE);
            text(
                    box.x() + mark.at().x() - width / 2,
                    box.y() + mark.at().y() + MARK_SIZE / 3,
                    MARK_SIZE,
                    Weight.REGULAR,
                    mark.words(),
                    width + 1);
        }
    }

    /** The id, the asked value as a grey, and words; gives where it ends. */
    private void label(FieldSpec spec, double x, double baseline, double room) {
        double at = Typeface.widthMm(spec.id(), Weight.BOLD, 4) + 1.4;
        text(x, baseline, 4, Weight.BOLD, spec.id(), room);
        if (spec.askedLightness() != null) {
            patches.add(new Patch(new Rect(x + at, baseline - 3, 4, 3.2), spec.askedLightness()));
            at += 5;
        }
        text(x + at, baseline, snug(spec.asked(), room - at), Weight.REGULAR, spec.asked(), room - at);
    }

    /** A form with the number of each zone in it, and a list of the zones at its side. */
    private void form(List<FieldSpec> zones) {
        makeRoom(formHeight(zones));
        double top = y + 4;
        for (FieldSpec zone : zones) {
            List<List<Point>> outline = Outlines.moved(zone.outline(), SIDE_MM, top);
            fields.add(new PageLayout.Field(zone.id(), Outlines.bounds(outline), outline));
            Point middle = Outlines.middle(outline);
            double width = Typeface.widthMm(zone.id(), Weight.REGULAR, 2.3);
            text(middle.x() - width / 2, middle.y() + 0.8, 2.3, Weight.REGULAR, zone.id(), 6);
        }
        double x = SIDE_MM + zones.get(0).widthMm() + 10;
        double line = top + 4;
        for (FieldSpec zone : zones) {
            label(zone, x, line, size.widthMm() - SIDE_MM - x);
            String recipe = zone.recipe().stream()
                    .reduce((first, next) -> say("exercise.then", first, next))
                    .orElse("");
            double room = size.widthMm() - SIDE_MM - x - 9.5;
            text(x + 9.5, line + 0.6 + sizes.recipe(), snug(recipe, room), Weight.REGULAR, recipe, room);
            line += sizes.zoneLead();
        }
        y += formHeight(zones);
    }

    private double formHeight(List<FieldSpec> zones) {
        return Math.max(zones.get(0).heightMm() + 8, sizes.zoneLead() * zones.size() + 6);
    }

    private void steps(List<String> steps) {
        List<List<String>> all = steps.stream()
                .map(step -> FittedLine.wrapped(step, Weight.REGULAR, sizes.step(), room() - STEP_INDENT_MM))
                .toList();
        double need = all.stream().mapToInt(List::size).sum() * sizes.stepLead() + 2;
        if (y + need > bottom()) {
            left += steps.size();
            return;
        }
        for (int i = 0; i < all.size(); i++) {
            text(SIDE_MM, y + sizes.step(), sizes.step(), Weight.BOLD, String.valueOf(i + 1), STEP_INDENT_MM);
            for (String line : all.get(i)) {
                text(SIDE_MM + STEP_INDENT_MM, y + sizes.step(), sizes.step(), Weight.REGULAR, line, room());
                y += sizes.stepLead();
            }
        }
        y += 4;
    }

    /** A strip for trying out, where the last page has room for it. */
    private void practice() {
        double words = sizes.practice() + 2;
        if (y + words + PRACTICE_MM + 3 < bottom()) {
            text(SIDE_MM, y + sizes.practice(), sizes.practice(), Weight.REGULAR, this.words.practice(), room());
            rules.addAll(Rule.around(new Rect(SIDE_MM, y + words, room(), PRACTICE_MM), PRACTICE_LINE_MM));
            y += words + PRACTICE_MM + 3;
        } else {
            left++;
        }
    }

    private void makeRoom(double need) {
        if (FIELDS_TOP + need > bottom()) {
            throw new PageTooFull(size, FIELDS_TOP + need - bottom());
        }
        if (y + need > bottom()) {
            turnPage();
        }
    }

    private void turnPage() {
        close();
        begin();
    }

    /** Adds key boxes and foot. */
    private PageLayout finished(PageLayout page, List<String> pencils, int number, int count) {
        List<Key> boxes = new ArrayList<>();
        List<Text> more = new ArrayList<>(page.texts());
        double top = bottom() + 2;
        double x = SIDE_MM;
        if (keys > 0) {
            more.add(FittedLine.fitted(x, top - 0.4, KEY_WORDS, Weight.REGULAR, words.keys(), room()));
        }
        for (int i = 0; i < keys; i++) {
            boxes.add(new Key(i, new Rect(x, top + 0.8, KEY_MM, KEY_MM)));
            more.add(
                    FittedLine.fitted(x, top + KEY_MM + 3.6, KEY_WORDS, Weight.REGULAR, pencils.get(i), KEY_PITCH - 1));
            x += KEY_PITCH;
        }
        more.addAll(frame.foot(number, count));
        return new PageLayout(size, page.fields(), boxes, page.rules(), more, page.patches(), page.bits());
    }

    private double room() {
        return frame.room();
    }

    /** Where exercises must end: above the key boxes and the markers. */
    private double bottom() {
        return keys == 0 ? frame.bottom() : frame.bottom() - KEY_MM - 7;
    }

    /** The size of recipes, or a smaller one in which words fit. */
    private double snug(String words, double room) {
        double wide = Typeface.widthMm(Typeface.printable(words), Weight.REGULAR, sizes.recipe());
        return Math.max(Math.min(sizes.recipe(), WordSizes.LEAST_RECIPE), sizes.recipe() * Math.min(1, room / wide));
    }

    private void text(double x, double at, double em, Weight weight, String line, double room) {
        texts.add(FittedLine.fitted(x, at, em, weight, line, room));
    }
}
