package grastel.core.judging;

import grastel.core.words.Words;

/** The likely reason for a level below secure, with what is seen and the one thing to do next. */
public enum Cause {
    /** Boxes were left empty. */
    NOT_REACHED,
    BOXES_LEFT_OUT,
    /** A box is lighter than its neighbour where it should be darker, or the other way. */
    ORDER_REVERSED,
    /** Two neighbours are too alike to tell apart. */
    NEIGHBOURS_ALIKE,
    /** Steps at the dark end are small: heavy too soon. */
    BUNCHED_DARK,
    /** Steps at the light end are small: kept too light too long. */
    BUNCHED_LIGHT,
    /** One step jumps. */
    STEP_JUMPS,
    /** The darkest box is not dark. */
    NEVER_DARK,
    /** The lightest box is not light. */
    NEVER_LIGHT,
    /** Neither end is reached. */
    ALL_MIDDLE,
    /** Pressure wandered inside a box. */
    PATCHY,
    /** Paper shows though the field is dark enough and its strokes cross: the point did not reach the grain. */
    SPECKS_LEFT,
    /** Paper shows in lines between strokes that all run one way. */
    ONE_DIRECTION,
    /** Paper shows in a dark that is not dark. */
    TOO_LITTLE_PRESSURE,
    /** The dark is filled and still not dark. */
    DARK_TOO_THIN,
    /** A layer more no longer shows because the tooth is full. */
    TOOTH_FULL,
    /** Uneven inside and over the edge. */
    HURRY,
    /** Strokes ran over the edge. */
    OVER_EDGE,
    /** Tint or shade has wandered to another hue. */
    HUE_DRIFTS,
    /** The grain is filled and the tint is still strong: the white lies under it. */
    TINT_TOO_WEAK,
    /** Too little white: it has not filled the grain. */
    WHITE_TOO_THIN,
    /** The dark did not darken. */
    SHADE_TOO_LIGHT,
    /** The dark has swallowed the colour. */
    SHADE_MUDDY,
    /** Grey and not even darker: opposites that cancel each other. */
    OPPOSITES_EQUAL,
    /** Blending moved the value. */
    VALUE_MOVED,
    /** The steps towards grey are uneven or turn back. */
    CHROMA_UNEVEN,
    /** The middle still has a hue. */
    STILL_COLOURED,
    /** A mixture is off its target. */
    OFF_TARGET,
    /** A mixed black is too light. */
    BLACK_TOO_LIGHT,
    /** The glaze hardly turned the temperature. */
    TEMPERATURE_SAME,
    /** Bare paper was coloured over. */
    PAPER_COVERED,
    /** Pressure was let go in a jump. */
    BAND,
    /** A fade changes faster in one place than the plan, without a line. */
    FADES_TOO_FAST,
    /** A fade grows darker again. */
    TURNS_BACK,
    /** A fade stops before the paper. */
    STOPS_SHORT,
    /** Two colours do not overlap. */
    JOIN_GAP,
    /** Both colours were pressed where they overlap. */
    JOIN_BUMP,
    /** Both colours meet in a short stretch. */
    OVERLAP_NARROW,
    /** The hue of a blend goes back on its way. */
    HUE_TURNS_BACK,
    /** A blend greys somewhere. */
    CHROMA_LOST,
    /** Strokes do not keep their direction. */
    DIRECTION_SWINGS,
    /** More paper shows than the stroke should leave. */
    COVER_TOO_OPEN,
    /** Less paper shows than the stroke should leave. */
    COVER_TOO_DENSE,
    /** A zone of a form is lighter than planned. */
    ZONE_TOO_LIGHT,
    /** A zone of a form is darker than planned. */
    ZONE_TOO_DARK,
    /** Another zone is as dark as the core shadow. */
    CORE_NOT_DARKEST,
    /** The highlight was coloured over. */
    HIGHLIGHT_GONE,
    /** A finished piece has neither the lights nor the darks of its plan. */
    VALUES_IN_THE_MIDDLE,
    /** Its darks are not dark. */
    DARKS_MISSING,
    /** Its lights are covered. */
    LIGHTS_COVERED,
    /** Another place of a picture is stronger than its focus. */
    FOCUS_WEAK,
    /** Two parts of a composition are alike along their shared edge. */
    EDGE_LOST,
    /** The subject hardly stands off what lies behind it. */
    BACKGROUND_CLOSE,
    /** Parts of a composition fade another way than planned. */
    FADES_OTHER_WAY,
    /** Main outlines lie elsewhere than planned. */
    OUTLINES_OFF,
    /** Light and shadow of its zones lie otherwise than planned. */
    LIGHT_TURNED,
    /** It is the same light, but hardly seen. */
    LIGHT_UNCLEAR,
    /** Dark lines along edges that the plan does not have. */
    OUTLINED,
    /** Shadows without their colour. */
    SHADOWS_GREY,
    /** Strokes run another way than the surface. */
    ACROSS_THE_GROWTH,
    /** In places no direction can be told. */
    NO_DIRECTION,
    /** Strokes are longer than the surface asks. */
    STROKES_LONG,
    /** Strokes are shorter than the surface asks. */
    STROKES_SHORT,
    /** Detail hardly stands out from its base. */
    DETAIL_WEAK,
    /** The grain of the paper was filled where it was to make the surface. */
    TOOTH_FILLED,
    /** Light and dark are not where the plan has them. */
    PATTERN_LOST,
    /** Hard edges fade out. */
    EDGES_SOFT,
    /** What turns away softly, or is lost, was drawn as an edge. */
    EDGES_HARD,
    /** Colours are further from each other than planned. */
    COLOURS_APART,
    /** Bands of strokes show inside areas. */
    STRIPED,
    /** Pressure wandered inside areas. */
    BLOTCHY;

    /** What is seen, in a few words. */
    public String sign() {
        return Words.say("cause." + name() + ".sign");
    }

    /** What to say to the student: one thing to do. */
    public String next() {
        return Words.say("cause." + name() + ".next");
    }
}
