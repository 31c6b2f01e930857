package grastel.app.returns.screen;

import grastel.app.returns.screen.ReturnViews.AlongView;
import grastel.app.returns.screen.ReturnViews.BoxReadingView;
import grastel.app.returns.screen.ReturnViews.FiguresView;
import grastel.app.returns.screen.ReturnViews.LyingView;
import grastel.app.returns.screen.ReturnViews.WantedView;
import grastel.app.sheets.Printings.PrintedSheet;
import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.colour.MunsellValue;
import grastel.core.colour.Srgb;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.FieldPlan.Ask;
import grastel.core.page.PageLayout;
import grastel.core.reading.fields.FieldReading;
import grastel.core.reading.fields.Strokes;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Fields as asked and as read, for the screen. */
final class FieldViews {
    /** Under this, strokes have no direction worth showing. */
    private static final double COHERENT = 0.15;

    private FieldViews() {}

    static List<BoxReadingView> of(PrintedSheet sheet, List<FieldReading> fields) {
        List<BoxReadingView> views = new ArrayList<>();
        for (int i = 0; i < fields.size(); i++) {
            views.add(of(sheet, fields.get(i), i == 0 ? null : fields.get(i - 1)));
        }
        return views;
    }

    private static BoxReadingView of(PrintedSheet sheet, FieldReading read, @Nullable FieldReading before) {
        PageLayout.Field at = sheet.layout().fields().stream()
                .filter(l -> l.id().equals(read.field()))
                .findFirst()
                .orElseThrow();
        FieldPlan plan = sheet.plan().field(read.field());
        return new BoxReadingView(
                read.field(),
                plan.label(),
                lying(at),
                wanted(plan),
                figures(plan, read, before),
                along(plan, read),
                plan.hasPicture() && read.picture() != null);
    }

    private static LyingView lying(PageLayout.Field at) {
        return new LyingView(
                at.rect().x(),
                at.rect().y(),
                at.rect().width(),
                at.rect().height(),
                at.outline().stream()
                        .map(loop -> loop.stream()
                                .flatMap(p -> Stream.of(p.x(), p.y()))
                                .toList())
                        .toList());
    }

    private static WantedView wanted(FieldPlan plan) {
        double asked = plan.askedLightness();
        return new WantedView(
                plan.asked().stream().map(c -> Srgb.of(c).hex()).toList(),
                MunsellValue.of(Lab.luminanceOf(asked)),
                asked);
    }

    private static FiguresView figures(FieldPlan plan, FieldReading read, @Nullable FieldReading before) {
        boolean even = plan.asked().size() == 1 && plan.ask() == Ask.COLOUR;
        Strokes strokes = read.strokes();
        return new FiguresView(
                Srgb.of(read.colour()).hex(),
                read.value(),
                read.lightness().value(),
                read.lightness().plusMinus(),
                even && !read.blank() ? ColourDifference.ciede2000(plan.asked().get(0), read.colour()) : null,
                read.specks().value(),
                read.unevenness().value(),
                read.outside() == null ? null : read.outside().value(),
                read.blank(),
                before == null || read.profile() != null
                        ? null
                        : before.lightness().value() - read.lightness().value(),
                strokes != null && strokes.coherence() > COHERENT
                        ? strokes.direction().value()
                        : null,
                read.glare());
    }

    private static AlongView along(FieldPlan plan, FieldReading read) {
        return read.profile() == null
                ? AlongView.NONE
                : new AlongView(
                        read.profile().lightness(),
                        plan.asked().stream().map(Lab::lightness).toList());
    }
}
