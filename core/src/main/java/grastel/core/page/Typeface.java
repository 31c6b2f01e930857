package grastel.core.page;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Objects;

/** The shipped typeface (Source Sans 3, SIL Open Font Licence 1.1) in its two weights, and how wide words are in it. */
public final class Typeface {
    private static final FontRenderContext EXACT = new FontRenderContext(new AffineTransform(), true, true);
    /** Large enough that widths are not rounded to a hinting grid. */
    private static final float MEASURING_SIZE = 1000;

    private static final Font REGULAR = load(PageLayout.Weight.REGULAR);
    private static final Font BOLD = load(PageLayout.Weight.BOLD);

    private Typeface() {}

    public static Font font(PageLayout.Weight weight) {
        return weight == PageLayout.Weight.BOLD ? BOLD : REGULAR;
    }

    /** The font file, for embedding. The caller closes it. */
    public static InputStream file(PageLayout.Weight weight) {
        String name = weight == PageLayout.Weight.BOLD ? "SourceSans3_600SemiBold.ttf" : "SourceSans3_400Regular.ttf";
        return Objects.requireNonNull(Typeface.class.getResourceAsStream("/grastel/core/page/" + name), name);
    }

    /** Width of words at an em size, mm. */
    static double widthMm(String words, PageLayout.Weight weight, double sizeMm) {
        Font font = font(weight).deriveFont(MEASURING_SIZE);
        return font.getStringBounds(words, EXACT).getWidth() / MEASURING_SIZE * sizeMm;
    }

    /** The words with every character the typeface lacks, and every control character, shown as a raised dot. */
    public static String printable(String words) {
        Font font = font(PageLayout.Weight.REGULAR);
        StringBuilder out = new StringBuilder();
        words.codePoints()
                .map(c -> font.canDisplay(c) && !Character.isISOControl(c) ? c : '·')
                .forEach(out::appendCodePoint);
        return out.toString();
    }

    /** The characters of words that no page can show, each once; empty for none. */
    public static String missing(String words) {
        Font font = font(PageLayout.Weight.REGULAR);
        StringBuilder out = new StringBuilder();
        words.codePoints().distinct().filter(c -> !font.canDisplay(c)).forEach(out::appendCodePoint);
        return out.toString();
    }

    /** The longest beginning of the words that fits, with an ellipsis if something is missing. */
    public static String fitted(String words, PageLayout.Weight weight, double sizeMm, double roomMm) {
        if (widthMm(words, weight, sizeMm) <= roomMm) {
            return words;
        }
        int end = words.length();
        while (end > 0 && widthMm(words.substring(0, end) + "…", weight, sizeMm) > roomMm) {
            end = words.offsetByCodePoints(end, -1);
        }
        return words.substring(0, end).stripTrailing() + "…";
    }

    private static Font load(PageLayout.Weight weight) {
        try (InputStream in = file(weight)) {
            return Font.createFont(Font.TRUETYPE_FONT, in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (FontFormatException e) {
            throw new IllegalStateException("The shipped font is damaged", e);
        }
    }
}
