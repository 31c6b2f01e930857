package grastel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The first day with an empty data folder. */
@Tag("browser")
class FirstStartTest {
    @TempDir
    Path data;

    @Test
    void accountThenClassThenSheet() throws IOException {
        try (RunningGrastel grastel = RunningGrastel.on(data);
                TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            desk.open("/");
            desk.field("Your name, as colleagues know it").fill("Ilse Korhonen");
            desk.field("Sign-in name").fill("ilse.korhonen");
            desk.field("Password").fill("ilsekorhonen");
            desk.button("Create account").click();
            assertThat(desk.page.getByText("Do not use your name")).isVisible();
            desk.checkAccessibility("the first start");
            desk.field("Password").fill("gannet-quarry-umbrella-nine");
            desk.button("Create account").click();

            assertThat(desk.heading("First steps")).isVisible();
            desk.checkAccessibility("Today, empty");
            desk.page.getByText("Create a class").click();
            desk.field("Class name").fill("7 Kittiwake");
            Path list = data.resolve("list.csv");
            Files.writeString(list, "Name\nAna Silva\n=1+1\n");
            desk.page.locator("input[type=file]").setInputFiles(list);
            assertThat(desk.page.getByText("spreadsheet formula")).isVisible();
            Path mended = data.resolve("mended.csv");
            Files.writeString(mended, "Name\nAna Silva\nUgo Bassi\n");
            desk.page.locator("input[type=file]").setInputFiles(mended);
            assertThat(desk.page.getByText("Students, one on each line or CSV (2 lines)"))
                    .isVisible();
            desk.checkAccessibility("a new class");
            desk.button("Create class").click();
            assertThat(desk.heading("7 Kittiwake")).isVisible();
            assertThat(desk.page.getByText("Ugo Bassi")).isVisible();

            desk.go("Sheets");
            assertThat(desk.button("Print 2 pages")).isEnabled();
            desk.go("Returns");
            assertThat(desk.heading("Nothing printed yet")).isVisible();
            desk.checkAccessibility("Returns before anything was printed");
            assertThat(desk.page.content()).doesNotContain("kelp-rope");
            desk.checkQuiet();
        }
    }

    @Test
    void aColleagueIsInvitedAndTheLinkIsGoodOnce() throws IOException {
        try (RunningGrastel grastel = RunningGrastel.on(data);
                TestBrowser administrator = new TestBrowser(grastel.address(), 1280, 800);
                TestBrowser colleague = new TestBrowser(grastel.address(), 1280, 800);
                TestBrowser late = new TestBrowser(grastel.address(), 1280, 800)) {
            administrator.open("/");
            makeAccount(administrator, "Ilse Korhonen", "ilse.korhonen");
            assertThat(administrator.heading("First steps")).isVisible();
            administrator.open("/account");
            administrator.button("Make a link").click();
            String link = administrator
                    .page
                    .locator("section[aria-label='Invite a colleague'] code")
                    .textContent();
            administrator.checkAccessibility("Account with an invitation");

            String path = link.substring(link.indexOf("/join/"));
            colleague.open(path);
            assertThat(colleague.page.getByText("You are invited")).isVisible();
            colleague.checkAccessibility("an invitation");
            makeAccount(colleague, "Wren Adeyemi", "wren.adeyemi");
            assertThat(colleague.heading("First steps")).isVisible();

            late.open(path);
            assertThat(late.page.getByText("This invitation has been used or has expired"))
                    .isVisible();
            administrator.open("/account");
            assertThat(administrator.page.getByText("Wren Adeyemi")).isVisible();
            administrator.checkQuiet();
        }
    }

    private static void makeAccount(TestBrowser desk, String name, String signInName) {
        desk.field("Your name, as colleagues know it").fill(name);
        desk.field("Sign-in name").fill(signInName);
        desk.field("Password").fill("gannet-quarry-umbrella-nine");
        desk.button("Create account").click();
    }

    @Test
    void theInitialScriptIsSmall() throws IOException {
        // What the entrance loads, gzipped as the server sends it.
        try (RunningGrastel grastel = RunningGrastel.on(data);
                TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            desk.open("/");
            desk.button("Create account").waitFor();
            Object bytes = desk.page.evaluate(
                    "() => performance.getEntriesByType('resource').filter(r => r.name.endsWith('.js')).reduce((n, r) => n + r.encodedBodySize, 0)");
            assertThat(((Number) bytes).intValue()).isBetween(10_000, 250_000);
        }
    }
}
