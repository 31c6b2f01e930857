package grastel.core.judging;

import grastel.core.words.Meaning;

/** What is measured in each field of a page, as a teacher is told of it. */
public enum FieldFigure implements Meaning {
    VALUE,
    OFF,
    STEP,
    SPECKS,
    UNEVEN,
    OUTSIDE,
    STROKES,
    GLARE;

    @Override
    public String key() {
        return "figure." + name();
    }
}
