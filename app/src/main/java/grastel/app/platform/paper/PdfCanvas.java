package grastel.app.platform.paper;

import grastel.core.page.PageLayout.Weight;
import grastel.core.page.PaperFormat;
import grastel.core.page.Rect;
import grastel.core.page.Typeface;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Image;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Function;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.multipdf.PDFMergerUtility;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAppearanceStream;

/** One page of a PDF to draw on, in mm from the top left of the paper. Fonts are embedded. */
public final class PdfCanvas {
    private static final double POINTS_PER_MM = 72 / 25.4;
    private static final double PRINTED_PX_PER_MM = 200 / 25.4;
    /** Grain of pencil stays, and nothing is seen of the blocks on paper. */
    private static final float JPEG_QUALITY = 0.88f;

    private final Book book;
    private final PaperFormat size;
    private final PDPageContentStream stream;

    private PdfCanvas(Book book, PaperFormat size, PDPageContentStream stream) {
        this.book = book;
        this.size = size;
        this.stream = stream;
    }

    /** What the pages of a document share. @param stamps drawings that stand on several pages, by what they show; @param pictures by identity */
    private record Book(
            PDDocument pdf,
            PDType0Font regular,
            PDType0Font bold,
            HiddenWords hidden,
            Map<Object, PDFormXObject> stamps,
            Map<BufferedImage, PDImageXObject> pictures) {
        static Book of(PDDocument pdf) throws IOException {
            return new Book(
                    pdf,
                    font(pdf, Weight.REGULAR),
                    font(pdf, Weight.BOLD),
                    new HiddenWords(pdf),
                    new IdentityHashMap<>(),
                    new IdentityHashMap<>());
        }
    }

