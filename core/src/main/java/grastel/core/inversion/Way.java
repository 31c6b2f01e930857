package grastel.core.inversion;

/** A way of doing a {@link Deed}. A habit is one way, again and again. */
enum Way {
    AS_ASKED(Deed.AS_ASKED),
    BLUNT(Deed.AS_ASKED),
    ALL_LIGHTER(Deed.TOO_LITTLE),
    TOP_LIGHTER(Deed.TOO_LITTLE),
    FEWER_PASSES(Deed.TOO_LITTLE),
    TOP_FEWER(Deed.TOO_LITTLE),
    ALL_HARDER(Deed.TOO_MUCH),
    TOP_HARDER(Deed.TOO_MUCH),
    MORE_PASSES(Deed.TOO_MUCH),
    TOP_MORE(Deed.TOO_MUCH),
    HEAVY_UNDER(Deed.FOUNDATION),
    TURNED(Deed.FOUNDATION),
    TOP_MISSING(Deed.LAYER_MISSING),
    UNDER_MISSING(Deed.LAYER_MISSING),
    OTHER_PENCIL(Deed.WRONG_PENCIL);

    private final Deed deed;

    Way(Deed deed) {
        this.deed = deed;
    }

    Deed deed() {
        return deed;
    }
}
