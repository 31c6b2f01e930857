package grastel.core.reading.fields;

import grastel.core.colour.Lab;
import grastel.core.colour.MunsellValue;
import grastel.core.reading.strips.Profile;
import org.jspecify.annotations.Nullable;

/**
 * What was read in one field.
 *
 * @param field the field's id
 * @param mean its colour on the whole
 * @param surface how colour lies in it
 * @param profile colours along a strip; null for other fields
 * @param strokes direction of the strokes; null for strips and where the field is too small to tell
 * @param picture what was drawn where in a field that is large enough to hold a picture; null for others
 */
public record FieldReading(
        String field,
        Mean mean,
        SurfaceReading surface,
        @Nullable Profile profile,
        @Nullable Strokes strokes,
        @Nullable PictureReading picture) {
    /** A field of one colour, or a strip. */
    public FieldReading(
            String field, Mean mean, SurfaceReading surface, @Nullable Profile profile, @Nullable Strokes strokes) {
        this(field, mean, surface, profile, strokes, null);
    }

    /**
     * A field's colour on the whole.
     *
     * @param colour mean colour, averaged in linear light, 1 mm inside the edge
     * @param lightness its L*
     * @param value its Munsell value, 0…10
     */
    public record Mean(Lab colour, Measured lightness, double value) {
        /** @param lightness the colour's, with its error */
        public static Mean of(Lab colour, Measured lightness) {
            return new Mean(colour, lightness, MunsellValue.of(Lab.luminanceOf(colour.lightness())));
        }
    }

    /**
     * How colour lies in a field.
     *
     * @param specks share of the area that is paper, see {@link Specks}, %; of a strip the mean over stretches of 8 mm
     * @param unevenness standard deviation of L* over 2 mm, less what the paper's grain alone gives
     * @param outside share of the clear paper around the field that carries colour, %; null for the zones of a form
     * @param blank true if nothing was drawn in it
     * @param glare share of the area where a lamp is mirrored in the wax and nothing can be read, %
     */
    public record SurfaceReading(
            Measured specks, Measured unevenness, @Nullable Measured outside, boolean blank, double glare) {}

    /** As it is held against fields of another page: nothing of its error is shared with them. */
    public FieldReading elsewhere() {
        Measured own = new Measured(lightness().value(), lightness().plusMinus());
        return new FieldReading(field, new Mean(colour(), own, value()), surface, profile, strokes, picture);
    }

    public FieldReading named(String name) {
        return new FieldReading(name, mean, surface, profile, strokes, picture);
    }

    public Lab colour() {
        return mean.colour();
    }

    public Measured lightness() {
        return mean.lightness();
    }

    public double value() {
        return mean.value();
    }

    public Measured specks() {
        return surface.specks();
    }

    public Measured unevenness() {
        return surface.unevenness();
    }

    public @Nullable Measured outside() {
        return surface.outside();
    }

    public boolean blank() {
        return surface.blank();
    }

    public double glare() {
        return surface.glare();
    }
}
