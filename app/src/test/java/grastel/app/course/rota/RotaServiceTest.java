package grastel.app.course.rota;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.course.rota.RotaViews.Change;
import grastel.app.course.rota.RotaViews.RotaTableView;
import grastel.core.exercise.FieldWork.PictureWork;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.Recipe.Technique;
import grastel.core.media.Pencil;
import grastel.core.media.ShippedKit;
import grastel.core.planning.ClassFacts;
import grastel.core.planning.Stage;
import grastel.core.planning.Stage.Kind;
import grastel.core.planning.Stage.Part;
import grastel.core.planning.Stop;
import grastel.core.planning.rota.RotaPlanner;
import grastel.core.planning.rota.Timing;
import grastel.core.recipe.Method;
import grastel.core.recipe.Substitutes;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** A table of four that draws one field of ten minutes. */
class RotaServiceTest {
    private static final List<Pencil> PENCILS = ShippedKit.pencils().stream()
            .filter(p -> !p.colourless())
            .map(ShippedKit.RangePencil::toPencil)
            .toList();
    private static final Pencil WANTED = PENCILS.stream()
            .filter(p -> !Substitutes.of(p, PENCILS, 1).isEmpty())
            .findFirst()
            .orElseThrow();
    /** What is nearest to it. */
    private static final Pencil OTHER =
            Substitutes.of(WANTED, PENCILS, 1).get(0).pencil();
    /** Everyone keeps to the sheet's own order. */
    private static final RotaPlanner IN_ORDER = (of, atMost) -> Timing.of(
            of,
            Collections.nCopies(
                    of.seats(), IntStream.range(0, of.tasks().size()).boxed().toList()));

    private static RotaTableView table(Map<Pencil, Integer> atHand) {
        PictureWork piece = new PictureWork(Technique.COLOUR, WANTED, 9, 1, 1, 10);
        Stage stage = new Stage("a", Kind.WORK, new Part(0, 0, "1", "", ""), 10, Stop.GOOD, List.of(piece));
        ClassFacts facts = new ClassFacts(4, GradeBand.DEVELOPING, Method.USUAL, Map.of(), atHand, 1);
        RotaService.Asked asked = new RotaService.Asked(List.of(stage), List.of(), facts, 0.5);
        return new RotaService(IN_ORDER).plan(asked, s -> "box 1").tables().get(0);
    }

    /** One after another: 10, 20 and 30 min of waiting, at half the pace twice as long. */
    @Test
    void minutesAreThoseOfTheClass() {
        assertThat(table(Map.of(WANTED, 1)).waiting()).isEqualTo(120);
    }

    @Test
    void whatThereIsEnoughOfIsOfferedInPlaceOfWhatThereIsNot() {
        assertThat(table(Map.of(WANTED, 1, OTHER, 30)).remedies()).anySatisfy(r -> {
            assertThat(r.change()).isEqualTo(Change.SUBSTITUTE);
            assertThat(r.substitute().code()).isEqualTo(OTHER.code());
            assertThat(r.saves()).isEqualTo(120);
        });
    }

    @Test
    void whereNobodySaidWhatTheClassHasNobodyWaits() {
        assertThat(table(null).waiting()).isZero();
        assertThat(table(Map.of(OTHER, 4)).missing()).hasSize(1);
    }
}
