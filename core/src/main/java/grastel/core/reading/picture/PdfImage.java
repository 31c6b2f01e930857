package grastel.core.reading.picture;

import java.awt.geom.Point2D;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.graphics.color.PDColorSpace;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceGray;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceRGB;
import org.apache.pdfbox.pdmodel.graphics.color.PDICCBased;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;
import org.apache.pdfbox.util.Matrix;
import org.apache.pdfbox.util.Vector;
import org.jspecify.annotations.Nullable;

/**
 * The one image that a page of a PDF consists of, as scanners make them: it is taken as it is, which is truer than to draw it anew
 * in another fineness, and quicker. Words that are not to be seen, as text recognition lays over scans, do not count.
 */
final class PdfImage {
    /** Nearly all of a page, in width and in height. */
    private static final double WHOLE = 0.9;
    /** How far pixels may be from square, and the image from upright. */
    private static final double SQUARE = 0.02;

    private final PDImageXObject image;
    private final int quarterTurns;

    private PdfImage(PDImageXObject image, int quarterTurns) {
        this.image = image;
        this.quarterTurns = quarterTurns;
    }

    /** None where a page holds anything else, or holds its image otherwise than upright and whole. */
    static Optional<PdfImage> of(PDPage page) throws IOException {
        Looking looking = new Looking(page);
        try {
            looking.processPage(page);
        } catch (SomethingElse e) {
            return Optional.empty();
        }
        return looking.image instanceof PDImageXObject found && looking.isWhole()
                ? Optional.of(new PdfImage(found, page.getRotation() / 90))
                : Optional.empty();
    }

    /** Quarters to the right by which it is to be turned. */
    int quarterTurns() {
        return quarterTurns;
    }

    long pixels() {
        return (long) image.getWidth() * image.getHeight();
    }

    /** The JPEG in it, if it is one that says all; else it is to be drawn. */
    Optional<byte[]> jpeg() throws IOException {
        boolean plain = "jpg".equals(image.getSuffix())
                && isPlain(image.getColorSpace())
                && image.getDecode() == null
                && image.getMask() == null
                && image.getSoftMask() == null;
        if (!plain) {
            return Optional.empty();
        }
        try (InputStream in = image.createInputStream(
                List.of(COSName.DCT_DECODE.getName(), COSName.DCT_DECODE_ABBREVIATION.getName()))) {
            return Optional.of(in.readAllBytes());
        }
    }

    PDImageXObject drawn() {
        return image;
    }

    private static boolean isPlain(PDColorSpace space) {
        return space instanceof PDDeviceRGB
                || space instanceof PDDeviceGray
                || space instanceof PDICCBased icc && icc.isSRGB();
    }

    /** Ends looking at a page that is no scan. */
    private static final class SomethingElse extends RuntimeException {
        private static final long serialVersionUID = 1;

        private SomethingElse() {
            super(null, null, false, false);
        }
    }

    /** Goes through what a page draws until it is more than one image. */
    private static final class Looking extends PDFGraphicsStreamEngine {
        private final PDRectangle box;
        private @Nullable PDImage image;
        private @Nullable Matrix placed;

        private Looking(PDPage page) {
            super(page);
            this.box = page.getCropBox();
        }

        private boolean isWhole() {
            if (image == null || placed == null) {
                return false;
            }
            double width = placed.getScaleX();
            double height = placed.getScaleY();
            boolean upright = width > 0
                    && height > 0
                    && Math.abs(placed.getShearX()) < SQUARE * width
                    && Math.abs(placed.getShearY()) < SQUARE * height;
            double square = width / image.getWidth() / (height / image.getHeight());
            return upright
                    && Math.abs(square - 1) < SQUARE
                    && width >= WHOLE * box.getWidth()
                    && height >= WHOLE * box.getHeight();
        }

        @Override
        public void drawImage(PDImage drawn) {
            if (image != null) {
                throw new SomethingElse();
            }
            image = drawn;
            placed = getGraphicsState().getCurrentTransformationMatrix().clone();
        }

        @Override
        protected void showGlyph(Matrix at, PDFont font, int code, Vector displacement) {
            if (getGraphicsState().getTextState().getRenderingMode() != RenderingMode.NEITHER) {
                throw new SomethingElse();
            }
        }

        @Override
        public void strokePath() {
            throw new SomethingElse();
        }

        @Override
        public void fillPath(int windingRule) {
            throw new SomethingElse();
        }

        @Override
        public void fillAndStrokePath(int windingRule) {
            throw new SomethingElse();
        }

        @Override
        public void shadingFill(COSName shading) {
            throw new SomethingElse();
        }

        // Paths alone leave nothing on a page; a clip that cuts the image away is no scanner's.

        @Override
        public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {
            // no mark
        }

        @Override
        public void clip(int windingRule) {
            // no mark
        }

        @Override
        public void moveTo(float x, float y) {
            // no mark
        }

        @Override
        public void lineTo(float x, float y) {
            // no mark
        }

        @Override
        public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
            // no mark
        }

        @Override
        public Point2D getCurrentPoint() {
            return new Point2D.Float();
        }

        @Override
        public void closePath() {
            // no mark
        }

        @Override
        public void endPath() {
            // no mark
        }
    }
}
