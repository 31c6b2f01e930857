package grastel.core.judging;

/** What a stepped scale is judged by, in the order a teacher looks. */
public enum Goal {
    /** Every box darker (or lighter) than the one before; figure: smallest step, L*. */
    ORDER,
    /** Steps equal; figure: spread of the steps, % of their mean. */
    EQUAL_STEPS,
    /** The pencil's whole range used; figure: % of it. */
    FULL_RANGE,
    /** Each box even inside; figure: worst unevenness, L*. */
    EVEN_INSIDE,
    /** The darkest box rich, no paper showing; figure: specks, %. */
    RICH_DARK,
    /** Colour inside the edge; figure: worst share outside, %. */
    NEAT_EDGE
}
