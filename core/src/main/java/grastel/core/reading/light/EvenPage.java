package grastel.core.reading.light;

import grastel.core.page.Rect;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.PixelLight;
import grastel.core.reading.place.Mapping;

/** A photographed page as it would look flat and evenly lit: red, green and blue reflectance at any place in mm. */
public final class EvenPage {
    private final Picture picture;
    private final Mapping mapping;
    private final LightField light;
    private final ToneCurve tone;

    public EvenPage(Picture picture, Mapping mapping, LightField light, ToneCurve tone) {
        this.picture = picture;
        this.mapping = mapping;
        this.light = light;
        this.tone = tone;
    }

    /** Size of one of the picture's pixels around a place, mm. */
    public double pixelMm(double mmX, double mmY) {
        return 1 / mapping.pxPerMm(mmX, mmY);
    }

    public boolean coarseColour() {
        return picture.coarseColour;
    }

    /** See {@link LightField#residual}. */
    public double lightSpread() {
        return light.residual();
    }

    /** See {@link LightField#shadowAround}. */
    public double shadowAround(Rect field) {
        return light.shadowAround(field);
    }

    /** See {@link Stains#around}. */
    public double stainAround(Rect field) {
        return light.stainAround(field);
    }

    public boolean isBent() {
        return !mapping.isFlat();
    }

    /** See {@link ToneCurve#error}. */
    public double toneError(double lightness) {
        return tone.error(lightness);
    }

    /** Standard error of the printed black's reflectance, which the darks hang on. */
    public double blackSpread() {
        return light.black().spread();
    }

    /** Samples an area line by line. */
    public Lines lines(double fromX, double stepMm, int count) {
        return new Lines(fromX, stepMm, count);
    }

    /** Reads lines of samples from left to right; keeps what lines share. */
    public final class Lines {
        private final double fromX;
        private final double stepMm;
        /** Of the lattice columns that the line touches. */
        private final float[] gains;

        private final int firstColumn;
        private final float[] sample = new float[3];
        /** Reflectance of the line read last: red, green, blue of each sample. */
        public final float[] rgb;

        private Lines(double fromX, double stepMm, int count) {
            this.fromX = fromX;
            this.stepMm = stepMm;
            this.rgb = new float[count * 3];
            this.firstColumn = column(fromX);
            this.gains = new float[(column(fromX + count * stepMm) + 2 - firstColumn) * 3];
        }

        public void read(double mmY) {
            light.gains(mmY, firstColumn, gains);
            double nx = numerator(0, fromX, mmY);
            double ny = numerator(3, fromX, mmY);
            double w = numerator(6, fromX, mmY);
            double dx = mapping.coefficient(0) * stepMm;
            double dy = mapping.coefficient(3) * stepMm;
            double dw = mapping.coefficient(6) * stepMm;
            double column = fromX / LightField.LATTICE_MM;
            double dColumn = stepMm / LightField.LATTICE_MM;
            for (int i = 0; i < rgb.length; i += 3) {
                if (mapping.isFlat()) {
                    double perW = 1 / w;
                    PixelLight.sample(picture, nx * perW, ny * perW, sample);
                } else {
                    double mmX = fromX + i / 3 * stepMm;
                    PixelLight.sample(picture, mapping.x(mmX, mmY), mapping.y(mmX, mmY), sample);
                }
                correct(Math.max(0, column), i);
                nx += dx;
                ny += dy;
                w += dw;
                column += dColumn;
            }
        }

        /** Lattice column left of a place; there is one more to its right. */
        private int column(double mmX) {
            return Math.max(0, Math.min(light.columns() - 2, (int) (mmX / LightField.LATTICE_MM)));
        }

        private double numerator(int row, double x, double y) {
            return mapping.coefficient(row) * x + mapping.coefficient(row + 1) * y + mapping.coefficient(row + 2);
        }

        private void correct(double column, int into) {
            int left = Math.min(light.columns() - 2, (int) column);
            float share = (float) (column - left);
            int g = (left - firstColumn) * 3;
            for (int c = 0; c < 3; c++) {
                float gain = gains[g + c] + (gains[g + 3 + c] - gains[g + c]) * share;
                rgb[into + c] = sample[c] * gain - light.offset(c);
            }
        }
    }

    /** A part of the page as an sRGB picture. */
    public Picture part(Rect area, double pxPerMm) {
        int w = (int) Math.round(area.width() * pxPerMm);
        int h = (int) Math.round(area.height() * pxPerMm);
        byte[] codes = new byte[w * h * 3];
        Lines lines = lines(area.x() + 0.5 / pxPerMm, 1 / pxPerMm, w);
        for (int y = 0; y < h; y++) {
            lines.read(area.y() + (y + 0.5) / pxPerMm);
            int line = y * w * 3;
            for (int i = 0; i < w * 3; i++) {
                codes[line + i] = PixelLight.code(lines.rgb[i]);
            }
        }
        return new Picture(w, h, codes);
    }
}
