package grastel.core.reading.fields;

import grastel.core.colour.Lab;
import grastel.core.reading.strips.Profile;
import org.jspecify.annotations.Nullable;

/**
 * What was read in one field.
 *
 * @param field the field's id
 * @param colour mean colour, averaged in linear light, 1 mm inside the edge
 * @param lightness its L*
 * @param value its Munsell value, 0…10
 * @param specks share of the area that is paper, see {@link Specks}, %; of a strip the mean over stretches of 8 mm
 * @param unevenness standard deviation of L* over 2 mm, less what the paper's grain alone gives
 * @param outside share of the clear paper around the field that carries colour, %; null for the zones of a form
 * @param blank true if nothing was drawn in it
 * @param profile colours along a strip; null for other fields
 * @param strokes direction of the strokes; null for strips and where the field is too small to tell
 * @param picture what was drawn where in a field that is large enough to hold a picture; null for others
 * @param glare share of the area where a lamp is mirrored in the wax and nothing can be read, %
 */
public record FieldReading(
        String field,
        Lab colour,
        Measured lightness,
        double value,
        Measured specks,
        Measured unevenness,
        @Nullable Measured outside,
        boolean blank,
        @Nullable Profile profile,
        @Nullable Strokes strokes,
        double glare,
        @Nullable PictureReading picture) {
    /** A field of one colour, or a strip. */
    public FieldReading(
            String field,
            Lab colour,
            Measured lightness,
            double value,
            Measured specks,
            Measured unevenness,
            Measured outside,
            boolean blank,
            Profile profile,
            Strokes strokes,
            double glare) {
        this(field, colour, lightness, value, specks, unevenness, outside, blank, profile, strokes, glare, null);
    }

    /** As it is held against fields of another page: nothing of its error is shared with them. */
    public FieldReading elsewhere() {
        return new FieldReading(
                field,
                colour,
                new Measured(lightness.value(), lightness.plusMinus()),
                value,
                specks,
                unevenness,
                outside,
                blank,
                profile,
                strokes,
                glare,
                picture);
    }

    public FieldReading named(String name) {
        return new FieldReading(
                name, colour, lightness, value, specks, unevenness, outside, blank, profile, strokes, glare, picture);
    }
}
