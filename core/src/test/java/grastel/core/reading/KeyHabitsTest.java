package grastel.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.Sample;
import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.media.Pencil;
import grastel.core.page.PageSize;
import grastel.core.reading.PageReader.KeyColours;
import grastel.core.reading.fields.FieldReading;
import grastel.core.reading.fields.Measured;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.SimulatedScanner.Scan;
import grastel.core.scanner.hand.FieldTask;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.hand.KeyHabit;
import grastel.core.scanner.hand.RealPencil;
import grastel.core.scanner.picture.ScanConditions;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Key boxes of students who do something else in them, with pencils that are not what the kit says. */
@Tag("picture")
class KeyHabitsTest {
    /** ΔE*ab. */
    private static final double KIT_OFF = 5;

    /** A burnished box darker than the kit's darkest says that the print's black is darker too, L* at most. */
    private static final double MOVED = 1.8;

    private static final DrawnSheet SHEET =
            DrawnSheet.of("tint-hue-shade", ChosenValues.NONE, Shipped.CARTRIDGE, PageSize.A4);

    /** Who fills every box once draws as much by chance as who does as asked, and the camera's noise is the same. */
    private static final Set<KeyHabit> SAME_NOISE = EnumSet.of(KeyHabit.LIGHT, KeyHabit.BURNISHED);

    private final PageReader reader = new PageReader();

    /** @param read by the boxes that the habit left; @param without the same picture read as if nobody knew their pencils */
    private record Page(Scan scan, PageReading read, PageReading without) {}

    private Page page(KeyHabit habit, int kit) throws UnreadablePage {
        Random random = new Random(kit);
        Map<Pencil, Pencil> real = SHEET.plan().palette().stream()
                .collect(Collectors.toMap(Function.identity(), p -> RealPencil.of(p, KIT_OFF, random)));
        List<FieldTask> tasks = SHEET.tasks().stream()
                .map(task -> new FieldTask(
                        task.field(),
                        task.along().stream()
                                .map(layers -> layers.stream()
                                        .map(layer -> with(layer, real))
                                        .toList())
                                .toList(),
                        task.drawing()))
                .toList();
        List<Pencil> keys = SHEET.plan().palette().stream().map(real::get).toList();
        Scan scan = new SimulatedScanner(SHEET.paper(), 8)
                .scan(
                        SHEET.page(),
                        tasks,
                        keys,
                        Hand.EXACT.with(habit),
                        ScanConditions.flatbed(150, new Random(kit)),
                        kit);
        return new Page(
                scan,
                SHEET.read(reader, scan, SHEET.inks()),
                SHEET.read(reader, scan, new KeyColours(List.of(), SHEET.inks().kit())));
    }

    private static Layer with(Layer layer, Map<Pencil, Pencil> real) {
        Layer.Colour colour = (Layer.Colour) layer;
        Pass pass = colour.pass();
        return new Layer.Colour(
                new Pass(real.get(pass.pencil()), pass.pressure(), pass.point(), pass.stroke()), colour.passes());
    }

    @Test
    void noHabitMovesValuesAndColoursAreNoWorseThanWithoutKeys() throws UnreadablePage {
        int fields = 0;
        int covered = 0;
        double moved = 0;
        double colour = 0;
        double colourWithout = 0;
        for (int kit = 0; kit < 3; kit++) {
            List<FieldReading> asAsked = null;
            for (KeyHabit habit : KeyHabit.values()) {
                Page page = page(habit, kit);
                List<FieldReading> read = page.read().fields();
                asAsked = asAsked == null ? read : asAsked;
                for (int i = 0; i < read.size(); i++) {
                    Measured value = read.get(i).lightness();
                    Lab truth = page.scan().truth().get(i).colour();
                    Lab without = page.without().fields().get(i).colour();
                    fields++;
                    covered += Math.abs(value.value() - truth.lightness()) <= value.plusMinus() ? 1 : 0;
                    colour += ColourDifference.ciede2000(read.get(i).colour(), truth);
                    colourWithout += ColourDifference.ciede2000(without, truth);
                    assertThat(value.value())
                            .as("by the keys' correction")
                            .isCloseTo(without.lightness(), within(0.01));
                    if (SAME_NOISE.contains(habit)) {
                        moved = Math.max(
                                moved,
                                Math.abs(value.value()
                                        - asAsked.get(i).lightness().value()));
                    }
                }
            }
        }
        Sample.note(
                "key habits, kit %.0f ΔE off, %d fields: values covered %.1f %%, moved by %.2f L* at most, colours %.2f"
                        + " ΔE00 off with keys, %.2f without",
                KIT_OFF, fields, 100.0 * covered / fields, moved, colour / fields, colourWithout / fields);
        assertThat(covered).isGreaterThan((int) (0.9 * fields));
        assertThat(moved).isLessThan(MOVED);
        assertThat(colour).isLessThan(1.1 * colourWithout);
    }
}