    /** A document with a page for each item. */
    public static <T> byte[] document(
            String title, List<T> items, Function<T, PaperFormat> size, BiConsumer<PdfCanvas, T> draw) {
        try (PDDocument pdf = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            pdf.getDocumentInformation().setTitle(title);
            Book book = Book.of(pdf);
            for (T item : items) {
                PaperFormat paper = size.apply(item);
                PDPage page = new PDPage(new PDRectangle(points(paper.widthMm()), points(paper.heightMm())));
                pdf.addPage(page);
                try (PDPageContentStream stream = new PDPageContentStream(pdf, page)) {
                    draw.accept(new PdfCanvas(book, paper, stream), item);
                }
            }
            pdf.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Documents one after another as one. */
    public static byte[] joined(List<byte[]> documents) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PDFMergerUtility merger = new PDFMergerUtility();
            documents.forEach(d -> merger.addSource(new RandomAccessReadBuffer(d)));
            merger.setDestinationStream(out);
            merger.mergeDocuments(IOUtils.createMemoryOnlyStreamCache());
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static PDType0Font font(PDDocument pdf, Weight weight) throws IOException {
        try (InputStream file = Typeface.file(weight)) {
            TrueTypeFont letters = new TTFParser().parse(new RandomAccessReadBuffer(file));
            // A ligature has no letters of its own: names with fi or ft could not be searched, copied or read aloud.
            letters.setEnableGsub(false);
            return PDType0Font.load(pdf, letters, true);
        }
    }

    /** Draws what stands alike on several pages of this size; it is made once and kept once. @param what told by identity */
    public void stamp(Object what, Consumer<PdfCanvas> draw) {
        write(() -> {
            PDFormXObject form = book.stamps().get(what);
            if (form == null) {
                form = form(draw);
                book.stamps().put(what, form);
            }
            stream.drawForm(form);
        });
    }

    private PDFormXObject form(Consumer<PdfCanvas> draw) throws IOException {
        // The library writes content only into this kind of form; it is an ordinary form otherwise.
        PDAppearanceStream form = new PDAppearanceStream(book.pdf());
        form.setBBox(new PDRectangle(points(size.widthMm()), points(size.heightMm())));
        form.setResources(new PDResources());
        try (OutputStream out = form.getStream().createOutputStream(COSName.FLATE_DECODE);
                PDPageContentStream content = new PDPageContentStream(book.pdf(), form, out)) {
            draw.accept(new PdfCanvas(book, size, content));
        }
        return form;
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
        line(x1, y1, x2, y2, widthMm, 0);
    }

    /** @param grey sRGB code, 0 black … 1 white */
    public void line(double x1, double y1, double x2, double y2, double widthMm, double grey) {
        write(() -> {
            stream.setStrokingColor((float) grey);
            stream.setLineCapStyle(2);
            stream.setLineWidth(points(widthMm));
            stream.moveTo(points(x1), fromBottom(y1));
            stream.lineTo(points(x2), fromBottom(y2));
            stream.stroke();
        });
    }

    /** Around a rectangle. @param grey sRGB code, 0 black … 1 white */
    public void border(Rect r, double widthMm, double grey) {
        line(r.x(), r.y(), r.right(), r.y(), widthMm, grey);
        line(r.right(), r.y(), r.right(), r.bottom(), widthMm, grey);
        line(r.right(), r.bottom(), r.x(), r.bottom(), widthMm, grey);
        line(r.x(), r.bottom(), r.x(), r.y(), widthMm, grey);
    }

    public void text(double x, double baseline, double sizeMm, Weight weight, String words) {
        if (!Typeface.isPlain(words)) {
            outlined(x, baseline, sizeMm, weight, words);
            return;
        }
        write(() -> {
            stream.setNonStrokingColor(0f);
            stream.beginText();
            stream.setFont(weight == Weight.BOLD ? book.bold() : book.regular(), points(sizeMm));
            stream.newLineAtOffset(points(x), fromBottom(baseline));
            stream.showText(words);
            stream.endText();
        });
    }

    /** Other scripts are drawn as shapes, which need no font, with their words under them, unseen, to be found and copied. */
    private void outlined(double x, double baseline, double sizeMm, Weight weight, String words) {
        if (words.isBlank()) {
            return;
        }
        Shape shape = Typeface.outline(words, weight, sizeMm);
        write(() -> {
            stream.setNonStrokingColor(0f);
            double[] at = new double[6];
            double lastX = 0;
            double lastY = 0;
            for (PathIterator it = shape.getPathIterator(AffineTransform.getTranslateInstance(x, baseline));
                    !it.isDone();
                    it.next()) {
                switch (it.currentSegment(at)) {
                    case PathIterator.SEG_MOVETO -> stream.moveTo(points(at[0]), fromBottom(at[1]));
                    case PathIterator.SEG_LINETO -> stream.lineTo(points(at[0]), fromBottom(at[1]));
                    case PathIterator.SEG_QUADTO -> {
                        // The same curve with two points in place of one.
                        double[] two = {
                            lastX + 2.0 / 3 * (at[0] - lastX),
                            lastY + 2.0 / 3 * (at[1] - lastY),
                            at[2] + 2.0 / 3 * (at[0] - at[2]),
                            at[3] + 2.0 / 3 * (at[1] - at[3])
                        };
                        stream.curveTo(
                                points(two[0]),
                                fromBottom(two[1]),
                                points(two[2]),
                                fromBottom(two[3]),
                                points(at[2]),
                                fromBottom(at[3]));
                        at[0] = at[2];
                        at[1] = at[3];
                    }
                    case PathIterator.SEG_CUBICTO -> {
                        stream.curveTo(
                                points(at[0]),
                                fromBottom(at[1]),
                                points(at[2]),
                                fromBottom(at[3]),
                                points(at[4]),
                                fromBottom(at[5]));
                        at[0] = at[4];
                        at[1] = at[5];
                    }
                    default -> stream.closePath();
                }
                lastX = at[0];
                lastY = at[1];
            }
            stream.fill();
            book.hidden()
                    .write(
                            stream,
                            words,
                            points(x),
                            fromBottom(baseline),
                            points(sizeMm),
                            points(shape.getBounds2D().getWidth()));
        });
    }

    /**
     * A picture at the resolution that a school's printer shows, 200 dpi, as JPEG; the same picture, told by identity, is put into
     * the document once.
     */
    public void picture(BufferedImage picture, Rect r) {
        write(() -> {
            PDImageXObject image = book.pictures().get(picture);
            if (image == null) {
                image = JPEGFactory.createFromImage(book.pdf(), asPrinted(picture, r), JPEG_QUALITY);
                book.pictures().put(picture, image);
            }
            stream.drawImage(image, points(r.x()), fromBottom(r.bottom()), points(r.width()), points(r.height()));
        });
    }

    /** On white, and no finer than it is printed. */
    private static BufferedImage asPrinted(BufferedImage picture, Rect r) {
        double share = Math.min(
                1,
                Math.max(
                        r.width() * PRINTED_PX_PER_MM / picture.getWidth(),
                        r.height() * PRINTED_PX_PER_MM / picture.getHeight()));
        int width = Math.max(1, (int) Math.round(share * picture.getWidth()));
        int height = Math.max(1, (int) Math.round(share * picture.getHeight()));
        BufferedImage printed = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = printed.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, width, height);
        // a picture that shrinks by much is averaged and not sampled
        g.drawImage(
                share < 1 ? picture.getScaledInstance(width, height, Image.SCALE_AREA_AVERAGING) : picture, 0, 0, null);
        g.dispose();
        return printed;
    }

    /** A picture as it is kept. */
    public void jpeg(byte[] picture, Rect r) {
        write(() -> stream.drawImage(
                JPEGFactory.createFromByteArray(book.pdf(), picture),
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
