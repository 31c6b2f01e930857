package grastel.core.page;

import grastel.core.page.PageLayout.Rule;
import grastel.core.page.PageLayout.Text;
import grastel.core.page.PageLayout.Weight;
import java.util.ArrayList;
import java.util.List;

/** What stands around the fields of every page: title, name line, markers, gratings, last lines. */
final class PageFrame {
    static final double SIDE_MM = 14;
    /** Where fields may begin. */
    static final double FIELDS_TOP = 44;

    private static final double HEAD_X = PageFurniture.INSET_MM + PageFurniture.MARKER_MM + 5;
    private static final double NAME_BASELINE = 35;
    private static final double FOOT_SIZE = 2.7;
    private static final double FOOT_LEAD = 3.8;
    private static final int MOST_FOOT_LINES = 4;

    private final PageSize size;
    private final SheetWords words;

    PageFrame(PageSize size, SheetWords words) {
        this.size = size;
        this.words = words;
    }

    /** Where the written parts of the name line stand. */
    private record NameLine(double nameX, double nameRoom, double classX, double classRoom, double dateX, double end) {
        NameLine(PageSize size) {
            this(
                    HEAD_X + 12,
                    66,
                    HEAD_X + 92,
                    size.widthMm() - HEAD_X - 92 - SIDE_MM - 45,
                    size.widthMm() - SIDE_MM - 30,
                    size.widthMm() - SIDE_MM);
        }
    }

    /** Name, class and code of whoever gets the page. */
    static PageLayout named(PageLayout sheet, String student, String className, PageCode code) {
        PageSize size = sheet.size();
        Rect square = PageFurniture.code(size);
        NameLine line = new NameLine(size);
        List<Text> own = List.of(
                FittedLine.fitted(line.nameX(), NAME_BASELINE, 4.4, Weight.BOLD, student, line.nameRoom()),
                FittedLine.fitted(line.classX(), NAME_BASELINE, 4.0, Weight.REGULAR, className, line.classRoom()),
                FittedLine.fitted(
                        square.x(), square.bottom() + 3.4, 2.3, Weight.REGULAR, code.toString(), square.width() + 8));
        return sheet.with(own, List.of(new PageLayout.Bits(square, code.squareRows())));
    }

    List<Text> headWords() {
        double room = PageFurniture.code(size).x() - HEAD_X - 5;
        NameLine line = new NameLine(size);
        return List.of(
                FittedLine.fitted(HEAD_X, 16, 6.2, Weight.BOLD, words.title(), room),
                FittedLine.fitted(HEAD_X, 22.5, 3.3, Weight.REGULAR, words.goal(), room),
                FittedLine.fitted(HEAD_X, NAME_BASELINE, 2.8, Weight.REGULAR, words.nameLabel(), 10),
                FittedLine.fitted(line.classX() - 10, NAME_BASELINE, 2.8, Weight.REGULAR, words.classLabel(), 10),
                FittedLine.fitted(line.dateX() - 9, NAME_BASELINE, 2.8, Weight.REGULAR, words.dateLabel(), 9));
    }

    List<Rule> headRules() {
        NameLine line = new NameLine(size);
        double under = NAME_BASELINE + 1.6;
        return List.of(
                new Rule(line.nameX(), under, line.nameX() + line.nameRoom(), under, 0.2),
                new Rule(line.classX(), under, line.classX() + line.classRoom(), under, 0.2),
                new Rule(line.dateX(), under, line.end(), under, 0.2));
    }

    /** Markers and gratings. */
    List<PageLayout.Bits> bits() {
        List<PageLayout.Bits> bits = new ArrayList<>(PageFurniture.markers(size));
        PageFurniture.gratings(size).forEach(g -> bits.add(g.bits()));
        return bits;
    }

    /** The last lines, and which page of how many it is. */
    List<Text> foot(int number, int count) {
        List<Text> texts = new ArrayList<>();
        List<String> lines = footLines();
        double y = size.heightMm() - PageFurniture.INSET_MM - 1 - FOOT_LEAD * (lines.size() - 1);
        for (String line : lines) {
            texts.add(FittedLine.fitted(HEAD_X, y, FOOT_SIZE, Weight.REGULAR, line, footRoom()));
            y += FOOT_LEAD;
        }
        if (count > 1) {
            texts.add(FittedLine.fitted(HEAD_X, 28, 2.8, Weight.REGULAR, number + " / " + count, 20));
        }
        return texts;
    }

    /** The first paragraph gives way where all would take too many lines: the cautions are in those that follow. */
    private List<String> footLines() {
        List<String> lines = new ArrayList<>();
        double room = footRoom();
        for (String paragraph : words.footer()) {
            lines.addAll(FittedLine.wrapped(paragraph, Weight.REGULAR, FOOT_SIZE, room));
        }
        if (lines.size() <= MOST_FOOT_LINES) {
            return lines;
        }
        int kept = Math.max(1, MOST_FOOT_LINES - (words.footer().size() - 1));
        List<String> cut = new ArrayList<>(FittedLine.wrapped(words.footer().get(0), Weight.REGULAR, FOOT_SIZE, room));
        while (cut.size() > kept) {
            String last = cut.remove(cut.size() - 1);
            cut.set(cut.size() - 1, cut.get(cut.size() - 1) + " " + last);
        }
        cut.addAll(words.footer().subList(1, words.footer().size()));
        return cut;
    }

    private double footRoom() {
        return size.widthMm() - 2 * HEAD_X - PageFurniture.GRATINGS_MM;
    }

    /** Where fields must end where there are no key boxes: above the markers. */
    double bottom() {
        return size.heightMm() - PageFurniture.INSET_MM - PageFurniture.MARKER_MM - 3;
    }

    double room() {
        return size.widthMm() - 2 * SIDE_MM;
    }
}
