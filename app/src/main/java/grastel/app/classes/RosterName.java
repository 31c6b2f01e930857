package grastel.app.classes;

import static grastel.core.words.Words.say;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A name as a list writes it, made a name as one says it: without the number before it and what stands in brackets behind it,
 * given name first.
 *
 * @param done what was changed, in words; empty where it stays as it was written
 */
record RosterName(String name, List<String> done) {
    /** A list that was numbered by hand. */
    private static final Pattern COUNTED = Pattern.compile("^\\p{Nd}{1,3}(?:[.)]\\s*|\\s+)(?=\\p{L})");
    /** What a school notes behind a name: (SEN), [EAL], (new). Short, so that a name in another script in brackets stays. */
    private static final Pattern NOTED = Pattern.compile("\\s*[(\\[]([^()\\[\\]]{1,12})[)\\]]$");

    private static final Pattern CAPITALS = Pattern.compile("[\\p{Lu}\\p{Nd}+/ .]{1,12}|new|neu");
    private static final Pattern TURNED = Pattern.compile("^([^,]+),\\s*([^,]+)$");

    /** First words of rows that are no student, as {@link RosterColumns#plain} makes them. */
    private static final Set<String> SUMS = Set.of(
            "total",
            "totals",
            "subtotal",
            "sum",
            "average",
            "mean",
            "median",
            "count",
            "pointspossible",
            "maxpoints",
            "maximumpoints",
            "numberofstudents",
            "numberonroll",
            "studentcount",
            "summe",
            "gesamt",
            "anzahl",
            "durchschnitt",
            "moyenne",
            "promedio",
            "media",
            "totale",
            "totaal",
            "gemiddelde",
            "suma");

    /**
     * @param counted whether the list is numbered
     * @param turned whether it writes family names first, before a comma
     */
    static RosterName of(String written, boolean counted, boolean turned) {
        List<String> done = new ArrayList<>();
        String name = written.strip();
        Matcher number = COUNTED.matcher(name);
        if (counted && number.find()) {
            name = name.substring(number.end());
        }
        Matcher note = NOTED.matcher(name);
        if (note.find() && note.start() > 0 && CAPITALS.matcher(note.group(1)).matches()) {
            done.add(say("problem.name-without-note", note.group().strip()));
            name = name.substring(0, note.start());
        }
        Matcher comma = TURNED.matcher(name);
        if (turned && comma.find()) {
            name = comma.group(2).strip() + " " + comma.group(1).strip();
            done.add(say("problem.name-turned"));
        }
        return new RosterName(name.strip(), done);
    }

    static boolean isCounted(String written) {
        return COUNTED.matcher(written).find();
    }

    static boolean isTurned(String written) {
        return TURNED.matcher(written).find();
    }

    /** A row that sums up others. */
    static boolean isSum(String written) {
        String beginning = written.split(":", 2)[0];
        return SUMS.contains(RosterColumns.plain(beginning));
    }
}
