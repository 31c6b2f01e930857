package grastel.core.judging;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.Sample;
import grastel.core.exercise.Pieces;
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
import grastel.core.stilllife.HarbourFind;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Pieces drawn with one fault each, printed, scanned, read and judged: the fault is named and no other. */
@Tag("picture")
class PieceFaultsTest {
    /** Coarser than a scanner: quick to draw. */
    private static final double PX_PER_MM = 6;

    /** Pieces with each fault; more for the table in docs/projects.md. */
    private static final int PIECES = Integer.getInteger("pieces.each", Sample.rounds(1, 2));

    private static final ScanConditions SCAN = new ScanConditions(150, 1, 2, 0, 0.1, 0.02, 1.5, 0.9, 0, 4);

    /** What says that a fault is there. */
    private static final Map<Fault, Set<Cause>> SIGNS = new EnumMap<>(Map.ofEntries(
            Map.entry(Fault.NONE, EnumSet.noneOf(Cause.class)),
            Map.entry(
                    Fault.ALL_MIDDLE,
                    EnumSet.of(Cause.VALUES_IN_THE_MIDDLE, Cause.DARKS_MISSING, Cause.LIGHTS_COVERED)),
            Map.entry(Fault.LOST_HIGHLIGHT, EnumSet.of(Cause.HIGHLIGHT_GONE)),
            Map.entry(Fault.OUTLINED, EnumSet.of(Cause.OUTLINED)),
            Map.entry(Fault.WRONG_LIGHT, EnumSet.of(Cause.LIGHT_TURNED, Cause.LIGHT_UNCLEAR)),
            Map.entry(Fault.STRIPES, EnumSet.of(Cause.STRIPED)),
            Map.entry(Fault.MUD, EnumSet.of(Cause.SHADOWS_GREY)),
            Map.entry(Fault.SHIFTED, EnumSet.of(Cause.OUTLINES_OFF)),
            Map.entry(Fault.GROUND_LOST, EnumSet.of(Cause.BACKGROUND_CLOSE)),
            Map.entry(Fault.HARD_EDGES, EnumSet.of(Cause.EDGES_HARD)),
            Map.entry(Fault.GARISH, EnumSet.of(Cause.COLOURS_APART))));

    /** What follows from another fault: middle values lose highlights and colour, what is drawn elsewhere has other values
     * there, a ground in one tone has lost its light, and where light, black or stripes lie otherwise edges do. */
    private static final Map<Fault, Set<Cause>> FOLLOW = Map.of(
            Fault.ALL_MIDDLE,
                    EnumSet.of(Cause.SHADOWS_GREY, Cause.HIGHLIGHT_GONE, Cause.LIGHT_UNCLEAR, Cause.BACKGROUND_CLOSE),
            Fault.GROUND_LOST,
                    EnumSet.of(
                            Cause.DARKS_MISSING,
                            Cause.LIGHTS_COVERED,
                            Cause.VALUES_IN_THE_MIDDLE,
                            Cause.SHADOWS_GREY,
                            Cause.OUTLINES_OFF,
                            Cause.LIGHT_TURNED,
                            Cause.LIGHT_UNCLEAR,
                            Cause.EDGES_HARD,
                            Cause.COLOURS_APART,
                            Cause.HIGHLIGHT_GONE),
            Fault.MUD, EnumSet.of(Cause.DARKS_MISSING, Cause.LIGHT_UNCLEAR, Cause.BACKGROUND_CLOSE, Cause.EDGES_HARD),
            Fault.STRIPES, EnumSet.of(Cause.DARKS_MISSING, Cause.EDGES_HARD),
            Fault.WRONG_LIGHT, EnumSet.of(Cause.EDGES_HARD),
            Fault.HARD_EDGES,
                    EnumSet.of(Cause.LIGHT_TURNED, Cause.LIGHT_UNCLEAR, Cause.HIGHLIGHT_GONE, Cause.SHADOWS_GREY),
            Fault.GARISH, EnumSet.complementOf(EnumSet.of(Cause.STRIPED, Cause.OUTLINED)),
            Fault.SHIFTED,
                    EnumSet.of(Cause.SHADOWS_GREY, Cause.HIGHLIGHT_GONE, Cause.LIGHT_UNCLEAR, Cause.BACKGROUND_CLOSE));

