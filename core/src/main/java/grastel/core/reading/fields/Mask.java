package grastel.core.reading.fields;

import grastel.core.page.PageLayout;
import grastel.core.page.Rect;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;

/** Which samples of an area belong to a field, a margin inside its edge. */
final class Mask {
    final int width;
    final int height;
    private final boolean[] in;

    private Mask(int width, int height) {
        this.width = width;
        this.height = height;
        this.in = new boolean[width * height];
    }

    /** Samples inside a rectangle. @param area what is sampled, mm */
    static Mask of(Rect inside, Rect area, double samplesPerMm) {
        Mask mask = empty(area, samplesPerMm);
        mask.fillRect(inside, area, samplesPerMm);
        return mask;
    }

    /** @param area what is sampled, mm; @param marginMm kept clear inside the field's edge */
    static Mask of(PageLayout.Field field, Rect area, double samplesPerMm, double marginMm) {
        if (!field.isShape()) {
            return of(field.rect().inset(marginMm), area, samplesPerMm);
        }
        Mask mask = empty(area, samplesPerMm);
        mask.fillShape(field, area, samplesPerMm, marginMm);
        return mask;
    }

    private static Mask empty(Rect area, double samplesPerMm) {
        return new Mask((int) Math.round(area.width() * samplesPerMm), (int) Math.round(area.height() * samplesPerMm));
    }

    boolean has(int x, int y) {
        return in[y * width + x];
    }

    boolean has(int i) {
        return in[i];
    }

    /** True where a square of samples lies in the field: its corners and its middle do. */
    boolean hasSquare(int x, int y, int side) {
        int right = x + side - 1;
        int bottom = y + side - 1;
        return has(x, y) && has(right, y) && has(x, bottom) && has(right, bottom) && has(x + side / 2, y + side / 2);
    }

    private void fillRect(Rect inside, Rect area, double samplesPerMm) {
        boolean[] line = new boolean[width];
        for (int x = 0; x < width; x++) {
            double mmX = area.x() + (x + 0.5) / samplesPerMm;
            line[x] = inside.contains(mmX, inside.y());
        }
        for (int y = 0; y < height; y++) {
            if (inside.contains(inside.x(), area.y() + (y + 0.5) / samplesPerMm)) {
                System.arraycopy(line, 0, in, y * width, width);
            }
        }
    }

    /** The shape is filled, then its edge wiped out by a line twice as wide as the margin. */
    private void fillShape(PageLayout.Field field, Rect area, double samplesPerMm, double marginMm) {
        BufferedImage drawn = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D pen = drawn.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        AffineTransform toSamples = AffineTransform.getScaleInstance(samplesPerMm, samplesPerMm);
        toSamples.translate(-area.x(), -area.y());
        pen.transform(toSamples);
        Path2D path = field.path();
        pen.setColor(Color.WHITE);
        pen.fill(path);
        pen.setColor(Color.BLACK);
        pen.setStroke(new BasicStroke((float) (2 * marginMm), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        pen.draw(path);
        pen.dispose();
        byte[] codes = ((DataBufferByte) drawn.getRaster().getDataBuffer()).getData();
        for (int i = 0; i < in.length; i++) {
            in[i] = codes[i] < 0;
        }
    }
}
