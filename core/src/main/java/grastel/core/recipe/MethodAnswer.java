package grastel.core.recipe;

import grastel.core.words.Words;
import java.util.Arrays;
import java.util.List;

/** One answer to a question on which teachers differ. The first answer of each question is what a new class gets. */
public enum MethodAnswer {
    LIGHT_TO_DARK(Question.VALUES_FIRST),
    DARKS_FIRST(Question.VALUES_FIRST),
    OWN_COLOUR_FIRST(Question.VALUES_FIRST),

    FOUNDATION_UNDER(Question.SHADES),
    DARK_OVER(Question.SHADES),

    SHARP_START(Question.START_WITH),
    DULL_START(Question.START_WITH),

    BURNISH_WHITE(Question.BURNISH_WITH),
    BURNISH_BLENDER(Question.BURNISH_WITH),
    BURNISH_TINT(Question.BURNISH_WITH),
    BURNISH_OWN(Question.BURNISH_WITH),

    BURNISH_LAST(Question.BURNISH_WHEN),
    BURNISH_MIDWAY(Question.BURNISH_WHEN),

    BLACK_MIXED(Question.BLACK),
    BLACK_ACCENTS(Question.BLACK),
    BLACK_FIRST(Question.BLACK),

    SOLVENT_NONE(Question.SOLVENT),
    SOLVENT_SPARING(Question.SOLVENT),
    SOLVENT_GENEROUS(Question.SOLVENT),

    LEAVE_PAPER(Question.WHITE),
    HOLD_WITH_WHITE(Question.WHITE),

    CLOSE_MATCH(Question.REFERENCE),
    VALUES_RIGHT(Question.REFERENCE),

    NO_ERASING(Question.ERASING),
    PUTTY_ERASER(Question.ERASING);

    private final Question question;

    MethodAnswer(Question question) {
        this.question = question;
    }

    /** What a class method answers. */
    public enum Question {
        VALUES_FIRST,
        SHADES,
        START_WITH,
        BURNISH_WITH,
        BURNISH_WHEN,
        BLACK,
        SOLVENT,
        WHITE,
        REFERENCE,
        ERASING;

        public String label() {
            return Words.say("question." + name());
        }

        public List<MethodAnswer> answers() {
            return Arrays.stream(MethodAnswer.values())
                    .filter(s -> s.question == this)
                    .toList();
        }
    }

    public Question question() {
        return question;
    }

    /** The answer in a few words. */
    public String label() {
        return Words.say("answer." + name() + ".label");
    }

    /** Why a teacher chooses it. */
    public String reason() {
        return Words.say("answer." + name() + ".reason");
    }
}
