package grastel.core.judging;

import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.page.PageSize;
import grastel.core.reading.DrawnSheet;
import grastel.core.reading.PageReader;
import grastel.core.reading.PageReading;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.hand.PieceTask;
import grastel.core.scanner.hand.PieceTask.Fault;
import grastel.core.scanner.picture.ScanConditions;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A picture on a sheet, drawn, scanned, read and judged. */
final class DrawnPiece {
    /** Coarser than a scanner: quick to draw. */
    private static final double PX_PER_MM = 6;

    static final ScanConditions SCAN = new ScanConditions(150, 1, 2, 0, 0.1, 0.02, 1.5, 0.9, 0, 4);

    private DrawnPiece() {}

    static Map<Goal, Proposal> judged(
            String kind, ChosenValues values, Fault fault, double skill, ScanConditions conditions, long seed)
            throws UnreadablePage {
        ExercisePlan plan = Shipped.plan(kind, values, Shipped.WHITE_PAPER);
        DrawnSheet sheet = DrawnSheet.of(plan, Shipped.CARTRIDGE, PageSize.A4);
        Picture picture = Picture.of(new SimulatedScanner(Shipped.CARTRIDGE, PX_PER_MM)
                .picture(
                        sheet.page(),
                        List.of(PieceTask.of(plan, plan.fields().get(0), fault)),
                        plan.palette(),
                        Hand.ofSkill(skill, new Random(seed)),
                        conditions,
                        seed));
        PageReading read = PageReader.measure(
                        picture, new PageReader().find(picture), sheet.page(), Shipped.CARTRIDGE, sheet.inks())
                .reading();
        return everything(new Judge(plan, GradeBand.DEVELOPING, Shipped.CARTRIDGE), read);
    }

    /** What the teacher chose to judge and what is only measured. */
    static Map<Goal, Proposal> everything(Judge judge, PageReading read) {
        return Stream.concat(judge.judge(read).stream(), judge.figures(read).stream())
                .collect(Collectors.toMap(Proposal::goal, p -> p));
    }
}
