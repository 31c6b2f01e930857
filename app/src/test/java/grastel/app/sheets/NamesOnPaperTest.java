package grastel.app.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.app.ApplicationTest;
import grastel.app.classes.CalendarData;
import grastel.app.platform.SignedIn;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.page.Typeface;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** Names in the scripts of a school's families: on the printed page as shapes, and as words to be found. */
class NamesOnPaperTest extends ApplicationTest {
    private static final List<String> NAMES = List.of(
            "سمير حداد",
            "نور قاسم",
            "נועה כהן",
            "प्रिया रामन",
            "陈美玲",
            "王小明",
            "김하늘",
            "มะลิ ทองดี",
            "Fionn Swift",
            "Steffi Baffle",
            "Zoë Østergård",
            "Ελένη Παπά");

    @Test
    void everyNameIsOnItsPage() throws IOException {
        SignedIn teacher = newTeacher();
        byte[] pdf = as(teacher, () -> {
            UUID schoolClass = classes.create("8 Everywhere", GradeBand.DEVELOPING, NAMES, CalendarData.NONE)
                    .id();
            UUID sheet = sheets.create(null, scale("S07", 5, 20)).id();
            return papers.pdf(printings.print(sheet, schoolClass).id());
        });
        Files.createDirectories(Path.of("target"));
        Files.write(Path.of("target", "names.pdf"), pdf);

        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(NAMES.size());
            for (int i = 0; i < NAMES.size(); i++) {
                PDFTextStripper stripper = new PDFTextStripper();
                stripper.setStartPage(i + 1);
                stripper.setEndPage(i + 1);
                assertThat(stripper.getText(document)).as("page %d", i + 1).contains(NAMES.get(i));
            }
        }
        assertThat(NAMES).allMatch(name -> Typeface.missing(name).isEmpty());
    }
}
