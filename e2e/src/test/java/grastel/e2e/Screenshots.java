package grastel.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import grastel.app.account.Accounts;
import grastel.app.classes.Classes;
import grastel.app.kit.Kit;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.returns.Returns;
import grastel.app.sheets.Printings;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.api.SheetData.ExerciseData;
import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.ExerciseKinds;
import grastel.core.page.PageSize;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.locks.LockSupport;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;

/** {@code ./grastel shots}: one picture of each place from the demo, 1280 × 800, into docs/screenshots. */
@EnabledIfSystemProperty(named = "grastel.shots", matches = "true")
class Screenshots {
    private static final Path FOLDER = Path.of("..", "docs", "screenshots");
    private static final Path EXERCISES = Path.of("..", "docs", "exercises");

    @TempDir
    Path data;

    @Test
    void refresh() {
        try (RunningGrastel grastel = RunningGrastel.on(data, "--spring.profiles.active=demo");
                TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            desk.open("/");
            take(desk, "entrance");
            desk.button("Sign in").click();
            desk.heading("Today").waitFor();
            awaitReturned(grastel, 1);
            desk.button("Simulate the scan").first().click();
            awaitReturned(grastel, 2);
            desk.go("Returns");
            chooseDunlin(desk);
            desk.page.getByText("24 of 24 pages read").waitFor();
            desk.page
                    .getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Pages"))
                    .getByText("Björn Sæther")
                    .click();
            desk.heading("Björn Sæther").waitFor();
            take(desk, "returns");
            desk.page.getByText("check and accept together").click();
            desk.page
                    .getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Pages ready to accept"))
                    .waitFor();
            take(desk, "returns-sure");
            printFades(grastel);
            desk.open("/returns");
            desk.button("Simulate the scan").click();
            awaitReturned(grastel, 3);
            desk.page.getByText("14 of 14 pages read").waitFor();
            take(desk, "returns-strips");
            desk.open("/returns/agreement");
            desk.page.getByLabel("Class").first().click();
            desk.page
                    .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("10 Avocet"))
                    .click();
            desk.button("Use it for 10 Avocet").first().waitFor();
            take(desk, "agreement");
            desk.go("Wall");
            chooseDunlin(desk);
            desk.page.getByAltText("Amara Diallo, box 7").waitFor();
            take(desk, "wall");
            desk.page.getByText("Amara Diallo").click();
            desk.page
                    .getByAltText("Box 7", new Page.GetByAltTextOptions().setExact(true))
                    .waitFor();
            take(desk, "student");
            desk.go("Wall");
            desk.page
                    .getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("over time"))
                    .click();
            desk.page.getByLabel("Class").first().click();
            desk.page
                    .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("10 Avocet"))
                    .click();
            desk.heading("Groups").waitFor();
            take(desk, "wall-time");
            desk.go("Sheets");
            compose(desk, "Tint, hue, shade", "sheets");
            desk.go("Bench");
            desk.page.locator("[aria-label='What if'][data-stale=false]").waitFor();
            take(desk, "bench");
            desk.go("Kit");
            desk.button(Pattern.compile("Tide Blue")).click();
            desk.heading("Tide Blue").waitFor();
            take(desk, "kit");
            desk.page
                    .getByRole(
                            AriaRole.RADIO,
                            new Page.GetByRoleOptions().setName("gamut").setExact(true))
                    .click();
            desk.page.getByText("recipes of one to three layers tried").waitFor();
            take(desk, "gamut");
            desk.open("/kit/chart");
            desk.button("Create chart").click();
            desk.button("Simulate filling in and scanning").click();
            desk.page
                    .getByText("Use 23 pencils")
                    .or(desk.page.getByText("Use 24 pencils"))
                    .waitFor(new Locator.WaitForOptions().setTimeout(90_000));
            take(desk, "chart");
            desk.go("Projects");
            desk.button(Pattern.compile("^Glass float")).click();
            desk.page
                    .getByText("zones", new Page.GetByTextOptions().setExact(true))
                    .click();
            desk.button("Zone 3").click();
            desk.page.getByText("own colour").waitFor();
            take(desk, "projects");
            desk.go("Classes");
            desk.page
                    .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^8 Dunlin")))
                    .click();
            desk.heading("8 Dunlin").waitFor();
            take(desk, "classes");
            desk.page.getByText("Dissolve where smoothness matters").click();
            desk.page
                    .getByText("Solvent", new Page.GetByTextOptions().setExact(true))
                    .scrollIntoViewIfNeeded();
            desk.button("Save method").click();
            desk.page.waitForTimeout(1000);
            exercisePages(grastel, desk);
            desk.go("Course");
            desk.button(Pattern.compile("^8 Dunlin, ")).first().waitFor();
            take(desk, "course");
            papers(grastel, desk);
            showing(desk);
            desk.go("Today");
            desk.heading("8 Dunlin").waitFor();
            take(desk, "today");
        }
    }

    /** A lesson of beginners on the projector: a layer in the dark, what goes wrong in the light. */
    private static void showing(TestBrowser desk) {
        desk.page
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Show to the class"))
                .click();
        desk.page.getByText("Space timer").waitFor();
        for (int i = 0; i < 4; i++) {
            desk.page.keyboard().press("ArrowRight");
        }
        take(desk, "show");
        desk.page.keyboard().press("Escape");
        desk.heading("Course").waitFor();
    }

    /** A lesson's plan beside the card of its first table. */
    private static void papers(RunningGrastel grastel, TestBrowser desk) {
        String plan = desk.page
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Plan (PDF)"))
                .getAttribute("href");
        BufferedImage left = firstPage(desk, grastel.address() + plan, 100);
        BufferedImage right = firstPage(desk, grastel.address() + plan.replace("plan.pdf", "rota.pdf"), 100);
        BufferedImage both =
                new BufferedImage(left.getWidth() + right.getWidth() + 8, left.getHeight(), BufferedImage.TYPE_INT_RGB);
        both.getGraphics().drawImage(left, 0, 0, null);
        both.getGraphics().drawImage(right, left.getWidth() + 8, 0, null);
        try {
            ImageIO.write(
                    both.getSubimage(0, 0, both.getWidth(), both.getHeight() * 2 / 3),
                    "png",
                    FOLDER.resolve("papers.png").toFile());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static BufferedImage firstPage(TestBrowser desk, String address, int dpi) {
        try (PDDocument document =
                Loader.loadPDF(desk.page.request().get(address).body())) {
            return new PDFRenderer(document).renderImageWithDPI(0, dpi);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void printFades(RunningGrastel grastel) {
        SignedIn teacher = grastel.bean(Accounts.class).all().get(0);
        Ownership.as(teacher.id(), () -> {
            Sheets sheets = grastel.bean(Sheets.class);
            ExerciseKind fade = ExerciseKinds.of("gradation-strip").orElseThrow();
            UUID sheet = sheets.create("Fades", dataOf(grastel, fade)).id();
            return grastel.bean(Printings.class)
                    .print(
                            sheet,
                            grastel.bean(Classes.class)
                                    .byName("10 Avocet")
                                    .orElseThrow()
                                    .id());
        });
    }

    private static void compose(TestBrowser desk, String kind, String name) {
        desk.button(Pattern.compile("Exercise$")).click();
        desk.page
                .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(kind))
                .click();
        desk.page.locator("[data-kinds='" + kind + "']").waitFor();
        take(desk, name);
    }

    /** The first page of each kind, filled as predicted, for docs/exercises.md. */
    private static void exercisePages(RunningGrastel grastel, TestBrowser desk) {
        SignedIn teacher = grastel.bean(Accounts.class).all().get(0);
        Sheets sheets = grastel.bean(Sheets.class);
        for (ExerciseKind kind : ExerciseKinds.all()) {
            UUID sheet = Ownership.as(teacher.id(), () -> sheets.create(kind.name(), dataOf(grastel, kind)))
                    .id();
            BufferedImage page = firstPage(desk, grastel.address() + "/api/sheets/" + sheet + "/teacher.pdf", 56);
            try {
                Files.createDirectories(EXERCISES);
                ImageIO.write(page, "png", EXERCISES.resolve(kind.id() + ".png").toFile());
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    private static SheetData dataOf(RunningGrastel grastel, ExerciseKind kind) {
        String paper = kind.id().equals("toned-scale") ? "Drift Brown" : "Harbour Cartridge";
        UUID on = grastel.bean(Kit.class).papers().stream()
                .filter(p -> p.paper().name().equals(paper))
                .findFirst()
                .orElseThrow()
                .id();
        UUID dunlin =
                grastel.bean(Classes.class).byName("8 Dunlin").orElseThrow().id();
        return new SheetData(dunlin, null, on, PageSize.A4, List.of(new ExerciseData(kind.id(), Map.of())));
    }

    private static void chooseDunlin(TestBrowser desk) {
        desk.page.getByLabel("Assignment").first().click();
        desk.page
                .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(Pattern.compile("8 Dunlin.*")))
                .click();
    }

    private static void take(TestBrowser desk, String name) {
        desk.page.waitForTimeout(1200);
        desk.shot(FOLDER.resolve(name + ".png"));
    }

    /** Waits until so many runs have come back whole; a page that could not be read counts, and is then missed on the screen. */
    private static void awaitReturned(RunningGrastel grastel, int runs) {
        SignedIn teacher = grastel.bean(Accounts.class).all().get(0);
        Returns returns = grastel.bean(Returns.class);
        Printings printings = grastel.bean(Printings.class);
        while (Ownership.as(
                        teacher.id(),
                        () -> printings.runs().stream()
                                .map(run -> returns.progress(run.id()))
                                .filter(p -> p.read() + p.unreadable() == p.printed())
                                .count())
                < runs) {
            LockSupport.parkNanos(300_000_000);
        }
    }
}
