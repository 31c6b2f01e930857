package grastel.core.colour;

/**
 * The light a colour is judged under: tristimulus values of the perfect diffuser, Y = 1.
 *
 * @param x X of the white, relative
 * @param y Y of the white, always 1
 * @param z Z of the white, relative
 */
public record ReferenceWhite(double x, double y, double z) {
    /** CIE standard illuminant D65 for the 1931 2° observer; ISO/CIE 11664-2:2022. */
    public static final ReferenceWhite D65 = new ReferenceWhite(0.95047, 1, 1.08883);
    /** D50, the white of print exchange; ISO 13655:2017. */
    public static final ReferenceWhite D50 = new ReferenceWhite(0.96422, 1, 0.82521);
    /** CIE standard illuminant A. */
    public static final ReferenceWhite A = new ReferenceWhite(1.09850, 1, 0.35585);

    public ReferenceWhite {
        if (!(x > 0 && z > 0 && y == 1)) {
            throw new IllegalArgumentException("White must have X, Z > 0 and Y = 1, was " + x + ", " + y + ", " + z);
        }
    }
}
