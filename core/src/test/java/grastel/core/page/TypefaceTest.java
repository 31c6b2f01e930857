package grastel.core.page;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.page.PageLayout.Weight;
import java.awt.geom.Rectangle2D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TypefaceTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Zoë Østergård",
                "Nguyễn Minh Anh",
                "Ελένη Παπά",
                "Їванна Жук",
                "سمیر حداد",
                "נועה כהן",
                "प्रिया रामन",
                "陈美玲",
                "龍陳さくら",
                "김하늘",
                "มะลิ",
                "ப்ரியா",
                "রাধিকা",
                "Նարե",
                "ნინო",
                "ሰላም"
            })
    void namesOfTheWorldAreShownLetterByLetter(String name) {
        assertThat(Typeface.missing(name)).isEmpty();
        assertThat(Typeface.printable(name)).isEqualTo(name);
        Rectangle2D drawn = Typeface.outline(name, Weight.REGULAR, 5).getBounds2D();
        assertThat(drawn.getWidth())
                .isBetween(
                        0.6 * Typeface.widthMm(name, Weight.REGULAR, 5),
                        1.1 * Typeface.widthMm(name, Weight.REGULAR, 5));
        assertThat(drawn.getMinY()).isBetween(-8.0, 0.0);
    }

    @Test
    void twoNamesOfOtherLettersDoNotLookAlike() {
        assertThat(Typeface.outline("سمير", Weight.REGULAR, 5).getBounds2D())
                .isNotEqualTo(Typeface.outline("نور", Weight.REGULAR, 5).getBounds2D());
    }

    /** Alone, each of these letters ends in a tail; joined, only the last does (Unicode, chapter 9.2). */
    @Test
    void arabicLettersAreJoined() {
        double joined = Typeface.widthMm("سسس", Weight.REGULAR, 5);
        double alone = 3 * Typeface.widthMm("س", Weight.REGULAR, 5);
        assertThat(joined).isLessThan(0.9 * alone);
    }

    /** Two consonants and the sign between them make one shape (Unicode, chapter 12.1). */
    @Test
    void consonantsOfDevanagariMakeOneShape() {
        double conjunct = Typeface.widthMm("क्ष", Weight.REGULAR, 5);
        double apart = Typeface.widthMm("क", Weight.REGULAR, 5) + Typeface.widthMm("ष", Weight.REGULAR, 5);
        assertThat(conjunct).isLessThan(0.85 * apart);
    }

    @Test
    void whatNoFaceHasIsADotAndSaid() {
        assertThat(Typeface.printable("A\ud808\udc00\u0007b")).isEqualTo("A··b");
        assertThat(Typeface.missing("A\ud808\udc00\ud808\udc00b")).isEqualTo("\ud808\udc00");
    }

    @Test
    void longNamesAreCutBetweenCharacters() {
        String fitted = Typeface.fitted("陈美玲陈美玲陈美玲陈美玲", Weight.REGULAR, 5, 22);
        assertThat(fitted).startsWith("陈美").endsWith("…");
        assertThat(Typeface.widthMm(fitted, Weight.REGULAR, 5)).isLessThanOrEqualTo(22);
    }
}
