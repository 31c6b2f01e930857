package grastel.app.bench;

import static grastel.core.words.Words.say;

import grastel.app.platform.paper.PdfCanvas;
import grastel.core.colour.Srgb;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.layering.Effort;
import grastel.core.layering.Layer;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stack;
import grastel.core.layering.Stroke;
import grastel.core.layering.Swatch;
import grastel.core.layering.SwatchParts;
import grastel.core.layering.picture.SwatchPicture;
import grastel.core.page.PageLayout.Weight;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.page.Typeface;
import grastel.core.words.Words;
import java.util.List;

/** A sheet to lie beside the demonstrator's hand. */
final class BenchCard {
    private static final double LEFT = 18;
    private static final double RIGHT = 192;
    private static final double STEP_MM = 9;
    private static final int PX_PER_MM = 8;
    private static final String SOLVENT_CAUTION = say("paper.solvent-ventilated-room-no");

    private final String name;
    private final String note;
    private final Stack stack;

    BenchCard(String name, String note, Stack stack) {
        this.name = name;
        this.note = note;
        this.stack = stack;
    }

    byte[] pdf() {
        return PdfCanvas.document(name, List.of(this), card -> PageSize.A4, BenchCard::draw);
    }

    private static void draw(PdfCanvas canvas, BenchCard card) {
        card.draw(canvas);
    }

    private void draw(PdfCanvas canvas) {
        List<Swatch> stages = stack.stages();
        Swatch swatch = stages.get(stages.size() - 1);
        text(canvas, LEFT, 26, 8, Weight.BOLD, name, RIGHT - LEFT);
        text(
                canvas,
                LEFT,
                34,
                4,
                Weight.REGULAR,
                stack.paper().name() + (note.isEmpty() ? "" : " · " + note),
                RIGHT - LEFT);
        picture(canvas, swatch, new Rect(LEFT, 42, 80, 60));
        section(canvas, swatch, new Rect(LEFT + 88, 42, RIGHT - LEFT - 88, 60));
        text(canvas, LEFT, 108, 3.2, Weight.REGULAR, say("paper.predicted-80-60-mm"), 80);
        text(canvas, LEFT + 88, 108, 3.2, Weight.REGULAR, say("paper.cut-through-the-papers"), 86);
        text(canvas, LEFT, 118, 4.4, Weight.BOLD, figures(swatch), RIGHT - LEFT);
        double y = 132;
        canvas.line(LEFT, y - 7, RIGHT, y - 7, 0.2);
        for (int i = 0; i < stack.layers().size(); i++) {
            text(canvas, LEFT, y, 5, Weight.BOLD, String.valueOf(i + 1), 8);
            picture(canvas, stages.get(i + 1), new Rect(LEFT + 9, y - 5.4, 14, 7));
            text(canvas, LEFT + 27, y, 5, Weight.REGULAR, words(stack.layers().get(i)), RIGHT - LEFT - 27);
            y += stack.layers().size() > 14 ? 6 : STEP_MM;
        }
        if (stack.layers().stream().anyMatch(l -> l instanceof Layer.Solvent)) {
            text(canvas, LEFT, Math.min(y + 4, 284), 3.2, Weight.REGULAR, SOLVENT_CAUTION, RIGHT - LEFT);
        }
        text(canvas, LEFT, 289, 3, Weight.REGULAR, say("paper.rest-hand-and-eyes"), RIGHT - LEFT);
    }

    private void picture(PdfCanvas canvas, Swatch swatch, Rect r) {
        canvas.picture(
                SwatchPicture.paint(
                        swatch,
                        stack.paper().tooth().grainMm(),
                        (int) (r.width() * PX_PER_MM),
                        (int) (r.height() * PX_PER_MM),
                        PX_PER_MM,
                        7),
                r);
    }

    /** Columns of the height classes: paper below, films on it, true to their thickness. */
    private void section(PdfCanvas canvas, Swatch swatch, Rect r) {
        List<SwatchParts.Column> columns = SwatchParts.of(swatch).section();
        double width = r.width() / columns.size();
        double scale = r.height() * 0.5 / Math.max(1, stack.paper().tooth().depth());
        Srgb paper = Srgb.of(swatch.ground().toLab());
        for (int i = 0; i < columns.size(); i++) {
            double x = r.x() + i * width;
            double top = r.y() + r.height() * 0.4 + columns.get(i).depth() * scale;
            fill(canvas, new Rect(x, top, width, r.bottom() - top), paper);
            canvas.line(x, top, x + width, top, 0.1);
            for (SwatchParts.Band band : columns.get(i).bands()) {
                double height = Math.min(top - r.y(), band.thickness() * scale);
                top -= height;
                fill(canvas, new Rect(x, top, width, height), Srgb.of(band.colour()));
            }
        }
        canvas.line(r.x(), r.bottom(), r.right(), r.bottom(), 0.2);
    }

    private static void fill(PdfCanvas canvas, Rect r, Srgb c) {
        canvas.fill(r, c.red() / 255.0, c.green() / 255.0, c.blue() / 255.0);
    }

    private String figures(Swatch swatch) {
        return say(
                "paper.value-chroma-specks-tooth",
                swatch.colour().value(),
                swatch.colour().chroma(),
                100 * swatch.specks(),
                100 * swatch.toothLeft(),
                Effort.minutes(stack, Looking.FIELD_CM2, GradeBand.DEVELOPING.cm2PerMinute()));
    }

    private static String words(Layer layer) {
        if (layer instanceof Layer.Colour c) {
            return c.pass().pencil().title() + " – "
                    + Words.called(PressureGrade.nearest(c.pass().pressure())) + ", "
                    + stroke(c.pass().stroke()) + ", " + (c.pass().point() > 0.5 ? "sharp" : "dull") + ", "
                    + passes(c.passes());
        }
        if (layer instanceof Layer.Burnish b) {
            return say("paper.burnish-with-hard-and", b.burnisher().title(), passes(b.passes()));
        }
        if (layer instanceof Layer.Stump) {
            return say("paper.blend-with-a-stump");
        }
        return layer instanceof Layer.Lift
                ? say("paper.lift-with-putty-eraser")
                : say("paper.dissolve-with-solvent-let");
    }

    private static String stroke(Stroke stroke) {
        return switch (stroke) {
            case CIRCLES -> say("paper.small-circles");
            case CROSSED -> "crossed";
            case ONE_WAY -> say("paper.one-way");
        };
    }

    private static String passes(int passes) {
        return passes == 1 ? "once" : say("paper.times", passes);
    }

    private static void text(
            PdfCanvas canvas, double x, double y, double size, Weight weight, String words, double room) {
        canvas.text(x, y, size, weight, Typeface.fitted(Typeface.printable(words), weight, size, room));
    }
}
