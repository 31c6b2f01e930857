package grastel.core.recipe;

import java.util.Arrays;
import java.util.List;

/** One answer to a question on which teachers differ. The first answer of each question is what a new class gets. */
public enum School {
    LIGHT_TO_DARK(Question.VALUES_FIRST, "light to dark", "Light first keeps highlights clean and forgives mistakes."),
    DARKS_FIRST(Question.VALUES_FIRST, "darks first", "Darks first set the range everything else is compared to."),
    OWN_COLOUR_FIRST(
            Question.VALUES_FIRST,
            "own colour, then shadow, then light",
            "Own colour first is simplest for beginners."),

    FOUNDATION_UNDER(Question.SHADES, "cool dark foundation under", "Under keeps the hue on top."),
    DARK_OVER(Question.SHADES, "complement or dark over", "Over is easier to control: stop when it is dark enough."),

    SHARP_START(Question.START_WITH, "sharp", "A sharp point fills the grain."),
    DULL_START(Question.START_WITH, "dull for blocking in", "A dull point covers large areas fast."),

    BURNISH_WHITE(Question.BURNISH_WITH, "white", "White is softer and polishes, but lightens and cools."),
    BURNISH_BLENDER(Question.BURNISH_WITH, "colourless blender", "Colourless fills and keeps the value."),
    BURNISH_TINT(
            Question.BURNISH_WITH, "palest related tint", "A related tint lightens a little and keeps the warmth."),
    BURNISH_OWN(Question.BURNISH_WITH, "own mid-tone", "The colour's own middle value keeps hue and chroma."),

    BURNISH_LAST(Question.BURNISH_WHEN, "last, nothing after", "A full, polished tooth takes little more."),
    BURNISH_MIDWAY(
            Question.BURNISH_WHEN, "midway, then sharp detail", "Some accept detail with a sharp point on the shine."),

    BLACK_MIXED(Question.BLACK, "mixed from darks", "Mixed blacks stay lively and can be warm or cool."),
    BLACK_ACCENTS(
            Question.BLACK, "black pencil for the deepest accents only", "A touch of black deepens the last accents."),
    BLACK_FIRST(Question.BLACK, "black first", "For wildlife and monochrome the black drawing comes first."),

    SOLVENT_NONE(
            Question.SOLVENT, "none", "Age, room and local rules often rule it out; burnishing does much the same."),
    SOLVENT_SPARING(Question.SOLVENT, "sparing", "Dissolve where smoothness matters, late in the period."),
    SOLVENT_GENEROUS(
            Question.SOLVENT, "generous, wet into wet", "Whole areas dissolved like paint, in a room made for it."),

    LEAVE_PAPER(Question.WHITE, "leave the paper", "Bare paper is the cleanest white there is."),
    HOLD_WITH_WHITE(
            Question.WHITE, "white pencil to hold highlights", "Wax laid first keeps colour off the highlight."),

    CLOSE_MATCH(Question.REFERENCE, "close match", "Train the eye to see exactly what is there."),
    VALUES_RIGHT(
            Question.REFERENCE,
            "values right, colours free",
            "A wrong hue at the right value reads better than the reverse."),

    NO_ERASING(Question.ERASING, "plan as if impossible", "Colour never lifts back to white; plan for it."),
    PUTTY_ERASER(Question.ERASING, "lift with putty eraser", "Putty lightens a heavy layer and softens an edge.");

    private final Question question;
    private final String label;
    private final String reason;

    School(Question question, String label, String reason) {
        this.question = question;
        this.label = label;
        this.reason = reason;
    }

    /** What a class method answers. */
    public enum Question {
        VALUES_FIRST("Which values first"),
        SHADES("Shades"),
        START_WITH("Start with a point that is"),
        BURNISH_WITH("Burnish with"),
        BURNISH_WHEN("Burnish when"),
        BLACK("Black"),
        SOLVENT("Solvent"),
        WHITE("White on white paper"),
        REFERENCE("To the reference"),
        ERASING("Erasing");

        private final String label;

        Question(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        public List<School> answers() {
            return Arrays.stream(School.values())
                    .filter(s -> s.question == this)
                    .toList();
        }
    }

    public Question question() {
        return question;
    }

    /** The answer in a few words. */
    public String label() {
        return label;
    }

    /** Why a teacher chooses it. */
    public String reason() {
        return reason;
    }
}
