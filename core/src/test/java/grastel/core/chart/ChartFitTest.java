package grastel.core.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import grastel.core.Sample;
import grastel.core.chart.ChartFit.OddBox;
import grastel.core.chart.ChartFit.Why;
import grastel.core.chart.ChartPlan.Box;
import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.exercise.Shipped;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stroke;
import grastel.core.layering.Swatch;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.Tooth;
import grastel.core.reading.fields.FieldReading;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.Device;
import grastel.core.scanner.picture.ScanConditions;
import grastel.core.scanner.picture.Tone;
import grastel.core.scanner.sheet.Stock;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** A chart is filled with pencils that are not what they are thought to be, scanned and fitted; a fresh sheet tells how well. */
@Tag("picture")
class ChartFitTest {
    private static final List<Pencil> TWELVE = Shipped.ALL.stream()
            .filter(p -> !p.colourless() && p.code().startsWith("S"))
            .filter(p -> Integer.parseInt(p.code().substring(1)) % 3 == 1)
            .toList();

    /** Masstones of the real pencils lie so far from what is thought, ΔE*ab. */
    private static final double OFF = 5;

    private record Case(Hand hand, Stock stock, Device device, boolean phone, long seed) {
        ScanConditions conditions(long more) {
            Random random = new Random(seed + more);
            ScanConditions any = phone ? ScanConditions.phone(random) : ScanConditions.flatbed(200, random);
            return any.by(device);
        }

        FilledChart chart(boolean described) {
            return FilledChart.of(TWELVE, OFF, described, seed);
        }

        List<ChartFit.ReadPage> read(FilledChart chart, int by) throws UnreadablePage {
            return chart.read(hand, by, stock, conditions(0), 10 * seed);
        }
    }

    private static Case of(double skill, double black, double cloud, Device device, boolean phone, long seed) {
        return new Case(Hand.ofSkill(skill, new Random(seed + 4)), new Stock(black, cloud), device, phone, seed);
    }

    private static final Case SCHOOL = of(0.8, 0.04, 0, Device.PLAIN, false, 1);
    private static final Case DRAFT = of(0.7, 0.08, 0, new Device(0.01, new Tone.Gamma(1.06)), false, 2);
    private static final Case PHONE = of(0.9, 0.02, 0.1, Device.PLAIN, true, 3);
    private static final Case VIVID = of(0.75, 0.05, 0.05, new Device(0.01, new Tone.Contrast(0.15)), true, 4);

    @Test
    void whatIsPredictedForAFreshSheetIsWhatIsRead() throws UnreadablePage {
        Tally described = new Tally();
        Tally unknown = new Tally();
        for (Case c : Sample.of(List.of(SCHOOL, DRAFT, PHONE, VIVID), 2)) {
            described.add(c, true);
        }
        for (Case c : Sample.of(List.of(DRAFT, PHONE, VIVID, SCHOOL), 1)) {
            unknown.add(c, false);
        }
        Sample.note(
                "chart: fresh sheet before %.2f, after %.2f, of a set nobody knew %.2f ΔE00 (median); masstones within"
                        + " their intervals %.0f %%, of a set nobody knew %.0f %%",
                Sample.median(described.before),
                Sample.median(described.after),
                Sample.median(unknown.after),
                100 * described.cover(),
                100 * unknown.cover());
        double opacities = described.opacitiesWithin / (double) described.opacities.size();
        Sample.note(
                "chart: opacity within its interval %.0f %%, interval ± %.2f (median)",
                100 * opacities, Sample.median(described.opacities));
        assertThat(opacities).as("opacities within their intervals").isGreaterThan(0.85);
        assertThat(Sample.median(described.opacities))
                .as("told by the dark below")
                .isLessThan(0.3);
        assertThat(Sample.median(described.before)).as("before").isGreaterThan(2 * Sample.median(described.after));
        assertThat(Sample.median(described.after)).as("after").isLessThan(1.5);
        assertThat(Sample.median(unknown.after)).as("a set that nobody knew").isLessThan(2);
        assertThat(described.cover()).as("intervals that cover").isGreaterThan(0.92);
        assertThat(unknown.cover()).as("intervals that cover").isGreaterThan(0.85);
    }

