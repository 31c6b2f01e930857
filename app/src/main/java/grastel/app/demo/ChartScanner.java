package grastel.app.demo;

import grastel.app.chart.Charts;
import grastel.app.chart.Charts.Asked;
import grastel.app.kit.ColourMeter;
import grastel.app.kit.Kit;
import grastel.app.platform.SignedIn;
import grastel.app.returns.intake.WatchedFolder;
import grastel.core.checks.Require;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.hand.FieldTask;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.ScanConditions;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.UUID;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** Somebody fills a chart in, with pencils and paper that are not quite what they are labelled, and scans it. */
@Component
@Profile("demo")
class ChartScanner {
    private static final double DPI = 200;
    private static final double SKILL = 0.85;
    /** Nothing is told of a loose pencil but its colour. */
    private static final double USUAL_HIDING = 0.5;

    private final Charts charts;
    private final Kit kit;
    private final WatchedFolder folder;

    ChartScanner(Charts charts, Kit kit, WatchedFolder folder) {
        this.charts = charts;
        this.kit = kit;
        this.folder = folder;
    }

    /** What its pages ask. Call as its owner. */
    List<Asked> pages(UUID chart) {
        return charts.asked(chart, ChartScanner::real);
    }

    private static Pencil real(Charts.ToDraw row) {
        return row.pencil() == null
                ? Pencil.of(
                        row.entry().code(),
                        row.entry().name(),
                        row.entry().binder(),
                        ColourMeter.loose(row.place()),
                        USUAL_HIDING,
                        1)
                : ColourMeter.real(
                        row.pencil(), Require.present(row.entry().thought(), "the colour of a pencil of the kit"));
    }

    /** Scans one page. Call as its owner. @return the file written */
    Path scan(SignedIn owner, Asked asked) {
        int number = asked.page().number();
        Random random = new Random(asked.page().chart().getLeastSignificantBits() + number);
        Hand hand = Hand.ofSkill(SKILL, new Random(asked.copy()));
        List<FieldTask> tasks = asked.page().layout().fields().stream()
                .map(f -> new FieldTask(f.id(), List.of(asked.boxes().get(f.id()))))
                .toList();
        Paper on = ColourMeter.real(asked.paper(), kit.paper(asked.paper()).paper());
        byte[] file = new SimulatedScanner(on, DPI / 25.4)
                .file(
                        asked.page().layout(),
                        tasks,
                        List.of(),
                        hand,
                        ScanConditions.flatbed(DPI, random),
                        random.nextLong());
        return ClassScanner.write(
                folder.of(owner),
                "chart-" + asked.page().chart().toString().substring(0, 4)
                        + String.format(Locale.ROOT, "-%03d.jpg", number),
                file);
    }
}
