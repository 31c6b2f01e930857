package grastel.core.planning.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.exercise.FieldWork.PictureWork;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.plan.Recipe.Technique;
import grastel.core.media.Pencil;
import grastel.core.planning.Stage;
import grastel.core.planning.Stage.Kind;
import grastel.core.planning.Stage.Part;
import grastel.core.planning.Stop;
import grastel.core.planning.kit.LeadUse.Day;
import grastel.core.planning.kit.LeadUse.Stock;
import grastel.core.planning.kit.LeadUse.Use;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class LeadUseTest {
    private static final Pencil BLUE = Shipped.pencil("S16");
    private static final Pencil RED = Shipped.pencil("S07");
    private static final LocalDate MONDAY = LocalDate.of(2026, 9, 7);

    private static Use used(double mm) {
        return new Use(mm, 0, 0, 0);
    }

    @Test
    void tooFewCopiesForTurnsAreOrderedThoughTheirLeadLasts() {
        Map<Pencil, Stock> stock = Map.of(BLUE, new Stock(3, 170, MONDAY), RED, new Stock(3, 170, MONDAY));
        List<Day> planned = List.of(
                new Day(MONDAY.plusDays(1), Map.of(BLUE, new Use(10, 28, 3, 3), RED, new Use(10, 28, 3, 3))),
                new Day(MONDAY.plusDays(8), Map.of(BLUE, new Use(10, 26, 5, 3))));
        assertThat(LeadUse.forecasts(List.of(), planned, stock))
                .containsExactly(
                        new LeadUse.Forecast(BLUE, 170, 20, 28, MONDAY.plusDays(8), 2, 23),
                        new LeadUse.Forecast(RED, 170, 10, 28, null, 0, 25));
    }

    @Test
    void allThatAreLostAreOrdered() {
        List<Day> planned = List.of(new Day(MONDAY.plusDays(1), Map.of(BLUE, new Use(200, 28, 1, 0))));
        assertThat(LeadUse.forecasts(List.of(), planned, Map.of(BLUE, new Stock(0, 170, MONDAY))))
                .containsExactly(new LeadUse.Forecast(BLUE, 0, 200, 28, MONDAY.plusDays(1), 2, 26));
    }

    @Test
    void sharpeningIsTheLargerPart() {
        // 18 cm² twice = 4 sharpenings of 0.7 mm, and 4 × 0.4 mm × 0.5 of marks
        PictureWork piece = new PictureWork(Technique.COLOUR, BLUE, 18, 2, 0.5, 8);
        assertThat(LeadUse.mm(piece)).isCloseTo(4 * 0.7 + 4 * 0.4 * 0.5, within(1e-9));
        assertThat(LeadUse.mm(new PictureWork(Technique.SOLVENT, null, 18, 1, 0, 2)))
                .isZero();
    }

    @Test
    void aPencilRunsShortOnTheDayItsLeadIsUsedUp() {
        LocalDate before = MONDAY.minusDays(1);
        Map<Pencil, Stock> stock = Map.of(BLUE, new Stock(2, 90, before), RED, new Stock(10, 170, before));
        List<Day> planned = List.of(
                new Day(MONDAY, Map.of(BLUE, used(60.0), RED, used(100.0))),
                new Day(MONDAY.plusWeeks(1), Map.of(BLUE, used(60.0), RED, used(100.0))),
                new Day(MONDAY.plusWeeks(2), Map.of(BLUE, used(60.0), RED, used(100.0))));
        // 2 × (90 − 40) mm can be used; 120 are by the second week, 180 by the third: one new pencil gives 130
        assertThat(LeadUse.forecasts(List.of(), planned, stock))
                .containsExactly(
                        new LeadUse.Forecast(BLUE, 90, 180, 0, MONDAY.plusWeeks(1), 1, 0),
                        new LeadUse.Forecast(RED, 170, 300, 0, null, 0, 0));
    }

    @Test
    void whatWasDrawnSinceItWasLookedAtIsGone() {
        Map<Pencil, Stock> stock = Map.of(BLUE, new Stock(2, 90, MONDAY));
        List<Day> past = List.of(
                new Day(MONDAY, Map.of(BLUE, used(30.0))), new Day(MONDAY.plusWeeks(1), Map.of(BLUE, used(40.0))));
        assertThat(LeadUse.forecasts(past, List.of(), stock))
                .containsExactly(new LeadUse.Forecast(BLUE, 70, 0, 0, null, 0, 0));
    }

    @Test
    void stubsAreWorthNothing() {
        assertThat(new Stock(5, 30, MONDAY).usable()).isZero();
        assertThat(LeadUse.forecasts(
                        List.of(),
                        List.of(new Day(MONDAY.plusDays(1), Map.of(BLUE, used(1.0)))),
                        Map.of(BLUE, new Stock(5, 30, MONDAY))))
                .containsExactly(new LeadUse.Forecast(BLUE, 30, 1, 0, MONDAY.plusDays(1), 1, 0));
    }

    @Test
    void whatIsNeitherPlannedNorUsedIsNotSpokenOf() {
        assertThat(LeadUse.forecasts(List.of(), List.of(), Map.of(BLUE, new Stock(5, 170, MONDAY))))
                .isEmpty();
    }

    @Test
    void demandIsSharedOutByMinutes() {
        PictureWork red = new PictureWork(Technique.COLOUR, RED, 9, 1, 1, 6);
        PictureWork blue = new PictureWork(Technique.COLOUR, BLUE, 9, 1, 1, 2);
        PictureWork wet = new PictureWork(Technique.SOLVENT, null, 9, 1, 0, 4);
        Stage stage = new Stage("a", Kind.WORK, Part.NONE, 12, Stop.GOOD, List.of(red, blue, wet));
        List<Demand.Want> wants = Demand.of(List.of(stage));
        assertThat(wants).extracting(Demand.Want::pencil).containsExactly(RED, BLUE);
        assertThat(wants.get(0).share()).isEqualTo(0.5);
        assertThat(wants.get(0).fewestCopies(24)).isEqualTo(12);
        assertThat(wants.get(1).fewestCopies(24)).isEqualTo(4);
        assertThat(wants.get(1).leadMm()).isCloseTo(1.1, within(1e-9));
    }
}
