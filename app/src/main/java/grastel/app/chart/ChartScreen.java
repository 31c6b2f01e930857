package grastel.app.chart;

import grastel.app.chart.ChartViews.ChartColourView;
import grastel.app.chart.ChartViews.ChartFitView;
import grastel.app.chart.ChartViews.ChartGradeView;
import grastel.app.chart.ChartViews.ChartHandView;
import grastel.app.chart.ChartViews.ChartPageView;
import grastel.app.chart.ChartViews.ChartPencilView;
import grastel.app.chart.ChartViews.ChartSheetView;
import grastel.app.chart.ChartViews.ChartView;
import grastel.app.chart.ChartViews.Figure;
import grastel.app.chart.ChartViews.OddBoxView;
import grastel.app.chart.ChartViews.State;
import grastel.app.chart.Charts.KnownPencil;
import grastel.app.kit.Kit;
import grastel.app.kit.Kit.KitPencil;
import grastel.app.stored.StoredJson;
import grastel.core.chart.ChartFit;
import grastel.core.chart.ChartFit.Fitted;
import grastel.core.chart.ChartFit.OddBox;
import grastel.core.chart.ChartPlan;
import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.colour.Srgb;
import grastel.core.layering.PressureGrade;
import grastel.core.media.Pencil;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A chart as it is looked at: what was thought beside what was found, and what that would change. */
@Component
class ChartScreen {
    private final Charts charts;
    private final Kit kit;
    private final StoredJson kept;

    ChartScreen(Charts charts, Kit kit, StoredJson kept) {
        this.charts = charts;
        this.kit = kit;
        this.kept = kept;
    }

    ChartView of(UUID id) {
        KnownPencil known = charts.known(id);
        CompletableFuture<ChartFit.Result> fit = charts.fit(known);
        Chart chart = known.chart();
        return new ChartView(
                chart.id(),
                chart.revision(),
                chart.title(),
                chart.set(),
                chart.paper(),
                known.data().paper().name(),
                chart.createdAt(),
                chart.takenAt(),
                state(fit),
                pages(known),
                fit != null && state(fit) == State.FITTED ? fit(known, fit.join()) : null);
    }

    private static State state(@Nullable CompletableFuture<ChartFit.Result> fit) {
        if (fit == null) {
            return State.WAITING;
        }
        if (!fit.isDone()) {
            return State.FITTING;
        }
        return fit.isCompletedExceptionally() ? State.EMPTY : State.FITTED;
    }

    private List<ChartPageView> pages(KnownPencil known) {
        Map<Integer, ChartPageRows.Line> read =
                known.pages().stream().collect(Collectors.toMap(ChartPageRows.Line::number, Function.identity()));
        return IntStream.rangeClosed(1, known.parts() * known.chart().copies())
                .mapToObj(number -> {
                    ChartPageRows.Line line = read.get(number);
                    return new ChartPageView(
                            number,
                            (number - 1) / known.parts() + 1,
                            (number - 1) % known.parts() + 1,
                            line == null ? null : line.readAt(),
                            line == null
                                    ? List.of()
                                    : kept.reading(line.reading()).flags());
                })
                .toList();
    }

    private ChartFitView fit(KnownPencil known, ChartFit.Result fit) {
        Map<Pencil, Pencil> found = new HashMap<>();
        fit.pencils().forEach(f -> {
            Pencil thought = known.plan().pencils().get(f.row()).thought();
            if (thought != null) {
                found.put(thought, f.pencil());
            }
        });
        List<ChartSheetView> sheets = found.isEmpty()
                ? List.of()
                : new ChartChanges(
                                found,
                                kit.papers().stream().collect(Collectors.toMap(Kit.KitPaper::id, Kit.KitPaper::paper)))
                        .of(charts.sheets());
        return new ChartFitView(
                pencils(known, fit),
                known.data().paper().depth(),
                Figure.of(fit.depth()),
                fit.hands().entrySet().stream()
                        .sorted(Map.Entry.comparingByKey())
                        .map(e -> hand(e.getKey(), e.getValue()))
                        .toList(),
                fit.before(),
                fit.after(),
                fit.boxes(),
                fit.odd().stream().map(o -> odd(known, o)).toList(),
                sheets);
    }

    private List<ChartPencilView> pencils(KnownPencil known, ChartFit.Result fit) {
        Map<Integer, Fitted> found = fit.pencils().stream().collect(Collectors.toMap(Fitted::row, Function.identity()));
        Map<UUID, KitPencil> kitPencils =
                kit.pencils().stream().collect(Collectors.toMap(KitPencil::id, Function.identity()));
        return IntStream.range(0, known.plan().pencils().size())
                .mapToObj(row -> pencil(
                        row,
                        known.plan().pencils().get(row),
                        kitPencils.get(known.data().rows().get(row).pencil()),
                        found.get(row)))
                .toList();
    }

    /** @param held the pencil as the kit has it; null where it is not in it, or no more */
    private static ChartPencilView pencil(
            int row, ChartPlan.Entry entry, @Nullable KitPencil held, @Nullable Fitted found) {
        Lab before = held != null
                ? held.masstone()
                : entry.thought() == null ? null : entry.thought().masstone().toLab();
        Lab after = found == null ? null : found.pencil().masstone().toLab();
        return new ChartPencilView(
                row,
                held == null ? null : held.id(),
                held == null ? null : held.revision(),
                entry.code(),
                entry.name(),
                colour(before),
                colour(after),
                before == null || after == null ? null : ColourDifference.ciede2000(before, after),
                found == null ? null : found.colour().mean(),
                held == null ? null : held.pencil().hiding(),
                found == null ? null : new Figure(found.pencil().hiding(), found.hidingPlusMinus()),
                held == null ? null : held.pencil().softness(),
                found == null ? null : new Figure(found.pencil().softness(), found.softnessPlusMinus()),
                found == null ? 0 : found.boxes(),
                held != null && found != null && held.pencil().equals(found.pencil()));
    }

    private static @Nullable ChartColourView colour(@Nullable Lab lab) {
        return lab == null
                ? null
                : new ChartColourView(Srgb.of(lab).hex(), lab.lightness(), lab.a(), lab.b(), lab.value());
    }

    private static ChartHandView hand(int copy, ChartFit.Hand hand) {
        return new ChartHandView(
                copy + 1,
                IntStream.range(0, hand.grades().size())
                        .mapToObj(i -> new ChartGradeView(
                                PressureGrade.values()[i],
                                PressureGrade.values()[i].pressure(),
                                Figure.of(hand.grades().get(i))))
                        .toList(),
                Figure.of(hand.point()));
    }

    private static OddBoxView odd(KnownPencil known, OddBox odd) {
        List<ChartPlan.Entry> entries = known.plan().pencils();
        return new OddBoxView(
                known.pages().get(odd.page()).number(),
                odd.box(),
                title(entries.get(odd.row())),
                known.plan().boxes().stream()
                        .filter(b -> b.id().equals(odd.box()))
                        .findFirst()
                        .orElseThrow()
                        .work(),
                odd.why(),
                odd.like() < 0 ? null : title(entries.get(odd.like())));
    }

    private static String title(ChartPlan.Entry entry) {
        return entry.code() + " " + entry.name();
    }
}
