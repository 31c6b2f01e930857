package grastel.core.reading.picture;

import com.drew.imaging.ImageProcessingException;
import com.drew.imaging.jpeg.JpegMetadataReader;
import com.drew.imaging.jpeg.JpegSegmentMetadataReader;
import com.drew.metadata.Directory;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifReader;
import com.drew.metadata.jpeg.JpegComponent;
import com.drew.metadata.jpeg.JpegDirectory;
import com.drew.metadata.jpeg.JpegReader;
import grastel.core.reading.picture.UnreadablePage.Problem;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.event.IIOReadWarningListener;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/**
 * A file with one or more pictures of pages: JPEG, PNG, TIFF or PDF, told by its first bytes, not by its name. {@link #inspect}
 * looks at sizes before anything is decoded.
 */
public final class PictureFile {
    /** Of what a camera writes beside a picture nothing else is parsed. */
    private static final List<JpegSegmentMetadataReader> TURN_AND_SIZE = List.of(new JpegReader(), new ExifReader());

    private static final double PDF_DPI = 250;
    /** Where a PNG tells its bits per channel (ISO/IEC 15948, 11.2.2). */
    private static final int PNG_DEPTH = 24;

    /** Of a picture to be turned to the right by 0…3 quarters, as Exif tells it. */
    private static final int[] ORIENTATIONS = {1, 6, 3, 8};

    private PictureFile() {}

    /** What the first bytes say a file is. */
    public enum Kind {
        JPEG("image/jpeg"),
        PNG("image/png"),
        TIFF("image/tiff"),
        PDF("application/pdf");

        private final String mediaType;

        Kind(String mediaType) {
            this.mediaType = mediaType;
        }

        public String mediaType() {
            return mediaType;
        }

        /** True where a file may hold several pages. */
        public boolean isPile() {
            return this == TIFF || this == PDF;
        }
    }

    /** @param mostPixels pixels of one page; @param mostPages pages of one PDF */
    public record Limits(long mostPixels, int mostPages) {}

    /** Pixels up to which a picture is ordinary: a sheet at 400 dpi, or a photo of a phone. */
    private static final long ORDINARY_PIXELS = 26_000_000;
    /** Scans of a progressive JPEG up to which it is ordinary; encoders make about ten, and each costs time. */
    private static final int ORDINARY_SCANS = 40;

    /**
     * True for a picture whose decoding is bounded by its few pixels: one plain JPEG or PNG. Everything else – piles, large or
     * deep pictures, JPEGs of very many scans – may take any time and memory, and belongs into a process of its own.
     */
    public static boolean isOrdinary(byte[] file) {
        try {
            return switch (kindOf(file)) {
                case JPEG -> pixels(file, Kind.JPEG) <= ORDINARY_PIXELS && scans(file) <= ORDINARY_SCANS;
                case PNG ->
                    pixels(file, Kind.PNG) <= ORDINARY_PIXELS && file.length > PNG_DEPTH && file[PNG_DEPTH] <= 8;
                case TIFF, PDF -> false;
            };
        } catch (UnreadablePage e) {
            return true;
        }
    }

    private static long pixels(byte[] file, Kind kind) throws UnreadablePage {
        return readPicture(file, kind, (reader, stream) -> (long) reader.getWidth(0) * reader.getHeight(0));
    }

    /** Start-of-scan markers (ITU-T T.81, table B.1); within scans 0xff is always followed by 0 or a restart. */
    private static int scans(byte[] file) {
        int scans = 0;
        for (int i = 0; i + 1 < file.length; i++) {
            if (file[i] == (byte) 0xff && file[i + 1] == (byte) 0xda) {
                scans++;
            }
        }
        return scans;
    }

    /** Looks at the head of a file and counts its pages. Nothing is decoded but a PDF's page tree. */
    public static int inspect(byte[] file, Limits limits) throws UnreadablePage {
        Kind kind = kindOf(file);
        if (kind == Kind.PDF) {
            try (PDDocument pdf = open(file)) {
                int pages = pdf.getNumberOfPages();
                if (pages > limits.mostPages()) {
                    throw new UnreadablePage(Problem.TOO_MANY_PAGES, pages);
                }
                if (pages == 0) {
                    throw new UnreadablePage(Problem.DAMAGED);
                }
                return pages;
            } catch (IOException e) {
                throw new UnreadablePage(Problem.DAMAGED);
            }
        }
        return readPicture(file, kind, (reader, stream) -> {
            int count = kind == Kind.TIFF ? reader.getNumImages(true) : 1;
            if (count > limits.mostPages()) {
                throw new UnreadablePage(Problem.TOO_MANY_PAGES, count);
            }
            for (int i = 0; i < count; i++) {
                requirePixels((long) reader.getWidth(i) * reader.getHeight(i), limits);
            }
            return count;
        });
    }

