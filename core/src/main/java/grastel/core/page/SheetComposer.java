package grastel.core.page;

import grastel.core.page.PageLayout.Key;
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
    private final FieldRows rowsOf;
    private OpenPage page;
    private double y;
    private int rowsLaid;
    private boolean hasPractice;

    private SheetComposer(PageSize size, SheetWords words, int keys, WordSizes sizes) {
        this.size = size;
        this.words = words;
        this.sizes = sizes;
        this.frame = new PageFrame(size, words);
        this.rowsOf = new FieldRows(frame.room(), sizes);
        this.keys = Math.min(MOST_KEYS, keys);
        begin();
    }

    /**
     * Pages without a student on them.
     *
     * @param smallWords true where words are smaller than is well read, for lack of room
     * @param rows of fields on all pages; what is compared stands in one
     * @param hasPractice true where the last page has a strip for trying out
     */
    public record Composed(List<PageLayout> pages, boolean smallWords, int rows, boolean hasPractice) {
        public Composed {
            pages = List.copyOf(pages);
        }

        /** True where it takes no more pages and rows than another, and its words are well read. */
        public boolean isNoTighterThan(Composed other) {
            return pages.size() <= other.pages.size()
                    && rows <= other.rows
                    && (hasPractice || !other.hasPractice)
                    && !smallWords;
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
            if (larger != null
                    && larger.pages.size() <= best.pages.size()
                    && (larger.hasPractice || !best.hasPractice)) {
                best = larger;
                fits = next;
            } else {
                tooLarge = next;
            }
        }
        return new Composed(best.pages, best.sizes.areSmall(), best.rowsLaid, best.hasPractice);
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
        page = new OpenPage(frame, sizes);
        y = FIELDS_TOP;
    }

    /** Closes the page; its key boxes follow when all pencils are known. */
    private void close() {
        pages.add(page.closed(size, frame));
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
        double whole = heading + rowsOf.heightOf(section.fields());
        boolean fitsAPage = FIELDS_TOP + whole <= bottom();
        double needed = fitsAPage ? whole : heading + rowsOf.heightOfFirst(section.fields());
        if (y + needed > bottom() && y > FIELDS_TOP) {
            turnPage();
        }
        if (heading > 0) {
            page.text(SIDE_MM, y + 4.2, 4.6, Weight.BOLD, section.title(), room());
            page.text(SIDE_MM, y + 5.4 + sizes.goal(), sizes.goal(), Weight.REGULAR, section.goal(), room());
            y += heading;
        }
        for (List<FieldSpec> group : FieldRows.groups(section.fields())) {
            if (group.get(0).isShape()) {
                form(group);
            } else {
                rows(group);
            }
        }
        steps(section.steps());
    }

    private void rows(List<FieldSpec> specs) {
        List<FieldRows.Row> rows = rowsOf.arranged(specs);
        for (int i = 0; i < rows.size(); i++) {
            row(rows.get(i), i == 0 ? specs.get(0).group() : "");
        }
    }

    private void row(FieldRows.Row row, String group) {
        makeRoom(rowsOf.rowHeight(row) + (group.isEmpty() ? 0 : sizes.groupLead()));
        if (!group.isEmpty()) {
            page.text(SIDE_MM, y + sizes.group(), sizes.group(), Weight.BOLD, group, room());
            y += sizes.groupLead();
        }
        for (int i = 0; i < row.fields().size(); i++) {
            page.field(row.fields().get(i), SIDE_MM + i * row.pitch(), y, row.room(i));
        }
        y += rowsOf.rowHeight(row);
        rowsLaid++;
    }

    private void form(List<FieldSpec> zones) {
        double height = rowsOf.formHeight(zones);
        makeRoom(height);
        page.form(zones, SIDE_MM, y, size.widthMm() - SIDE_MM);
        y += height;
    }

    /** What to do, never left out: on a page of its own where a picture fills the first. */
    private void steps(List<String> steps) {
        List<List<String>> all = steps.stream()
                .map(step -> FittedLine.wrapped(step, Weight.REGULAR, sizes.step(), room() - STEP_INDENT_MM))
                .toList();
        double need = all.stream().mapToInt(List::size).sum() * sizes.stepLead() + 2;
        if (y + need > bottom() && y > FIELDS_TOP) {
            turnPage();
        }
        for (int i = 0; i < all.size(); i++) {
            makeRoom(all.get(i).size() * sizes.stepLead());
            page.text(SIDE_MM, y + sizes.step(), sizes.step(), Weight.BOLD, String.valueOf(i + 1), STEP_INDENT_MM);
            for (String line : all.get(i)) {
                page.text(SIDE_MM + STEP_INDENT_MM, y + sizes.step(), sizes.step(), Weight.REGULAR, line, room());
                y += sizes.stepLead();
            }
        }
        y += 4;
    }

    /** A strip for trying out, where the last page has room for it. */
    private void practice() {
        double words = sizes.practice() + 2;
        if (y + words + PRACTICE_MM + 3 < bottom()) {
            page.text(SIDE_MM, y + sizes.practice(), sizes.practice(), Weight.REGULAR, this.words.practice(), room());
            page.rule(new Rect(SIDE_MM, y + words, room(), PRACTICE_MM), PRACTICE_LINE_MM);
            y += words + PRACTICE_MM + 3;
            hasPractice = true;
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
}
