package grastel.app.chart;

import static grastel.core.words.Words.say;

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
        works.put(ChartWork.LIGHT_THRICE, say("paper.light-3-times"));
        works.put(ChartWork.MEDIUM_TWICE, "medium\ntwice");
        works.put(ChartWork.FULL, "full\ntwice");
        works.put(ChartWork.BLENDED, say("paper.full-twice-blender"));
        works.put(ChartWork.OVER_DARK, say("paper.dark-then-full-twice"));
        works.put(ChartWork.WHISPER, "whisper");
        works.put(ChartWork.LIGHT, "light");
        works.put(ChartWork.MEDIUM, "medium");
        works.put(ChartWork.FIRM, "firm");
        works.put(ChartWork.FULL_ONCE, "full");
        ChartPlan.Entry pressed = plan.pencils().get(plan.pressed());
        String dark = plan.pencils().size() > 1 ? pressed.code() + " " + pressed.name() : "";
        String with = plan.blender() == null ? "" : plan.blender().title();
        return new ChartPages.Words(
                new SheetWords(
                        say("paper.chart-of", title),
                        say("paper.filled-in-by-one", paper.name()),
                        say("paper.name"),
                        say("paper.set"),
                        say("paper.date"),
                        "",
                        "",
                        List.of(
                                say("paper.on-nothing-under-the", paper.name()),
                                say("paper.coloured-pencils-have-sharp"))),
                steps(with, dark),
                works,
                say("paper.once-at-each-pressure"));
    }

    private static List<String> steps(String blender, String dark) {
        List<String> steps = new ArrayList<>();
        steps.add(say("paper.each-row-with-its"));
        if (!blender.isEmpty()) {
            steps.add(say("paper.blender-burnish-with-what", blender));
        }
        if (!dark.isEmpty()) {
            steps.add(say("paper.dark-first-medium", dark));
        }
        steps.add(say("paper.a-pencil-that-is"));
        return steps;
    }
}
