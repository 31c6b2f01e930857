package grastel.core.page;

import grastel.core.page.PageLayout.Rule;
import grastel.core.page.PageLayout.Text;
import grastel.core.page.PageLayout.Weight;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Lays out boxes in rows under column heads, on as many pages as it needs. */
public final class BoxTable {
    private static final double BOX_WIDTH = 13;
    private static final double BOX_HEIGHT = 9;
    /** Clear paper between rows: edges of boxes are read too. */
    private static final double ROW_GAP_MM = 4;

    private static final double GAP_MM = 8;
    private static final double ROW_MM = BOX_HEIGHT + ROW_GAP_MM;
    private static final double HEAD_MM = 9;
    private static final double STEP_MM = 4.6;

    private BoxTable() {}

    /**
     * @param number of the row, printed first
     * @param name who it is for
     * @param boxes ids of its boxes under the column heads, with a word of its own over the box where the heads do not hold
     */
    public record Row(String number, String name, List<Box> boxes) {
        public Row {
            boxes = List.copyOf(boxes);
        }
    }

    /** @param id unique on the sheet; null where there is no box; @param head over this box alone, or empty */
    public record Box(@Nullable String id, String head) {}

    /**
     * The pages without a code on them.
     *
     * @param steps what to do, one line each, above the boxes of the first page
     * @param heads of the columns, at the top of every page; of two lines where there is a line break
     */
    public static List<PageLayout> compose(
            PageSize size, SheetWords words, List<String> steps, List<String> heads, List<Row> rows) {
        PageFrame frame = new PageFrame(size, words);
        List<List<Row>> pages = new ArrayList<>();
        double from = PageFrame.FIELDS_TOP + STEP_MM * steps.size();
        double y = from + HEAD_MM;
        pages.add(new ArrayList<>());
        for (Row row : rows) {
            if (y + heightOf(row) > frame.bottom()) {
                pages.add(new ArrayList<>());
                y = PageFrame.FIELDS_TOP + HEAD_MM;
            }
            pages.get(pages.size() - 1).add(row);
            y += heightOf(row);
        }
        List<PageLayout> laid = new ArrayList<>();
        for (int i = 0; i < pages.size(); i++) {
            Page page = new Page(frame);
            if (i == 0) {
                steps.forEach(page::step);
            }
            page.heads(heads);
            pages.get(i).forEach(page::row);
            page.texts.addAll(frame.foot(i + 1, pages.size()));
            laid.add(new PageLayout(size, page.fields, List.of(), page.rules, page.texts, List.of(), frame.bits()));
        }
        return List.copyOf(laid);
    }

    private static double heightOf(Row row) {
        return ROW_MM + (row.boxes().stream().anyMatch(b -> !b.head().isEmpty()) ? 3 : 0);
    }

    private static final class Page {
        private final PageFrame frame;
        private final List<PageLayout.Field> fields = new ArrayList<>();
        private final List<Rule> rules;
        private final List<Text> texts;
        private double y = PageFrame.FIELDS_TOP;

        Page(PageFrame frame) {
            this.frame = frame;
            this.rules = new ArrayList<>(frame.headRules());
            this.texts = new ArrayList<>(frame.headWords());
        }

        void step(String words) {
            text(PageFrame.SIDE_MM, y, 3.2, Weight.REGULAR, words, frame.room());
            y += STEP_MM;
        }

        void heads(List<String> heads) {
            for (int i = 0; i < heads.size(); i++) {
                double line = y + 1;
                for (String words : heads.get(i).split("\n")) {
                    text(left(i, heads.size()), line, 2.7, Weight.BOLD, words, BOX_WIDTH + GAP_MM - 0.5);
                    line += 3.3;
                }
            }
            y += HEAD_MM;
        }

        void row(Row row) {
            double before = heightOf(row) - ROW_MM;
            double top = y + before;
            text(PageFrame.SIDE_MM, top + 4.2, 3.6, Weight.BOLD, row.number(), 8);
            double room = left(0, row.boxes().size()) - PageFrame.SIDE_MM - 11;
            double line = top + 4.2;
            for (String words : FittedLine.wrapped(row.name(), Weight.REGULAR, 3.1, room).stream()
                    .limit(2)
                    .toList()) {
                text(PageFrame.SIDE_MM + 8, line, 3.1, Weight.REGULAR, words, room);
                line += 3.8;
            }
            for (int i = 0; i < row.boxes().size(); i++) {
                Box box = row.boxes().get(i);
                double x = left(i, row.boxes().size());
                if (box.id() != null) {
                    fields.add(new PageLayout.Field(box.id(), new Rect(x, top, BOX_WIDTH, BOX_HEIGHT), List.of()));
                    text(x, top - 1, 2.7, Weight.BOLD, box.head(), BOX_WIDTH + GAP_MM - 0.5);
                }
            }
            y += heightOf(row);
        }

        /** Columns end at the right margin. */
        private double left(int column, int columns) {
            return PageFrame.SIDE_MM + frame.room() - (columns - column) * (BOX_WIDTH + GAP_MM) + GAP_MM;
        }

        private void text(double x, double baseline, double em, Weight weight, String words, double room) {
            if (!words.isEmpty()) {
                texts.add(FittedLine.fitted(x, baseline, em, weight, words, room));
            }
        }
    }
}
