package grastel.core.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import grastel.core.exercise.Shipped;
import grastel.core.media.Pencil;
import grastel.core.page.PageFurniture;
import grastel.core.page.PageLayout;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ChartPagesTest {
    private static final List<Pencil> SKERRY = Shipped.ALL.stream()
            .filter(p -> !p.colourless() && p.code().startsWith("S"))
            .toList();

    private static ChartPlan plan(List<Pencil> pencils, int white, Pencil blender) {
        return new ChartPlan(
                pencils.stream()
                        .map(p -> new ChartPlan.Entry(p.code(), p.name(), p.binder(), p))
                        .toList(),
                white,
                blender,
                ChartPlan.pressedOf(pencils));
    }

    @ParameterizedTest
    @EnumSource
    void everyBoxIsOnAPageOnceWithClearPaperAroundIt(PageSize size) {
        ChartPlan plan = plan(SKERRY, ChartPlan.whiteOf(SKERRY).orElseThrow(), Shipped.blender());

        List<PageLayout> pages = ChartPages.of(plan, size, FilledChart.words());

        assertThat(pages).hasSizeBetween(2, 3);
        assertThat(pages.stream().flatMap(p -> p.fields().stream()).map(PageLayout.Field::id))
                .containsExactlyInAnyOrderElementsOf(
                        plan.boxes().stream().map(ChartPlan.Box::id).toList());
        for (PageLayout page : pages) {
            List<Rect> solid = new ArrayList<>();
            page.fields().forEach(f -> solid.add(f.rect().inset(-1.9)));
            IntStream.range(0, 4).forEach(c -> solid.add(PageFurniture.marker(size, c)));
            PageFurniture.gratings(size).forEach(g -> solid.add(g.rect()));
            assertThat(solid).allMatch(a -> solid.stream().noneMatch(b -> a != b && overlap(a, b)));
            assertThat(page.texts())
                    .allMatch(
                            t -> page.fields().stream().noneMatch(f -> overlap(t.bounds(), f.rect())), "beside boxes");
        }
    }

    private static boolean overlap(Rect a, Rect b) {
        return a.x() < b.right() && b.x() < a.right() && a.y() < b.bottom() && b.y() < a.bottom();
    }

    @Test
    void theBlenderHasAColumnOnlyWhereThereIsOneAndTheDarkLiesUnderTheOthers() {
        ChartPlan without = plan(SKERRY.subList(4, 8), -1, null);
        assertThat(without.works(without.pressed())).containsExactlyElementsOf(ChartWork.PLAIN);

        ChartPlan with = plan(SKERRY.subList(0, 4), 0, Shipped.blender());
        assertThat(with.works(0)).contains(ChartWork.BLENDED);
        assertThat(with.works(1)).contains(ChartWork.BLENDED);
        for (int row = 0; row < 4; row++) {
            assertThat(with.works(row).contains(ChartWork.OVER_DARK)).isEqualTo(row != with.pressed());
        }
        assertThat(new HashSet<>(with.boxes())).hasSameSizeAs(with.boxes());
    }

    @Test
    void asksForAPencilThatIsThere() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> plan(SKERRY.subList(0, 2), 2, null))
                .withMessageContaining("white 2");
        assertThatIllegalArgumentException().isThrownBy(() -> plan(List.of(), -1, null));
    }

    @Test
    void thePressuresAreShownByADarkPencilThatIsNotBlack() {
        Pencil pressed = SKERRY.get(ChartPlan.pressedOf(SKERRY));
        assertThat(pressed.masstone().toLab().lightness()).isBetween(25.0, 40.0);
    }
}
