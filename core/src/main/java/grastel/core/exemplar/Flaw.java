package grastel.core.exemplar;

import grastel.core.exercise.goal.Goal;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.media.Pencil;
import grastel.core.scanner.hand.FieldTask;
import grastel.core.scanner.hand.Hand;
import java.util.List;

/** One thing a hand does less than well, from not at all to as much as beginners do; all else is exact. */
enum Flaw {
    /** Each field is pressed somewhat harder or lighter than asked. */
    UNEQUAL {
        @Override
        Hand hand(double much) {
            return new Hand(1, 0.45 * much, 0, 0, 1, 0, 0, 0, 0);
        }
    },
    /** All fields are pressed nearly alike. */
    MIDDLING {
        @Override
        Hand hand(double much) {
            return new Hand(1, 0, 0.95 * much, 0, 1, 0, 0, 0, 0);
        }
    },
    PATCHY {
        @Override
        Hand hand(double much) {
            return new Hand(1, 0, 0, 0.45 * much, 1, 0, 0, 0, 0);
        }
    },
    LIGHT {
        @Override
        Hand hand(double much) {
            return new Hand(1 - 0.8 * much, 0, 0, 0, 1, 0, 0, 0, 0);
        }
    },
    HEAVY {
        @Override
        Hand hand(double much) {
            return new Hand(1 + 1.5 * much, 0, 0, 0, 1, 0, 0, 0, 0);
        }
    },
    BLUNT {
        @Override
        Hand hand(double much) {
            return new Hand(1, 0, 0, 0, 1 - 0.9 * much, 0, 0, 0, 0);
        }
    },
    OVER_EDGE {
        @Override
        Hand hand(double much) {
            return new Hand(1, 0, 0, 0, 1, 5 * much, 0, 0, 0);
        }
    },
    SWINGING {
        @Override
        Hand hand(double much) {
            return new Hand(1, 0, 0, 0, 1, 0, 0, 50 * much, 0);
        }
    },
    /** A line is left in a strip. */
    LINE_LEFT {
        @Override
        Hand hand(double much) {
            return Hand.EXACT.withBand(0.8 * much);
        }
    },
    /** What is to stay bare is gone over. */
    GONE_OVER {
        @Override
        Hand hand(double much) {
            return Hand.EXACT;
        }

        @Override
        FieldTask task(FieldTask asked, List<Pencil> palette, double much) {
            boolean bare = asked.along().stream().allMatch(List::isEmpty);
            if (!bare || much == 0) {
                return asked;
            }
            Pass sharp = Pass.of(palette.get(0), PressureGrade.MEDIUM);
            Layer over = new Layer.Colour(new Pass(sharp.pencil(), much / 2, sharp.point(), sharp.stroke()), 1);
            return new FieldTask(asked.field(), List.of(List.of(over)));
        }
    };

    /** @param much 0 not at all … 1 very */
    abstract Hand hand(double much);

    FieldTask task(FieldTask asked, List<Pencil> palette, double much) {
        return asked;
    }

    /** Which of them keep a goal from being reached, the commonest first. */
    static List<Flaw> against(Goal goal) {
        return switch (goal) {
            case ORDER, EQUAL_STEPS, SHRINKING_STEPS, ZONE_VALUES, PICTURE_VALUES, CORE_DARKEST, CHROMA_FALLS ->
                List.of(UNEQUAL, MIDDLING);
            case FULL_RANGE, PICTURE_RANGE, SHADOWS_COLOURED, FADES_TO_PAPER, TINT_LIGHTER, SHADE_DARKER, DEEP_BLACK ->
                List.of(MIDDLING, LIGHT);
            case EVEN_INSIDE, SMOOTH_AREAS -> List.of(PATCHY);
            case RICH_DARK, SPECKS_GONE -> List.of(LIGHT, BLUNT);
            case SPECKS_AS_ASKED -> List.of(HEAVY, LIGHT);
            case NEAT_EDGE -> List.of(OVER_EDGE);
            case SMOOTH_FADE, NO_REVERSAL, CLEAN_JOIN -> List.of(LINE_LEFT, PATCHY);
            case DIRECTION_KEPT, STROKES_FOLLOW -> List.of(SWINGING);
            case WIDE_OVERLAP, HUE_ONE_WAY, CHROMA_KEPT -> List.of(MIDDLING, HEAVY, LINE_LEFT);
            case HUE_HOLDS, SHADE_CHROMA, NEUTRAL_MIDDLE, NEAR_TARGET, TEMPERATURE_TURNS, BLENDER_KEEPS_VALUE ->
                List.of(UNEQUAL, HEAVY, LIGHT);
            case PAPER_LEFT_BARE, HIGHLIGHT_KEPT -> List.of(GONE_OVER);
            case EDGES_READ, SUBJECT_STANDS, STRONGEST_AT_FOCUS -> List.of(MIDDLING);
            case TOOTH_LEFT -> List.of(HEAVY);
            case PROPORTION,
                    LIGHT_AS_PLANNED,
                    FADES_TURN,
                    HIGHLIGHTS_LEFT,
                    NO_DARK_LINES,
                    STROKE_LENGTH,
                    DETAIL_SHOWS,
                    PATTERN_READS,
                    EDGES_CRISP,
                    EDGES_SOFT,
                    COLOURS_TOGETHER -> List.of();
        };
    }
}
