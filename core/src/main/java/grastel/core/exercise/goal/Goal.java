package grastel.core.exercise.goal;

/** What exercises are judged by. Each names its figure and unit; a larger figure is better only where the ladder rises. */
public enum Goal {
    ORDER("In order", "smallest step", "L*", 1, "Every step goes the right way."),
    EQUAL_STEPS("Equal steps", "spread of the steps", "% of the mean step", 0, "The steps are even."),
    FULL_RANGE("Full range", "range used", "% of the pencil's", 0, "Both ends are there: dark and barely visible."),
    EVEN_INSIDE("Even inside", "worst unevenness", "L*", 1, "The boxes are smooth inside."),
    RICH_DARK("Rich dark", "specks in the darkest", "%", 0, "The darkest box is rich, no paper shows."),
    NEAT_EDGE("Neat edge", "worst share outside", "%", 1, "The edges are clean."),
    SMOOTH_FADE("Smooth fade", "largest jump", "× the mean slope", 1, "The fade runs without a line."),
    NO_REVERSAL("One way only", "reversals in all", "L*", 1, "The fade never turns back."),
    FADES_TO_PAPER("Fades to paper", "end from paper", "L*", 1, "The fade ends in the paper itself."),
    DIRECTION_KEPT("Direction kept", "spread of the direction", "°", 0, "The strokes keep their direction."),
    SPECKS_AS_ASKED(
            "Density as asked",
            "worst distance from the asked cover",
            "% of area",
            0,
            "The cover is as dense as asked."),
    SHRINKING_STEPS("Each layer darker", "smallest step", "L*", 1, "Each layer shows."),
    SPECKS_GONE("Tooth filled", "worst specks", "%", 1, "The tooth is filled, no specks left."),
    BLENDER_KEEPS_VALUE(
            "Blender keeps the value", "blender box from plain", "L*", 1, "Blended without changing the value."),
    CLEAN_JOIN("Clean join", "gap or bump at the join", "L*", 1, "The join cannot be found."),
    WIDE_OVERLAP("Wide overlap", "overlap", "mm", 0, "The colours overlap widely."),
    HUE_ONE_WAY("Hue moves one way", "hue turned back", "°", 0, "The hue moves one way only."),
    CHROMA_KEPT("Chroma kept", "least chroma", "% of the asked", 0, "The colour stays pure."),
    HUE_HOLDS("Hue holds", "worst hue shift", "°", 0, "All three are still the same colour."),
    TINT_LIGHTER("Tint lighter", "least lift", "L*", 1, "The tint is clearly lighter."),
    SHADE_DARKER("Shade darker", "least drop", "L*", 1, "The shade is clearly darker."),
    SHADE_CHROMA("Shade keeps its colour", "least chroma", "% of the hue's", 0, "The shade still has its colour."),
    CHROMA_FALLS("Chroma falls steadily", "smallest step", "C*", 1, "The colour greys step by step."),
    NEUTRAL_MIDDLE("Neutral middle", "chroma of the middle", "C*", 0, "The middle is a true grey."),
    NEAR_TARGET("Near the target", "worst distance", "ΔE00", 1, "The mixtures meet their target."),
    DEEP_BLACK("Deep black", "lightest black", "L*", 0, "The mixed blacks are deep."),
    TEMPERATURE_TURNS("Temperature turns", "least turn", "towards warm or cool", 1, "Warm and cool can be told apart."),
    PAPER_LEFT_BARE("Paper left bare", "middle box from paper", "L*", 1, "The paper was left to speak."),
    ZONE_VALUES("Values as planned", "spread from the plan", "L*", 1, "The values are as planned."),
    CORE_DARKEST("Core shadow darkest", "core below its neighbours", "L*", 1, "The core shadow is the darkest."),
    HIGHLIGHT_KEPT("Highlight kept", "highlight from paper", "L*", 1, "The highlight was kept."),
    PROPORTION("Proportion", "outlines off the plan", "mm", 1, "Everything sits where the plan has it."),
    PICTURE_RANGE("Light to dark", "range used", "% of the plan's", 0, "The whole range is there, from light to dark."),
    PICTURE_VALUES("Values as planned", "spread from the plan", "L*", 1, "The values are as planned."),
    LIGHT_AS_PLANNED("One light", "light and shadow as planned", "%", 0, "The light comes from one side throughout."),
    HIGHLIGHTS_LEFT("Highlights kept", "highlights left", "% of their area", 0, "The highlights were left open."),
    STRONGEST_AT_FOCUS(
            "Strongest at the focus",
            "contrast at the focus",
            "% of the strongest elsewhere",
            0,
            "The strongest contrast leads the eye where it should go."),
    NO_DARK_LINES("No lines round shapes", "edges drawn round", "% of their length", 0, "Shapes meet without a line."),
    SHADOWS_COLOURED(
            "Colour in the shadows", "chroma of the shadows", "% of the plan's", 0, "The shadows have colour."),
    EDGES_READ("Edges read", "edges with a contrast", "% of their length", 0, "Every edge reads without a line."),
    FADES_TURN("Fades in their directions", "turned as planned", "%", 0, "Each part fades in its own direction."),
    STROKES_FOLLOW(
            "Strokes follow the surface", "turned from the map", "°", 0, "The strokes follow the surface everywhere."),
    STROKE_LENGTH("Length of strokes", "off the length asked", "%", 0, "The strokes are as long as the surface asks."),
    DETAIL_SHOWS("Detail over base", "detail shown", "% of the plan's", 0, "Base and detail can be told apart."),
    TOOTH_LEFT("Tooth left open", "grain shown", "% of the plan's", 0, "The grain of the paper makes the surface."),
    PATTERN_READS(
            "Light and dark in place", "alike with the plan", "%", 0, "What lies over and what under can be read."),
    EDGES_CRISP("Crisp edges", "width of hard edges", "mm", 1, "Reflections end as sharply as they should."),
    EDGES_SOFT(
            "Soft and lost edges",
            "soft edges not drawn hard",
            "% of their length",
            0,
            "Edges that turn away stay soft, and some are lost."),
    COLOURS_TOGETHER("Colours together", "further apart than planned", "C*", 1, "The colours belong together."),
    SUBJECT_STANDS(
            "Subject off its ground",
            "edge that stands out",
            "% of its length",
            0,
            "The subject stands off its ground."),
    SMOOTH_AREAS("Smooth areas", "unevenness inside", "L*", 1, "The areas are calm and smooth.");

    private final String label;
    private final String figure;
    private final String unit;
    private final int digits;
    private final String praise;

    Goal(String label, String figure, String unit, int digits, String praise) {
        this.label = label;
        this.figure = figure;
        this.unit = unit;
        this.digits = digits;
        this.praise = praise;
    }

    public String label() {
        return label;
    }

    /** What the figure is. */
    public String figure() {
        return figure;
    }

    public String unit() {
        return unit;
    }

    /** Decimal places its figure is shown with. */
    public int digits() {
        return digits;
    }

    /** What to say to a student who is secure in it. */
    public String praise() {
        return praise;
    }
}
