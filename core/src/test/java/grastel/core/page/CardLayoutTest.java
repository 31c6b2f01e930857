package grastel.core.page;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.page.Card.Label;
import grastel.core.page.PageLayout.Shows;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class CardLayoutTest {
    private static final Card.Words WORDS =
            new Card.Words("Cut the windows out, lay the card over the drawing.", "bare paper");
    private static final PageCode CODE = new PageCode("7KQ2M9XB", 14);

    private static PageLayout sheet(PageSize size) {
        List<FieldSpec> boxes = IntStream.rangeClosed(1, 12)
                .mapToObj(i -> new FieldSpec("A" + i, "", 24, 24, List.of(), null, "step " + i, List.of("medium ×2")))
                .toList();
        SheetWords words =
                new SheetWords("Steps", "Even.", "Name", "Class", "Date", "Try here.", "Keys", List.of("Kit"));
        List<Section> sections = List.of(new Section("", "", boxes, List.of("Squint.")));
        return SheetComposer.compose(size, words, sections, List.of("S07", "S16"))
                .pages()
                .get(0);
    }

    @ParameterizedTest
    @EnumSource(PageSize.class)
    void windowsLieClearOfAllElse(PageSize size) {
        PageLayout sheet = sheet(size);
        PageLayout card = Card.of(sheet, WORDS);
        assertThat(card.fields()).isEqualTo(sheet.fields());
        assertThat(card.keys()).isEqualTo(sheet.keys());
        List<Rect> others = new ArrayList<>();
        card.fields().forEach(f -> others.add(f.rect()));
        card.keys().forEach(k -> others.add(k.rect()));
        card.bits().forEach(b -> others.add(b.rect()));
        card.texts().forEach(t -> others.add(t.bounds()));
        card.windows().forEach(w -> assertThat(others).noneMatch(r -> overlap(w.rect(), r)));
        card.windows()
                .forEach(w -> assertThat(card.windows())
                        .filteredOn(o -> overlap(w.rect(), o.rect()))
                        .hasSize(1));
        assertThat(card.windows()).extracting(PageLayout.Window::shows).contains(Shows.PAPER, Shows.LABEL);
    }

    @ParameterizedTest
    @EnumSource(PageSize.class)
    void aLabelFitsItsWindowAndHoldsTheCodeWhereSheetsHaveIt(PageSize size) {
        PageLayout card = Card.of(sheet(size), WORDS);
        PageLayout labelled = Card.labelled(card, new Label("Noor Adeyemi-Castellanos", CODE));
        Rect window = card.windows().stream()
                .filter(w -> w.shows() == Shows.LABEL)
                .map(PageLayout.Window::rect)
                .findFirst()
                .orElseThrow();
        assertThat(labelled.bits()).extracting(PageLayout.Bits::rect).contains(PageFurniture.code(size));
        labelled.texts()
                .subList(card.texts().size(), labelled.texts().size())
                .forEach(t ->
                        assertThat(inside(t.bounds(), window)).as(t.words()).isTrue());
    }

    @ParameterizedTest
    @EnumSource(PageSize.class)
    void labelsOfAClassLieBesideOneAnotherOnThePaper(PageSize size) {
        List<Label> labels = IntStream.rangeClosed(1, 90)
                .mapToObj(i -> new Label("Student " + i, new PageCode("7KQ2M9XB", i)))
                .toList();
        List<PageLayout> pages = Card.labels(size, "Steps", labels);
        assertThat(pages).hasSizeBetween(2, 3);
        assertThat(pages.stream().mapToInt(p -> p.bits().size()).sum()).isEqualTo(90);
        Rect paper = new Rect(0, 0, size.widthMm(), size.heightMm()).inset(5);
        for (PageLayout page : pages) {
            page.bits().forEach(b -> {
                assertThat(inside(b.rect(), paper)).isTrue();
                assertThat(page.bits())
                        .filteredOn(o -> overlap(o.rect(), b.rect().inset(-2)))
                        .hasSize(1);
            });
        }
    }

    private static boolean overlap(Rect a, Rect b) {
        return a.x() < b.right() && b.x() < a.right() && a.y() < b.bottom() && b.y() < a.bottom();
    }

    private static boolean inside(Rect a, Rect b) {
        return a.x() >= b.x() && a.right() <= b.right() && a.y() >= b.y() && a.bottom() <= b.bottom();
    }
}
