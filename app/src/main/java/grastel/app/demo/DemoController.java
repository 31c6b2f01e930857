package grastel.app.demo;

import grastel.app.classes.Classes;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.Failure;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.Printings;
import grastel.app.sheets.Printings.PageInfo;
import grastel.app.sheets.api.RunInfo;
import io.swagger.v3.oas.annotations.Parameter;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Profile;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The simulated scanner's button, and how far the demo's history is. */
@RestController
@Profile("demo")
@RequestMapping("/api/demo")
class DemoController {
    private static final Logger LOG = LoggerFactory.getLogger(DemoController.class);

    private final Classes classes;
    private final Printings printings;
    private final ClassScanner scanner;
    private final ChartScanner chartScanner;
    private final DemoHistory history;
    private final Map<UUID, ScanView> running = new ConcurrentHashMap<>();

    DemoController(
            Classes classes,
            Printings printings,
            ClassScanner scanner,
            ChartScanner chartScanner,
            DemoHistory history) {
        this.classes = classes;
        this.printings = printings;
        this.scanner = scanner;
        this.chartScanner = chartScanner;
        this.history = history;
    }

    /** How far the scanner is. @param run or chart; null when it has not been used */
    record ScanView(
            @Nullable UUID run,
            @NotNull int done,
            @NotNull int pages,
            @NotNull boolean busy) {}

    /** @param done sheets of the last weeks whose pages hang; @param sheets in all, 0 where the demo has no history */
    record HistoryView(@NotNull int done, @NotNull int sheets) {}

    @GetMapping("/history")
    HistoryView history() {
        return new HistoryView(history.progress().done(), history.progress().sheets());
    }

    @GetMapping("/scanner")
    ScanView state() {
        return running.getOrDefault(Ownership.current(), new ScanView(null, 0, 0, false));
    }

    /** Scans the latest run of a class. */
    @PostMapping("/scanner")
    @ResponseStatus(HttpStatus.ACCEPTED)
    ScanView scan(@RequestParam String className, @Parameter(hidden = true) @AuthenticationPrincipal SignedIn teacher) {
        UUID schoolClass =
                classes.byName(className).map(Classes.ClassInfo::id).orElseThrow(() -> ApiProblem.notFound("class"));
        RunInfo run = printings.runs().stream()
                .filter(r -> r.schoolClass().equals(schoolClass))
                .findFirst()
                .orElseThrow(() -> ApiProblem.conflict("NOTHING_PRINTED", "Nothing was printed for this class yet."));
        List<PageInfo> pages = printings.pages(run.id());
        return start(teacher, run.id(), pages, page -> scanner.scan(teacher, page));
    }

    /** Somebody fills a chart in and scans it. */
    @PostMapping("/scanner/charts/{id}")
    @ResponseStatus(HttpStatus.ACCEPTED)
    ScanView scanChart(@PathVariable UUID id, @Parameter(hidden = true) @AuthenticationPrincipal SignedIn teacher) {
        return start(teacher, id, chartScanner.pages(id), page -> chartScanner.scan(teacher, page));
    }

    private <T> ScanView start(SignedIn teacher, UUID what, List<T> pages, Consumer<T> scan) {
        ScanView start = new ScanView(what, 0, pages.size(), true);
        ScanView before = running.get(teacher.id());
        if (before != null && before.busy()) {
            throw ApiProblem.conflict("SCANNER_BUSY", "The scanner is still at work.");
        }
        running.put(teacher.id(), start);
        Thread thread = new Thread(
                () -> Ownership.as(teacher.id(), () -> scanAll(teacher, what, pages, scan)), "simulated-scanner");
        thread.setDaemon(true);
        thread.start();
        return start;
    }

    private <T> Void scanAll(SignedIn teacher, UUID what, List<T> pages, Consumer<T> scan) {
        int done = 0;
        try {
            for (T page : pages) {
                scan.accept(page);
                done++;
                running.put(teacher.id(), new ScanView(what, done, pages.size(), true));
            }
        } catch (RuntimeException e) {
            LOG.error("The simulated scanner stopped after {} pages: {}", done, Failure.of(e));
        } finally {
            running.put(teacher.id(), new ScanView(what, done, pages.size(), false));
        }
        return null;
    }
}
