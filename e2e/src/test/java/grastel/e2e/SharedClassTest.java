package grastel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import grastel.app.account.Accounts;
import grastel.app.classes.Classes;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import java.util.Locale;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** The owner shares a class; a colleague looks at it, then marks in it, and has no more when it is taken back. */
@Tag("browser")
class SharedClassTest extends DemoTest {
    private static final String NAME = "tomas.lind";
    private static final String PASSWORD = "gannet-quarry-umbrella-nine";
    private static final String CLASS = "10 Avocet";

    @Test
    void aColleagueLooksThenMarksThenHasNoMore() {
        Accounts accounts = grastel.bean(Accounts.class);
        SignedIn colleague = accounts.join(NAME, "Tomas Lind", PASSWORD);
        SignedIn owner = accounts.byName("m.okonjo").orElseThrow();
        UUID shared = Ownership.as(
                owner.id(),
                () -> grastel.bean(Classes.class).byName(CLASS).orElseThrow().id());
        try (TestBrowser own = new TestBrowser(grastel.address(), 1280, 800);
                TestBrowser other = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(own);
            share(own, shared, "View");
            own.checkAccessibility("Classes, shared");
            signIn(other);
            other.go("Classes");
            other.page
                    .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(CLASS))
                    .click();
            other.heading("Returns").waitFor();
            Locator judgement = other.page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Judgement"));
            assertThat(judgement).isVisible();
            assertThat(other.page.getByText("You can view it.")).isVisible();
            assertThat(judgement.getByRole(AriaRole.BUTTON)).not().containsText(new String[] {"Confirm"});
            other.checkAccessibility("A colleague's class, to look");

            share(own, shared, "View and mark");
            other.page.reload();
            assertThat(other.page.getByText("You can view and mark it.")).isVisible();
            other.button("Confirm again").waitFor();
            other.page.keyboard().press("u");
            assertThat(judgement.getByText("Confirm and next")).isVisible();
            other.confirmByEnter();
            other.button("Confirm again").waitFor();
            assertThat(decidedBy(colleague.id())).isPositive();
            other.page
                    .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Wall"))
                    .click();
            other.heading("Wall").waitFor();
            other.page
                    .getByRole(AriaRole.ROWHEADER)
                    .first()
                    .getByRole(AriaRole.LINK)
                    .click();
            other.heading("Skills").waitFor();

            own.button("Stop sharing with Tomas Lind").click();
            assertThat(own.page.getByText("Tomas Lind")).hasCount(0);
            other.page.reload();
            assertThat(other.page.getByText("There is no such class")).isVisible();
            own.checkQuiet();
            other.checkQuiet();
        }
    }

    private static void share(TestBrowser desk, UUID schoolClass, String right) {
        desk.open("/classes/" + schoolClass);
        desk.field("Colleague’s sign-in name").fill(NAME);
        desk.page
                .getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName(right).setExact(true))
                .check(new Locator.CheckOptions().setForce(true));
        desk.button("Share").click();
        assertThat(desk.page.getByText("Tomas Lind")).isVisible();
        assertThat(desk.page.getByText(right.toLowerCase(Locale.ROOT), new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    private static void signIn(TestBrowser desk) {
        desk.open("/");
        desk.field("Sign-in name").fill(NAME);
        desk.field("Password").fill(PASSWORD);
        desk.page.keyboard().press("Enter");
        desk.heading("Today").waitFor();
    }

    private static int decidedBy(UUID teacher) {
        return grastel.bean(JdbcTemplate.class)
                .queryForObject("select count(*) from goal_mark where decided_by = ?", Integer.class, teacher);
    }
}
