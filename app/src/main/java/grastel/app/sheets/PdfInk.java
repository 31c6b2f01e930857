package grastel.app.sheets;

import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import grastel.core.page.PageInk;
import grastel.core.page.PageLayout;
import grastel.core.page.PageSize;
import grastel.core.page.Rect;
import grastel.core.page.Typeface;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Draws pages into a PDF at their true size, fonts embedded. */
final class PdfInk implements PageInk {
    private static final double POINTS_PER_MM = 72 / 25.4;

    private final PageSize size;
    private final PDPageContentStream stream;
    private final PDType0Font regular;
    private final PDType0Font bold;

    private PdfInk(PageSize size, PDPageContentStream stream, PDType0Font regular, PDType0Font bold) {
        this.size = size;
        this.stream = stream;
        this.regular = regular;
        this.bold = bold;
    }

    /** One PDF page a layout. */
    static byte[] document(String title, List<PageLayout> pages) {
        try (PDDocument pdf = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            pdf.getDocumentInformation().setTitle(title);
            PDType0Font regular = font(pdf, PageLayout.Weight.REGULAR);
            PDType0Font bold = font(pdf, PageLayout.Weight.BOLD);
            for (PageLayout layout : pages) {
                PageSize size = layout.size();
                PDPage page = new PDPage(new PDRectangle(points(size.widthMm()), points(size.heightMm())));
                pdf.addPage(page);
                try (PDPageContentStream stream = new PDPageContentStream(pdf, page)) {
                    layout.drawOn(new PdfInk(size, stream, regular, bold));
                }
            }
            pdf.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static PDType0Font font(PDDocument pdf, PageLayout.Weight weight) throws IOException {
        try (InputStream file = Typeface.file(weight)) {
            return PDType0Font.load(pdf, file);
        }
    }

    @Override
    public void patch(PageLayout.Patch patch) {
        Rect r = patch.rect();
        write(() -> {
            stream.setNonStrokingColor((float) LinearRgb.encode(Lab.luminanceOf(patch.lightness())));
            stream.addRect(points(r.x()), fromBottom(r.bottom()), points(r.width()), points(r.height()));
            stream.fill();
        });
    }

    @Override
    public void rule(PageLayout.Rule rule) {
        write(() -> {
            stream.setStrokingColor(0f);
            stream.setLineCapStyle(2);
            stream.setLineWidth(points(rule.widthMm()));
            stream.moveTo(points(rule.x1()), fromBottom(rule.y1()));
            stream.lineTo(points(rule.x2()), fromBottom(rule.y2()));
            stream.stroke();
        });
    }

    @Override
    public void text(PageLayout.Text text) {
        write(() -> {
            stream.setNonStrokingColor(0f);
            stream.beginText();
            stream.setFont(text.weight() == PageLayout.Weight.BOLD ? bold : regular, points(text.sizeMm()));
            stream.newLineAtOffset(points(text.x()), fromBottom(text.y()));
            stream.showText(text.words());
            stream.endText();
        });
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
