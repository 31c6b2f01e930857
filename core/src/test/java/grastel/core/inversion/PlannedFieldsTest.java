package grastel.core.inversion;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.inversion.PlannedFields.Said;
import grastel.core.layering.Layer;
import grastel.core.page.PageSize;
import grastel.core.reading.DrawnSheet;
import grastel.core.reading.PageReader;
import grastel.core.reading.PageReading;
import grastel.core.reading.fields.FieldReading;
import grastel.core.reading.fields.Measured;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.hand.FieldTask;
import grastel.core.scanner.hand.Hand;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Printed, drawn by a hand with a habit, scanned, read, and told. */
@Tag("picture")
class PlannedFieldsTest {
    private static final DrawnSheet SHEET =
            DrawnSheet.of("tint-hue-shade", ChosenValues.NONE, Shipped.CARTRIDGE, PageSize.A4);
    private static final Hand STEADY = Hand.EXACT;

    private static List<Said> said(Hand hand, UnaryOperator<List<Layer>> habit, long seed) throws UnreadablePage {
        List<FieldTask> tasks = SHEET.tasks().stream()
                .map(t -> new FieldTask(t.field(), t.along().stream().map(habit).toList()))
                .toList();
        SimulatedScanner.Scan scan = new SimulatedScanner(SHEET.paper())
                .scan(SHEET.page(), tasks, SHEET.plan().palette(), hand, DrawnSheet.PLAIN, seed);
        PageReading reading = SHEET.read(new PageReader(), scan, SHEET.inks());
        PlannedFields fields = new PlannedFields(SHEET.plan(), SHEET.paper());
        return reading.fields().stream()
                .map(fields::of)
                .flatMap(Optional::stream)
                .toList();
    }

    private static Optional<MistakeKind> habit(List<Said> said) {
        return Habit.of(said.stream().map(Said::likelihoods).toList());
    }

    private static Hand pressing(double factor) {
        Hand e = STEADY;
        return new Hand(
                factor,
                e.rangeShrink(),
                e.pressureScatter(),
                e.patchiness(),
                e.pointKept(),
                e.overshootMm(),
                e.skipChance(),
                e.swing(),
                e.band());
    }

    @Test
    void whoPressesLighterThanAskedIsToldSoAndWhoDrawsAsAskedIsNotBlamed() throws UnreadablePage {
        assertThat(habit(said(pressing(0.5), l -> l, 3))).contains(MistakeKind.TOO_LITTLE);
        assertThat(habit(said(pressing(1.6), l -> l, 4))).contains(MistakeKind.TOO_MUCH);
        assertThat(habit(said(STEADY, l -> l, 5)).orElse(MistakeKind.AS_ASKED)).isEqualTo(MistakeKind.AS_ASKED);
    }

    @Test
    void whoLeavesTheLastLayerOutIsToldSoWithWhatThatLooksLike() throws UnreadablePage {
        List<Said> said = said(STEADY, l -> l.size() > 1 ? l.subList(0, l.size() - 1) : l, 6);
        assertThat(habit(said)).contains(MistakeKind.LAYER_MISSING);
        Said two = said.stream()
                .filter(s -> s.likelihoods().ways().containsKey(MistakeVariant.TOP_MISSING))
                .findFirst()
                .orElseThrow();
        assertThat(two.nearest(MistakeKind.LAYER_MISSING).layers())
                .hasSizeLessThan(two.asked().layers().size());
    }

    @Test
    void aPictureSaysNothingOfOneRecipe() {
        ExercisePlan piece = Shipped.plan("finished-piece", ChosenValues.NONE, Shipped.WHITE_PAPER);
        FieldPlan field = piece.fields().get(0);
        FieldReading read = new FieldReading(
                field.id(),
                new FieldReading.Mean(
                        field.predictedColour(),
                        new Measured(field.predictedColour().lightness(), 1),
                        5),
                new FieldReading.SurfaceReading(
                        new Measured(3, 1), new Measured(1, 0.5), new Measured(0, 0.1), false, 0),
                null,
                null);
        assertThat(new PlannedFields(piece, Shipped.CARTRIDGE).of(read)).isEmpty();
    }
}
