package grastel.core.page;

import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import com.google.zxing.qrcode.encoder.ByteMatrix;
import com.google.zxing.qrcode.encoder.Encoder;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** QR codes as rows of '1' (black) and '0', without their quiet zone (ISO/IEC 18004, error correction Q). */
public final class SquareCode {
    private SquareCode() {}

    /** @throws IllegalArgumentException if the words are too many for a code */
    public static List<String> rows(String words) {
        try {
            ByteMatrix modules = Encoder.encode(
                            words, ErrorCorrectionLevel.Q, Map.of(EncodeHintType.CHARACTER_SET, "ISO-8859-1"))
                    .getMatrix();
            List<String> rows = new ArrayList<>();
            for (int y = 0; y < modules.getHeight(); y++) {
                StringBuilder row = new StringBuilder();
                for (int x = 0; x < modules.getWidth(); x++) {
                    row.append(modules.get(x, y) == 1 ? '1' : '0');
                }
                rows.add(row.toString());
            }
            return rows;
        } catch (WriterException e) {
            throw new IllegalArgumentException("Too long for a code: " + words.length() + " characters", e);
        }
    }
}