    private static final class Tally {
        private final List<Double> before = new ArrayList<>();
        private final List<Double> after = new ArrayList<>();
        private final List<Double> opacities = new ArrayList<>();
        private int opacitiesWithin;
        private int within;
        private int figures;

        void add(Case c, boolean isDescribed) throws UnreadablePage {
            FilledChart chart = c.chart(isDescribed);
            ChartFit.Result fit = ChartFit.of(chart.plan(), Shipped.CARTRIDGE, c.read(chart, 0));
            for (ChartFit.Fitted f : fit.pencils()) {
                Lab found = f.pencil().masstone().toLab();
                Lab real = chart.real().get(f.row()).masstone().toLab();
                within += Math.abs(found.lightness() - real.lightness())
                                < f.colour().lightness()
                        ? 1
                        : 0;
                within += Math.abs(found.a() - real.a()) < f.colour().a() ? 1 : 0;
                within += Math.abs(found.b() - real.b()) < f.colour().b() ? 1 : 0;
                figures += 3;
                opacities.add(f.hidingPlusMinus());
                opacitiesWithin +=
                        Math.abs(f.pencil().hiding() - chart.real().get(f.row()).hiding()) < f.hidingPlusMinus()
                                ? 1
                                : 0;
            }
            fresh(c, chart, fit);
        }

        double cover() {
            return within / (double) figures;
        }

        /** Stacks of one to three layers by the same hand, on another sheet and scanned anew. */
        private void fresh(Case c, FilledChart chart, ChartFit.Result fit) throws UnreadablePage {
            Random random = new Random(c.seed());
            List<Pencil> fitted =
                    fit.pencils().stream().map(ChartFit.Fitted::pencil).toList();
            Paper cartridge = Shipped.CARTRIDGE;
            Paper found = new Paper(
                    cartridge.name(),
                    cartridge.ground(),
                    new Tooth(fit.depth().value(), cartridge.tooth().grainMm()));
            ChartFit.Hand hand = fit.hands().get(0);
            List<List<Layer>> drawn = new ArrayList<>();
            List<Lab> thought = new ArrayList<>();
            List<Lab> predicted = new ArrayList<>();
            for (int i = 0; i < chart.plan().boxes().size(); i++) {
                List<Layer> layers = new ArrayList<>();
                Swatch before = Swatch.bare(cartridge);
                Swatch after = Swatch.bare(found);
                int count = 1 + random.nextInt(3);
                for (int n = 0; n < count; n++) {
                    int pencil = random.nextInt(TWELVE.size());
                    PressureGrade grade = PressureGrade.values()[random.nextInt(5)];
                    int passes = 1 + random.nextInt(2);
                    layers.add(new Layer.Colour(Pass.of(chart.real().get(pencil), grade), passes));
                    before = before.with(new Layer.Colour(Pass.of(TWELVE.get(pencil), grade), passes));
                    after = after.with(new Layer.Colour(
                            new Pass(
                                    fitted.get(pencil),
                                    hand.grades().get(grade.ordinal()).value(),
                                    hand.point().value(),
                                    Stroke.CIRCLES),
                            passes));
                }
                drawn.add(layers);
                thought.add(before.colour());
                predicted.add(after.colour());
            }
            List<String> ids = chart.plan().boxes().stream().map(Box::id).toList();
            for (ChartFit.ReadPage page : chart.read(c.hand(), 0, c.stock(), c.conditions(7), 77 + c.seed(), drawn)) {
                for (FieldReading f : page.reading().fields()) {
                    int i = ids.indexOf(f.field());
                    before.add(ColourDifference.ciede2000(thought.get(i), f.colour()));
                    after.add(ColourDifference.ciede2000(predicted.get(i), f.colour()));
                }
            }
        }
    }

