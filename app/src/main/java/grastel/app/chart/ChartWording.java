package grastel.app.chart;

import grastel.core.chart.ChartPages;
import grastel.core.chart.ChartPlan;
import grastel.core.chart.ChartWork;
import grastel.core.media.Paper;
import grastel.core.page.SheetWords;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** The words on a printed chart. */
final class ChartWording {
    private ChartWording() {}

    static ChartPages.Words of(String title, ChartPlan plan, Paper paper) {
        Map<ChartWork, String> works = new EnumMap<>(ChartWork.class);
        works.put(ChartWork.LIGHT_ONCE, "light\nonce");
        works.put(ChartWork.LIGHT_THRICE, "light\n3 times");
        works.put(ChartWork.MEDIUM_TWICE, "medium\ntwice");
        works.put(ChartWork.FULL, "full\ntwice");
        works.put(ChartWork.BLENDED, "full twice,\nblender");
        works.put(ChartWork.WHITENED, "full twice,\nwhite");
        works.put(ChartWork.WHISPER, "whisper");
        works.put(ChartWork.LIGHT, "light");
        works.put(ChartWork.MEDIUM, "medium");
        works.put(ChartWork.FIRM, "firm");
        works.put(ChartWork.FULL_ONCE, "full");
        String over = plan.white() < 0
                ? ""
                : plan.pencils().get(plan.white()).code() + " "
                        + plan.pencils().get(plan.white()).name();
        String with = plan.blender() == null ? "" : plan.blender().title();
        return new ChartPages.Words(
                new SheetWords(
                        "Chart of " + title,
                        "Filled in by one person, it tells how your pencils look on " + paper.name() + ".",
                        "Name",
                        "Set",
                        "Date",
                        "",
                        "",
                        List.of(
                                "On " + paper.name() + ", nothing under the page. Scan in colour, not in text mode.",
                                "Coloured pencils have sharp points: follow your school's rules for sharpeners.")),
                steps(with, over),
                works,
                "once at each pressure");
    }

    private static List<String> steps(String blender, String white) {
        List<String> steps = new ArrayList<>();
        steps.add("Each row with its own pencil: sharp, in small circles, to the edge. Full is as hard as it takes.");
        if (!blender.isEmpty()) {
            steps.add("Blender: burnish with " + blender + " what was laid at full pressure.");
        }
        if (!white.isEmpty()) {
            steps.add("White: " + white + " once at full pressure over what was laid at full pressure.");
        }
        steps.add("A pencil that is not there: leave its row empty. A slip: go on, odd boxes are found and left out.");
        return steps;
    }
}
