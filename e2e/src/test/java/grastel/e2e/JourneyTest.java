package grastel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import grastel.app.account.Accounts;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The demo from signing in to the wall, as its teacher goes through it. */
@Tag("browser")
class JourneyTest extends DemoTest {
    private static final double PATIENCE = 240_000;

    @Test
    void fromPlanToWall() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            signIn(desk);
            makeAndPrintASheet(desk);
            scanAndRead(desk);
            confirmByKeyboard(desk);
            lookAtTheWall(desk);
            signOutAndLetAColleagueIn(desk);
            desk.checkQuiet();
        }
    }

    private static void signIn(TestBrowser desk) {
        desk.open("/");
        desk.button("Sign in").waitFor();
        desk.checkAccessibility("the entrance");
        enter(desk);
        assertThat(desk.heading("8 Dunlin")).isVisible();
        desk.checkAccessibility("Today");
    }

    private static void makeAndPrintASheet(TestBrowser desk) {
        desk.go("Sheets");
        Locator boxes = desk.page.locator("rect[data-box]");
        assertThat(boxes).hasCount(5);
        desk.button("Increase Steps (3–11)").click();
        assertThat(boxes).hasCount(6);
        desk.checkAccessibility("Sheets");

        desk.button(Pattern.compile("Pencil$")).click();
        desk.page
                .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("S03 Lamp Yellow"))
                .click();
        assertThat(desk.page.getByText(Pattern.compile("Lamp Yellow (makes|hardly)")))
                .isVisible();
        desk.button(Pattern.compile("Pencil$")).click();
        desk.page
                .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("S16 Tide Blue"))
                .click();

        desk.button(Pattern.compile("Print for$")).click();
        desk.page
                .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("8 Dunlin"))
                .click();
        desk.button("Print 24 pages").click();
        Locator pdf = desk.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open the PDF"));
        pdf.waitFor();
        byte[] file = desk.page
                .request()
                .get(grastel.address() + pdf.getAttribute("href"))
                .body();
        assertThat(new String(file, 0, 5)).isEqualTo("%PDF-");
    }

    private static void scanAndRead(TestBrowser desk) {
        desk.go("Returns");
        assertThat(desk.heading("No pages yet")).isVisible();
        desk.checkAccessibility("Returns, empty");
        desk.button("Simulate the scan").click();
        Locator names = desk.page
                .getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Pages"))
                .getByRole(AriaRole.LISTITEM);
        // Nobody reloads: the pages come by server-sent events.
        assertThat(names.first())
                .isVisible(new com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions()
                        .setTimeout(PATIENCE));
        assertThat(desk.page.getByText("24 of 24 pages read"))
                .isVisible(new com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions()
                        .setTimeout(PATIENCE));
        assertThat(names).hasCount(24);
        // Which page is shown first is the order's matter: it may be one that nobody finished.
        names.getByText("Amara Diallo").click();
        desk.heading("Amara Diallo").waitFor();
        assertThat(desk.page.getByAltText("Box 6 as drawn")).isVisible();
        desk.checkAccessibility("Returns");
    }

    private static void confirmByKeyboard(TestBrowser desk) {
        Locator edge = desk.page.locator("[data-goal=NEAT_EDGE]");
        edge.locator("input:checked").focus();
        desk.page.keyboard().press("1");
        assertThat(edge.locator("input:checked")).hasAttribute("value", "1");
        desk.page.keyboard().press("ArrowUp");
        desk.page.keyboard().press("2");
        assertThat(desk.page.locator("[data-goal=RICH_DARK] input:checked")).hasAttribute("value", "2");
        desk.confirmByEnter();
        assertThat(desk.page.getByText(", 1 confirmed")).isVisible();
        // The page that wants a look most comes next, whoever's it is.
        assertThat(desk.heading("Amara Diallo")).hasCount(0);
        desk.page.locator("[aria-label=Judgement] input:checked").first().focus();
        desk.confirmByEnter();
        assertThat(desk.page.getByText(", 2 confirmed")).isVisible();
    }

    private static void lookAtTheWall(TestBrowser desk) {
        desk.go("Wall");
        assertThat(desk.page.getByAltText("Amara Diallo, box 1")).isVisible();
        desk.checkAccessibility("Wall");
        desk.button("Squint").click();
        assertThat(desk.page.getByAltText("Amara Diallo, box 1")).hasCount(0);
        desk.page
                .getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("over time"))
                .click();
        assertThat(desk.page.getByLabel(Pattern.compile("^Amara Diallo, equal steps: level ")))
                .isVisible();
        desk.checkAccessibility("Wall, over time");
        desk.page
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Amara Diallo"))
                .click();
        desk.heading("Amara Diallo").waitFor();
        assertThat(desk.page.getByAltText("Box 6")).isVisible();
        assertThat(desk.page.getByText(Pattern.compile("confirmed")).first()).isVisible();
        desk.checkAccessibility("a student");
        desk.go("Classes");
        desk.checkAccessibility("Classes");
    }

    private static void signOutAndLetAColleagueIn(TestBrowser desk) {
        String wall = desk.page.url();
        desk.button("Sign out").click();
        desk.button("Sign in").waitFor();
        grastel.bean(Accounts.class).join("second.teacher", "Second Teacher", "gannet-quarry-umbrella-nine");
        desk.field("Sign-in name").fill("second.teacher");
        desk.field("Password").fill("gannet-quarry-umbrella-nine");
        desk.button("Sign in").click();
        desk.heading("Today").waitFor();
        assertThat(desk.heading("First steps")).isVisible();
        assertThat(desk.page.getByText("Dunlin")).hasCount(0);
        desk.page.navigate(wall);
        assertThat(desk.page.getByText("Amara")).hasCount(0);
        desk.go("Sheets");
        assertThat(desk.page.getByText("create a class")).isVisible();
        desk.go("Wall");
        assertThat(desk.heading("No wall yet")).isVisible();
        desk.checkAccessibility("Wall, empty");
    }
}
