package grastel.core.page;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.TextAttribute;
import java.awt.font.TextLayout;
import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.lang.Character.UnicodeScript;
import java.text.AttributedString;
import java.text.Bidi;
import java.util.Objects;

/**
 * The shipped typeface (Source Sans 3, SIL Open Font Licence 1.1) in its two weights, with faces of its kind for scripts it
 * lacks, and how wide words are in it.
 */
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

    /** True for words that the main typeface shows letter by letter from left to right; others are set as outlines. */
    public static boolean isPlain(String words) {
        return font(PageLayout.Weight.REGULAR).canDisplayUpTo(words) < 0
                && !Bidi.requiresBidi(words.toCharArray(), 0, words.length());
    }

    /** Width of words at an em size, mm. */
    static double widthMm(String words, PageLayout.Weight weight, double sizeMm) {
        if (isPlain(words)) {
            Font font = font(weight).deriveFont(MEASURING_SIZE);
            return font.getStringBounds(words, EXACT).getWidth() / MEASURING_SIZE * sizeMm;
        }
        return set(words, weight, MEASURING_SIZE).getAdvance() / MEASURING_SIZE * sizeMm;
    }

    /**
     * The outlines of words in whatever scripts, joined and ordered as those are written.
     *
     * @param words not empty, and printable
     * @param sizeMm em size
     * @return in mm, the left end of the baseline at 0, 0, y downwards
     */
    public static Shape outline(String words, PageLayout.Weight weight, double sizeMm) {
        double scale = sizeMm / MEASURING_SIZE;
        return set(words, weight, MEASURING_SIZE).getOutline(AffineTransform.getScaleInstance(scale, scale));
    }

    /** Each character in a face that has it; what has no script of its own, as spaces and digits, goes with what is before it. */
    private static TextLayout set(String words, PageLayout.Weight weight, float size) {
        AttributedString set = new AttributedString(words);
        Font main = font(weight);
        Font before = null;
        for (int i = 0; i < words.length(); ) {
            int character = words.codePointAt(i);
            int end = i + Character.charCount(character);
            Font face = isCommon(character) && before != null && before.canDisplay(character)
                    ? before
                    : main.canDisplay(character)
                            ? main
                            : Scripts.face(character).orElse(main);
            set.addAttribute(TextAttribute.FONT, face.deriveFont(size), i, end);
            before = face;
            i = end;
        }
        return new TextLayout(set.getIterator(), EXACT);
    }

    private static boolean isCommon(int character) {
        UnicodeScript script = UnicodeScript.of(character);
        return script == UnicodeScript.COMMON || script == UnicodeScript.INHERITED;
    }

    private static boolean canShow(int character) {
        return isJoiner(character)
                || !Character.isISOControl(character)
                        && (font(PageLayout.Weight.REGULAR).canDisplay(character)
                                || Scripts.face(character).isPresent());
    }

    /** Zero-width joiner and non-joiner: never seen themselves. */
    private static boolean isJoiner(int character) {
        return character == 0x200c || character == 0x200d;
    }

    /** The words with every character that no face has, and every control character, shown as a raised dot. */
    public static String printable(String words) {
        StringBuilder out = new StringBuilder();
        words.codePoints().map(c -> canShow(c) ? c : '·').forEach(out::appendCodePoint);
        return out.toString();
    }

    /** The characters of words that no page can show, each once; empty for none. */
    public static String missing(String words) {
        StringBuilder out = new StringBuilder();
        words.codePoints().distinct().filter(c -> !canShow(c)).forEach(out::appendCodePoint);
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
