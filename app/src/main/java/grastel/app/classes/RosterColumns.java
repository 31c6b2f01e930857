package grastel.app.classes;

import static grastel.core.words.Words.say;

import de.siegmar.fastcsv.reader.CsvRecord;
import grastel.app.platform.PlainWords;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Which columns of a class list hold the name, and which say who is no student of it any more.
 *
 * @param by the place of each kind of column that there is
 */
record RosterColumns(Map<Column, Integer> by) {
    enum Column {
        FULL,
        /** The whole name, family name first. */
        TURNED,
        GIVEN,
        FAMILY,
        PREFERRED,
        ROLE,
        STATUS,
        ENABLED
    }

    /** Heads by the school systems' usual languages, without case, accents and whatever is no letter. */
    private static final Set<String> GIVEN = Set.of(
            "forename",
            "forenames",
            "legalfirstname",
            "legalforename",
            "studentfirstname",
            "studentforename",
            "firstname",
            "givenname",
            "given",
            "first",
            "vorname",
            "rufname",
            "prenom",
            "prenoms",
            "prenome",
            "voornaam",
            "roepnaam",
            "fornavn",
            "fornamn",
            "tilltalsnamn",
            "etunimi",
            "imie",
            "jmeno",
            "krstnemeno",
            "vardas",
            "vards",
            "eesnimi",
            "prenume",
            "keresztnev",
            "utonev",
            "nombres",
            "isim",
            "имя",
            "імя",
            "ονομα",
            "名");

    private static final Set<String> FAMILY = Set.of(
            "surname",
            "lastname",
            "legalsurname",
            "legallastname",
            "studentsurname",
            "studentlastname",
            "familyname",
            "family",
            "last",
            "nachname",
            "familienname",
            "nomdefamille",
            "apellido",
            "apellidos",
            "cognome",
            "sobrenome",
            "apelido",
            "apelidos",
            "achternaam",
            "etternavn",
            "efternavn",
            "efternamn",
            "sukunimi",
            "nazwisko",
            "prijmeni",
            "priezvisko",
            "prezime",
            "priimek",
            "pavarde",
            "uzvards",
            "perekonnanimi",
            "vezeteknev",
            "csaladnev",
            "soyad",
            "soyadi",
            "фамилия",
            "прізвище",
            "επωνυμο",
            "姓");

    /** The whole name, unless a column beside it holds one half of it: then the other half. */
    private static final Set<String> NAME = Set.of(
            "name", "nom", "nome", "naam", "navn", "namn", "nimi", "nev", "nombre", "nume", "meno", "ime", "ad", "adi");

    private static final Set<String> FULL = Set.of(
            "fullname",
            "legalname",
            "studentname",
            "student",
            "students",
            "pupil",
            "pupilname",
            "learner",
            "displayname",
            "schuler",
            "schulerin",
            "nomcomplet",
            "eleve",
            "nombrecompleto",
            "nombreyapellidos",
            "alumno",
            "nomecompleto",
            "alunno",
            "studente",
            "aluno",
            "leerling",
            "elev",
            "oppilas",
            "imieinazwisko",
            "jmenoaprijmeni",
            "adsoyad",
            "фио",
            "имяифамилия",
            "ονοματεπωνυμο",
            "姓名",
            "氏名",
            "名前",
            "이름",
            "الاسم",
            "שם",
            "नाम");

    private static final Set<String> TURNED = Set.of(
            "surnamefirstname",
            "surnameforename",
            "surnamegivenname",
            "lastnamefirstname",
            "lastfirst",
            "lastnamefirst",
            "familynamegivenname",
            "studentnamelastfirst",
            "namevorname",
            "nachnamevorname",
            "nomprenom",
            "apellidosnombre",
            "apellidosynombre",
            "cognomenome",
            "achternaamvoornaam");

    private static final Set<String> PREFERRED =
            Set.of("preferredgivenname", "preferredname", "preferredfirstname", "preferredforename", "knownas");
    private static final Set<String> ROLE =
            Set.of("role", "roles", "primaryrole", "usertype", "rolle", "funktion", "rol", "ruolo");
    private static final Set<String> STATUS = Set.of("status", "statut", "estado", "stato");
    private static final Set<String> ENABLED = Set.of("enableduser", "enabled", "active");

    private static final Set<String> STUDENTS = Set.of(
            "student",
            "students",
            "pupil",
            "learner",
            "schuler",
            "schulerin",
            "eleve",
            "estudiante",
            "alumno",
            "alumna",
            "studente",
            "alunno",
            "alunna",
            "aluno",
            "aluna",
            "leerling",
            "elev",
            "oppilas",
            "uczen",
            "zak");

