package grastel.core.page;

import java.awt.Font;
import java.awt.FontFormatException;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.lang.Character.UnicodeScript;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/** Faces for scripts that the main typeface lacks: Noto Sans (SIL Open Font Licence 1.1), each loaded when it is first wanted. */
final class Scripts {
    private static final Map<UnicodeScript, String> FILES = files();
    private static final Map<String, Font> LOADED = new ConcurrentHashMap<>();

    private Scripts() {}

    private static Map<UnicodeScript, String> files() {
        Map<UnicodeScript, String> files = new EnumMap<>(UnicodeScript.class);
        files.put(UnicodeScript.ARABIC, noto("Arabic"));
        files.put(UnicodeScript.HEBREW, noto("Hebrew"));
        files.put(UnicodeScript.DEVANAGARI, noto("Devanagari"));
        files.put(UnicodeScript.BENGALI, noto("Bengali"));
        files.put(UnicodeScript.TAMIL, noto("Tamil"));
        files.put(UnicodeScript.THAI, noto("Thai"));
        files.put(UnicodeScript.ARMENIAN, noto("Armenian"));
        files.put(UnicodeScript.GEORGIAN, noto("Georgian"));
        files.put(UnicodeScript.ETHIOPIC, noto("Ethiopic"));
        files.put(UnicodeScript.GUJARATI, noto("Gujarati"));
        files.put(UnicodeScript.GURMUKHI, noto("Gurmukhi"));
        files.put(UnicodeScript.TELUGU, noto("Telugu"));
        files.put(UnicodeScript.KANNADA, noto("Kannada"));
        files.put(UnicodeScript.MALAYALAM, noto("Malayalam"));
        files.put(UnicodeScript.SINHALA, noto("Sinhala"));
        files.put(UnicodeScript.KHMER, noto("Khmer"));
        files.put(UnicodeScript.LAO, noto("Lao"));
        files.put(UnicodeScript.MYANMAR, noto("Myanmar"));
        files.put(UnicodeScript.HANGUL, "fonts-kr/fonts/NotoSansKR-Regular.otf");
        for (UnicodeScript han : new UnicodeScript[] {
            UnicodeScript.HAN, UnicodeScript.HIRAGANA, UnicodeScript.KATAKANA, UnicodeScript.BOPOMOFO
        }) {
            files.put(han, "fonts-sc/fonts/NotoSansHans-Regular.otf");
        }
        return files;
    }

    private static String noto(String script) {
        return "noto-sans-" + script.toLowerCase(java.util.Locale.ROOT) + "/400Regular/NotoSans" + script
                + "_400Regular.ttf";
    }

    /** The face for a character, if there is one that can show it. */
    static Optional<Font> face(int character) {
        return Optional.ofNullable(FILES.get(UnicodeScript.of(character)))
                .map(file -> LOADED.computeIfAbsent(file, Scripts::load))
                .filter(font -> font.canDisplay(character));
    }

    private static Font load(String file) {
        try (InputStream in = Scripts.class.getResourceAsStream("/grastel/fonts/" + file)) {
            if (in == null) {
                throw new IllegalStateException("The face " + file + " is not shipped with the program");
            }
            return Font.createFont(Font.TRUETYPE_FONT, in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (FontFormatException e) {
            throw new IllegalStateException("The shipped face " + file + " is damaged", e);
        }
    }
}
