package grastel.app.course.rota;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.course.rota.Tables.Alike;
import grastel.core.media.Pencil;
import grastel.core.media.ShippedKit;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class TablesTest {
    private static final Pencil BLUE = ShippedKit.pencils().get(0).toPencil();

    @Test
    void withoutSeatingAClassSitsInFours() {
        assertThat(Tables.of(26, List.of(), Map.of()))
                .containsExactly(new Alike(List.of(1, 2, 3, 4, 5, 6), 4, Map.of()), new Alike(List.of(7), 2, Map.of()));
    }

    @Test
    void whoFindsNoSeatSitsAtOneMoreTable() {
        assertThat(Tables.of(9, List.of(6), Map.of())).extracting(Alike::seats).containsExactly(6, 3);
    }

    /** Eight copies for 26 at tables of four: 8·4 / 26 is 1 and 6 over, 8·2 / 26 is 0 and 16 over: the small table is served first. */
    @Test
    void noCopyIsLostOrMadeUpInDealing() {
        List<Alike> tables = Tables.of(26, List.of(), Map.of(BLUE, 8));
        assertThat(tables.stream()
                        .mapToInt(t -> t.numbers().size() * t.copies().get(BLUE))
                        .sum())
                .isEqualTo(8);
        assertThat(tables).contains(new Alike(List.of(7), 2, Map.of(BLUE, 1)));
    }

    @Test
    void whatThereIsEnoughOfIsNoConstraint() {
        assertThat(Tables.of(8, List.of(), Map.of(BLUE, 8)).get(0).copies()).isEmpty();
    }
}
