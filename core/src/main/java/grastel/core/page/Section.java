package grastel.core.page;

import java.util.List;

/**
 * One exercise on a sheet.
 *
 * @param title printed over it where a sheet holds several; empty for none
 * @param goal what it is for, one line
 * @param fields in reading order
 * @param steps what the student does, one line each
 */
public record Section(String title, String goal, List<FieldSpec> fields, List<String> steps) {
    public Section {
        fields = List.copyOf(fields);
        steps = List.copyOf(steps);
    }
}
