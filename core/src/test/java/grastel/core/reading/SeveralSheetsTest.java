package grastel.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import grastel.core.page.PageCode;
import grastel.core.page.PageLayout;
import grastel.core.page.PageSize;
import grastel.core.page.SheetComposer;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reading.place.FoundPage;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.ImageDefect;
import grastel.core.scanner.picture.ScanConditions;
import grastel.core.scanner.picture.Tabletop;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Sheets laid side by side and photographed at once: each is found, once, and read as if it lay alone. */
@Tag("picture")
class SeveralSheetsTest {
    private static final DrawnSheet SHEET = DrawnSheet.of("S16", 5, PageSize.A4);

    private final PageReader reader = new PageReader();

    private static PageCode code(int n) {
        return new PageCode("7KQ2M9XB", n);
    }

    private static PageLayout page(int n) {
        return SheetComposer.forStudent(SHEET.sheet(), "Student " + n, "8 Dunlin", code(n));
    }

    private static ScanConditions lying(SplittableRandom random) {
        return new ScanConditions(
                150,
                random.nextDouble(-6, 6),
                random.nextDouble(0, 8),
                random.nextDouble(0, 360),
                0.08,
                0.02,
                1.5,
                0.85,
                random.nextInt(4),
                8);
    }

    private static BufferedImage drawn(int n, ScanConditions conditions, List<ImageDefect> spoils) {
        return new SimulatedScanner(SHEET.paper(), 7)
                .scan(page(n), SHEET.tasks(), SHEET.plan().palette(), Hand.EXACT, conditions, spoils, n)
                .picture();
    }

    private static List<PageCode> codes(List<FoundPage> pages) {
        return pages.stream().map(p -> p.code().orElse(null)).toList();
    }

    @ParameterizedTest
    @CsvSource({"2,2", "2,1", "3,3", "4,2", "6,3"})
    void everySheetOfAPictureIsReadAsIfItLayAlone(int sheets, int columns) throws UnreadablePage {
        SplittableRandom random = new SplittableRandom(31L * sheets + columns);
        List<BufferedImage> pictures = new ArrayList<>();
        for (int n = 1; n <= sheets; n++) {
            pictures.add(drawn(n, lying(random), List.of()));
        }
        Picture together = Picture.of(Tabletop.of(pictures, columns, 20));

        List<FoundPage> found = reader.findAll(together);

        assertThat(codes(found))
                .containsExactlyInAnyOrderElementsOf(java.util.stream.IntStream.rangeClosed(1, sheets)
                        .mapToObj(SeveralSheetsTest::code)
                        .toList());
        for (FoundPage page : found) {
            int n = page.code().orElseThrow().page();
            PageReading one = measured(together, page, n);
            PageReading alone = measured(Picture.of(pictures.get(n - 1)), n);
            for (int i = 0; i < one.fields().size(); i++) {
                assertThat(one.fields().get(i).lightness().value())
                        .isCloseTo(alone.fields().get(i).lightness().value(), within(1.4));
            }
            assertThat(one.flags()).doesNotContain(PageFlag.ANOTHER_SHEET);
        }
    }

    private PageReading measured(Picture picture, int n) throws UnreadablePage {
        return measured(picture, reader.find(picture), n);
    }

    private static PageReading measured(Picture picture, FoundPage found, int n) throws UnreadablePage {
        return PageReader.measure(picture, found, page(n), SHEET.paper(), PageReader.KeyColours.UNKNOWN)
                .reading();
    }

    @Test
    void aSheetWithAHiddenMarkerIsFoundBesideOthers() throws UnreadablePage {
        SplittableRandom random = new SplittableRandom(5);
        List<BufferedImage> pictures = List.of(
                drawn(1, lying(random), List.of()),
                drawn(2, lying(random), List.of(new ImageDefect.Cropped(2, 45))),
                drawn(3, lying(random), List.of()));

        List<FoundPage> found = reader.findAll(Picture.of(Tabletop.of(pictures, 3, 20)));

        assertThat(codes(found)).containsExactlyInAnyOrder(code(1), code(2), code(3));
        assertThat(found).filteredOn(p -> p.markers() == 3).hasSize(1);
    }

    /** Half of a sheet beside a whole one is not passed over: it is found and cannot be measured. */
    @Test
    void halfASheetIsSaid() throws UnreadablePage {
        BufferedImage whole = drawn(1, DrawnSheet.PLAIN, List.of());
        BufferedImage half = whole.getSubimage(0, 0, whole.getWidth() / 2, whole.getHeight());
        Picture picture = Picture.of(Tabletop.of(List.of(whole, half), 2, 20));

        List<FoundPage> found = reader.findAll(picture);

        assertThat(found).extracting(FoundPage::markers).containsExactlyInAnyOrder(4, 2);
        FoundPage cut = found.stream().filter(p -> p.markers() == 2).findFirst().orElseThrow();
        assertThatExceptionOfType(UnreadablePage.class)
                .isThrownBy(() -> measured(picture, cut, 1))
                .satisfies(e -> assertThat(e.problem()).isEqualTo(UnreadablePage.Problem.TOO_FEW_MARKERS));
    }

    /** One corner of a sheet that looks in is told with the sheet that was read. */
    @Test
    void aCornerOfAnotherSheetIsTold() throws UnreadablePage {
        BufferedImage whole = drawn(1, ScanConditions.flatbed(150, new Random(3)), List.of());
        BufferedImage corner = whole.getSubimage(0, 0, whole.getWidth() / 3, whole.getHeight() / 3);
        Picture picture = Picture.of(Tabletop.of(List.of(whole, corner), 2, 20));

        List<FoundPage> found = reader.findAll(picture);

        assertThat(codes(found)).containsExactly(code(1));
        assertThat(measured(picture, found.get(0), 1).flags()).contains(PageFlag.ANOTHER_SHEET);
    }
}
