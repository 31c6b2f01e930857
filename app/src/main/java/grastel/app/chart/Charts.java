package grastel.app.chart;

import static grastel.core.words.Words.say;

import grastel.app.chart.ChartViews.ChartRequest;
import grastel.app.chart.ChartViews.NewSet;
import grastel.app.chart.ChartViews.TakeRequest;
import grastel.app.kit.ChartedKit;
import grastel.app.kit.Kit;
import grastel.app.kit.Kit.KitPencil;
import grastel.app.platform.ApiProblem;
import grastel.app.platform.paper.CanvasInk;
import grastel.app.platform.paper.PdfCanvas;
import grastel.app.platform.storage.StoredFiles;
import grastel.app.sheets.Printings;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.api.SheetTitle;
import grastel.app.stored.StoredJson;
import grastel.core.chart.ChartFit;
import grastel.core.chart.ChartPages;
import grastel.core.chart.ChartPlan;
import grastel.core.layering.Layer;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.page.PageCode;
import grastel.core.page.PageLayout;
import grastel.core.page.SheetComposer;
import grastel.core.reading.PageReading;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The front door of charts. */
@Service
@Transactional
public class Charts {
    private final ChartRows charts;
    private final ChartPageRows pages;
    private final ChartFitter fitter;
    private final Kit kit;
    private final ChartedKit charted;
    private final Sheets sheets;
    private final Printings printings;
    private final JsonMapper json;
    private final StoredJson kept;
    private final StoredFiles files;
    private final Clock clock;

    Charts(
            ChartRows charts,
            ChartPageRows pages,
            ChartFitter fitter,
            Kit kit,
            ChartedKit charted,
            Sheets sheets,
            Printings printings,
            JsonMapper json,
            StoredJson kept,
            StoredFiles files,
            Clock clock) {
        this.charts = charts;
        this.pages = pages;
        this.fitter = fitter;
        this.kit = kit;
        this.charted = charted;
        this.sheets = sheets;
        this.printings = printings;
        this.json = json;
        this.kept = kept;
        this.files = files;
        this.clock = clock;
    }

    /** Everything needed to read a page. @param number from 1, over all copies */
    public record PrintedChart(UUID chart, int number, PageLayout layout, Paper paper) {}

    /**
     * What a page asks, for whoever draws it.
     *
     * @param paper of the kit
     * @param copy whose it is, from 0
     * @param boxes what is done in each of its boxes, with the pencils as they really are
     */
    public record Asked(PrintedChart page, UUID paper, int copy, Map<String, List<Layer>> boxes) {}

    /** A chart with what is kept of it, parsed. @param parts pages of each copy */
    record KnownPencil(Chart chart, ChartData data, ChartPlan plan, List<ChartPageRows.Line> pages, int parts) {}

    List<ChartRows.Line> all() {
        return charts.lines();
    }

    UUID print(ChartRequest request) {
        ChartData data = request.set() != null
                ? ofSet(request.set(), request.paper())
                : ofNew(request.newSet(), request.paper());
        String title = request.set() != null
                ? kit.set(request.set()).name()
                : request.newSet().name().strip();
        ChartPlan plan = ApiProblem.taken("set", data::toPlan);
        List<PageLayout> layout = ChartPages.of(
                plan,
                request.pageSize(),
                ChartWording.of(title, plan, data.paper().toPaper()));
        if (layout.size() * request.copies() > PageCode.MOST_PAGES) {
            throw ApiProblem.invalid("copies", "TOO_MANY", say("problem.these-are-too-many"));
        }
        Chart chart = new Chart(
                title,
                printings.newCode(),
                request.set(),
                request.paper(),
                request.copies(),
                json.writeValueAsString(data),
                kept.pages(layout));
        return charts.saveAndFlush(chart).id();
    }

    private ChartData ofSet(UUID set, UUID paper) {
        List<KitPencil> members = kit.pencilsOf(set).stream()
                .filter(p -> !p.pencil().colourless())
                .toList();
        if (members.isEmpty()) {
            throw ApiProblem.invalid("set", "SET_EMPTY", say("problem.the-set-holds-no"));
        }
        List<Pencil> pencils = members.stream().map(KitPencil::pencil).toList();
        return new ChartData(
                ChartData.VERSION,
                members.stream()
                        .map(p -> ChartData.Entry.of(p.id(), p.pencil()))
                        .toList(),
                ChartPlan.whiteOf(pencils).orElse(-1),
                blender(),
                ChartPlan.pressedOf(pencils),
                ChartData.On.of(kit.paper(paper).paper()));
    }