    private static final Set<String> GONE =
            Set.of("tobedeleted", "inactive", "deleted", "withdrawn", "left", "leaver", "archived", "disabled");

    private static final Set<String> NO = Set.of("false", "no", "0", "nein", "non");

    static final RosterColumns NONE = new RosterColumns(Map.of());

    /** The columns of a head row; none if the row is a student. */
    static Optional<RosterColumns> of(CsvRecord row) {
        Map<Column, Integer> by = new HashMap<>();
        int name = -1;
        for (int i = 0; i < row.getFieldCount(); i++) {
            String head = plain(row.getField(i));
            if (NAME.contains(head) && name < 0) {
                name = i;
            } else {
                Optional<Column> column = column(head);
                if (column.isPresent()) {
                    by.putIfAbsent(column.get(), i);
                }
            }
        }
        if (name >= 0) {
            Column half = by.containsKey(Column.FAMILY)
                    ? Column.GIVEN
                    : by.containsKey(Column.GIVEN) ? Column.FAMILY : Column.FULL;
            by.putIfAbsent(half, name);
        }
        boolean named = by.containsKey(Column.FULL)
                || by.containsKey(Column.TURNED)
                || by.containsKey(Column.GIVEN) && by.containsKey(Column.FAMILY);
        return named ? Optional.of(new RosterColumns(by)) : Optional.empty();
    }

    private static Optional<Column> column(String head) {
        List<Map.Entry<Set<String>, Column>> known = List.of(
                Map.entry(GIVEN, Column.GIVEN),
                Map.entry(FAMILY, Column.FAMILY),
                Map.entry(FULL, Column.FULL),
                Map.entry(TURNED, Column.TURNED),
                Map.entry(PREFERRED, Column.PREFERRED),
                Map.entry(ROLE, Column.ROLE),
                Map.entry(STATUS, Column.STATUS),
                Map.entry(ENABLED, Column.ENABLED));
        return known.stream()
                .filter(k -> k.getKey().contains(head))
                .map(Map.Entry::getValue)
                .findFirst();
    }

    /** Lower case, without accents, spaces, points, dashes. */
    static String plain(String words) {
        return PlainWords.of(words).replaceAll("[^\\p{L}\\p{N}]", "");
    }

    boolean isHeaded() {
        return !by.isEmpty();
    }

    /** Names are written family name first, in one column. */
    boolean isFamilyFirst() {
        return by.containsKey(Column.TURNED) && !by.containsKey(Column.FULL);
    }

    boolean has(Column column) {
        return by.containsKey(column);
    }

    private String field(CsvRecord row, Column column) {
        Integer at = by.get(column);
        return at == null || at >= row.getFieldCount() ? "" : row.getField(at).strip();
    }

    String name(CsvRecord row) {
        String family = field(row, Column.FAMILY);
        if (family.isEmpty() && field(row, Column.GIVEN).isEmpty()) {
            String full = field(row, Column.FULL);
            return full.isEmpty() ? field(row, Column.TURNED) : full;
        }
        String preferred = field(row, Column.PREFERRED);
        return ((preferred.isEmpty() ? field(row, Column.GIVEN) : preferred) + " " + family).strip();
    }

    /** Why a row is no student of the class; empty for a student. */
    Optional<String> passedOver(CsvRecord row) {
        String role = field(row, Column.ROLE);
        if (!role.isEmpty() && !STUDENTS.contains(plain(role))) {
            return Optional.of("“" + role + "”");
        }
        String status = field(row, Column.STATUS);
        if (GONE.contains(plain(status))) {
            return Optional.of("“" + status + "”");
        }
        return NO.contains(plain(field(row, Column.ENABLED)))
                ? Optional.of(say("problem.not-enabled"))
                : Optional.empty();
    }

    /** Columns of rows without a head that can hold a name: not those that only count or say the same in every row. */
    static List<Integer> unheaded(List<CsvRecord> rows) {
        int width = rows.stream().mapToInt(CsvRecord::getFieldCount).max().orElse(0);
        List<Integer> left = new ArrayList<>();
        for (int i = 0; i < width; i++) {
            int column = i;
            List<String> cells = rows.stream()
                    .filter(r -> column < r.getFieldCount())
                    .map(r -> r.getField(column).strip())
                    .toList();
            boolean counts = cells.stream().allMatch(c -> c.isEmpty() || c.matches("\\p{Nd}+[.)]?"));
            boolean same = rows.size() > 2 && cells.stream().distinct().count() == 1;
            if (!counts && !same) {
                left.add(i);
            }
        }
        return left;
    }
}
