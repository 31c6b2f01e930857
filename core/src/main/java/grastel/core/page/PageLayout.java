package grastel.core.page;

import grastel.core.exercise.plan.FieldPlan.Point;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;

/**
 * Everything on a page, each thing at its final place. A printed sheet keeps its layout for ever, so this is plain data
 * that can be written down and read again.
 *
 * @param size the paper
 * @param fields boxes, strips and shapes the student fills and the reader measures
 * @param keys small boxes, one for each pencil at full pressure, by which the reader corrects colour
 * @param rules straight black lines
 * @param texts words, already broken into lines
 * @param patches flat areas of grey
 * @param bits black-and-white patterns: markers and codes
 * @param windows openings of a card beside its fields, which are open too; empty for what is drawn on itself
 */
public record PageLayout(
        PageSize size,
        List<Field> fields,
        List<Key> keys,
        List<Rule> rules,
        List<Text> texts,
        List<Patch> patches,
        List<Bits> bits,
        List<Window> windows) {
    /** A page with nothing on it. */
    public static PageLayout empty(PageSize size) {
        return new PageLayout(size, List.of(), List.of(), List.of(), List.of(), List.of(), List.of());
    }

    public PageLayout {
        fields = List.copyOf(fields);
        keys = List.copyOf(keys);
        rules = List.copyOf(rules);
        texts = List.copyOf(texts);
        patches = List.copyOf(patches);
        bits = List.copyOf(bits);
        // Layouts written down before there were cards have none.
        windows = windows == null ? List.of() : List.copyOf(windows);
    }

    /** A page that is drawn on itself. */
    public PageLayout(
            PageSize size,
            List<Field> fields,
            List<Key> keys,
            List<Rule> rules,
            List<Text> texts,
            List<Patch> patches,
            List<Bits> bits) {
        this(size, fields, keys, rules, texts, patches, bits, List.of());
    }

    /** True for a card that is laid over a drawing: what its fields show lies under it. */
    public boolean hasWindows() {
        return !windows.isEmpty();
    }

    /** The same with other key boxes. */
    public PageLayout keyed(List<Key> others) {
        return new PageLayout(size, fields, others, rules, texts, patches, bits, windows);
    }

    /**
     * A field to be filled; its outline is printed as a hairline.
     *
     * @param rect the field, of a shape the rectangle around it
     * @param outline closed lines of a shape, mm on the page; empty for a rectangle
     */
    public record Field(String id, Rect rect, List<List<Point>> outline) {
        public Field {
            outline = outline.stream().map(List::copyOf).toList();
        }

        public boolean isShape() {
            return !outline.isEmpty();
        }

        /** The outline of a shape as an area; loops inside others are holes. */
        public Path2D path() {
            Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
            for (List<Point> loop : outline) {
                path.moveTo(loop.get(0).x(), loop.get(0).y());
                loop.forEach(p -> path.lineTo(p.x(), p.y()));
                path.closePath();
            }
            return path;
        }
    }

    /** @param pencil its place in the sheet's list of pencils */
    public record Key(int pencil, Rect rect) {}

    /** A straight line from (x1, y1) to (x2, y2), mm. */
    public record Rule(double x1, double y1, double x2, double y2, double widthMm) {
        /** The four sides of a rectangle, from the top left clockwise. */
        static List<Rule> around(Rect r, double widthMm) {
            return List.of(
                    new Rule(r.x(), r.y(), r.right(), r.y(), widthMm),
                    new Rule(r.right(), r.y(), r.right(), r.bottom(), widthMm),
                    new Rule(r.right(), r.bottom(), r.x(), r.bottom(), widthMm),
                    new Rule(r.x(), r.bottom(), r.x(), r.y(), widthMm));
        }
    }

    /** A line of words. @param y baseline, mm; @param sizeMm em size, mm; @param widthMm room it takes */
    public record Text(double x, double y, double sizeMm, Weight weight, String words, double widthMm) {
        public Rect bounds() {
            return new Rect(x, y - sizeMm, widthMm, sizeMm * 1.3);
        }

        /** Moved so that it ends at a place. */
        Text endingAt(double right) {
            return new Text(right - widthMm, y, sizeMm, weight, words, widthMm);
        }
    }

    /** A flat grey. @param lightness L*, 0…100 */
    public record Patch(Rect rect, double lightness) {}

    /** Rows of '1' (black) and '0' (paper), filling the rectangle. */
    public record Bits(Rect rect, List<String> rows) {
        public Bits {
            rows = List.copyOf(rows);
        }
    }

    /** An opening of a card through which what lies under it is seen. */
    public record Window(Rect rect, Shows shows) {}

    /** What a window of a card is for. */
    public enum Shows {
        /** Paper that stays bare. */
        PAPER,
        /** The label with a student's code. */
        LABEL
    }

    public enum Weight {
        REGULAR,
        BOLD
    }

    /** An empty page of this size. */
    public PageLayout bare() {
        return new PageLayout(size, List.of(), List.of(), List.of(), List.of(), List.of(), List.of());
    }

    /** This page with one student's words and code on it. */
    public PageLayout with(List<Text> moreTexts, List<Bits> moreBits) {
        List<Text> allTexts = new ArrayList<>(texts);
        allTexts.addAll(moreTexts);
        List<Bits> allBits = new ArrayList<>(bits);
        allBits.addAll(moreBits);
        return new PageLayout(size, fields, keys, rules, allTexts, patches, allBits, windows);
    }

    /** The page on {@code ink}, each thing once, in the order patches, bits, rules, outlines, words. */
    public void drawOn(PageInk ink) {
        patches.forEach(ink::patch);
        bits.forEach(b -> drawBits(b, ink));
        rules.forEach(ink::rule);
        fields.forEach(f -> drawOutline(f, ink));
        keys.forEach(k -> drawRect(k.rect(), ink));
        windows.forEach(w -> drawRect(w.rect(), ink));
        texts.forEach(ink::text);
    }

    /** Runs of black modules in a row go down as one rectangle, so that no hairline gap shows between them. */
    private static void drawBits(Bits bits, PageInk ink) {
        double cellWidth = bits.rect.width() / bits.rows.get(0).length();
        double cellHeight = bits.rect.height() / bits.rows.size();
        for (int row = 0; row < bits.rows.size(); row++) {
            String cells = bits.rows.get(row);
            int start = cells.indexOf('1');
            while (start >= 0) {
                int end = cells.indexOf('0', start);
                end = end < 0 ? cells.length() : end;
                double top = bits.rect.y() + row * cellHeight;
                ink.patch(new Patch(
                        new Rect(bits.rect.x() + start * cellWidth, top, (end - start) * cellWidth, cellHeight), 0));
                start = cells.indexOf('1', end);
            }
        }
    }

    private static void drawOutline(Field field, PageInk ink) {
        if (!field.isShape()) {
            drawRect(field.rect(), ink);
            return;
        }
        for (List<Point> loop : field.outline()) {
            for (int i = 1; i < loop.size(); i++) {
                Point from = loop.get(i - 1);
                Point to = loop.get(i);
                ink.rule(new Rule(from.x(), from.y(), to.x(), to.y(), PageFurniture.GUIDE_MM));
            }
        }
    }

    private static void drawRect(Rect r, PageInk ink) {
        Rule.around(r, PageFurniture.HAIRLINE_MM).forEach(ink::rule);
    }
}
