package grastel.app.classes;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.platform.ApiProblem.FieldProblem;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RosterTest {
    @Test
    void takesPastedNamesInTheirOrder() {
        Roster roster = Roster.of("Zoë Østergård\nNguyễn Minh Anh\r\nĐorđe Petrović");

        assertThat(roster.names()).containsExactly("Zoë Østergård", "Nguyễn Minh Anh", "Đorđe Petrović");
        assertThat(roster.problems()).isEmpty();
    }

    @Test
    void readsColumnsByTheirHeads() {
        assertThat(Roster.of("Last name;First name;Form\nSilva;Ana;8D\nBassi;Ugo;8D")
                        .names())
                .containsExactly("Ana Silva", "Ugo Bassi");
        assertThat(Roster.of("id,Name\n1,\"Eze, Oluchi\"\n2,Teo Marchetti").names())
                .containsExactly("Eze, Oluchi", "Teo Marchetti");
        assertThat(Roster.of("Silva, Ana\nBassi, Ugo").names()).containsExactly("Ana Silva", "Ugo Bassi");
    }

    @Test
    void passesOverEmptyLinesAndSaysSo() {
        Roster roster = Roster.of("Ana Silva\n\n   \nUgo Bassi\n");

        assertThat(roster.names()).containsExactly("Ana Silva", "Ugo Bassi");
        assertThat(roster.notes()).anyMatch(n -> n.contains("Line 2"));
    }

    @Test
    void namesTheLineOfADuplicate() {
        Roster roster = Roster.of("Ana Silva\nUgo Bassi\nana silva");

        assertThat(roster.names()).isEmpty();
        assertThat(roster.problems()).singleElement().satisfies(p -> {
            assertThat(p.code()).isEqualTo("DUPLICATE");
            assertThat(p.path()).isEqualTo("lines[3]");
            assertThat(p.message()).contains("line 1");
        });
    }

    @ParameterizedTest
    @ValueSource(strings = {"=HYPERLINK(\"x\")", "+1+1", "-2", "@SUM(A1)"})
    void refusesFormulas(String formula) {
        assertThat(Roster.of("Ana Silva\n" + formula).problems())
                .extracting(FieldProblem::code)
                .containsExactly("FORMULA");
    }

    @Test
    void refusesANameOfFiveThousandCharacters() {
        assertThat(Roster.of("x".repeat(5000)).problems()).singleElement().satisfies(p -> {
            assertThat(p.code()).isEqualTo("TOO_LONG");
            assertThat(p.message()).contains("5000");
        });
    }

    @Test
    void readsUtf8WithAndWithoutMarkAndUtf16() {
        byte[] marked = ("\ufeffZoë\nLéa").getBytes(StandardCharsets.UTF_8);
        byte[] wide = "Zoë\nLéa".getBytes(StandardCharsets.UTF_16);

        assertThat(Roster.ofFile(marked).names()).containsExactly("Zoë", "Léa");
        assertThat(Roster.ofFile(wide).names()).containsExactly("Zoë", "Léa");
    }

    @Test
    void saysWhenTheEncodingIsWrong() {
        byte[] old = "Zoë\nLéa".getBytes(Charset.forName("windows-1252"));

        assertThat(Roster.ofFile(old).problems()).extracting(FieldProblem::code).containsExactly("ENCODING");
    }

    @Test
    void refusesWhatIsNoList() {
        assertThat(Roster.of("").problems()).extracting(FieldProblem::code).containsExactly("EMPTY");
        assertThat(Roster.of("a\0b").problems()).extracting(FieldProblem::code).containsExactly("NOT_TEXT");
        assertThat(Roster.of("Name\n\"Ana").problems())
                .extracting(FieldProblem::code)
                .containsExactly("BROKEN_QUOTES");
        assertThat(Roster.of("A\n".repeat(1)
                                + java.util.stream.IntStream.range(0, 70)
                                        .mapToObj(i -> "Student " + i)
                                        .collect(java.util.stream.Collectors.joining("\n")))
                        .problems())
                .extracting(FieldProblem::code)
                .containsExactly("TOO_MANY");
    }
}