    private ChartData ofNew(NewSet described, UUID paper) {
        List<NamedLines.Named> named = NamedLines.of(described.lines());
        charted.requireFree(
                described.name().strip(),
                named.stream().map(NamedLines.Named::code).toList());
        int white = described.white() == null ? -1 : described.white();
        int dark = described.dark() == null ? 0 : described.dark();
        if (white >= named.size() || dark >= named.size()) {
            throw ApiProblem.invalid("newSet", "NO_SUCH_LINE", say("problem.white-and-dark-must"));
        }
        return new ChartData(
                ChartData.VERSION,
                named.stream()
                        .map(n -> new ChartData.Entry(null, n.code(), n.name(), described.binder(), null))
                        .toList(),
                white,
                blender(),
                dark,
                ChartData.On.of(kit.paper(paper).paper()));
    }

    /** The kit's first colourless pencil; null where it has none. */
    private ChartData.@Nullable Thought blender() {
        return kit.pencils().stream()
                .map(KitPencil::pencil)
                .filter(Pencil::colourless)
                .findFirst()
                .map(ChartData.Thought::of)
                .orElse(null);
    }

    /** All copies, one after the other. */
    byte[] pdf(UUID id) {
        Chart chart = find(id);
        List<PageLayout> copy = layout(chart);
        List<PageLayout> all = IntStream.range(0, chart.copies() * copy.size())
                .mapToObj(i -> coded(chart, copy, i + 1))
                .toList();
        return PdfCanvas.document(
                say("paper.chart-of", chart.title()),
                all,
                PageLayout::size,
                (canvas, page) -> CanvasInk.draw(page, canvas));
    }

    private static PageLayout coded(Chart chart, List<PageLayout> copy, int number) {
        return SheetComposer.forStudent(
                copy.get((number - 1) % copy.size()), "", chart.title(), new PageCode(chart.code(), number));
    }

    private List<PageLayout> layout(Chart chart) {
        return kept.pages(chart.layout());
    }

    /** The page a code names, if it is one of this teacher's charts. */
    @Transactional(readOnly = true)
    public Optional<PrintedChart> printed(PageCode code) {
        return charts.findByCode(code.run()).flatMap(chart -> {
            List<PageLayout> copy = layout(chart);
            return code.page() > chart.copies() * copy.size()
                    ? Optional.empty()
                    : Optional.of(printed(chart, copy, code.page()));
        });
    }

    private PrintedChart printed(Chart chart, List<PageLayout> copy, int number) {
        return new PrintedChart(
                chart.id(),
                number,
                coded(chart, copy, number),
                data(chart).paper().toPaper());
    }

    /** Keeps what was read of a page; a page that came back before is replaced. Nothing happens where the chart is gone. */
    public void keep(PrintedChart page, PageReading reading, byte[] jpeg) {
        charts.forChange(page.chart()).ifPresent(chart -> {
            ChartPage row = pages.findByChartAndNumber(chart.id(), page.number())
                    .orElseGet(() -> new ChartPage(chart.id(), page.number()));
            row.readAs(kept.reading(reading), files.put(jpeg), clock.instant());
            pages.save(row);
            chart.pageRead();
        });
    }

    /** What the pages ask. @param real what a pencil of the kit, or one that is not in it by its row, really is */
    @Transactional(readOnly = true)
    public List<Asked> asked(UUID id, Function<ToDraw, Pencil> real) {
        KnownPencil known = known(id);
        List<PageLayout> copy = layout(known.chart());
        List<Pencil> pencils = IntStream.range(0, known.plan().pencils().size())
                .mapToObj(row -> real.apply(new ToDraw(
                        known.data().rows().get(row).pencil(),
                        row,
                        known.plan().pencils().get(row))))
                .toList();
        List<ChartPlan.Box> boxes = known.plan().boxes();
        List<List<Layer>> layers = known.plan().layers(pencils);
        Map<String, List<Layer>> byId = new HashMap<>();
        for (int i = 0; i < boxes.size(); i++) {
            byId.put(boxes.get(i).id(), layers.get(i));
        }
        return IntStream.rangeClosed(1, known.chart().copies() * copy.size())
                .mapToObj(number -> new Asked(
                        printed(known.chart(), copy, number), known.chart().paper(), (number - 1) / copy.size(), byId))
                .toList();
    }

