package grastel.app.decoding;

import java.nio.charset.StandardCharsets;

/** Small files made to hurt. */
public final class Hostile {
    private Hostile() {}

    /** Twelve forms, each of which draws the next ten times over: 10^12 drawings from 2 kB. */
    public static byte[] formsThatCallOneAnother() {
        StringBuilder pdf = new StringBuilder("%PDF-1.4\n");
        pdf.append("1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n");
        pdf.append("2 0 obj<</Type/Pages/Kids[3 0 R]/Count 1>>endobj\n");
        pdf.append(
                "3 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 595 842]/Contents 4 0 R/Resources<</XObject<</F 10 0 R>>>>>>endobj\n");
        pdf.append("4 0 obj<</Length 5>>stream\n/F Do\nendstream endobj\n");
        for (int i = 0; i < 12; i++) {
            String draw = i == 11 ? "0 0 9 9 re f " : "/F Do ".repeat(10);
            pdf.append(10 + i)
                    .append(" 0 obj<</Type/XObject/Subtype/Form/BBox[0 0 595 842]/Resources<</XObject<</F ")
                    .append(11 + i)
                    .append(" 0 R>>>>/Length ")
                    .append(draw.length())
                    .append(">>stream\n")
                    .append(draw)
                    .append("\nendstream endobj\n");
        }
        return (pdf + "trailer<</Root 1 0 R>>\n").getBytes(StandardCharsets.ISO_8859_1);
    }
}
