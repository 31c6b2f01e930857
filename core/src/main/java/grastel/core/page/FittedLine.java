package grastel.core.page;

import grastel.core.page.PageLayout.Text;
import grastel.core.page.PageLayout.Weight;
import java.util.ArrayList;
import java.util.List;

/** A line of words that fits its room. */
public final class FittedLine {
    private FittedLine() {}

    /** Words broken into lines that fit their room, as many as it takes. */
    public static List<String> wrapped(String words, Weight weight, double size, double room) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : words.split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && Typeface.widthMm(Typeface.printable(longer), weight, size) > room) {
                lines.add(line.toString());
                line.setLength(0);
                line.append(word);
            } else {
                line.setLength(0);
                line.append(longer);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    /** Words that would not fit are cut and end in an ellipsis. */
    static Text fitted(double x, double y, double size, Weight weight, String words, double room) {
        String fitted = Typeface.fitted(Typeface.printable(words), weight, size, room);
        return new Text(x, y, size, weight, fitted, Typeface.widthMm(fitted, weight, size));
    }
}
