package grastel.core.page;

import java.util.List;

/**
 * The words of a sheet, in the language of the class. Every list may be empty.
 *
 * @param title what the sheet is
 * @param goal what it is for, one line
 * @param nameLabel word before the student's name
 * @param classLabel word before the class
 * @param dateLabel word before the date line
 * @param steps what the student does, in order, one line each
 * @param practice words above the strip for trying out
 * @param footer last lines: kit, cautions
 */
public record SheetWords(
        String title,
        String goal,
        String nameLabel,
        String classLabel,
        String dateLabel,
        List<String> steps,
        String practice,
        List<String> footer) {
    public SheetWords {
        steps = List.copyOf(steps);
        footer = List.copyOf(footer);
    }
}
