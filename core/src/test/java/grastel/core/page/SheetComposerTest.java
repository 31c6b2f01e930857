package grastel.core.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import grastel.core.exercise.plan.FieldPlan.Point;
import grastel.core.page.PageLayout.Text;
import grastel.core.page.SheetComposer.Composed;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SheetComposerTest {
    static final SheetWords WORDS = new SheetWords(
            "Pressure scale: Buoy Red",
            "Even steps from the lightest mark to the solid.",
            "Name",
            "Class",
            "Date",
            "Try your pressures here first. This strip gets no mark.",
            "Fill each small box as dark as the pencil goes.",
            List.of("Paper: Harbour Cartridge", "School rules decide."));

    private static final double POINT = 25.4 / 72;

    private static final List<String> STEPS =
            List.of("Start with the pencil's own weight.", "Small circles.", "Squint and compare.");

    private static FieldSpec box(String id, String group, double side) {
        return new FieldSpec(id, group, side, side, List.of(), 60.0, "value 6.2", List.of("medium", "2 passes"));
    }

    static List<PageLayout> sheet(PageSize size, int boxes, double side) {
        List<FieldSpec> specs = IntStream.rangeClosed(1, boxes)
                .mapToObj(i -> box(String.valueOf(i), "", side))
                .toList();
        return SheetComposer.compose(size, WORDS, List.of(new Section("", "", specs, STEPS)), List.of("S07", "S03"))
                .pages();
    }

    @ParameterizedTest
    @CsvSource({"A4,3,12", "A4,7,20", "A4,11,20", "A4,11,30", "LETTER,5,25", "LETTER,11,30"})
    void nothingOverlapsAndAllIsOnThePage(PageSize size, int boxes, double side) {
        PageLayout page = SheetComposer.forStudent(
                sheet(size, boxes, side).get(0), "Zoë Nguyễn", "8 Dunlin", new PageCode("7KQ2M9XB", 14));
        List<Rect> solid = new ArrayList<>();
        page.fields().forEach(f -> solid.add(f.rect().inset(-SheetComposer.CLEAR_MM + 0.1)));
        page.keys().forEach(k -> solid.add(k.rect()));
        page.bits().forEach(b -> solid.add(b.rect()));
        page.texts()
                .forEach(t -> solid.add(new Rect(t.x(), t.y() - t.sizeMm() * 0.75, t.widthMm(), t.sizeMm() * 0.75)));

        Rect sheet = new Rect(0, 0, size.widthMm(), size.heightMm()).inset(8);
        for (int i = 0; i < solid.size(); i++) {
            Rect a = solid.get(i);
            assertThat(a.x() >= sheet.x()
                            && a.right() <= sheet.right()
                            && a.y() >= sheet.y()
                            && a.bottom() <= sheet.bottom())
                    .as("%s on the page", a)
                    .isTrue();
            for (int j = 0; j < i; j++) {
                assertThat(overlap(a, solid.get(j)))
                        .as("%s and %s", a, solid.get(j))
                        .isFalse();
            }
        }
    }

    private static double sizeMm(Composed composed, String words) {
        return composed.pages().stream()
                .flatMap(p -> p.texts().stream())
                .filter(t -> t.words().equals(words))
                .mapToDouble(Text::sizeMm)
                .min()
                .orElseThrow();
    }

    private static Composed composed(int boxes, double side, int steps) {
        List<FieldSpec> specs = IntStream.rangeClosed(1, boxes)
                .mapToObj(i -> box(String.valueOf(i), "", side))
                .toList();
        List<String> work =
                IntStream.rangeClosed(1, steps).mapToObj(i -> "Step " + i).toList();
        return SheetComposer.compose(
                PageSize.A4, WORDS, List.of(new Section("", "", specs, work)), List.of("S07", "S03"));
    }

    @Test
    void wordsAreAsLargeAsThePageHasRoomForAndSmallOnesAreSaid() {
        Composed roomy = composed(5, 20, 3);
        assertThat(roomy.smallWords()).isFalse();
        assertThat(sizeMm(roomy, "2 passes")).as("9 pt at least").isGreaterThan(9 * POINT);
        assertThat(sizeMm(roomy, "Step 1")).as("up to 14 pt").isBetween(13.9 * POINT, 14.1 * POINT);

        Composed full = composed(21, 34, 6);
        assertThat(full.pages()).hasSize(composed(21, 34, 0).pages().size());
        assertThat(sizeMm(full, "2 passes")).isLessThan(sizeMm(roomy, "2 passes"));
        assertThat(full.smallWords()).isEqualTo(sizeMm(full, "2 passes") < 8.99 * POINT);

        boolean anySmall = IntStream.rangeClosed(0, 20)
                .mapToObj(steps -> composed(20, 30, steps))
                .anyMatch(Composed::smallWords);
        assertThat(anySmall).as("some page is so full").isTrue();
    }

    @Test
    void aRecipeTooLongForItsPlaceTakesAnotherLine() {
        FieldSpec wide = new FieldSpec(
                "1", "", 20, 20, List.of(), null, "", List.of("S07 medium and then once more lightly over all of it"));
        PageLayout page = SheetComposer.compose(
                        PageSize.A4,
                        WORDS,
                        List.of(new Section("", "", List.of(wide, box("2", "", 20), box("3", "", 20)), STEPS)),
                        List.of())
                .pages()
                .get(0);
        assertThat(page.texts()).noneMatch(t -> t.words().endsWith("…"));
        assertThat(page.texts().stream().map(Text::words)).anyMatch(words -> words.endsWith("all of it"));
    }

    @Test
    void sevenBoxesOfTwentyStandInOneRow() {
        assertThat(sheet(PageSize.A4, 7, 20).get(0).fields().stream()
                        .map(f -> f.rect().y())
                        .distinct())
                .hasSize(1);
    }

    @Test
    void whatDoesNotFitGoesOnToTheNextPageAndNoFieldIsLostOrSplit() {
        List<PageLayout> pages = sheet(PageSize.A4, 24, 60);

        assertThat(pages).hasSizeGreaterThan(2);
        assertThat(pages.stream().flatMap(p -> p.fields().stream()).map(PageLayout.Field::id))
                .containsExactlyElementsOf(
                        IntStream.rangeClosed(1, 24).mapToObj(String::valueOf).toList());
        assertThat(pages).allSatisfy(p -> {
            assertThat(p.keys()).hasSize(2);
            assertThat(p.texts())
                    .extracting(PageLayout.Text::words)
                    .contains((pages.indexOf(p) + 1) + " / " + pages.size());
        });
    }

    @Test
    void groupsKeepTogetherAndShapesCarryTheirNumbers() {
        List<Point> square =
                List.of(new Point(10, 10), new Point(30, 10), new Point(30, 30), new Point(10, 30), new Point(10, 10));
        FieldSpec zone = new FieldSpec("3", "sphere", 60, 60, List.of(square), 40.0, "core", List.of("S07 firm"));
        List<FieldSpec> specs = List.of(box("1", "red", 20), box("2", "blue", 20), zone);
        PageLayout page = SheetComposer.compose(
                        PageSize.A4, WORDS, List.of(new Section("", "", specs, STEPS)), List.of())
                .pages()
                .get(0);

        assertThat(page.fields().get(1).rect().y())
                .isGreaterThan(page.fields().get(0).rect().bottom());
        PageLayout.Field shape = page.fields().get(2);
        assertThat(shape.isShape()).isTrue();
        assertThat(shape.rect().width()).isEqualTo(20);
        assertThat(page.texts())
                .anyMatch(t -> t.words().equals("3") && shape.rect().contains(t.x(), t.y()));
    }

    @Test
    void aFieldLargerThanThePageIsRefusedWithTheRoomItNeeds() {
        List<FieldSpec> specs = List.of(box("1", "", 260));

        assertThatExceptionOfType(PageTooFull.class)
                .isThrownBy(() -> SheetComposer.compose(
                        PageSize.A4, WORDS, List.of(new Section("", "", specs, STEPS)), List.of()))
                .satisfies(e -> assertThat(e.overMm()).isPositive());
    }

    @Test
    void aVeryLongNameIsShortenedAndForeignSignsDoNotBreakThePage() {
        PageLayout page = SheetComposer.forStudent(
                sheet(PageSize.A4, 5, 20).get(0), "Ng\u0001 龍 ".repeat(60), "8 Dunlin", new PageCode("7KQ2M9XB", 2));

        assertThat(page.texts())
                .anySatisfy(t -> assertThat(t.words()).startsWith("Ng· 龍 ").endsWith("…"));
    }

    private static boolean overlap(Rect a, Rect b) {
        return a.x() < b.right() && b.x() < a.right() && a.y() < b.bottom() && b.y() < a.bottom();
    }
}
