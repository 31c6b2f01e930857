package grastel.core.judging;

import grastel.core.words.MetricHelp;

/** What is measured in each field of a page, as a teacher is told of it. */
public enum FieldFigure implements MetricHelp {
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
