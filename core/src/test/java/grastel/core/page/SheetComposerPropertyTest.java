package grastel.core.page;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.page.SheetComposer.Composed;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

/** Whatever exercises are put together: each field stands once, on paper, with clear paper round it. */
class SheetComposerPropertyTest {
    private static final String SAID =
            "Small circles from another side, die Kanten zuerst mit der Spitze, jusqu’à ce qu’on ne voie plus de blanc. ";
    /** A printer prints within this, mm from the edge. */
    private static final double EDGE_MM = 8;

    private record Asked(PageSize size, List<Section> sections, List<String> pencils, List<String> fields) {}

    @Property(tries = 150, seed = "1")
    void everyFieldStandsOnceOnPaperWithClearPaperRoundIt(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 4) int exercises) {
        Asked asked = asked(new Random(seed), exercises);
        Composed composed =
                SheetComposer.compose(asked.size(), SheetComposerTest.WORDS, asked.sections(), asked.pencils());
        List<String> found = new ArrayList<>();
        for (PageLayout page : composed.pages()) {
            page.fields().forEach(f -> found.add(f.id()));
            nothingOverlaps(asked.size(), page);
        }
        assertThat(found).containsExactlyInAnyOrderElementsOf(asked.fields());
    }

    private static void nothingOverlaps(PageSize size, PageLayout page) {
        Rect paper = new Rect(0, 0, size.widthMm(), size.heightMm()).inset(EDGE_MM);
        List<Rect> solid = new ArrayList<>();
        page.fields().forEach(f -> solid.add(f.rect().inset(-SheetComposer.CLEAR_MM + 0.1)));
        page.keys().forEach(k -> solid.add(k.rect()));
        page.bits().forEach(b -> solid.add(b.rect()));
        page.texts().forEach(t -> solid.add(new Rect(t.x(), t.y() - 0.7 * t.sizeMm(), t.widthMm(), 0.7 * t.sizeMm())));
        for (int i = 0; i < solid.size(); i++) {
            Rect one = solid.get(i);
            assertThat(one.x() >= paper.x()
                            && one.right() <= paper.right()
                            && one.y() >= paper.y()
                            && one.bottom() <= paper.bottom())
                    .as("%s on the page", one)
                    .isTrue();
            for (int j = 0; j < i; j++) {
                Rect other = solid.get(j);
                boolean apart = one.x() >= other.right()
                        || other.x() >= one.right()
                        || one.y() >= other.bottom()
                        || other.y() >= one.bottom();
                assertThat(apart).as("%s and %s", one, other).isTrue();
            }
        }
    }

    private static Asked asked(Random random, int exercises) {
        PageSize size = random.nextBoolean() ? PageSize.A4 : PageSize.LETTER;
        List<String> ids = new ArrayList<>();
        List<Section> sections = IntStream.range(0, exercises)
                .mapToObj(e -> {
                    List<FieldSpec> fields = fields(random, e);
                    fields.forEach(f -> ids.add(f.id()));
                    List<String> steps = IntStream.range(0, random.nextInt(7))
                            .mapToObj(s -> said(random, 160))
                            .toList();
                    return new Section(said(random, 60), said(random, 120), fields, steps);
                })
                .toList();
        List<String> pencils = IntStream.range(0, random.nextInt(15))
                .mapToObj(p -> "S" + (10 + p))
                .toList();
        return new Asked(size, sections, pencils, ids);
    }

    /** Boxes in one or two rows, or strips. */
    private static List<FieldSpec> fields(Random random, int exercise) {
        boolean strips = random.nextInt(3) == 0;
        double side = 12 + 18 * random.nextDouble();
        double length = 60 + 115 * random.nextDouble();
        double height = 12 + 28 * random.nextDouble();
        int count = strips ? 1 + random.nextInt(3) : 1 + random.nextInt(11);
        String first = said(random, 20);
        int secondRow = random.nextInt(count + 1);
        return IntStream.range(0, count)
                .mapToObj(i -> new FieldSpec(
                        (exercise + 1) + "." + (i + 1),
                        i < secondRow ? first : "again",
                        strips ? length : side,
                        strips ? height : side,
                        List.of(),
                        random.nextBoolean() ? 60.0 : null,
                        random.nextBoolean() ? "value 6.2" : "",
                        IntStream.range(0, random.nextInt(4))
                                .mapToObj(r -> said(random, 24))
                                .toList()))
                .toList();
    }

    private static String said(Random random, int most) {
        int length = random.nextInt(most);
        int from = random.nextInt(SAID.length());
        return (SAID + SAID + SAID).substring(from, from + length).strip();
    }
}
