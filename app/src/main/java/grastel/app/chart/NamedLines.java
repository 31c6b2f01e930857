package grastel.app.chart;

import static grastel.core.words.Words.say;

import grastel.app.platform.ApiProblem;
import grastel.app.platform.ApiProblem.FieldProblem;
import grastel.core.media.PencilSet;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.http.HttpStatus;

/**
 * Names of pencils as a person pastes or types them, one in a line: {@code S01 Foam}, {@code 101;Foam}, {@code Foam}. What
 * holds a digit and stands first is the code; a line without one gets its number.
 */
final class NamedLines {
    private static final int LONGEST_CODE = 20;
    private static final int LONGEST_NAME = 80;
    private static final Pattern CODED =
            Pattern.compile("(?<code>\\S*\\d\\S*?)(?:\\s*[;,\\t]\\s*|\\s+[-–]\\s+|\\s+)(?<name>\\S.*)");

    private NamedLines() {}

    record Named(String code, String name) {}

    /** @throws ApiProblem naming every line that cannot be taken */
    static List<Named> of(String text) {
        List<FieldProblem> problems = new ArrayList<>();
        List<Named> all = new ArrayList<>();
        Map<String, Integer> lines = new HashMap<>();
        String[] rows = text.split("\\R");
        for (int i = 0; i < rows.length; i++) {
            String row = rows[i].strip();
            if (row.isEmpty()) {
                continue;
            }
            Named named = named(row, all.size() + 1);
            int line = i + 1;
            problem(named, lines)
                    .ifPresent(p -> problems.add(new FieldProblem(
                            "lines[" + line + "]", p.getKey(), say("problem.line", line, p.getValue()))));
            lines.putIfAbsent(named.code(), line);
            all.add(named);
        }
        if (all.isEmpty() || all.size() > PencilSet.MOST) {
            problems.add(new FieldProblem("lines", "WRONG_COUNT", say("problem.a-chart-holds-1", PencilSet.MOST)));
        }
        if (!problems.isEmpty()) {
            throw new ApiProblem(
                    HttpStatus.UNPROCESSABLE_CONTENT, "INVALID", problems.get(0).message(), problems);
        }
        return all;
    }

    private static Named named(String row, int number) {
        Matcher coded = CODED.matcher(row);
        return coded.matches()
                ? new Named(coded.group("code"), coded.group("name").strip())
                : new Named(String.format(Locale.ROOT, "%02d", number), row);
    }

    private static Optional<Map.Entry<String, String>> problem(Named named, Map<String, Integer> lines) {
        if (lines.containsKey(named.code())) {
            return Optional.of(
                    Map.entry("NAME_TWICE", say("problem.the-code-stands-in", named.code(), lines.get(named.code()))));
        }
        if (named.code().length() > LONGEST_CODE || named.name().length() > LONGEST_NAME) {
            return Optional.of(Map.entry("TOO_LONG", say("problem.a-code-has-at", LONGEST_CODE, LONGEST_NAME)));
        }
        return Optional.empty();
    }
}
