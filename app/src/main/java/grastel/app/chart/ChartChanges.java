package grastel.app.chart;

import grastel.app.chart.ChartViews.ChartSheetView;
import grastel.app.sheets.Sheets;
import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.layering.Layer;
import grastel.core.layering.Swatch;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Which sheets would look otherwise with the pencils as a chart found them, each on its own paper. */
final class ChartChanges {
    /** Smaller changes are overlooked, ΔE00. */
    private static final double SEEN = 2;

    private final Map<Pencil, Pencil> found;
    private final Map<UUID, Paper> papers;

    /** @param found by what was thought of each pencil; @param papers of the kit */
    ChartChanges(Map<Pencil, Pencil> found, Map<UUID, Paper> papers) {
        this.found = found;
        this.papers = papers;
    }

    /** Those that change most first. */
    List<ChartSheetView> of(List<Sheets.Latest> sheets) {
        return sheets.stream()
                .map(this::changed)
                .filter(Objects::nonNull)
                .sorted(Comparator.comparing(ChartSheetView::most, Comparator.reverseOrder()))
                .toList();
    }

    private @Nullable ChartSheetView changed(Sheets.Latest sheet) {
        Paper paper = papers.get(sheet.paper());
        if (paper == null) {
            return null;
        }
        double most = 0;
        int fields = 0;
        for (ExercisePlan exercise : sheet.plan().exercises()) {
            if (exercise.palette().stream().noneMatch(found::containsKey)) {
                continue;
            }
            List<Pencil> palette = exercise.palette().stream()
                    .map(p -> found.getOrDefault(p, p))
                    .toList();
            for (FieldPlan field : exercise.fields()) {
                double off = Math.max(off(paper, exercise, palette, field, 0), off(paper, exercise, palette, field, 1));
                fields += off > SEEN ? 1 : 0;
                most = Math.max(most, off);
            }
        }
        return fields == 0 ? null : new ChartSheetView(sheet.id(), sheet.title(), fields, most);
    }

    private static double off(Paper paper, ExercisePlan exercise, List<Pencil> palette, FieldPlan field, double at) {
        return ColourDifference.ciede2000(
                look(paper, exercise.layers(field, at)),
                look(paper, field.recipe().layers(palette, at, exercise.pressures())));
    }

    private static Lab look(Paper paper, List<Layer> layers) {
        Swatch swatch = Swatch.bare(paper);
        for (Layer layer : layers) {
            swatch = swatch.with(layer);
        }
        return swatch.colour();
    }
}
