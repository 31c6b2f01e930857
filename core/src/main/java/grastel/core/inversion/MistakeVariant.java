package grastel.core.inversion;

/** A way of doing a {@link MistakeKind}. A habit is one way, again and again. */
enum MistakeVariant {
    AS_ASKED(MistakeKind.AS_ASKED),
    BLUNT(MistakeKind.AS_ASKED),
    ALL_LIGHTER(MistakeKind.TOO_LITTLE),
    TOP_LIGHTER(MistakeKind.TOO_LITTLE),
    FEWER_PASSES(MistakeKind.TOO_LITTLE),
    TOP_FEWER(MistakeKind.TOO_LITTLE),
    ALL_HARDER(MistakeKind.TOO_MUCH),
    TOP_HARDER(MistakeKind.TOO_MUCH),
    MORE_PASSES(MistakeKind.TOO_MUCH),
    TOP_MORE(MistakeKind.TOO_MUCH),
    HEAVY_UNDER(MistakeKind.FOUNDATION),
    TURNED(MistakeKind.FOUNDATION),
    TOP_MISSING(MistakeKind.LAYER_MISSING),
    UNDER_MISSING(MistakeKind.LAYER_MISSING),
    OTHER_PENCIL(MistakeKind.WRONG_PENCIL);

    private final MistakeKind deed;

    MistakeVariant(MistakeKind deed) {
        this.deed = deed;
    }

    MistakeKind deed() {
        return deed;
    }
}
