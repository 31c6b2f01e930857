package grastel.app.sheets.screen;

import grastel.core.colour.Lab;
import grastel.core.colour.Srgb;
import grastel.core.exercise.plan.FieldPlan.Point;
import grastel.core.page.PageLayout;
import grastel.core.page.Rect;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A page as it goes over the wire: everything at its final place, mm from the top left. */
final class PageViews {
    private PageViews() {}

    record RectView(
            @NotNull double x,
            @NotNull double y,
            @NotNull double width,
            @NotNull double height) {
        static RectView of(Rect r) {
            return new RectView(r.x(), r.y(), r.width(), r.height());
        }
    }

    /** @param path of a shape, as SVG path data; null for a rectangle */
    record FieldView(
            @NotNull String id,
            @NotNull RectView box,
            @Nullable String path) {}

    record RuleView(
            @NotNull double x1,
            @NotNull double y1,
            @NotNull double x2,
            @NotNull double y2,
            @NotNull double width) {}

    record TextView(
            @NotNull double x,
            @NotNull double y,
            @NotNull double size,
            @NotNull boolean bold,
            @NotNull String words) {}

    record PatchView(@NotNull RectView box, @NotNull String colour) {}

    record BitsView(@NotNull RectView box, @NotNull List<String> rows) {}

    /** A page, everything at its final place. */
    record PageView(
            @NotNull double width,
            @NotNull double height,
            @NotNull List<FieldView> fields,
            @NotNull List<RectView> keys,
            @NotNull List<RuleView> rules,
            @NotNull List<TextView> texts,
            @NotNull List<PatchView> patches,
            @NotNull List<BitsView> bits) {
        static PageView of(PageLayout page) {
            return new PageView(
                    page.size().widthMm(),
                    page.size().heightMm(),
                    page.fields().stream()
                            .map(f -> new FieldView(
                                    f.id(), RectView.of(f.rect()), f.isShape() ? path(f.outline()) : null))
                            .toList(),
                    page.keys().stream().map(k -> RectView.of(k.rect())).toList(),
                    page.rules().stream()
                            .map(r -> new RuleView(r.x1(), r.y1(), r.x2(), r.y2(), r.widthMm()))
                            .toList(),
                    page.texts().stream()
                            .map(t -> new TextView(
                                    t.x(), t.y(), t.sizeMm(), t.weight() == PageLayout.Weight.BOLD, t.words()))
                            .toList(),
                    page.patches().stream()
                            .map(p -> new PatchView(RectView.of(p.rect()), grey(p.lightness())))
                            .toList(),
                    page.bits().stream()
                            .map(b -> new BitsView(RectView.of(b.rect()), b.rows()))
                            .toList());
        }

        private static String path(List<List<Point>> outline) {
            return outline.stream()
                    .map(loop -> loop.stream().map(p -> p.x() + " " + p.y()).collect(Collectors.joining("L", "M", "Z")))
                    .collect(Collectors.joining());
        }
    }

    private static String grey(double lightness) {
        return Srgb.of(new Lab(lightness, 0, 0)).hex();
    }
}
