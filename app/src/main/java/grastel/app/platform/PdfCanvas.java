package grastel.app.platform;

import grastel.core.page.PageLayout.Weight;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.page.Typeface;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Function;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;

/** One page of a PDF to draw on, in mm from the top left of the paper. Fonts are embedded. */
public final class PdfCanvas {
    private static final double POINTS_PER_MM = 72 / 25.4;

    private final PDDocument pdf;
    private final PageSize size;
    private final PDPageContentStream stream;
    private final PDType0Font regular;
    private final PDType0Font bold;

    private PdfCanvas(
            PDDocument pdf, PageSize size, PDPageContentStream stream, PDType0Font regular, PDType0Font bold) {
        this.pdf = pdf;
        this.size = size;
        this.stream = stream;
        this.regular = regular;
        this.bold = bold;
    }

    /** A document with a page for each item. */
    public static <T> byte[] document(
            String title, List<T> items, Function<T, PageSize> size, BiConsumer<PdfCanvas, T> draw) {
        try (PDDocument pdf = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            pdf.getDocumentInformation().setTitle(title);
            PDType0Font regular = font(pdf, Weight.REGULAR);
            PDType0Font bold = font(pdf, Weight.BOLD);
            for (T item : items) {
                PageSize paper = size.apply(item);
                PDPage page = new PDPage(new PDRectangle(points(paper.widthMm()), points(paper.heightMm())));
                pdf.addPage(page);
                try (PDPageContentStream stream = new PDPageContentStream(pdf, page)) {
                    draw.accept(new PdfCanvas(pdf, paper, stream, regular, bold), item);
                }
            }
            pdf.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static PDType0Font font(PDDocument pdf, Weight weight) throws IOException {
        try (InputStream file = Typeface.file(weight)) {
            return PDType0Font.load(pdf, file);
        }
    }

    /** Fills a rectangle. @param red, green, blue sRGB codes 0…1 */
    public void fill(Rect r, double red, double green, double blue) {
        write(() -> {
            stream.setNonStrokingColor((float) red, (float) green, (float) blue);
            stream.addRect(points(r.x()), fromBottom(r.bottom()), points(r.width()), points(r.height()));
            stream.fill();
        });
    }

    /** Fills a shape; loops inside others are holes. @param loops corners as x and y in mm */
    public void fill(List<List<double[]>> loops, double red, double green, double blue) {
        write(() -> {
            stream.setNonStrokingColor((float) red, (float) green, (float) blue);
            for (List<double[]> loop : loops) {
                stream.moveTo(points(loop.get(0)[0]), fromBottom(loop.get(0)[1]));
                for (double[] corner : loop) {
                    stream.lineTo(points(corner[0]), fromBottom(corner[1]));
                }
                stream.closePath();
            }
            stream.fillEvenOdd();
        });
    }

    public void line(double x1, double y1, double x2, double y2, double widthMm) {
        write(() -> {
            stream.setStrokingColor(0f);
            stream.setLineCapStyle(2);
            stream.setLineWidth(points(widthMm));
            stream.moveTo(points(x1), fromBottom(y1));
            stream.lineTo(points(x2), fromBottom(y2));
            stream.stroke();
        });
    }

    public void text(double x, double baseline, double sizeMm, Weight weight, String words) {
        write(() -> {
            stream.setNonStrokingColor(0f);
            stream.beginText();
            stream.setFont(weight == Weight.BOLD ? bold : regular, points(sizeMm));
            stream.newLineAtOffset(points(x), fromBottom(baseline));
            stream.showText(words);
            stream.endText();
        });
    }

    public void picture(BufferedImage picture, Rect r) {
        write(() -> stream.drawImage(
                LosslessFactory.createFromImage(pdf, picture),
                points(r.x()),
                fromBottom(r.bottom()),
                points(r.width()),
                points(r.height())));
    }

    private float fromBottom(double mm) {
        return points(size.heightMm() - mm);
    }

    private static float points(double mm) {
        return (float) (mm * POINTS_PER_MM);
    }

    private interface Drawing {
        void draw() throws IOException;
    }

    private static void write(Drawing drawing) {
        try {
            drawing.draw();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
