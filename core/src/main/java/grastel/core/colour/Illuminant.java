package grastel.core.colour;

/** A standard light to see a surface under; ISO/CIE 11664-2:2022. */
public enum Illuminant {
    /** Average daylight: what Grastel judges colours under. */
    D65("d65", ReferenceWhite.D65),
    /** Warmer daylight: what measurements for print are exchanged under (ISO 13655). */
    D50("d50", ReferenceWhite.D50),
    /** A filament lamp. */
    A("a", ReferenceWhite.A);

    private final String column;
    private final ReferenceWhite white;

    Illuminant(String column, ReferenceWhite white) {
        this.column = column;
        this.white = white;
    }

    /** The perfect diffuser under this light, 2° observer. */
    public ReferenceWhite white() {
        return white;
    }

    /** Its column in the table of the observer. */
    String column() {
        return column;
    }
}
