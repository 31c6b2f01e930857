package grastel.core.exercise.goal;

import grastel.core.words.MetricHelp;

/** What exercises are judged by. Each names its figure and unit; a larger figure is better only where the ladder rises. */
public enum Goal implements MetricHelp {
    ORDER(1),
    EQUAL_STEPS(0),
    FULL_RANGE(0),
    EVEN_INSIDE(1),
    RICH_DARK(0),
    NEAT_EDGE(1),
    SMOOTH_FADE(1),
    NO_REVERSAL(1),
    FADES_TO_PAPER(1),
    DIRECTION_KEPT(0),
    SPECKS_AS_ASKED(0),
    SHRINKING_STEPS(1),
    SPECKS_GONE(1),
    BLENDER_KEEPS_VALUE(1),
    CLEAN_JOIN(1),
    WIDE_OVERLAP(0),
    HUE_ONE_WAY(0),
    CHROMA_KEPT(0),
    HUE_HOLDS(0),
    TINT_LIGHTER(1),
    SHADE_DARKER(1),
    SHADE_CHROMA(0),
    CHROMA_FALLS(1),
    NEUTRAL_MIDDLE(0),
    NEAR_TARGET(1),
    DEEP_BLACK(0),
    TEMPERATURE_TURNS(1),
    PAPER_LEFT_BARE(1),
    ZONE_VALUES(1),
    CORE_DARKEST(1),
    HIGHLIGHT_KEPT(1),
    PROPORTION(1),
    PICTURE_RANGE(0),
    PICTURE_VALUES(1),
    LIGHT_AS_PLANNED(0),
    HIGHLIGHTS_LEFT(0),
    STRONGEST_AT_FOCUS(0),
    NO_DARK_LINES(0),
    SHADOWS_COLOURED(0),
    EDGES_READ(0),
    FADES_TURN(0),
    STROKES_FOLLOW(0),
    STROKE_LENGTH(0),
    DETAIL_SHOWS(0),
    TOOTH_LEFT(0),
    PATTERN_READS(0),
    EDGES_CRISP(1),
    EDGES_SOFT(0),
    COLOURS_TOGETHER(1),
    SUBJECT_STANDS(0),
    SMOOTH_AREAS(1);

    private final int digits;

    Goal(int digits) {
        this.digits = digits;
    }

    @Override
    public String key() {
        return "goal." + name();
    }

    /** What the figure is. */
    public String figure() {
        return say("figure");
    }

    public String unit() {
        return say("unit");
    }

    /** Decimal places its figure is shown with. */
    public int digits() {
        return digits;
    }

    /** True where it is read from steps of lightness: the more of them over a range, the harder. */
    public boolean isOfSteps() {
        return this == ORDER || this == EQUAL_STEPS || this == SHRINKING_STEPS;
    }

    /** What to say to a student who is secure in it. */
    public String praise() {
        return say("praise");
    }
}