    /** A row of a chart. @param pencil of the kit; null where it is not in it yet */
    public record ToDraw(@Nullable UUID pencil, int place, ChartPlan.Entry entry) {}

    @Transactional(readOnly = true)
    KnownPencil known(UUID id) {
        Chart chart = find(id);
        ChartData data = data(chart);
        return new KnownPencil(
                chart, data, data.toPlan(), pages.ofChart(id), layout(chart).size());
    }

    /** What the pages that came back tell; null before any has. */
    @Nullable
    CompletableFuture<ChartFit.Result> fit(KnownPencil known) {
        if (known.pages().isEmpty()) {
            return null;
        }
        return fitter.of(
                known.chart().id(),
                known.pages().stream().map(ChartPageRows.Line::readAt).toList(),
                known.plan(),
                known.data().paper().toPaper(),
                () -> known.pages().stream()
                        .map(p -> new ChartFit.ReadPage((p.number() - 1) / known.parts(), kept.reading(p.reading())))
                        .toList());
    }

    Optional<byte[]> picture(UUID id, int number) {
        return pages.picture(find(id).id(), number).flatMap(files::get);
    }

    /** Makes pencils, and where it is wanted the paper, what the chart found them to be. All or nothing. */
    void take(UUID id, TakeRequest request) {
        Chart chart = charts.forChange(id).orElseThrow(() -> ApiProblem.notFound(say("thing.chart")));
        chart.requireUnchanged(request.revision(), say("thing.the-chart-of", chart.title()));
        KnownPencil known = known(id);
        ChartFit.Result fit = ready(known);
        Map<Integer, Pencil> found =
                fit.pencils().stream().collect(Collectors.toMap(ChartFit.Fitted::row, ChartFit.Fitted::pencil));
        List<UUID> ids = new ArrayList<>();
        known.data().rows().forEach(r -> ids.add(r.pencil()));
        List<ChartedKit.Charted> changed = new ArrayList<>();
        List<Integer> fresh = new ArrayList<>();
        for (ChartViews.TakenRow row : request.pencils()) {
            Pencil as = found.get(row.row());
            if (as == null) {
                throw ApiProblem.invalid("pencils", "NOT_FITTED", say("problem.too-few-boxes-tell"));
            }
            if (ids.get(row.row()) == null) {
                fresh.add(row.row());
            } else {
                changed.add(new ChartedKit.Charted(ids.get(row.row()), row.revision(), as));
            }
        }
        charted.takeCharted(changed);
        UUID set = chart.set();
        if (!fresh.isEmpty()) {
            ChartedKit.Described made = charted.describe(
                    set, chart.title(), fresh.stream().map(found::get).toList());
            set = made.set();
            for (int i = 0; i < fresh.size(); i++) {
                ids.set(fresh.get(i), made.pencils().get(i));
            }
        }
        if (request.paper()) {
            charted.takeDepth(chart.paper(), fit.depth().value());
        }
        chart.taken(set, json.writeValueAsString(known.data().with(ids)), clock.instant());
        charts.flush();
    }

    private ChartFit.Result ready(KnownPencil known) {
        CompletableFuture<ChartFit.Result> fit = fit(known);
        if (fit == null || !fit.isDone() || fit.isCompletedExceptionally()) {
            throw ApiProblem.conflict("NOT_READY", say("problem.the-chart-has-not"));
        }
        return fit.join();
    }

    /** The pencils of a fitted chart. */
    List<Pencil> found(UUID id) {
        return ready(known(id)).pencils().stream().map(ChartFit.Fitted::pencil).toList();
    }

    void delete(UUID id) {
        charts.delete(charts.forChange(id).orElseThrow(() -> ApiProblem.notFound(say("thing.chart"))));
    }

    /** Sheets as they are now, for what they would look like. */
    List<Sheets.Latest> sheets() {
        return List.copyOf(
                sheets.latest(sheets.titles().stream().map(SheetTitle::id).collect(Collectors.toSet()))
                        .values());
    }

    private ChartData data(Chart chart) {
        return json.readValue(chart.plan(), ChartData.class);
    }

    private Chart find(UUID id) {
        return charts.findById(id).orElseThrow(() -> ApiProblem.notFound(say("thing.chart")));
    }
}
