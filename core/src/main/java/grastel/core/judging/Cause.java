package grastel.core.judging;

/** The likely reason for a level below secure, with what is seen and the one thing to do next. */
public enum Cause {
    /** Boxes were left empty. */
    NOT_REACHED("not reached in the time there was", "Go on from here next time."),
    BOXES_LEFT_OUT("boxes left out", "Fill every box; a wrong step teaches more than an empty one."),
    /** A box is lighter than its neighbour where it should be darker, or the other way. */
    ORDER_REVERSED(
            "order turned round", "Squint at this box beside its neighbour and darken the one that should be darker."),
    /** Two neighbours are too alike to tell apart. */
    NEIGHBOURS_ALIKE("two neighbours alike", "Give one of the two a light pass more, from another side."),
    /** Steps at the dark end are small: heavy too soon. */
    BUNCHED_DARK(
            "steps bunch at the dark end: too heavy too soon",
            "Start with the pencil’s own weight and step the pressure up by halves."),
    /** Steps at the light end are small: kept too light too long. */
    BUNCHED_LIGHT(
            "steps bunch at the light end: kept light too long",
            "Let the second and third box be clearly darker than the first."),
    /** One step jumps. */
    STEP_JUMPS("one step jumps", "Find the widest gap and darken the lighter box beside it a little."),
    /** The darkest box is not dark. */
    NEVER_DARK("never really dark", "Darkest box: press, and go over it until no white shows."),
    /** The lightest box is not light. */
    NEVER_LIGHT("never really light", "Lightest box: hold loosely and let the pencil’s own weight do it."),
    /** Neither end is reached. */
    ALL_MIDDLE("all middle values", "Push both ends: one box as dark as it goes, one just visible."),
    /** Pressure wandered inside a box. */
    PATCHY("pressure wandered inside the box", "Small circles at one pressure; go over it again from another side."),
    /** Paper shows though the field is dark enough and its strokes cross: the point did not reach the grain. */
    SPECKS_LEFT("paper shows: the point was blunt", "Sharpen, small circles, one more light pass from another side."),
    /** Paper shows in lines between strokes that all run one way. */
    ONE_DIRECTION(
            "paper shows between strokes of one direction",
            "Cross the strokes: one more light pass from another side."),
    /** Paper shows in a dark that is not dark. */
    TOO_LITTLE_PRESSURE(
            "too little pressure at the end: paper shows and the dark stays light",
            "Press the darkest box in small circles, and go over it until no white shows."),
    /** The dark is filled and still not dark. */
    DARK_TOO_THIN(
            "no paper shows, yet the dark is not dark",
            "One more full layer over the darkest box; the first one only filled the grain."),
    /** A layer more no longer shows because the tooth is full. */
    TOOTH_FULL(
            "the tooth is full: pressed hard too early",
            "Fewer, lighter passes next time; here only sharp accents still hold."),
    /** Uneven inside and over the edge. */
    HURRY(
            "in a hurry: uneven inside and over the edge",
            "Slow down: edge first with the tip, then small circles inside."),
    /** Strokes ran over the edge. */
    OVER_EDGE("strokes ran over the edge", "Turn the sheet; draw the edge first with the tip."),
    /** Tint or shade has wandered to another hue. */
    HUE_DRIFTS("no longer the same hue", "End with the colours of the family; less of the other one under or over it."),
    /** The grain is filled and the tint is still strong: the white lies under it. */
    TINT_TOO_WEAK("the white went on too early", "White last, firmly, over a light layer of the colour."),
    /** Too little white: it has not filled the grain. */
    WHITE_TOO_THIN(
            "too little white: the grain still shows",
            "More white, firmly and in small circles, until no grain shows."),
    /** The dark did not darken. */
    SHADE_TOO_LIGHT(
            "the dark did not darken", "One more layer of the own colours, pressed a little; then compare again."),
    /** The dark has swallowed the colour. */
    SHADE_MUDDY("the dark has swallowed the colour", "One whisper of the dark, then own colours on top."),
    /** Grey and not even darker: opposites that cancel each other. */
    OPPOSITES_EQUAL(
            "colour and its opposite in nearly equal parts",
            "Two layers of the own colour for each of its opposite, own colour last."),
    /** Blending moved the value. */
    VALUE_MOVED("blending moved the value", "Fill the grain with the colour first; then blend."),
    /** The steps towards grey are uneven or turn back. */
    CHROMA_UNEVEN(
            "the steps towards grey are uneven",
            "Count the light layers of both colours; change by one from box to box."),
    /** The middle still has a hue. */
    STILL_COLOURED("the middle still has a hue", "One more light layer of the weaker of the two."),
    /** A mixture is off its target. */
    OFF_TARGET("the mixture is off its target", "Lay the weaker colour once more; the last colour speaks loudest."),
    /** A mixed black is too light. */
    BLACK_TOO_LIGHT("the mixed black stays light", "Repeat both layers, then press the last one."),
    /** The glaze hardly turned the temperature. */
    TEMPERATURE_SAME("the glaze hardly turned it", "One more thin layer of the warm or cool colour, no pressure."),
    /** Bare paper was coloured over. */
    PAPER_COVERED("bare paper was coloured over", "Plan what stays bare and draw round it first."),
    /** Pressure was let go in a jump. */
    BAND("a line: the pressure changed in a jump", "Feather the line from the light side; cross the strokes over it."),
    /** A fade changes faster in one place than the plan, without a line. */
    FADES_TOO_FAST(
            "the fade is steeper here than elsewhere",
            "Spread the change: lift the pressure earlier and over a longer stretch."),
    /** A fade grows darker again. */
    TURNS_BACK(
            "the fade turns darker again",
            "Lighten nothing: take the darker side a little further, in ever lighter passes."),
    /** A fade stops before the paper. */
    STOPS_SHORT(
            "the fade stops before the paper", "Let the last centimetre be the pencil’s own weight, then lift off."),
    /** Two colours do not overlap. */
    JOIN_GAP("a gap where the colours meet", "Start the second colour on top of the first one’s light end."),
    /** Both colours were pressed where they overlap. */
    JOIN_BUMP("a dark bump where the colours meet", "Half the pressure where both colours lie."),
    /** Both colours meet in a short stretch. */
    OVERLAP_NARROW("the colours meet in too short a stretch", "Take each colour further over the other, at a whisper."),
    /** The hue of a blend goes back on its way. */
    HUE_TURNS_BACK("the hue goes back on its way", "Lay the middle colour evenly between the two; none of them twice."),
    /** A blend greys somewhere. */
    CHROMA_LOST("the blend greys somewhere", "Fewer layers there; press the last colour over it."),
    /** Strokes do not keep their direction. */
    DIRECTION_SWINGS("the strokes swing round", "Turn the sheet so that the hand can pull straight; short strokes."),
    /** More paper shows than the stroke should leave. */
    COVER_TOO_OPEN("more paper shows than the stroke should leave", "Strokes closer together, same pressure."),
    /** Less paper shows than the stroke should leave. */
    COVER_TOO_DENSE(
            "less paper shows than the stroke should leave", "Leave air between the strokes; once over is enough."),
    /** A zone of a form is lighter than planned. */
    ZONE_TOO_LIGHT(
            "a zone is too light for the form",
            "Deepen this zone one light pass at a time, and compare with its neighbours."),
    /** A zone of a form is darker than planned. */
    ZONE_TOO_DARK(
            "a zone is too dark for the form", "Darken the others until it sits right; next time lighter passes."),
    /** Another zone is as dark as the core shadow. */
    CORE_NOT_DARKEST(
            "the core shadow is not the darkest", "Two more passes on the core; leave the reflected light alone."),
    /** The highlight was coloured over. */
    HIGHLIGHT_GONE("the highlight was coloured over", "Draw round the highlight first and keep it bare to the end."),
    /** A finished piece has neither the lights nor the darks of its plan. */
    VALUES_IN_THE_MIDDLE(
            "all middle values", "Squint: deepen the darkest shadow by two firm layers, and leave the lights alone."),
    /** Its darks are not dark. */
    DARKS_MISSING("the darks are missing", "Two firm layers more where the plan is darkest, in small circles."),
    /** Its lights are covered. */
    LIGHTS_COVERED("the lights are covered", "Stop where the light falls; next time reserve it first."),
    /** Another place of a picture is stronger than its focus. */
    FOCUS_WEAK(
            "another place is stronger than the focus",
            "Darkest dark beside lightest light at the focus; elsewhere take both back a step."),
    /** Two parts of a composition are alike along their shared edge. */
    EDGE_LOST(
            "neighbours look alike along an edge",
            "Deepen the darker of the two towards the edge; leave the light one alone."),
    /** The subject hardly stands off what lies behind it. */
    BACKGROUND_CLOSE(
            "subject and background look alike along the edge",
            "Darken the background along a light edge, lighten your hand along a dark one."),
    /** Parts of a composition fade another way than planned. */
    FADES_OTHER_WAY(
            "parts fade another way than planned", "Start each part at its number: that is where it is darkest."),
    /** Main outlines lie elsewhere than planned. */
    OUTLINES_OFF(
            "outlines sit away from the plan",
            "Check each outline against the grid before colour goes on: it crosses the lines where the plan does."),
    /** Light and shadow of its zones lie otherwise than planned. */
    LIGHT_TURNED(
            "light and shadow do not follow the light",
            "Mark with a small arrow where the light comes from; shade the side away from it."),
    /** It is the same light, but hardly seen. */
    LIGHT_UNCLEAR(
            "light and shadow are hardly told apart",
            "Take the shadow side of each shape one layer deeper, and keep the lit side as it is."),
    /** Dark lines along edges that the plan does not have. */
    OUTLINED(
            "lines drawn round the shapes",
            "Let two colours meet instead: take the softer one up to the edge, and no line."),
    /** Shadows without their colour. */
    SHADOWS_GREY(
            "the shadows went grey",
            "Glaze the shadow with its own colour once more; darken with a deep colour, not with black."),
    /** Strokes run another way than the surface. */
    ACROSS_THE_GROWTH(
            "strokes run across the surface", "Turn the sheet and pull each stroke the way the dotted lines run."),
    /** In places no direction can be told. */
    NO_DIRECTION("no direction can be told", "Single strokes with a sharp point, side by side; no rubbing over."),
    /** Strokes are longer than the surface asks. */
    STROKES_LONG("strokes are longer than the surface asks", "Shorter: from the wrist, and lift off at the end."),
    /** Strokes are shorter than the surface asks. */
    STROKES_SHORT("strokes are shorter than the surface asks", "Longer: one pull from root to tip, no dabbing."),
    /** Detail hardly stands out from its base. */
    DETAIL_WEAK("base and detail look alike", "Sharpen, and lay fewer but darker strokes over a lighter base."),
    /** The grain of the paper was filled where it was to make the surface. */
    TOOTH_FILLED("the grain is filled", "Side of a dull point and the pencil’s own weight; stop early."),
    /** Light and dark are not where the plan has them. */
    PATTERN_LOST(
            "light and dark are not where they belong",
            "Darken where something goes under or turns away; leave its middle light."),
    /** Hard edges fade out. */
    EDGES_SOFT("hard edges fade out", "Sharp point along the edge, dark up to it, and stop."),
    /** What turns away softly, or is lost, was drawn as an edge. */
    EDGES_HARD(
            "soft edges are drawn hard",
            "Where the plan has no line, fade both colours into each other with the pencil’s own weight."),
    /** Colours are further from each other than planned. */
    COLOURS_APART(
            "colours fall apart",
            "Only the pencils of the plan; tie what stands out with a light layer of its neighbour."),
    /** Bands of strokes show inside areas. */
    STRIPED("strokes show as stripes", "Cross the strokes: one light pass more from another side."),
    /** Pressure wandered inside areas. */
    BLOTCHY("the areas are blotchy", "Small circles at one pressure, large areas first in one go.");

    private final String sign;
    private final String next;

    Cause(String sign, String next) {
        this.sign = sign;
        this.next = next;
    }

    /** What is seen, in a few words. */
    public String sign() {
        return sign;
    }

    /** What to say to the student: one thing to do. */
    public String next() {
        return next;
    }
}
