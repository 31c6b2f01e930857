package grastel.app.sheets.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import grastel.app.platform.ApiProblem;
import grastel.core.media.Pencil;
import grastel.core.media.ShippedKit;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class PencilIdsTest {
    private static final Pencil RED = ShippedKit.pencils().get(0).toPencil();
    private static final Pencil BLUE = ShippedKit.pencils().get(1).toPencil();

    @Test
    void aPencilOfTheKitHasItsId() {
        UUID id = UUID.randomUUID();
        assertThat(Planner.idOf(RED, Map.of(RED, id))).isEqualTo(id);
    }

    @Test
    void oneThatWasChangedMeanwhileIsSaidToBe() {
        assertThatExceptionOfType(ApiProblem.class)
                .isThrownBy(() -> Planner.idOf(BLUE, Map.of(RED, UUID.randomUUID())))
                .withMessageContaining(BLUE.title());
    }
}
