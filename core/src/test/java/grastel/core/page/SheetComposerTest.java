package grastel.core.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

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
            List.of("Start with the pencil's own weight.", "Small circles.", "Squint and compare."),
            "Try your pressures here first. This strip is not marked.",
            List.of("Colours in order of use: S07 Buoy Red", "Paper: Harbour Cartridge"));

    static PageLayout sheet(PageSize size, int boxes, double side) {
        List<FieldSpec> specs = IntStream.rangeClosed(1, boxes)
                .mapToObj(i -> new FieldSpec(
                        String.valueOf(i), side, side, 95 - 5 * i, "value 6.2", List.of("medium", "2 passes")))
                .toList();
        return SheetComposer.compose(size, WORDS, specs);
    }

    @ParameterizedTest
    @CsvSource({"A4,3,12", "A4,7,20", "A4,11,20", "A4,11,30", "LETTER,5,25", "LETTER,11,30"})
    void nothingOverlapsAndAllIsOnThePage(PageSize size, int boxes, double side) {
        PageLayout page = SheetComposer.forStudent(
                sheet(size, boxes, side), "Zoë Nguyễn", "8 Dunlin", new PageCode("7KQ2M9XB", 14));
        List<Rect> solid = new ArrayList<>();
        page.fields().forEach(f -> solid.add(f.rect().inset(-SheetComposer.CLEAR_MM + 0.1)));
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

    @Test
    void sevenBoxesOfTwentyStandInOneRow() {
        assertThat(sheet(PageSize.A4, 7, 20).fields().stream()
                        .map(f -> f.rect().y())
                        .distinct())
                .hasSize(1);
    }

    @Test
    void tooManyLargeBoxesAreRefusedWithTheRoomTheyNeed() {
        List<FieldSpec> specs = IntStream.rangeClosed(1, 11)
                .mapToObj(i -> new FieldSpec("" + i, 60, 60, 50, "", List.of()))
                .toList();

        assertThatExceptionOfType(PageTooFull.class)
                .isThrownBy(() -> SheetComposer.compose(PageSize.A4, WORDS, specs))
                .satisfies(e -> assertThat(e.overMm()).isPositive());
    }

    @Test
    void aVeryLongNameIsShortenedAndForeignSignsDoNotBreakThePage() {
        PageLayout page = SheetComposer.forStudent(
                sheet(PageSize.A4, 5, 20), "Ng\u0001 龍 ".repeat(60), "8 Dunlin", new PageCode("7KQ2M9XB", 2));

        assertThat(page.texts())
                .anySatisfy(t -> assertThat(t.words()).startsWith("Ng· · ").endsWith("…"));
    }

    private static boolean overlap(Rect a, Rect b) {
        return a.x() < b.right() && b.x() < a.right() && a.y() < b.bottom() && b.y() < a.bottom();
    }
}
