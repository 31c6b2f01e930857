package grastel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The end of a school year: a student leaves, another one moves, the class goes on, its archive is opened. */
@Tag("browser")
class ClassesPlaceTest extends DemoTest {
    private static void open(TestBrowser desk, String schoolClass) {
        desk.go("Classes");
        desk.page
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^" + schoolClass)))
                .click();
        assertThat(desk.page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName(schoolClass).setExact(true)))
                .isVisible();
    }

    private static Locator moves(TestBrowser desk, String student) {
        desk.button(Pattern.compile("^Move or delete " + student)).click();
        return desk.page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Move or delete " + student));
    }

    @Test
    void aClassGoesOnInTheNextSchoolYearWithoutThoseWhoLeft() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            open(desk, "10 Avocet");
            Locator left = moves(desk, "Alba Serrano");
            left.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Left the school"))
                    .click();
            assertThat(desk.page.getByText("13 students").first()).isVisible();
            desk.checkAccessibility("A class with a former student");
            desk.button(Pattern.compile("^Alba Serrano is back")).click();
            assertThat(desk.page.getByText("14 students").first()).isVisible();

            Locator to = moves(desk, "Dagny Lund");
            to.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("To class")))
                    .click();
            desk.page
                    .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("8 Dunlin"))
                    .click();
            to.getByRole(
                            AriaRole.BUTTON,
                            new Locator.GetByRoleOptions().setName("Move").setExact(true))
                    .click();
            assertThat(desk.page.getByText("now in 8 Dunlin")).isVisible();

            Download archive = desk.page.waitForDownload(
                    () -> desk.page.getByText("Download the archive").click());

            desk.button(Pattern.compile("^Next school year")).click();
            desk.button(Pattern.compile("^Start with 13 students")).click();
            assertThat(desk.page.getByRole(
                            AriaRole.HEADING,
                            new Page.GetByRoleOptions().setName("11 Avocet").setExact(true)))
                    .isVisible();
            assertThat(desk.page.getByText(Pattern.compile("^10 Avocet, until 20")))
                    .isVisible();

            desk.page.getByText("Open an archive …").click();
            FileChooser chooser = desk.page.waitForFileChooser(
                    () -> desk.button(Pattern.compile("^Choose a file")).click());
            chooser.setFiles(archive.path());
            assertThat(desk.page.getByText(Pattern.compile("^Archive of "))).isVisible();
            assertThat(desk.page.getByRole(AriaRole.ROWHEADER, new Page.GetByRoleOptions().setName("Dagny Lund")))
                    .isVisible();
            desk.checkAccessibility("An archive");
        }
    }
}