    /**
     * Decodes one page, turned as its camera says.
     *
     * @param page 0 for the first
     */
    public static Picture decode(byte[] file, int page, Limits limits) throws UnreadablePage {
        Kind kind = kindOf(file);
        if (kind == Kind.PDF) {
            return ofPdf(file, page, limits);
        }
        return kind == Kind.JPEG ? asTaken(ofJpeg(file, limits), file) : Picture.of(read(file, kind, page, limits));
    }

    /** As it lies in the file, not as its camera was held. */
    private static Picture ofJpeg(byte[] file, Limits limits) throws UnreadablePage {
        Picture picture = Picture.of(read(file, Kind.JPEG, 0, limits));
        return isCoarse(file) ? picture.withCoarseColour() : picture;
    }

    private static BufferedImage read(byte[] file, Kind kind, int page, Limits limits) throws UnreadablePage {
        return readPicture(file, kind, (reader, stream) -> {
            int at = kind == Kind.TIFF ? page : 0;
            requirePixels((long) reader.getWidth(at) * reader.getHeight(at), limits);
            AtomicBoolean cut = new AtomicBoolean();
            reader.addIIOReadWarningListener(new CutListener(cut));
            BufferedImage read = read(reader, kind, at);
            if (cut.get()) {
                throw new UnreadablePage(Problem.DAMAGED);
            }
            return read;
        });
    }

    /** Colour JPEGs are decoded straight into our own order of channels, which saves a third of the time. */
    private static BufferedImage read(ImageReader reader, Kind kind, int page) throws IOException {
        ImageTypeSpecifier raw = kind == Kind.JPEG ? reader.getRawImageType(page) : null;
        if (raw == null
                || raw.getNumBands() != 3
                || !raw.getColorModel().getColorSpace().isCS_sRGB()) {
            return reader.read(page);
        }
        ImageReadParam param = reader.getDefaultReadParam();
        param.setDestination(Picture.blank(reader.getWidth(0), reader.getHeight(0)));
        return reader.read(0, param);
    }

    /** What a file is, by its first bytes. */
    public static Kind kindOf(byte[] file) throws UnreadablePage {
        if (startsWith(file, 0xff, 0xd8, 0xff)) {
            return Kind.JPEG;
        }
        if (startsWith(file, 0x89, 'P', 'N', 'G', 0x0d, 0x0a, 0x1a, 0x0a)) {
            return Kind.PNG;
        }
        if (startsWith(file, 'I', 'I', 42, 0) || startsWith(file, 'M', 'M', 0, 42)) {
            return Kind.TIFF;
        }
        if (startsWith(file, '%', 'P', 'D', 'F', '-')) {
            return Kind.PDF;
        }
        throw new UnreadablePage(Problem.NOT_A_PICTURE);
    }

    private static boolean startsWith(byte[] file, int... head) {
        for (int i = 0; i < head.length; i++) {
            if (i >= file.length || (file[i] & 0xff) != head[i]) {
                return false;
            }
        }
        return true;
    }

    private static void requirePixels(long pixels, Limits limits) throws UnreadablePage {
        if (pixels > limits.mostPixels()) {
            throw new UnreadablePage(Problem.TOO_MANY_PIXELS, pixels / 1e6);
        }
    }

    private interface WithReader<T> {
        T use(ImageReader reader, ImageInputStream stream) throws IOException, UnreadablePage;
    }

    /** Java's own readers; for JPEG in printers' colours, which they do not know, a further library. */
    private static ImageReader reader(byte[] file, Kind kind) {
        boolean inks = kind == Kind.JPEG && channels(file) == 4;
        for (Iterator<ImageReader> all = ImageIO.getImageReadersByMIMEType(kind.mediaType()); all.hasNext(); ) {
            ImageReader reader = all.next();
            boolean own = reader.getClass().getName().startsWith("com.sun.imageio");
            if (own != inks) {
                return reader;
            }
            reader.dispose();
        }
        throw new IllegalStateException("No reader for " + kind);
    }

