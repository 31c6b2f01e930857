package grastel.app.course.paper;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.course.rota.RotaViews.RotaPencilView;
import grastel.app.course.rota.RotaViews.RotaSeatView;
import grastel.app.course.rota.RotaViews.RotaTableView;
import grastel.app.course.rota.RotaViews.RotaTaskView;
import grastel.app.course.rota.RotaViews.RotaTurnView;
import grastel.app.course.rota.RotaViews.RotaView;
import java.io.IOException;
import java.util.List;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RotaCardsTest {
    private static final RotaPencilView OCHRE = new RotaPencilView("S44", "Ochre", "#b08a3e");

    /** However many parts stand side by side, when each begins and how long it waits is not cut off. */
    @ParameterizedTest
    @ValueSource(ints = {1, 4, 8})
    void whenAPartBeginsAndHowLongItWaitsIsThereInFull(int parts) throws IOException {
        List<RotaTaskView> tasks = IntStream.range(0, parts)
                .mapToObj(i -> new RotaTaskView("Box " + (i + 1), 14, List.of(OCHRE)))
                .toList();
        List<RotaTurnView> turns = IntStream.range(0, parts)
                .mapToObj(i -> new RotaTurnView(i, 100 + 14 * i, 114 + 14 * i, i % 2 == 0 ? 13 : 0))
                .toList();
        RotaTableView table =
                new RotaTableView(List.of(1), List.of(), List.of(new RotaSeatView("A", turns)), 13, List.of());

        String card = words(RotaCards.pdf("Blue in steps", new RotaView(tasks, List.of(table))));

        for (int i = 0; i < parts; i++) {
            assertThat(card).contains("from " + (100 + 14 * i) + " min");
        }
        assertThat(card.split("waits 13 min", -1)).hasSize((parts + 1) / 2 + 1);
    }

    private static String words(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }
}