    /** In the usual run each fault is drawn on one of the finds, in the whole run on each. */
    @Test
    void faultsAreNamedAndNoneThatAreNotThere() throws UnreadablePage {
        Tally tally = new Tally();
        for (HarbourFind find : HarbourFind.values()) {
            tally.add(find);
        }
        Sample.note(
                "%d of %d faults named, %d of %d pieces wrong", tally.named, tally.possible, tally.wrong, tally.pieces);
        assertThat(tally.named)
                .as("named of %s:%n%s", tally.possible, tally.table)
                .isGreaterThanOrEqualTo(Sample.atLeast(0.9, tally.possible));
        assertThat(tally.wrong)
                .as("wrong of %s:%n%s", tally.pieces, tally.table)
                .isLessThanOrEqualTo(Sample.atMost(0.05, tally.pieces));
    }

    private static final class Tally {
        private final StringBuilder table = new StringBuilder();
        private int possible;
        private int named;
        private int wrong;
        private int pieces;

        void add(HarbourFind find) throws UnreadablePage {
            ExercisePlan plan =
                    Shipped.plan("finished-piece", ChosenValues.NONE, Pieces.setting(Pieces.of(find, 100, 125)));
            DrawnSheet sheet = DrawnSheet.of(plan, Shipped.CARTRIDGE, PageSize.A4);
            Judge judge = new Judge(plan, GradeBand.DEVELOPING, Shipped.CARTRIDGE);
            Map<Goal, Proposal> exact = judge(sheet, judge, Fault.NONE, 1);
            List<Fault> faults = Fault.of(plan.fields().get(0).picture());
            for (Fault fault : faults) {
                if (!Sample.IS_WHOLE && faults.indexOf(fault) % HarbourFind.values().length != find.ordinal()) {
                    continue;
                }
                for (int seed = 1; seed <= PIECES; seed++) {
                    Set<Cause> seen = judge(sheet, judge, fault, seed).values().stream()
                            .filter(p -> p.cause() != null && p.level().compareTo(Level.SECURE) < 0)
                            .map(Proposal::cause)
                            .collect(Collectors.toCollection(() -> EnumSet.noneOf(Cause.class)));
                    boolean asked = fault != Fault.NONE
                            && (fault != Fault.LOST_HIGHLIGHT || exact.containsKey(Goal.HIGHLIGHTS_LEFT))
                            && (fault != Fault.MUD || exact.containsKey(Goal.SHADOWS_COLOURED))
                            && (fault != Fault.GROUND_LOST || exact.containsKey(Goal.SUBJECT_STANDS))
                            && (fault != Fault.HARD_EDGES || exact.containsKey(Goal.EDGES_SOFT))
                            && (fault != Fault.GARISH || exact.containsKey(Goal.COLOURS_TOGETHER))
                            && (fault != Fault.WRONG_LIGHT || exact.containsKey(Goal.LIGHT_AS_PLANNED));
                    possible += asked ? 1 : 0;
                    named += asked && seen.stream().anyMatch(SIGNS.get(fault)::contains) ? 1 : 0;
                    Set<Cause> others = EnumSet.noneOf(Cause.class);
                    SIGNS.entrySet().stream()
                            .filter(e -> e.getKey() != fault)
                            .forEach(e -> others.addAll(e.getValue()));
                    others.removeAll(SIGNS.get(fault));
                    others.removeAll(FOLLOW.getOrDefault(fault, Set.of()));
                    wrong += seen.stream().anyMatch(others::contains) ? 1 : 0;
                    pieces++;
                    table.append(find)
                            .append(' ')
                            .append(fault)
                            .append(' ')
                            .append(seed)
                            .append(' ')
                            .append(seen)
                            .append('\n');
                }
            }
        }
    }

    static List<HarbourFind> finds() {
        return Sample.of(List.of(HarbourFind.values()), 1);
    }

