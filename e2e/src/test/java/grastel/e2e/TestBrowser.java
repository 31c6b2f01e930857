package grastel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * A teacher at a browser: Debian's Chromium, watched for requests that leave the machine and for errors. All share one
 * Chromium, with nothing of each other's in it.
 */
final class TestBrowser implements AutoCloseable {
    private static final Path AXE = Path.of("driver", "node_modules", "axe-core", "axe.min.js");

    private static volatile String lastSeen = "";
    private static Browser browser;

    private final BrowserContext context;
    private final String address;
    private final List<String> strangers = new ArrayList<>();
    private final List<String> errors = new ArrayList<>();
    final Page page;

    TestBrowser(String address, int width, int height) {
        this.address = address;
        context = browser()
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(width, height)
                        .setLocale("en-GB")
                        .setReducedMotion(ReducedMotion.REDUCE));
        page = context.newPage();
        page.onRequest(request -> {
            String host = URI.create(request.url().replaceFirst("^(blob|data):.*", "http://localhost/"))
                    .getHost();
            if (!"localhost".equals(host)) {
                strangers.add(request.url());
            }
        });
        page.onPageError(errors::add);
        page.onConsoleMessage(message -> {
            if (message.type().equals("error") && !message.text().contains("status of 4")) {
                errors.add(message.text());
            }
        });
    }

    /** Started for the first who needs it and again if it broke down; it ends with the tests. */
    private static synchronized Browser browser() {
        if (browser == null || !browser.isConnected()) {
            Playwright playwright =
                    Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_NODEJS_PATH", node())));
            Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
            browser = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of("/usr/bin/chromium"))
                            .setArgs(List.of(
                                    "--no-sandbox",
                                    "--disable-gpu",
                                    "--disable-quic",
                                    "--no-first-run",
                                    "--disable-background-networking",
                                    "--disable-component-update",
                                    "--disable-sync")));
        }
        return browser;
    }

    /** Node as it would be found by its name. */
    private static String node() {
        return Stream.of(System.getenv("PATH").split(File.pathSeparator))
                .map(folder -> Path.of(folder, "node"))
                .filter(Files::isExecutable)
                .map(Path::toString)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("Node is not on the path; browser tests need it"));
    }

    void open(String path) {
        page.navigate(address + path);
    }

    /** Opens a place by its name in the spine. */
    void go(String place) {
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Main menu"))
                .getByText(place, new Locator.GetByTextOptions().setExact(true))
                .click();
        heading(place).waitFor();
    }

    Locator heading(String name) {
        return page.getByRole(
                AriaRole.HEADING, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    Locator button(Pattern name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    /** Fails with what axe finds on the page: WCAG 2.2 AA and best practices. */
    @SuppressWarnings("unchecked")
    void checkAccessibility(String where) {
        try {
            page.evaluate(Files.readString(AXE) + "; null");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Object found = page.evaluate(
                "async () => (await axe.run()).violations.map(v => v.id + ': ' + v.help + ' ' + v.nodes.map(n => n.target + ' ' + (n.any[0] ? n.any[0].message : '')).slice(0, 4).join(' | '))");
        assertThat((List<String>) found).as("axe on " + where).isEmpty();
    }

    /** Whatever can be pressed is at least 24 px wide and high (WCAG 2.2, 2.5.8); words in a sentence may be lower. */
    @SuppressWarnings("unchecked")
    void checkTargets(String where) {
        Object small = page.evaluate("() => [...document.querySelectorAll('button, [role=button], [role=option]')]"
                + ".map(e => [e.getBoundingClientRect(), e]).filter(([r]) => r.width > 0 && (r.width < 24 || r.height < 24))"
                + ".map(([r, e]) => `${e.getAttribute('aria-label') || e.textContent} ${r.width} × ${r.height}`)");
        assertThat((List<String>) small).as("small targets on " + where).isEmpty();
    }

    /** Until nothing on the page has changed for half a second: what is fetched late is there too. */
    void waitUntilStill() {
        page.evaluate("""
                () => new Promise(still => {
                  const done = () => { changes.disconnect(); still(); };
                  let timer = setTimeout(done, 500);
                  const changes = new MutationObserver(() => { clearTimeout(timer); timer = setTimeout(done, 500); });
                  changes.observe(document.body, { subtree: true, childList: true, characterData: true, attributes: true });
                })
                """);
    }

    /** Confirms the open page by Enter, which stops once where a level is borderline. */
    void confirmByEnter() {
        boolean stops =
                page.getByText(Pattern.compile("^Check \\d+ borderline")).count() > 0;
        page.keyboard().press("Enter");
        if (stops) {
            page.keyboard().press("Enter");
        }
    }

    /** Nothing reaches over the right edge of the window. */
    @SuppressWarnings("unchecked")
    void checkWidth(String where) {
        Object wide = page.evaluate(
                "() => [...document.querySelectorAll('body *')]"
                        + ".filter(e => e.getBoundingClientRect().right > innerWidth + 1 && !e.closest('[tabindex=\"0\"][role=region]'))"
                        + ".map(e => `${e.tagName} ${Math.round(e.getBoundingClientRect().right)} ${(e.textContent || '').slice(0, 40)}`)");
        assertThat((List<String>) wide).as("cut off on " + where).isEmpty();
    }

    void checkQuiet() {
        assertThat(strangers).as("requests that leave the machine").isEmpty();
        assertThat(errors).as("errors in the browser").isEmpty();
    }

    void shot(Path file) {
        page.screenshot(new Page.ScreenshotOptions().setPath(file));
    }

    /** What stood on the page that was left last, with its address: a failing test is read from it. */
    static String lastSeen() {
        return lastSeen;
    }

    private String seen() {
        try {
            return page.url() + "\n" + page.locator("body").innerText();
        } catch (PlaywrightException e) {
            return "no page: " + e.getMessage();
        }
    }

    @Override
    public void close() {
        lastSeen = seen();
        context.close();
    }
}
