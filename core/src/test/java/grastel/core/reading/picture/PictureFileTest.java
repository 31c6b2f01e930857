package grastel.core.reading.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import grastel.core.reading.picture.PictureFile.Kind;
import grastel.core.reading.picture.UnreadablePage.Problem;
import java.awt.Color;
import java.awt.Transparency;
import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PictureFileTest {
    private static final PictureFile.Limits LIMITS = new PictureFile.Limits(60_000_000, 80);

    @ParameterizedTest
    @CsvSource({"jpeg,JPEG", "png,PNG", "tiff,TIFF"})
    void tellsAPictureByItsFirstBytes(String format, Kind kind) throws Exception {
        byte[] file = picture(40, 30, format);

        assertThat(PictureFile.kindOf(file)).isEqualTo(kind);
        assertThat(PictureFile.inspect(file, LIMITS)).isEqualTo(1);
        Picture picture = PictureFile.decode(file, 0, LIMITS);
        assertThat(picture.width()).isEqualTo(40);
        assertThat(picture.height()).isEqualTo(30);
    }

    @Test
    void countsAndRendersThePagesOfAPdf() throws Exception {
        byte[] file = pdf(3, null);

        assertThat(PictureFile.kindOf(file)).isEqualTo(Kind.PDF);
        assertThat(PictureFile.inspect(file, LIMITS)).isEqualTo(3);
        assertThat(PictureFile.decode(file, 2, LIMITS).width()).isGreaterThan(2000);
    }

    @Test
    void countsAndDecodesThePagesOfATiff() throws Exception {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("tiff").next();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ImageOutputStream stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            writer.prepareWriteSequence(null);
            for (int width : new int[] {20, 30, 40}) {
                BufferedImage page = new BufferedImage(width, 25, BufferedImage.TYPE_INT_RGB);
                writer.writeToSequence(new IIOImage(page, null, null), null);
            }
            writer.endWriteSequence();
        }

        assertThat(PictureFile.kindOf(out.toByteArray())).isEqualTo(Kind.TIFF);
        assertThat(PictureFile.inspect(out.toByteArray(), LIMITS)).isEqualTo(3);
        assertThat(PictureFile.decode(out.toByteArray(), 2, LIMITS).width()).isEqualTo(40);
    }

    @Test
    void greyAndSixteenBitPicturesBecomeSrgb() throws Exception {
        BufferedImage grey = new BufferedImage(20, 20, BufferedImage.TYPE_BYTE_GRAY);
        grey.getRaster().setSample(5, 5, 0, 128);
        Picture jpeg = PictureFile.decode(written(grey, "jpeg"), 0, LIMITS);
        assertThat(jpeg.rgb[(5 * 20 + 5) * 3]).isEqualTo(jpeg.rgb[(5 * 20 + 5) * 3 + 1]);

        ColorModel deep = new ComponentColorModel(
                ColorSpace.getInstance(ColorSpace.CS_sRGB), false, false, Transparency.OPAQUE, DataBuffer.TYPE_USHORT);
        BufferedImage sixteen = new BufferedImage(deep, deep.createCompatibleWritableRaster(8, 8), false, null);
        sixteen.getRaster().setPixel(3, 3, new int[] {0xffff, 0x8080, 0});
        Picture png = PictureFile.decode(written(sixteen, "png"), 0, LIMITS);
        assertThat(Arrays.copyOfRange(png.rgb, (3 * 8 + 3) * 3, (3 * 8 + 3) * 3 + 3))
                .containsExactly((byte) 255, (byte) 128, (byte) 0);
    }

    /** Four plain channels, as printers' files have them: only the second ink is there, so the page is magenta. */
    @Test
    void aJpegInPrintersColoursIsRead() throws Exception {
        WritableRaster inks = Raster.createInterleavedRaster(DataBuffer.TYPE_BYTE, 32, 32, 4, null);
        for (int y = 0; y < 32; y++) {
            for (int x = 0; x < 32; x++) {
                inks.setPixel(x, y, new int[] {255, 0, 255, 255});
            }
        }
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ImageOutputStream stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            writer.write(null, new IIOImage(inks, null, null), null);
        }
        byte[] plain = out.toByteArray();
        // The segment that says: four inks, not transformed, 255 for none (APP14; ITU-T T.872, 6.5.3).
        byte[] says = {(byte) 0xff, (byte) 0xee, 0, 14, 0x41, 0x64, 0x6f, 0x62, 0x65, 0, 100, 0, 0, 0, 0, 0};
        byte[] file = ByteBuffer.allocate(plain.length + says.length)
                .put(plain, 0, 2)
                .put(says)
                .put(plain, 2, plain.length - 2)
                .array();
        Picture picture = PictureFile.decode(file, 0, LIMITS);
        int i = (16 * 32 + 16) * 3;
        int green = picture.rgb[i + 1] & 0xff;

        assertThat(picture.width()).isEqualTo(32);
        assertThat(picture.rgb[i] & 0xff).isGreaterThan(green + 60);
        assertThat(picture.rgb[i + 2] & 0xff).isGreaterThan(green + 60);
    }

    @Test
    void anEmbeddedProfileIsHonoured() throws Exception {
        ColorSpace linear = ColorSpace.getInstance(ColorSpace.CS_LINEAR_RGB);
        ColorModel model = new ComponentColorModel(linear, false, false, Transparency.OPAQUE, DataBuffer.TYPE_BYTE);
        BufferedImage picture = new BufferedImage(model, model.createCompatibleWritableRaster(8, 8), false, null);
        picture.getRaster().setPixel(2, 2, new int[] {55, 55, 55});
        Picture read = Picture.of(picture);

        // 55 / 255 of light is sRGB code 128: IEC 61966-2-1.
        assertThat(read.rgb[(2 * 8 + 2) * 3] & 0xff).isBetween(125, 131);
    }

    private static byte[] written(BufferedImage image, String format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertThat(ImageIO.write(image, format, out)).isTrue();
        return out.toByteArray();
    }

    @Test
    void wordsAreNotAPicture() {
        assertProblem("Dear teacher, I lost my sheet".getBytes(StandardCharsets.UTF_8), Problem.NOT_A_PICTURE);
        assertProblem(new byte[0], Problem.NOT_A_PICTURE);
    }

    @Test
    void aJpegThatEndsEarlyIsDamaged() throws Exception {
        byte[] whole = picture(800, 600, "jpeg");
        byte[] cut = Arrays.copyOf(whole, whole.length / 2);

        assertThatExceptionOfType(UnreadablePage.class)
                .isThrownBy(() -> PictureFile.decode(cut, 0, LIMITS))
                .satisfies(e -> assertThat(e.problem()).isEqualTo(Problem.DAMAGED));
    }

    @Test
    void aPictureBombIsRefusedBeforeItIsDecoded() {
        assertThatExceptionOfType(UnreadablePage.class)
                .isThrownBy(() -> PictureFile.inspect(pngHead(40_000, 40_000), LIMITS))
                .satisfies(e -> {
                    assertThat(e.problem()).isEqualTo(Problem.TOO_MANY_PIXELS);
                    assertThat(e.figure()).isEqualTo(1600);
                });
    }

    @Test
    void aPdfOfFiveHundredPagesIsRefusedWithItsCount() throws Exception {
        assertProblem(pdf(500, null), Problem.TOO_MANY_PAGES);
    }

    @Test
    void aLockedPdfAsksForNoPassword() throws Exception {
        assertProblem(pdf(1, "secret"), Problem.PASSWORD);
    }

    @Test
    void aPdfWithoutItsTableIsDamaged() {
        assertProblem(
                "%PDF-1.7\n1 0 obj\n<< /Type /Catalog\nxref\n0 nonsense".getBytes(StandardCharsets.US_ASCII),
                Problem.DAMAGED);
    }

    @ParameterizedTest
    @CsvSource({"1,0,0", "2,1,0", "3,1,1", "4,0,1", "5,0,0", "6,1,0", "7,1,1", "8,0,1"})
    void everyCameraOrientationPutsTheFirstPixelWhereExifSays(int orientation, int right, int bottom) {
        // Exif 2.32, tag 0x0112: where row 0, column 0 of the stored picture belongs.
        byte[] pixels = new byte[3 * 5 * 3];
        pixels[0] = 77;
        Picture turned = new Picture(3, 5, pixels).oriented(orientation);
        int x = right == 1 ? turned.width - 1 : 0;
        int y = bottom == 1 ? turned.height - 1 : 0;

        assertThat(turned.rgb[(y * turned.width + x) * 3]).isEqualTo((byte) 77);
        assertThat(turned.width).isEqualTo(orientation >= 5 ? 5 : 3);
    }

    private static void assertProblem(byte[] file, Problem problem) {
        assertThatExceptionOfType(UnreadablePage.class)
                .isThrownBy(() -> PictureFile.inspect(file, LIMITS))
                .satisfies(e -> assertThat(e.problem()).isEqualTo(problem));
    }

    private static byte[] picture(int width, int height, String format) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < width; x++) {
            image.setRGB(x, x % height, Color.ORANGE.getRGB());
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    /** The first bytes of a PNG that claims a size: signature and header chunk. */
    private static byte[] pngHead(int width, int height) {
        byte[] header = ByteBuffer.allocate(17)
                .put("IHDR".getBytes(StandardCharsets.US_ASCII))
                .putInt(width)
                .putInt(height)
                .put(new byte[] {8, 2, 0, 0, 0})
                .array();
        CRC32 crc = new CRC32();
        crc.update(header);
        return ByteBuffer.allocate(33)
                .put(new byte[] {(byte) 0x89, 'P', 'N', 'G', 0x0d, 0x0a, 0x1a, 0x0a})
                .putInt(13)
                .put(header)
                .putInt((int) crc.getValue())
                .array();
    }

    private static byte[] pdf(int pages, String password) throws IOException {
        try (PDDocument pdf = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            for (int i = 0; i < pages; i++) {
                pdf.addPage(new PDPage());
            }
            if (password != null) {
                pdf.protect(new StandardProtectionPolicy(password, password, new AccessPermission()));
            }
            pdf.save(out);
            return out.toByteArray();
        }
    }
}