    /** Where strokes are to run round the form, a hand that draws all one way is told, and one that leaves none. */
    @ParameterizedTest
    @MethodSource("finds")
    void strokesAreReadRoundTheForm(HarbourFind find) throws UnreadablePage {
        ExercisePlan plan = piece(find, "ROUND_THE_FORM");
        DrawnSheet sheet = DrawnSheet.of(plan, Shipped.CARTRIDGE, PageSize.A4);
        DrawnSheet inCircles = DrawnSheet.of(piece(find, "SMALL_CIRCLES"), Shipped.CARTRIDGE, PageSize.A4);
        Judge judge = new Judge(plan, GradeBand.DEVELOPING, Shipped.CARTRIDGE);
        for (int seed = 1; seed <= PIECES; seed++) {
            Map<Goal, Proposal> steady = judge(sheet, judge, Fault.NONE, seed);
            assertThat(steady.get(Goal.STROKES_FOLLOW).level()).isGreaterThanOrEqualTo(Level.SECURE);
            assertThat(steady.get(Goal.PICTURE_VALUES).level()).isGreaterThanOrEqualTo(Level.SECURE);

            Proposal across = judge(sheet, judge, Fault.ONE_WAY, seed).get(Goal.STROKES_FOLLOW);
            assertThat(across.level()).isLessThan(Level.NEARLY);
            assertThat(across.cause()).isEqualTo(Cause.ACROSS_THE_GROWTH);

            Proposal none = judge(inCircles, judge, Fault.NONE, seed).get(Goal.STROKES_FOLLOW);
            assertThat(none.level()).isLessThan(Level.SECURE);
            assertThat(none.cause()).isEqualTo(Cause.NO_DIRECTION);
        }
    }

    private static ExercisePlan piece(HarbourFind find, String strokes) {
        return Shipped.plan(
                "finished-piece",
                ChosenValues.NONE.with("strokes", strokes),
                Pieces.setting(Pieces.of(find, 100, 125)));
    }

    /** A card lies up to 1.5 mm off its tracing: that is not the student's, but outlines drawn off are. */
    @Test
    void aPieceUnderACardIsJudgedByWhatIsDrawn() throws UnreadablePage {
        ExercisePlan plan = Shipped.plan(
                "finished-piece", ChosenValues.NONE, Pieces.setting(Pieces.of(HarbourFind.ENAMEL_MUG, 100, 125)));
        DrawnSheet sheet = DrawnSheet.of(plan, Shipped.CARTRIDGE, PageSize.A4).underCard(Shipped.CARTRIDGE);
        Judge judge = new Judge(plan, GradeBand.DEVELOPING, Shipped.CARTRIDGE);
        for (int seed = 1; seed <= PIECES; seed++) {
            Map<Goal, Proposal> as = judge(sheet, judge, Fault.NONE, seed);
            assertThat(as.get(Goal.PROPORTION).figure().value()).isLessThanOrEqualTo(2);
            assertThat(as.values()).allMatch(p -> p.level().compareTo(Level.SECURE) >= 0);
            assertThat(judge(sheet, judge, Fault.SHIFTED, seed)
                            .get(Goal.PROPORTION)
                            .cause())
                    .isEqualTo(Cause.OUTLINES_OFF);
        }
    }

    private static Map<Goal, Proposal> judge(DrawnSheet sheet, Judge judge, Fault fault, long seed)
            throws UnreadablePage {
        Hand hand = Hand.ofSkill(0.9, new Random(seed));
        Picture picture = Picture.of(new SimulatedScanner(Shipped.CARTRIDGE, PX_PER_MM)
                .picture(
                        sheet.page(),
                        List.of(PieceTask.of(sheet.plan(), sheet.plan().fields().get(0), fault)),
                        sheet.plan().palette(),
                        hand,
                        SCAN,
                        seed));
        PageReading read = PageReader.measure(
                        picture, new PageReader().find(picture), sheet.page(), Shipped.CARTRIDGE, sheet.inks())
                .reading();
        return DrawnPiece.everything(judge, read);
    }
}
