package grastel.app.classes;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.platform.ApiProblem.FieldProblem;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
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
    void aSpreadsheetMaySayWhatStandsBetweenCells() {
        assertThat(Roster.of("sep=;\r\nLast name;First name\r\nSilva;Ana\r\n").names())
                .containsExactly("Ana Silva");
        String wrong = "Name\nAna Silva\n=1+1\n";
        int plain = lineSaid(Roster.of(wrong));
        assertThat(lineSaid(Roster.of("sep=,\n" + wrong))).isEqualTo(plain + 1);
    }

    private static int lineSaid(Roster roster) {
        return roster.problems().stream()
                .map(p -> p.path().replaceAll("\\D", ""))
                .mapToInt(Integer::parseInt)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void takesAListAsASchoolPrintsIt() {
        Roster roster = Roster.of("8 Dunlin, autumn term\n;\nNo;Surname, First name;Form\n1;Silva, Ana (SEN);8D\n2;"
                + "Bassi, Ugo;8D\n3;Bassi, Ugo;8D\n;Total: 3;\n");
        assertThat(roster.problems()).isEmpty();
        assertThat(roster.names()).containsExactly("Ana Silva", "Ugo Bassi", "Ugo Bassi 2");
        assertThat(String.join("\n", roster.notes()))
                .contains(
                        "Line 1 stands above the column headings",
                        "“(SEN)” was left out",
                        "Line 6 repeats line 5: called “Ugo Bassi 2”",
                        "Line 7 is “Total: 3” and was skipped");
    }

    @Test
    void turnsNamesThatTheWholeListWritesWithAComma() {
        assertThat(Roster.of("1 Silva, Ana;x\n2 Bassi, Ugo;x\n3 Eze, Oluchi;x\n")
                        .names())
                .containsExactly("Ana Silva", "Ugo Bassi", "Oluchi Eze");
        assertThat(Roster.of("Student\n\"Silva, Ana\"\n\"Bassi, Ugo\"\n").names())
                .containsExactly("Ana Silva", "Ugo Bassi");
        assertThat(Roster.of("Legal First Name,Legal Surname\nAna,Silva\n").names())
                .containsExactly("Ana Silva");
    }

    @Test
    void aNameInAnotherScriptInBracketsStays() {
        assertThat(Roster.of("Name\nLi Wei (李伟)\nAna Silva\n").names()).containsExactly("Li Wei (李伟)", "Ana Silva");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Forename,Surname|Ana,Silva",
                "Vorname;Nachname|Ana;Silva",
                "Nachname;Vorname|Silva;Ana",
                "Name;Vorname|Silva;Ana",
                "Nom;Prénom|Silva;Ana",
                "NOM DE FAMILLE;Prénoms|Silva;Ana",
                "Nombre;Apellidos|Ana;Silva",
                "Cognome;Nome|Silva;Ana",
                "Achternaam;Voornaam;Klas|Silva;Ana;8D",
                "Efternamn,Förnamn|Silva,Ana",
                "Imię;Nazwisko|Ana;Silva",
                "Příjmení;Jméno|Silva;Ana",
                "Soyadı;Adı|Silva;Ana",
                "Фамилия;Имя|Silva;Ana",
                "'No.,First Name,Family-Name'|'1,Ana,Silva'",
                "姓名|Ana Silva"
            })
    void readsColumnsByTheirHeadsInManyLanguages(String head, String row) {
        assertThat(Roster.of(head + "\n" + row).names()).containsExactly("Ana Silva");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1,Ana Silva~2,Ugo Bassi",
                "1;Silva;Ana~2;Bassi;Ugo",
                "1. Ana Silva~2. Ugo Bassi",
                "Silva,Ana,8D~Bassi,Ugo,8D~Eze,Oluchi,8D",
                "١,Ana Silva~٢,Ugo Bassi"
            })
    void aColumnThatOnlyCountsOrSaysTheClassIsNoName(String rows) {
        assertThat(Roster.of(rows.replace('~', '\n')).names()).startsWith("Ana Silva", "Ugo Bassi");
    }

    @Test
    void columnsThatCouldBeAnythingAreAskedAbout() {
        assertThat(Roster.of("Ana,Silva,red\nUgo,Bassi,blue").problems())
                .extracting(FieldProblem::code)
                .containsExactly("HEADS_MISSING");
    }

    /** users.csv of OneRoster 1.1. */
    @Test
    void takesOnlyStudentsThatAreThereFromAOneRosterList() {
        Roster roster = Roster.of("""
                "sourcedId","status","dateLastModified","enabledUser","orgSourcedIds","role","username","givenName","familyName"
                "u1","active","","true","o1","student","ana","Ana","Silva"
                "u2","active","","true","o1","teacher","wren","Wren","Adeyemi"
                "u3","active","","true","o1","guardian","pia","Pia","Lindqvist"
                "u4","tobedeleted","","true","o1","student","teo","Teo","Marchetti"
                "u5","","","false","o1","student","mei","Mei","Tanaka"
                "u6","","","","o1","Student","ugo","Ugo","Bassi"
                """);
        assertThat(roster.names()).containsExactly("Ana Silva", "Ugo Bassi");
        assertThat(roster.notes())
                .hasSize(4)
                .anyMatch(n -> n.contains("“teacher”"))
                .anyMatch(n -> n.contains("“tobedeleted”"));
    }

    /** users.csv of OneRoster 1.2 has roles in another file. */
    @Test
    void saysWhenAListDoesNotTellWhoIsAStudent() {
        Roster roster =
                Roster.of("sourcedId,status,givenName,familyName,preferredGivenName\nu1,,Ana Maria,Silva,Ana\n");
        assertThat(roster.names()).containsExactly("Ana Silva");
        assertThat(roster.notes()).singleElement().asString().contains("who is a student");
    }

    @Test
    void aNameThatCannotBePrintedIsTakenAndSaid() {
        Roster roster = Roster.of("Ana Silva\n\ud808\udc00 Bassi");
        assertThat(roster.names()).hasSize(2);
        assertThat(roster.notes())
                .singleElement()
                .asString()
                .startsWith("Line 2")
                .contains("\ud808\udc00");
    }

    @Test
    void passesOverEmptyLinesAndSaysSo() {
        Roster roster = Roster.of("Ana Silva\n\n   \nUgo Bassi\n");

        assertThat(roster.names()).containsExactly("Ana Silva", "Ugo Bassi");
        assertThat(roster.notes()).anyMatch(n -> n.contains("Line 2"));
    }

    @Test
    void tellsTwinsApartAndNamesTheLines() {
        Roster roster = Roster.of("Ana Silva\nUgo Bassi\nana silva");

        assertThat(roster.names()).containsExactly("Ana Silva", "Ugo Bassi", "ana silva 2");
        assertThat(roster.notes()).singleElement().asString().contains("Line 3 repeats line 1", "“ana silva 2”");
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
    void anOlderSpreadsheetsLettersAreReadAndWantALook() {
        Roster read = Roster.ofFile("Zoë\nAna\nMáire O’Neill".getBytes(Charset.forName("windows-1252")));

        assertThat(read.names()).containsExactly("Zoë", "Ana", "Máire O’Neill");
        assertThat(read.notes()).singleElement().asString().contains("Zoë; Máire O’Neill");
        assertThat(Roster.ofFile("Ana\nBen".getBytes(Charset.forName("windows-1252")))
                        .notes())
                .isEmpty();
        assertThat(Roster.ofFile(new byte[] {(byte) 0x89, 'P', 'N', 'G', 0, 0x1a})
                        .problems())
                .extracting(FieldProblem::code)
                .containsExactly("NOT_TEXT");
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
