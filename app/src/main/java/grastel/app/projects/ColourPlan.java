package grastel.app.projects;

import static grastel.core.words.Words.say;

import grastel.app.platform.paper.PdfCanvas;
import grastel.app.platform.paper.PdfPages;
import grastel.core.colour.Lab;
import grastel.core.colour.Srgb;
import grastel.core.layering.Layer;
import grastel.core.layering.PressureGrade;
import grastel.core.page.FittedLine;
import grastel.core.page.PageLayout.Weight;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.page.Typeface;
import grastel.core.project.ZoneColours.Mixed;
import grastel.core.project.ZoneColours.Part;
import grastel.core.words.Words;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** What is laid in each zone, layer by layer, with a box to try it in first. */
final class ColourPlan {
    private static final double BOX = 11;
    private static final double ROW = 16;
    private static final double EM = 3.2;
    private static final double HAIR = 0.2;
    private static final double EDGE = 0.4;
    private static final double LEAD = 4.2;
    /** Further off than this a colour is said to be the nearest there is, ΔE00. */
    private static final double REACHED = 5;

    private ColourPlan() {}

    /** @param names of zones, empty for none; @param zones what each is made of, in their order; @param pencils and paper in words */
    static byte[] pdf(String title, PageSize size, String materials, List<String> names, List<List<Mixed>> zones) {
        PdfPages pages = new PdfPages(size);
        pages.title(title, say("paper.colour-plan-try-each", materials));
        for (int zone = 0; zone < zones.size(); zone++) {
            pages.heading(say("paper.zone", zone + 1, names.get(zone).isEmpty() ? "" : ", " + names.get(zone)));
            for (Mixed mixed : zones.get(zone)) {
                pages.draw(ROW, (canvas, y) -> row(canvas, y, mixed, size));
            }
        }
        return pages.document(title);
    }

    private static void row(PdfCanvas canvas, double y, Mixed mixed, PageSize size) {
        double x = PdfPages.LEFT;
        swatch(canvas, x, y, mixed.wanted());
        swatch(canvas, x + BOX, y, mixed.colour());
        canvas.border(new Rect(x + 2 * BOX + 3, y, BOX, BOX), HAIR, EDGE);
        double left = x + 3 * BOX + 8;
        canvas.text(left, y + EM, EM, Weight.BOLD, head(mixed));
        double room = size.widthMm() - PdfPages.LEFT - left;
        List<String> lines = FittedLine.wrapped(Typeface.printable(words(mixed.layers())), Weight.REGULAR, EM, room);
        IntStream.range(0, lines.size())
                .forEach(i -> canvas.text(left, y + EM + LEAD * (i + 1), EM, Weight.REGULAR, lines.get(i)));
    }

    private static String head(Mixed mixed) {
        String part = part(mixed.part());
        return mixed.error() > REACHED ? part + say("paper.the-nearest-there-is", mixed.error()) : part;
    }

    private static String part(Part part) {
        return switch (part) {
            case OWN -> say("paper.own-colour");
            case LIGHT -> say("paper.in-the-light");
            case SHADOW -> say("paper.in-the-shadow");
        };
    }

    private static String words(List<Layer> layers) {
        return layers.isEmpty()
                ? say("paper.leave-the-paper-bare")
                : IntStream.range(0, layers.size())
                        .mapToObj(i -> (i + 1) + ". " + words((Layer.Colour) layers.get(i)))
                        .collect(Collectors.joining("   "));
    }

    private static String words(Layer.Colour layer) {
        String grade = Words.called(PressureGrade.nearest(layer.pass().pressure()));
        String code = layer.pass().pencil().code();
        String times = layer.passes() == 1 ? "" : " × " + layer.passes();
        return code + " " + layer.pass().pencil().name() + ", " + grade + times;
    }

    private static void swatch(PdfCanvas canvas, double x, double y, Lab colour) {
        Srgb of = Srgb.of(colour);
        canvas.fill(new Rect(x, y, BOX, BOX), of.red() / 255.0, of.green() / 255.0, of.blue() / 255.0);
    }
}