    @Test
    void namesBoxesThatWereMixedUpOrLeftOutAndFitsTheRest() throws UnreadablePage {
        FilledChart chart = SCHOOL.chart(true);
        List<List<Layer>> layers = new ArrayList<>(chart.plan().layers(chart.real()));
        List<Box> boxes = chart.plan().boxes();
        int mixedUp = place(boxes, "4c");
        layers.set(mixedUp, layers.get(place(boxes, "8c")));
        layers.set(place(boxes, "6b"), List.of());

        ChartFit.Result fit = ChartFit.of(
                chart.plan(),
                Shipped.CARTRIDGE,
                chart.read(SCHOOL.hand(), 0, SCHOOL.stock(), SCHOOL.conditions(0), 10, layers));

        assertThat(fit.odd())
                .containsExactlyInAnyOrder(
                        new OddBox(0, "4c", 3, Why.OTHER_PENCIL, 7), new OddBox(0, "6b", 5, Why.EMPTY, -1));
        assertThat(fit.pencils()).hasSameSizeAs(TWELVE);
        assertThat(fit.pencils().get(3).boxes()).isEqualTo(3);
        assertThat(ColourDifference.ciede2000(
                        fit.pencils().get(3).pencil().masstone().toLab(),
                        chart.real().get(3).masstone().toLab()))
                .isLessThan(2);
    }

    private static int place(List<Box> boxes, String id) {
        return boxes.stream().map(Box::id).toList().indexOf(id);
    }

    @Test
    void twoPeoplesChartsAreFittedTogetherEachWithAHandOfItsOwn() throws UnreadablePage {
        FilledChart chart = SCHOOL.chart(true);
        Hand heavy = new Hand(1.3, 0.02, 0, 0.02, 1, 0.2, 0, 5, 0);
        Hand soft = new Hand(0.75, 0.02, 0, 0.02, 1, 0.2, 0, 5, 0);
        List<ChartFit.ReadPage> one = chart.read(heavy, 0, SCHOOL.stock(), SCHOOL.conditions(0), 10);
        List<ChartFit.ReadPage> both = Stream.concat(
                        one.stream(), chart.read(soft, 2, DRAFT.stock(), DRAFT.conditions(3), 20).stream())
                .toList();

        ChartFit.Result alone = ChartFit.of(chart.plan(), Shipped.CARTRIDGE, one);
        ChartFit.Result together = ChartFit.of(chart.plan(), Shipped.CARTRIDGE, both);

        assertThat(together.hands()).containsOnlyKeys(0, 2);
        double asked = PressureGrade.LIGHT.pressure();
        assertThat(ratio(together, 0)).isCloseTo(1.3 / 0.75, within(0.25));
        assertThat(together.hands().get(2).grades().get(1).value()).isLessThan(asked);
        assertThat(width(together)).isLessThan(width(alone));
    }

    private static double ratio(ChartFit.Result fit, int first) {
        int light = PressureGrade.LIGHT.ordinal();
        return fit.hands().get(first).grades().get(light).value()
                / fit.hands().get(2).grades().get(light).value();
    }

    /** Mean interval of the masstones. */
    private static double width(ChartFit.Result fit) {
        return fit.pencils().stream()
                .mapToDouble(p -> p.colour().mean())
                .average()
                .orElseThrow();
    }

    @Test
    void aPencilWithOneBoxStaysAsItWasThoughtToBe() throws UnreadablePage {
        FilledChart chart = SCHOOL.chart(true);
        List<List<Layer>> layers = new ArrayList<>(chart.plan().layers(chart.real()));
        List.of("5a", "5b", "5c").forEach(id -> layers.set(place(chart.plan().boxes(), id), List.of()));

        ChartFit.Result fit = ChartFit.of(
                chart.plan(),
                Shipped.CARTRIDGE,
                chart.read(SCHOOL.hand(), 0, SCHOOL.stock(), SCHOOL.conditions(0), 10, layers));

        assertThat(fit.pencils())
                .extracting(ChartFit.Fitted::row)
                .doesNotContain(4)
                .hasSize(11);
    }

    @Test
    void anEmptyChartTellsNothing() throws UnreadablePage {
        FilledChart chart = SCHOOL.chart(false);
        List<List<Layer>> nothing =
                chart.plan().boxes().stream().map(b -> List.<Layer>of()).toList();
        List<ChartFit.ReadPage> read = chart.read(Hand.EXACT, 0, SCHOOL.stock(), SCHOOL.conditions(0), 10, nothing);

        assertThatIllegalArgumentException()
                .isThrownBy(() -> ChartFit.of(chart.plan(), Shipped.CARTRIDGE, read))
                .withMessageContaining("No box");
    }
}
