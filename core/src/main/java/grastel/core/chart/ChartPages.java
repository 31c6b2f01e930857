package grastel.core.chart;

import grastel.core.checks.Require;
import grastel.core.media.PencilSet;
import grastel.core.page.BoxTable;
import grastel.core.page.PageLayout;
import grastel.core.page.PageSize;
import grastel.core.page.SheetWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Lays a chart out: a row for each pencil, a column for each work, the row of pressures last. */
public final class ChartPages {
    private static final List<ChartWork> COLUMNS = List.of(
            ChartWork.LIGHT_ONCE,
            ChartWork.LIGHT_THRICE,
            ChartWork.MEDIUM_TWICE,
            ChartWork.FULL,
            ChartWork.BLENDED,
            ChartWork.OVER_DARK);

    private ChartPages() {}

    /**
     * Words of a chart.
     *
     * @param works what is done, in a word or two for the head of a column or over a box; a line break parts two lines
     * @param pressed beside the row of pressures
     */
    public record Words(SheetWords page, List<String> steps, Map<ChartWork, String> works, String pressed) {
        public Words {
            steps = List.copyOf(steps);
            works = Map.copyOf(works);
        }
    }

    /** The pages of one copy, without a code; at most {@value PencilSet#MOST} rows. */
    public static List<PageLayout> of(ChartPlan plan, PageSize size, Words words) {
        List<ChartWork> columns = COLUMNS.stream()
                .filter(c -> plan.blender() != null || c != ChartWork.BLENDED)
                .filter(c -> plan.pencils().size() > 1 || c != ChartWork.OVER_DARK)
                .toList();
        List<BoxTable.Row> rows = new ArrayList<>();
        for (int row = 0; row < plan.pencils().size(); row++) {
            rows.add(row(plan, row, columns));
        }
        ChartPlan.Entry pressed = plan.pencils().get(plan.pressed());
        rows.add(new BoxTable.Row(
                "",
                pressed.code() + " " + pressed.name() + " " + words.pressed(),
                ChartWork.PRESSURES.stream()
                        .map(w -> new BoxTable.Box(w.letter(), Require.key(words.works(), w)))
                        .toList()));
        return BoxTable.compose(
                size,
                words.page(),
                words.steps(),
                columns.stream().map(words.works()::get).toList(),
                rows);
    }

    private static BoxTable.Row row(ChartPlan plan, int row, List<ChartWork> columns) {
        ChartPlan.Entry entry = plan.pencils().get(row);
        List<ChartWork> works = plan.works(row);
        return new BoxTable.Row(
                String.valueOf(row + 1),
                entry.code() + " " + entry.name(),
                columns.stream()
                        .map(c -> new BoxTable.Box(works.contains(c) ? row + 1 + c.letter() : null, ""))
                        .toList());
    }
}
