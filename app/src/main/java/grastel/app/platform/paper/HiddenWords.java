package grastel.app.platform.paper;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.text.Bidi;
import java.util.Locale;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.cos.COSString;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.jspecify.annotations.Nullable;

/**
 * Words that are not seen, where shapes show them: for searching, copying and reading aloud. Their font has no letters; each
 * of its codes is a UTF-16 unit, and its map to Unicode says so (ISO 32000-1, 9.7 and 9.10.3).
 */
final class HiddenWords {
    private final PDDocument pdf;
    private @Nullable PDType0Font font;

    HiddenWords(PDDocument pdf) {
        this.pdf = pdf;
    }

    /** All in points, from the bottom left. @param width that the words are to take */
    void write(PDPageContentStream stream, String words, float x, float y, float size, float width) throws IOException {
        String seen = inSeenOrder(words);
        StringBuilder codes = new StringBuilder();
        seen.chars().forEach(c -> codes.append(String.format(Locale.ROOT, "%04X", c)));
        stream.beginText();
        stream.setFont(font(), size);
        stream.newLineAtOffset(x, y);
        stream.setHorizontalScaling(Math.max(1, 100 * width / (size * seen.length())));
        raw(stream, "3 Tr <" + codes + "> Tj 0 Tr");
        stream.setHorizontalScaling(100);
        stream.endText();
    }

    /** The library has no call for codes of a font that it did not make. */
    @SuppressWarnings("deprecation")
    private static void raw(PDPageContentStream stream, String operators) throws IOException {
        stream.appendRawCommands(operators + "\n");
    }

    /** Letters from left to right as they are seen: what reads a page puts them back into the order of writing. */
    private static String inSeenOrder(String words) {
        Bidi bidi = new Bidi(words, Bidi.DIRECTION_DEFAULT_LEFT_TO_RIGHT);
        Character[] characters = words.chars().mapToObj(c -> (char) c).toArray(Character[]::new);
        byte[] levels = new byte[words.length()];
        for (int i = 0; i < levels.length; i++) {
            levels[i] = (byte) bidi.getLevelAt(i);
        }
        Bidi.reorderVisually(levels, 0, characters, 0, characters.length);
        StringBuilder seen = new StringBuilder();
        for (char c : characters) {
            seen.append(c);
        }
        return seen.toString();
    }

    /** One for the document, made when it is first needed. */
    private PDType0Font font() throws IOException {
        font = font == null ? made() : font;
        return font;
    }

    private PDType0Font made() throws IOException {
        COSDictionary descriptor = new COSDictionary();
        descriptor.setItem(COSName.TYPE, COSName.FONT_DESC);
        descriptor.setName(COSName.FONT_NAME, "Hidden");
        descriptor.setInt(COSName.FLAGS, 4);
        descriptor.setItem(COSName.FONT_BBOX, numbers(0, 0, 1000, 1000));
        descriptor.setInt(COSName.ITALIC_ANGLE, 0);
        descriptor.setInt(COSName.ASCENT, 1000);
        descriptor.setInt(COSName.DESCENT, 0);
        descriptor.setInt(COSName.CAP_HEIGHT, 700);
        descriptor.setInt(COSName.STEM_V, 80);
        COSDictionary system = new COSDictionary();
        system.setItem(COSName.REGISTRY, new COSString("Adobe"));
        system.setItem(COSName.ORDERING, new COSString("Identity"));
        system.setInt(COSName.SUPPLEMENT, 0);
        COSDictionary descendant = new COSDictionary();
        descendant.setItem(COSName.TYPE, COSName.FONT);
        descendant.setItem(COSName.SUBTYPE, COSName.CID_FONT_TYPE2);
        descendant.setName(COSName.BASE_FONT, "Hidden");
        descendant.setItem(COSName.CIDSYSTEMINFO, system);
        descendant.setItem(COSName.FONT_DESC, descriptor);
        descendant.setInt(COSName.DW, 1000);
        COSArray descendants = new COSArray();
        descendants.add(descendant);
        COSDictionary type0 = new COSDictionary();
        type0.setItem(COSName.TYPE, COSName.FONT);
        type0.setItem(COSName.SUBTYPE, COSName.TYPE0);
        type0.setName(COSName.BASE_FONT, "Hidden");
        type0.setItem(COSName.ENCODING, COSName.IDENTITY_H);
        type0.setItem(COSName.DESCENDANT_FONTS, descendants);
        type0.setItem(COSName.TO_UNICODE, toUnicode());
        return new PDType0Font(type0);
    }

    private static COSArray numbers(int... values) {
        COSArray array = new COSArray();
        for (int value : values) {
            array.add(COSInteger.get(value));
        }
        return array;
    }

    /** Each code is its own character; ranges may not go beyond one last byte. */
    private COSStream toUnicode() throws IOException {
        StringBuilder map = new StringBuilder("/CIDInit /ProcSet findresource begin 12 dict begin begincmap\n"
                + "/CMapName /Hidden def /CMapType 2 def\n"
                + "1 begincodespacerange <0000> <FFFF> endcodespacerange\n");
        for (int from = 0; from < 256; from += 64) {
            map.append("64 beginbfrange\n");
            for (int high = from; high < from + 64; high++) {
                map.append(String.format(Locale.ROOT, "<%1$02X00> <%1$02XFF> <%1$02X00>%n", high));
            }
            map.append("endbfrange\n");
        }
        map.append("endcmap CMapName currentdict /CMap defineresource pop end end\n");
        COSStream stream = pdf.getDocument().createCOSStream();
        try (OutputStream out = stream.createOutputStream(COSName.FLATE_DECODE)) {
            out.write(map.toString().getBytes(StandardCharsets.US_ASCII));
        }
        return stream;
    }
}
