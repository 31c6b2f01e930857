package grastel.app.progress.reports;

import grastel.core.planning.Skill;
import grastel.core.progress.Summary;
import grastel.core.progress.Summary.Grown;
import java.util.List;
import java.util.stream.Collectors;

/** What is told to families: plain words, nothing of others. A teacher changes any of it before it is printed. */
final class ReportWords {
    private ReportWords() {}

    /** What somebody can do who has a skill; after "can". */
    static String can(Skill skill) {
        return switch (skill) {
            case PRESSURE -> "press as lightly or as hard as a drawing needs";
            case EVEN_TONE -> "fill a shape smoothly, without patches";
            case EQUAL_STEPS -> "go from light to dark in even steps";
            case STROKES -> "choose the direction of strokes and keep it";
            case GRADATION -> "let a colour fade out without a line";
            case LAYERING -> "build a colour up in light layers";
            case FADING_TWO_COLOURS -> "let one colour run into another";
            case BURNISHING -> "polish a surface until no paper shows";
            case ANALOGOUS_BLENDING -> "blend neighbouring colours and keep them bright";
            case TINT_HUE_SHADE -> "make one colour lighter and darker and keep it the same colour";
            case NEUTRAL_BY_COMPLEMENT -> "calm a colour with its opposite";
            case MIXING_FROM_FEW -> "mix many colours from a few pencils";
            case TEMPERATURE -> "make a colour warmer or cooler";
            case TONED_PAPER -> "draw light and dark on grey paper";
            case SOLVENT -> "dissolve colour into an even wash";
            case FORM_AND_LIGHT -> "make a flat shape look round with light and shadow";
            case COMPOSITION -> "build a picture out of fades";
            case TEXTURE -> "draw how a surface feels";
            case READING_A_REFERENCE -> "see light and dark in a picture";
            case COLOUR_PLAN -> "plan the colours of a picture";
            case FINISHING -> "bring a picture to its end";
        };
    }

    static String secure(String name, Summary summary) {
        List<Skill> all = summary.secure();
        return all.isEmpty()
                ? name + " is on the way: nothing is quite steady yet."
                : name + " can " + joined(all.stream().map(ReportWords::can).toList()) + ".";
    }

    /** Empty where there is nothing to tell. */
    static String grew(Summary summary) {
        List<Skill> all = summary.grown().stream().map(Grown::skill).toList();
        return all.isEmpty()
                ? ""
                : "Better than at first: to "
                        + joined(all.stream().map(ReportWords::can).toList()) + ".";
    }

    static String next(Summary summary) {
        return summary.next()
                .map(skill -> "Next: to " + can(skill) + "."
                        + summary.cause().map(c -> " " + c.next()).orElse(""))
                .orElse("Everything that was tried goes well. Next comes something new.");
    }

    private static String joined(List<String> words) {
        if (words.size() == 1) {
            return words.get(0);
        }
        return words.stream().limit(words.size() - 1L).collect(Collectors.joining(", ")) + ", and "
                + words.get(words.size() - 1);
    }
}
