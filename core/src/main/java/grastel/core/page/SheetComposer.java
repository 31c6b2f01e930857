package grastel.core.page;

import grastel.core.exercise.FieldPlan.Point;
import grastel.core.exercise.PicturePlan;
import grastel.core.page.PageLayout.Key;
import grastel.core.page.PageLayout.Patch;
import grastel.core.page.PageLayout.Rule;
import grastel.core.page.PageLayout.Text;
import grastel.core.page.PageLayout.Weight;
import java.util.ArrayList;
import java.util.List;

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
    private static final double GROUP_MM = 5;
    private static final double GRID_MM = 0.15;
    private static final double GRID_LIGHTNESS = 84;
    /** Dots of a dotted line. */
    private static final double DOT_MM = 0.7;

    private static final double DOT_PITCH_MM = 2.4;
    private static final double MARK_SIZE = 2.3;
    /** Em size of the lines under a field. */
    public static final double RECIPE_SIZE = 2.7;

    private static final double RECIPE_LEAD = 3.4;
    private static final double STEP_LEAD = 5.4;
    private static final double PRACTICE_MM = 22;
    private static final double PRACTICE_LINE_MM = 0.15;
    private static final double KEY_MM = 8;
    private static final double KEY_PITCH = 14;
    private static final int MOST_KEYS = 12;

    private final PageSize size;
    private final SheetWords words;
    private final PageFrame frame;
    private final int keys;
    private final List<PageLayout> pages = new ArrayList<>();
    private List<PageLayout.Field> fields;
    private List<Rule> rules;
    private List<Text> texts;
    private List<Patch> patches;
    private double y;

    private SheetComposer(PageSize size, SheetWords words, int keys) {
        this.size = size;
        this.words = words;
        this.frame = new PageFrame(size, words);
        this.keys = Math.min(MOST_KEYS, keys);
        begin();
    }

    /**
     * The pages without a student on them.
     *
     * @param pencils codes of the pencils used, in order; the first twelve get a key box on every page
     * @throws PageTooFull if a row of fields is larger than a page
     */
    public static List<PageLayout> compose(
            PageSize size, SheetWords words, List<Section> sections, List<String> pencils) {
        SheetComposer composer = new SheetComposer(size, words, pencils.size());
        sections.forEach(composer::section);
        composer.practice();
        composer.end(pencils);
        return List.copyOf(composer.pages);
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
        double heading = section.title().isEmpty() ? 0 : 12;
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
            text(SIDE_MM, y + 8.6, 3.1, Weight.REGULAR, section.goal(), room());
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
                height += group.get(0).group().isEmpty() ? 0 : GROUP_MM;
                height += arranged(group).stream()
                        .mapToDouble(SheetComposer::rowHeight)
                        .sum();
            }
        }
        return height;
    }

    private double heightOfFirst(List<FieldSpec> specs) {
        List<FieldSpec> group = groups(specs).get(0);
        return group.get(0).isShape() ? formHeight(group) : rowHeight(group.subList(0, 1));
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

    /** Fields of one group in rows of nearly equal length. */
    private List<List<FieldSpec>> arranged(List<FieldSpec> specs) {
        int columns = Math.max(1, (int) Math.floor((room() + LEAST_GAP_MM) / (widest(specs) + LEAST_GAP_MM)));
        int rowCount = (specs.size() + columns - 1) / columns;
        int perRow = (specs.size() + rowCount - 1) / rowCount;
        List<List<FieldSpec>> rows = new ArrayList<>();
        for (int start = 0; start < specs.size(); start += perRow) {
            rows.add(specs.subList(start, Math.min(specs.size(), start + perRow)));
        }
        return rows;
    }

    private static double widest(List<FieldSpec> specs) {
        return specs.stream().mapToDouble(FieldSpec::widthMm).max().orElseThrow();
    }

    private void rows(List<FieldSpec> specs) {
        List<List<FieldSpec>> rows = arranged(specs);
        int perRow = rows.get(0).size();
        double width = widest(specs);
        double gap = perRow == 1 ? 0 : Math.min(MOST_GAP_MM, (room() - perRow * width) / (perRow - 1));
        for (List<FieldSpec> row : rows) {
            String group = row == rows.get(0) ? specs.get(0).group() : "";
            row(row, group, perRow == 1 ? room() : width + gap);
        }
    }

    private void row(List<FieldSpec> specs, String group, double pitch) {
        double need = rowHeight(specs) + (group.isEmpty() ? 0 : GROUP_MM);
        makeRoom(need);
        if (!group.isEmpty()) {
            text(SIDE_MM, y + 3.4, 3.3, Weight.BOLD, group, room());
            y += GROUP_MM;
        }
        double x = SIDE_MM;
        for (FieldSpec spec : specs) {
            field(spec, x, pitch - 2);
            x += pitch;
        }
        y += rowHeight(specs);
    }

    private static double rowHeight(List<FieldSpec> specs) {
        double tallest = 0;
        for (FieldSpec spec : specs) {
            double recipe = CLEAR_MM + RECIPE_LEAD * spec.recipe().size();
            tallest = Math.max(tallest, LABEL_MM + spec.heightMm() + recipe + 3.5);
        }
        return tallest;
    }

    private void field(FieldSpec spec, double x, double room) {
        label(spec, x, y + LABEL_MM - CLEAR_MM - 0.6, room);
        Rect box = new Rect(x, y + LABEL_MM, spec.widthMm(), spec.heightMm());
        fields.add(new PageLayout.Field(spec.id(), box, List.of()));
        grid(spec.inside(), box);
        guide(spec.inside().guide(), box);
        double recipeY = box.bottom() + CLEAR_MM + RECIPE_SIZE;
        for (String line : spec.recipe()) {
            text(x, recipeY, RECIPE_SIZE, Weight.REGULAR, line, room);
            recipeY += RECIPE_LEAD;
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
        text(x + at, baseline, RECIPE_SIZE, Weight.REGULAR, spec.asked(), room - at);
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
            text(
                    x + 9.5,
                    line + 4,
                    RECIPE_SIZE,
                    Weight.REGULAR,
                    String.join(", then ", zone.recipe()),
                    size.widthMm() - SIDE_MM - x - 9.5);
            line += 9;
        }
        y += formHeight(zones);
    }

    private static double formHeight(List<FieldSpec> zones) {
        return Math.max(zones.get(0).heightMm() + 8, 9.0 * zones.size() + 6);
    }

    private void steps(List<String> steps) {
        double need = steps.size() * STEP_LEAD + 2;
        if (y + need > bottom()) {
            return;
        }
        for (int i = 0; i < steps.size(); i++) {
            text(SIDE_MM, y + 3.6, 3.6, Weight.BOLD, String.valueOf(i + 1), 6);
            text(SIDE_MM + 6, y + 3.6, 3.5, Weight.REGULAR, steps.get(i), room() - 6);
            y += STEP_LEAD;
        }
        y += 4;
    }

    /** A strip for trying out, where the last page has room for it. */
    private void practice() {
        if (y + PRACTICE_MM + 8 < bottom()) {
            text(SIDE_MM, y + 3.4, 3, Weight.REGULAR, words.practice(), room());
            rules.addAll(Rule.around(new Rect(SIDE_MM, y + 5.2, room(), PRACTICE_MM), PRACTICE_LINE_MM));
            y += PRACTICE_MM + 8;
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
            more.add(Line.fitted(x, top - 0.4, 2.3, Weight.REGULAR, words.keys(), room()));
        }
        for (int i = 0; i < keys; i++) {
            boxes.add(new Key(i, new Rect(x, top + 0.8, KEY_MM, KEY_MM)));
            more.add(Line.fitted(x, top + KEY_MM + 3.4, 2.3, Weight.REGULAR, pencils.get(i), KEY_PITCH - 1));
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

    private void text(double x, double at, double em, Weight weight, String line, double room) {
        texts.add(Line.fitted(x, at, em, weight, line, room));
    }
}
