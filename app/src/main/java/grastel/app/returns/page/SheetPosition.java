package grastel.app.returns.page;

import grastel.core.reading.picture.Picture;
import grastel.core.reading.place.FoundPage;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** Where in a picture of several sheets one lies: its middle as shares of the picture. */
public record SheetPosition(double x, double y) {
    public static SheetPosition of(FoundPage page, Picture picture) {
        return new SheetPosition(page.centreX() / picture.width(), page.centreY() / picture.height());
    }

    public static SheetPosition parse(String text) {
        String[] parts = text.split(",");
        return new SheetPosition(Double.parseDouble(parts[0]), Double.parseDouble(parts[1]));
    }

    /** The sheet that lies nearest. */
    public FoundPage nearest(List<FoundPage> pages, Picture picture) {
        return pages.stream()
                .min(Comparator.comparingDouble(
                        p -> Math.hypot(p.centreX() / picture.width() - x, p.centreY() / picture.height() - y)))
                .orElseThrow();
    }

    @Override
    public String toString() {
        return String.format(Locale.ROOT, "%.4f,%.4f", x, y);
    }
}
