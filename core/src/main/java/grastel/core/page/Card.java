package grastel.core.page;

import static grastel.core.words.Words.say;

import grastel.core.colour.Lab;
import grastel.core.media.Paper;
import grastel.core.media.Tooth;
import grastel.core.page.PageLayout.Bits;
import grastel.core.page.PageLayout.Field;
import grastel.core.page.PageLayout.Rule;
import grastel.core.page.PageLayout.Shows;
import grastel.core.page.PageLayout.Text;
import grastel.core.page.PageLayout.Weight;
import grastel.core.page.PageLayout.Window;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * A page of a sheet as a card with windows, for paper that no printer takes: the windows are traced on the drawing paper, drawn in,
 * and the card is laid over the drawing to be photographed. Markers, gratings, key boxes and the places of fields are those of the
 * sheet. One card serves a class; whose drawing it is says a label in a window where the sheet has its code.
 */
public final class Card {
    /** What cards are printed on, where nobody says more: white office card. */
    public static final Paper STOCK = Paper.of(say("exercise.white-card"), new Lab(95, 0.5, -1.5), new Tooth(0.5, 0.2));

    /** Half of the range in which the light of office cards lies, 95 %: from L* 93.4 to 96.6. */
    public static final double STOCK_SPREAD = 0.045;

    /** A field needs so much to be read inside of what the card's edge and its play take, mm. */
    public static final double LEAST_MM = 12;

    /** Paper of a label around its code, mm. */
    private static final double QUIET_MM = 3;
    /** Words under the code. */
    private static final double LABEL_WORDS_MM = 5;
    /** A label is so much smaller than its window on every side, mm. */
    private static final double PLAY_MM = 0.7;

    private static final double PAPER_WIDTH = 20;
    private static final double PAPER_HEIGHT = 8;
    private static final double HOW_BASELINE = 31;
    private static final double LABEL_SIZE = 2.3;

    private Card() {}

    /** @param how what to do with the card, one line; @param bare words beside the windows on bare paper */
    public record Words(String how, String bare) {}

    /** @param student name or number, as the class shows them */
    public record Label(String student, PageCode code) {}

    /** Width of the narrowest field, mm, if that is too little for a window. */
    public static OptionalDouble tooNarrow(PageLayout sheet) {
        return sheet.fields().stream()
                .filter(f -> !f.isShape())
                .mapToDouble(f -> Math.min(f.rect().width(), f.rect().height()))
                .filter(mm -> mm < LEAST_MM)
                .min();
    }

    /** True where fields are zones of one form, which no card can part. */
    public static boolean hasForms(PageLayout sheet) {
        return sheet.fields().stream().anyMatch(Field::isShape);
    }

    /** The card of a page. */
    public static PageLayout of(PageLayout sheet, Words words) {
        PageSize size = sheet.size();
        List<Window> windows = new ArrayList<>(papers(size));
        windows.add(new Window(slot(size), Shows.LABEL));
        return new PageLayout(
                size,
                sheet.fields(),
                sheet.keys(),
                List.of(),
                texts(sheet, words),
                patches(sheet),
                sheet.bits(),
                windows);
    }

    /** A card with a label in its window. */
    public static PageLayout labelled(PageLayout card, Label label) {
        Rect square = PageFurniture.code(card.size());
        return card.with(
                texts(square, label), List.of(new Bits(square, label.code().squareRows())));
    }

