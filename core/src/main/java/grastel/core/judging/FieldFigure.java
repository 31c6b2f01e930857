package grastel.core.judging;

import grastel.core.words.Words;

/** What is measured in each field of a page, as a teacher is told of it. */
public enum FieldFigure {
    VALUE,
    OFF,
    STEP,
    SPECKS,
    UNEVEN,
    OUTSIDE,
    STROKES,
    GLARE;

    public String label() {
        return say("label");
    }

    public String measures() {
        return say("measures");
    }

    /** What that stands for in the drawing. */
    public String standsFor() {
        return say("standsFor");
    }

    /** What it does not tell. */
    public String cannotSee() {
        return say("cannotSee");
    }

    private String say(String what) {
        return Words.say("figure." + name() + "." + what);
    }
}
