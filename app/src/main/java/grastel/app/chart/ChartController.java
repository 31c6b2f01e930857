package grastel.app.chart;

import static grastel.core.words.Words.say;

import grastel.app.chart.ChartViews.ChartLineView;
import grastel.app.chart.ChartViews.ChartRequest;
import grastel.app.chart.ChartViews.ChartView;
import grastel.app.chart.ChartViews.LinesRequest;
import grastel.app.chart.ChartViews.NamedView;
import grastel.app.chart.ChartViews.TakeRequest;
import grastel.app.kit.ColourExport;
import grastel.app.platform.ApiProblem;
import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/charts")
class ChartController {
    private final Charts charts;
    private final ChartScreen screen;

    ChartController(Charts charts, ChartScreen screen) {
        this.charts = charts;
        this.screen = screen;
    }

    /** The newest first. */
    @GetMapping
    List<ChartLineView> all() {
        return charts.all().stream()
                .map(l -> new ChartLineView(
                        l.id(), l.title(), l.printedAt(), l.copies(), Math.toIntExact(l.read()), l.takenAt()))
                .toList();
    }

    /** How lines would be taken; changes nothing. */
    @PostMapping("/lines")
    List<NamedView> lines(@Valid @RequestBody LinesRequest request) {
        return NamedLines.of(request.lines()).stream()
                .map(n -> new NamedView(n.code(), n.name()))
                .toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ChartView print(@Valid @RequestBody ChartRequest request) {
        return screen.of(charts.print(request));
    }

    @GetMapping("/{id}")
    ChartView one(@PathVariable UUID id) {
        return screen.of(id);
    }

    /** All copies, to be printed at true size. */
    @GetMapping(path = "/{id}/pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    byte[] pdf(@PathVariable UUID id) {
        return charts.pdf(id);
    }

    /** A page as it came back, straightened. */
    @GetMapping(path = "/{id}/pages/{number}/picture", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> picture(@PathVariable UUID id, @PathVariable int number) {
        byte[] jpeg = charts.picture(id, number).orElseThrow(() -> ApiProblem.notFound(say("thing.page")));
        return ResponseEntity.ok().cacheControl(CacheControl.noStore()).body(jpeg);
    }

    /** Makes pencils of the kit what the chart found them to be. */
    @PostMapping("/{id}/taking")
    ChartView take(@PathVariable UUID id, @Valid @RequestBody TakeRequest request) {
        charts.take(id, request);
        return screen.of(id);
    }

    @GetMapping("/{id}/export")
    ResponseEntity<byte[]> export(@PathVariable UUID id, @RequestParam ColourExport format) {
        return format.of(charts.found(id), "chart", say("thing.grastel-chart"));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID id) {
        charts.delete(id);
    }
}
