package grastel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** A school's network goes away and comes back, and a session ends while somebody types. */
@Tag("browser")
class ConnectionTest extends DemoTest {
    @Test
    void whatIsLoadedAndTypedStaysWithoutAConnectionAndAfterTheSessionHasEnded() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.go("Classes");
            desk.page
                    .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^8 Dunlin")))
                    .click();
            Locator names = desk.page.getByLabel("Add students, one on each line");
            names.fill("Ana Silva");

            desk.page.context().setOffline(true);
            Locator away = desk.page.getByText("No connection to Grastel");
            assertThat(away).isVisible();
            assertThat(names).hasValue("Ana Silva");
            desk.page.context().setOffline(false);
            assertThat(away).isHidden();

            desk.page.context().clearCookies(new BrowserContext.ClearCookiesOptions().setName("grastel"));
            desk.button(Pattern.compile("^Add$")).click();
            Locator again = desk.page.getByRole(AriaRole.DIALOG);
            assertThat(again).containsText("Sign in again");
            desk.checkAccessibility("Signing in again");
            again.getByLabel("Sign-in name").fill("m.okonjo");
            again.getByLabel("Password").fill("kelp-rope-lantern-tide");
            again.getByRole(AriaRole.BUTTON).click();
            assertThat(again).isHidden();
            assertThat(names).hasValue("Ana Silva");
        }
    }
}
