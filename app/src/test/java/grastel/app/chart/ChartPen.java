package grastel.app.chart;

import grastel.app.kit.ColourMeter;
import grastel.core.media.Pencil;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.hand.FieldTask;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.ScanConditions;
import java.util.List;
import java.util.UUID;

/** Fills charts in, with pencils that are not quite what they are labelled. */
public final class ChartPen {
    private static final Hand HAND = new Hand(1.1, 0.03, 0, 0.03, 1, 0.2, 0, 6, 0);
    private static final ScanConditions SCAN = new ScanConditions(200, 1, 0, 0, 0.05, 0, 1, 0.85, 0, 4);

    private ChartPen() {}

    /** A page of a chart, filled and scanned. Call as its owner. @param number from 1; @param seed of hand and scan */
    public static byte[] filled(Charts charts, UUID chart, int number, long seed) {
        Charts.Asked asked = charts.asked(chart, ChartPen::real).get(number - 1);
        List<FieldTask> tasks = asked.page().layout().fields().stream()
                .map(f -> new FieldTask(f.id(), List.of(asked.boxes().get(f.id()))))
                .toList();
        return new SimulatedScanner(asked.page().paper(), 8)
                .file(asked.page().layout(), tasks, List.of(), HAND, SCAN, seed);
    }

    /** What a pencil of the kit, or a loose one, really is. */
    private static Pencil real(Charts.ToDraw row) {
        return row.pencil() == null
                ? Pencil.of(
                        row.entry().code(),
                        row.entry().name(),
                        row.entry().binder(),
                        ColourMeter.loose(row.place()),
                        0.5,
                        1)
                : ColourMeter.real(row.pencil(), row.entry().thought());
    }
}
