package grastel.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.exercise.goal.Goal;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The table of docs/judging.md says what the screen says; {@code -Ddocs.update=true} writes it anew. */
class JudgingDocTest {
    private static final Path DOC = Path.of("../docs/judging.md");
    private static final String HEAD = "| goal | measures | stands for | cannot see |\n|---|---|---|---|\n";

    @Test
    void theTableIsMadeFromTheCatalogue() throws IOException {
        String doc = Files.readString(DOC);
        int from = doc.indexOf(HEAD) + HEAD.length();
        int to = doc.indexOf("\n\n", from) + 1;
        String rows = Arrays.stream(Goal.values()).map(JudgingDocTest::row).collect(Collectors.joining());
        if (Boolean.getBoolean("docs.update")) {
            Files.writeString(DOC, doc.substring(0, from) + rows + doc.substring(to));
            return;
        }
        assertThat(doc.substring(from, to)).isEqualTo(rows);
    }

    private static String row(Goal goal) {
        String row = String.join(" | ", goal.label(), goal.measures(), goal.standsFor(), goal.cannotSee());
        return "| " + row.replace("L*", "L\\*").replace("C*", "C\\*") + " |\n";
    }
}
