package grastel.app.progress.reports;

import static grastel.core.words.Words.say;

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
            case PRESSURE -> say("paper.press-as-lightly-or");
            case EVEN_TONE -> say("paper.fill-a-shape-smoothly");
            case EQUAL_STEPS -> say("paper.go-from-light-to");
            case STROKES -> say("paper.choose-the-direction-of");
            case GRADATION -> say("paper.let-a-colour-fade");
            case LAYERING -> say("paper.build-a-colour-up");
            case FADING_TWO_COLOURS -> say("paper.let-one-colour-run");
            case BURNISHING -> say("paper.polish-a-surface-until");
            case ANALOGOUS_BLENDING -> say("paper.blend-neighbouring-colours-and");
            case TINT_HUE_SHADE -> say("paper.make-one-colour-lighter");
            case NEUTRAL_BY_COMPLEMENT -> say("paper.calm-a-colour-with");
            case MIXING_FROM_FEW -> say("paper.mix-many-colours-from");
            case TEMPERATURE -> say("paper.make-a-colour-warmer");
            case TONED_PAPER -> say("paper.draw-light-and-dark");
            case SOLVENT -> say("paper.dissolve-colour-into-an");
            case FORM_AND_LIGHT -> say("paper.make-a-flat-shape");
            case COMPOSITION -> say("paper.build-a-picture-out");
            case TEXTURE -> say("paper.draw-how-a-surface");
            case READING_A_REFERENCE -> say("paper.see-light-and-dark");
            case COLOUR_PLAN -> say("paper.plan-the-colours-of");
            case FINISHING -> say("paper.bring-a-picture-to");
        };
    }

    static String secure(String name, Summary summary) {
        List<Skill> all = summary.secure();
        return all.isEmpty()
                ? say("paper.is-on-the-way", name)
                : say(
                        "paper.can",
                        name,
                        joined(all.stream().map(ReportWords::can).toList()));
    }

    /** Empty where there is nothing to tell. */
    static String grew(Summary summary) {
        List<Skill> all = summary.grown().stream().map(Grown::skill).toList();
        return all.isEmpty()
                ? ""
                : say(
                        "paper.better-than-at-first",
                        joined(all.stream().map(ReportWords::can).toList()));
    }

    static String next(Summary summary) {
        if (summary.next().isEmpty()) {
            return summary.stretch()
                    .map(skill -> say("paper.everything-is-secure-next", can(skill)))
                    .orElse(say("paper.everything-that-was-tried"));
        }
        String skill = can(summary.next().get());
        return summary.cause()
                .map(c -> say("paper.next-to-because", skill, c.sign()))
                .orElse(say("paper.next-to", skill));
    }

    private static String joined(List<String> words) {
        if (words.size() == 1) {
            return words.get(0);
        }
        return say(
                "paper.and",
                words.stream().limit(words.size() - 1L).collect(Collectors.joining(", ")),
                words.get(words.size() - 1));
    }
}
