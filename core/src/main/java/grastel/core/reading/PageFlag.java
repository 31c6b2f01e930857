package grastel.core.reading;

/** What a teacher should know of a picture before trusting every figure. */
public enum PageFlag {
    /** Out of focus or shaken: specks cannot be trusted, values can. */
    BLURRED,
    /** Few pixels: specks cannot be trusted, values can. */
    COARSE,
    /** A lamp is mirrored in burnished wax; those places are left out. */
    GLARE,
    /** The edge of a shadow lies across the page; it was evened out as far as the paper shows it. */
    SHADOW,
    /** Paper beside a field has a colour of its own, as from a cup; the field may have it too. */
    STAINED,
    /** A black and white picture: values can be read, colours cannot. */
    GREY,
    /** One marker is hidden; the page was placed by the other three. */
    THREE_MARKERS,
    /** Paper was pushed to white: light fields cannot be told from it. */
    CLIPPED,
    /** Part of yet another sheet is in the picture; it was not read. */
    ANOTHER_SHEET,
    /** The sheet is bent; fields may lie a little off. */
    BENT,
    /** Under a card lies another paper than was planned; it was read as the paper it is. */
    OTHER_PAPER,
    /** A drawing without markers, placed by its corners: only what is sure without print beside it is judged. */
    WITHOUT_MARKERS
}
