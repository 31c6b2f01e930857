package grastel.core.media.colourfile;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class FileTextTest {
    private static final String NAMES = "Zoë;Máire O’Neill\r\nŁ";

    private static FileText read(byte[] file) {
        return FileText.of(file).orElseThrow();
    }

    @Test
    void unicodeIsKnownAndItsMarkLeftOut() {
        assertThat(read(NAMES.getBytes(StandardCharsets.UTF_8))).isEqualTo(new FileText(NAMES, false));
        assertThat(read(("\ufeff" + NAMES).getBytes(StandardCharsets.UTF_8))).isEqualTo(new FileText(NAMES, false));
        assertThat(read(NAMES.getBytes(StandardCharsets.UTF_16))).isEqualTo(new FileText(NAMES, false));
        assertThat(read(("\ufeff" + NAMES).getBytes(StandardCharsets.UTF_16LE))).isEqualTo(new FileText(NAMES, false));
    }

    @Test
    void whatIsNotUnicodeIsGuessedAndSaidToBe() {
        FileText old = read("Zoë; 5 €".getBytes(Charset.forName("windows-1252")));

        assertThat(old).isEqualTo(new FileText("Zoë; 5 €", true));
        assertThat(read("plain".getBytes(Charset.forName("windows-1252"))).guessed())
                .isFalse();
    }

    @Test
    void whatIsNoTextIsNone() {
        assertThat(FileText.of(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 0x1a, 10, 0}))
                .isEqualTo(Optional.empty());
        assertThat(FileText.of("a\0b".getBytes(StandardCharsets.UTF_8))).isEmpty();
        assertThat(FileText.of(new byte[0])).contains(new FileText("", false));
    }
}
