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
 * @param practice words above the strip for trying out
 * @param keys word before the key boxes
 * @param footer last lines: kit, cautions
 */
public record SheetWords(
        String title,
        String goal,
        String nameLabel,
        String classLabel,
        String dateLabel,
        String practice,
        String keys,
        List<String> footer) {
    public SheetWords {
        footer = List.copyOf(footer);
    }
}