    /** Channels of a JPEG; 0 where its head cannot be read. */
    private static int channels(byte[] file) {
        return told(file, JpegDirectory.class)
                .map(frame -> frame.getInteger(JpegDirectory.TAG_NUMBER_OF_COMPONENTS))
                .orElse(0);
    }

    private static <T> T readPicture(byte[] file, Kind kind, WithReader<T> with) throws UnreadablePage {
        ImageReader reader = reader(file, kind);
        try (ImageInputStream stream = new MemoryCacheImageInputStream(new ByteArrayInputStream(file))) {
            reader.setInput(stream, kind != Kind.TIFF, true);
            return with.use(reader, stream);
        } catch (IOException | RuntimeException e) {
            throw new UnreadablePage(Problem.DAMAGED, e);
        } finally {
            reader.dispose();
        }
    }

    /** The library's JPEG reader only warns of a file that ends early and fills the rest with grey. */
    private record CutListener(AtomicBoolean cut) implements IIOReadWarningListener {
        @Override
        public void warningOccurred(ImageReader source, String warning) {
            if (warning.contains("Premature end") || warning.contains("Corrupt JPEG data: premature")) {
                cut.set(true);
            }
        }
    }

    /** Turned as the camera was held. */
    private static Picture asTaken(Picture picture, byte[] file) {
        Integer orientation = told(file, ExifIFD0Directory.class)
                .map(exif -> exif.getInteger(ExifIFD0Directory.TAG_ORIENTATION))
                .orElse(1);
        return picture.oriented(orientation);
    }

    private static boolean isCoarse(byte[] jpeg) {
        Optional<JpegDirectory> frame = told(jpeg, JpegDirectory.class);
        JpegComponent brightness = frame.map(f -> f.getComponent(0)).orElse(null);
        JpegComponent colour = frame.map(f -> f.getComponent(1)).orElse(null);
        return brightness != null
                && colour != null
                && brightness.getHorizontalSamplingFactor() > colour.getHorizontalSamplingFactor();
    }

    /** What a JPEG tells of itself; nothing where its head cannot be read. */
    private static <T extends Directory> Optional<T> told(byte[] jpeg, Class<T> what) {
        try {
            return Optional.ofNullable(JpegMetadataReader.readMetadata(new ByteArrayInputStream(jpeg), TURN_AND_SIZE)
                    .getFirstDirectoryOfType(what));
        } catch (ImageProcessingException | IOException e) {
            return Optional.empty();
        }
    }

    private static PDDocument open(byte[] file) throws UnreadablePage, IOException {
        try {
            return Loader.loadPDF(file);
        } catch (InvalidPasswordException e) {
            throw new UnreadablePage(Problem.PASSWORD);
        }
    }

    /** A scanned page is taken as it was scanned; any other is drawn. */
    private static Picture ofPdf(byte[] file, int page, Limits limits) throws UnreadablePage {
        try (PDDocument pdf = open(file)) {
            Optional<PdfImage> scanned = PdfImage.of(pdf.getPage(page));
            if (scanned.isPresent()) {
                return scanned(scanned.get(), limits);
            }
            PDRectangle box = pdf.getPage(page).getCropBox();
            double scale = PDF_DPI / 72;
            requirePixels((long) (box.getWidth() * scale * box.getHeight() * scale), limits);
            return Picture.of(new PDFRenderer(pdf).renderImageWithDPI(page, (float) PDF_DPI, ImageType.RGB));
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException e) {
            throw new UnreadablePage(Problem.DAMAGED);
        }
    }

    private static Picture scanned(PdfImage scan, Limits limits) throws IOException, UnreadablePage {
        requirePixels(scan.pixels(), limits);
        Optional<byte[]> jpeg = scan.jpeg();
        Picture picture = jpeg.isPresent() && kindOf(jpeg.get()) == Kind.JPEG
                ? ofJpeg(jpeg.get(), limits)
                : Picture.of(scan.drawn().getImage());
        return picture.oriented(ORIENTATIONS[scan.quarterTurns()]);
    }
}