    /** Labels in rows, to be cut out along their lines. */
    public static List<PageLayout> labels(PageSize size, String title, List<Label> labels) {
        Rect slot = slot(size);
        double width = slot.width() - 2 * PLAY_MM;
        double height = slot.height() - 2 * PLAY_MM;
        double top = PageFrame.SIDE_MM + 8;
        int columns = (int) ((size.widthMm() - 2 * PageFrame.SIDE_MM) / width);
        int rows = (int) ((size.heightMm() - top - PageFrame.SIDE_MM) / height);
        List<PageLayout> pages = new ArrayList<>();
        for (int from = 0; from < labels.size(); from += columns * rows) {
            List<Text> texts = new ArrayList<>();
            List<Bits> bits = new ArrayList<>();
            List<Rule> rules = new ArrayList<>();
            texts.add(FittedLine.fitted(
                    PageFrame.SIDE_MM,
                    PageFrame.SIDE_MM + 4,
                    4,
                    Weight.BOLD,
                    title,
                    size.widthMm() - 2 * PageFrame.SIDE_MM));
            for (int i = from; i < Math.min(labels.size(), from + columns * rows); i++) {
                double x = PageFrame.SIDE_MM + (i - from) % columns * width;
                double y = top + (i - from) / columns * height;
                Rect square = new Rect(
                        x + QUIET_MM - PLAY_MM, y + QUIET_MM - PLAY_MM, PageFurniture.CODE_MM, PageFurniture.CODE_MM);
                texts.addAll(texts(square, labels.get(i)));
                bits.add(new Bits(square, labels.get(i).code().squareRows()));
                rules.addAll(Rule.around(new Rect(x, y, width, height), PageFurniture.GUIDE_MM));
            }
            pages.add(new PageLayout(size, List.of(), List.of(), rules, texts, List.of(), bits));
        }
        return pages;
    }

    private static List<Text> texts(Rect square, Label label) {
        double room = square.width() + QUIET_MM;
        return List.of(
                FittedLine.fitted(square.x(), square.bottom() + 3, LABEL_SIZE, Weight.BOLD, label.student(), room),
                FittedLine.fitted(
                        square.x(),
                        square.bottom() + 6,
                        LABEL_SIZE,
                        Weight.REGULAR,
                        label.code().toString(),
                        room));
    }

    private static Rect slot(PageSize size) {
        Rect code = PageFurniture.code(size).inset(-QUIET_MM);
        return new Rect(code.x(), code.y(), code.width(), code.height() + LABEL_WORDS_MM);
    }

    /** In the line above the fields: at its left end and where the label's window begins. */
    private static List<Window> papers(PageSize size) {
        double y = PageFrame.FIELDS_TOP - PAPER_HEIGHT - 2.5;
        double right = slot(size).x() - QUIET_MM - PAPER_WIDTH;
        return List.of(
                new Window(new Rect(PageFrame.SIDE_MM, y, PAPER_WIDTH, PAPER_HEIGHT), Shows.PAPER),
                new Window(new Rect(right, y, PAPER_WIDTH, PAPER_HEIGHT), Shows.PAPER));
    }

    /** Without the line for a name, what stands over the strip for trying out and what is cut out; with what to do. */
    private static List<Text> texts(PageLayout sheet, Words words) {
        double strip = sheet.rules().stream()
                .filter(r -> r.x1() == PageFrame.SIDE_MM && r.y1() == r.y2() && r.y1() > PageFrame.FIELDS_TOP)
                .mapToDouble(Rule::y1)
                .min()
                .orElse(Double.POSITIVE_INFINITY);
        List<Text> texts = new ArrayList<>(sheet.texts().stream()
                .filter(t -> t.y() < HOW_BASELINE || t.y() > PageFrame.FIELDS_TOP)
                .filter(t -> t.y() > strip || t.y() < strip - LABEL_WORDS_MM)
                .filter(t -> sheet.fields().stream().noneMatch(f -> f.rect().contains(t.x(), t.y())))
                .toList());
        double left = PageFrame.SIDE_MM;
        double slot = slot(sheet.size()).x();
        texts.add(FittedLine.fitted(left, HOW_BASELINE, 2.8, Weight.REGULAR, words.how(), slot - left - 2));
        for (Window paper : papers(sheet.size())) {
            boolean first = paper.rect().x() == left;
            double x = first ? paper.rect().right() + 2 : paper.rect().x() - 2;
            Text text = FittedLine.fitted(x, paper.rect().bottom() - 2.6, 2.8, Weight.REGULAR, words.bare(), 60);
            texts.add(first ? text : text.endingAt(x));
        }
        return texts;
    }

    /** Greys that ask for a value; not the grid in a frame, which is cut out with it. */
    private static List<PageLayout.Patch> patches(PageLayout sheet) {
        return sheet.patches().stream()
                .filter(p -> sheet.fields().stream()
                        .noneMatch(f -> f.rect()
                                .inset(-PLAY_MM)
                                .contains(p.rect().x(), p.rect().y())))
                .toList();
    }
}
