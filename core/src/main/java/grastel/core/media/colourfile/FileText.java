package grastel.core.media.colourfile;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

/**
 * The text of a file that does not say how it is coded: UTF-16 by its mark, else UTF-8, else Windows-1252, which older
 * spreadsheets write.
 *
 * @param text without its mark
 * @param guessed true where the coding is only likely: letters with accents want a look
 */
public record FileText(String text, boolean guessed) {
    private static final Charset WINDOWS = Charset.forName("windows-1252");
    private static final String MARK = "\ufeff";

    /** Empty where the file is not text. */
    public static Optional<FileText> of(byte[] file) {
        Charset likely = hasWideMark(file) ? StandardCharsets.UTF_16 : StandardCharsets.UTF_8;
        return decoded(file, likely)
                .map(text -> new FileText(text, false))
                .or(() -> decoded(file, WINDOWS).map(text -> new FileText(text, true)))
                .filter(t -> t.text.chars().noneMatch(FileText::isNoText));
    }

    private static boolean hasWideMark(byte[] file) {
        return file.length >= 2
                && ((file[0] & 0xff) == 0xff && (file[1] & 0xff) == 0xfe
                        || (file[0] & 0xff) == 0xfe && (file[1] & 0xff) == 0xff);
    }

    private static Optional<String> decoded(byte[] file, Charset charset) {
        try {
            String text = charset.newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(file))
                    .toString();
            return Optional.of(text.startsWith(MARK) ? text.substring(MARK.length()) : text);
        } catch (CharacterCodingException e) {
            return Optional.empty();
        }
    }

    private static boolean isNoText(int c) {
        return Character.isISOControl(c) && c != '\t' && c != '\r' && c != '\n' && c != '\f';
    }
}
