package grastel.core.planning;

import grastel.core.checks.Require;
import grastel.core.exercise.goal.Goal;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Something a student can do, in the order it is taught: what shows it, and what must be there before. A new kind of exercise
 * brings its own line.
 */
public enum Skill {
    PRESSURE(shownBy("pressure-scale", Goal.ORDER, Goal.FULL_RANGE)),
    EVEN_TONE(
            shownBy("pressure-scale", Goal.EVEN_INSIDE, Goal.RICH_DARK).and("stroke-sampler", Goal.SPECKS_AS_ASKED),
            PRESSURE),
    EQUAL_STEPS(shownBy("pressure-scale", Goal.EQUAL_STEPS), PRESSURE),
    STROKES(shownBy("stroke-sampler", Goal.DIRECTION_KEPT, Goal.SPECKS_AS_ASKED), PRESSURE),
    GRADATION(
            shownBy("gradation-strip", Goal.SMOOTH_FADE, Goal.NO_REVERSAL, Goal.FADES_TO_PAPER),
            EQUAL_STEPS,
            EVEN_TONE),
    LAYERING(shownBy("layer-ladder", Goal.SHRINKING_STEPS, Goal.EVEN_INSIDE), EVEN_TONE),
    FADING_TWO_COLOURS(shownBy("two-colour-fade", Goal.CLEAN_JOIN, Goal.WIDE_OVERLAP), GRADATION, LAYERING),
    BURNISHING(shownBy("burnish-trio", Goal.SPECKS_GONE, Goal.ORDER, Goal.BLENDER_KEEPS_VALUE), LAYERING),
    ANALOGOUS_BLENDING(
            shownBy("analogous-blend", Goal.HUE_ONE_WAY, Goal.SPECKS_GONE, Goal.CHROMA_KEPT), FADING_TWO_COLOURS),
    TINT_HUE_SHADE(
            shownBy("tint-hue-shade", Goal.HUE_HOLDS, Goal.TINT_LIGHTER, Goal.SHADE_DARKER, Goal.SHADE_CHROMA),
            LAYERING),
    NEUTRAL_BY_COMPLEMENT(shownBy("complement-scale", Goal.CHROMA_FALLS, Goal.NEUTRAL_MIDDLE), LAYERING),
    MIXING_FROM_FEW(shownBy("mixing-from-few", Goal.NEAR_TARGET, Goal.DEEP_BLACK), NEUTRAL_BY_COMPLEMENT),
    TEMPERATURE(shownBy("temperature-and-glaze", Goal.TEMPERATURE_TURNS), LAYERING),
    TONED_PAPER(shownBy("toned-scale", Goal.ORDER, Goal.PAPER_LEFT_BARE), EQUAL_STEPS),
    SOLVENT(shownBy("solvent-split", Goal.SPECKS_GONE, Goal.EVEN_INSIDE), BURNISHING),
    FORM_AND_LIGHT(
            shownBy("form-study", Goal.ZONE_VALUES, Goal.CORE_DARKEST, Goal.HIGHLIGHT_KEPT),
            List.of(Set.of(GRADATION), Set.of(TINT_HUE_SHADE, ANALOGOUS_BLENDING))),
    COMPOSITION(
            shownBy("faceted-composition", Goal.EDGES_READ, Goal.FADES_TURN, Goal.PICTURE_RANGE, Goal.SMOOTH_AREAS),
            GRADATION),
    TEXTURE(
            shownBy(
                    "texture-study",
                    Goal.STROKES_FOLLOW,
                    Goal.STROKE_LENGTH,
                    Goal.DETAIL_SHOWS,
                    Goal.TOOTH_LEFT,
                    Goal.PATTERN_READS,
                    Goal.EDGES_CRISP,
                    Goal.PICTURE_RANGE,
                    Goal.HIGHLIGHTS_LEFT),
            STROKES,
            FORM_AND_LIGHT),
    READING_A_REFERENCE(shownBy("finished-piece", Goal.PROPORTION, Goal.PICTURE_VALUES), EQUAL_STEPS),
    COLOUR_PLAN(
            shownBy("finished-piece", Goal.SHADOWS_COLOURED, Goal.COLOURS_TOGETHER),
            List.of(Set.of(MIXING_FROM_FEW, ANALOGOUS_BLENDING))),
    FINISHING(
            shownBy(
                    "finished-piece",
                    Goal.PICTURE_RANGE,
                    Goal.LIGHT_AS_PLANNED,
                    Goal.HIGHLIGHTS_LEFT,
                    Goal.STRONGEST_AT_FOCUS,
                    Goal.SUBJECT_STANDS,
                    Goal.NO_DARK_LINES,
                    Goal.EDGES_CRISP,
                    Goal.EDGES_SOFT,
                    Goal.STROKES_FOLLOW,
                    Goal.SMOOTH_AREAS),
            FORM_AND_LIGHT,
            READING_A_REFERENCE,
            COLOUR_PLAN);

    /** The goals, by kind of exercise, that show a skill. */
    private record Evidence(Map<String, Set<Goal>> byKind) {
        Evidence and(String kind, Goal first, Goal... more) {
            Map<String, Set<Goal>> all = new LinkedHashMap<>(byKind);
            all.put(kind, EnumSet.of(first, more));
            return new Evidence(all);
        }
    }

    private final Map<String, Set<Goal>> evidence;
    private final List<Set<Skill>> needs;

    Skill(Evidence evidence, Skill... needs) {
        this(evidence, List.of(needs).stream().map(Set::of).toList());
    }

    Skill(Evidence evidence, List<Set<Skill>> needs) {
        this.evidence = evidence.byKind();
        this.needs = needs;
    }

    private static Evidence shownBy(String kind, Goal first, Goal... more) {
        return new Evidence(Map.of(kind, EnumSet.of(first, more)));
    }

    /** The goals that show it, by the id of their kind of exercise. */
    public Map<String, Set<Goal>> evidence() {
        return evidence;
    }

    /** What must be there before: all of the sets, and of each set any one. */
    public List<Set<Skill>> needs() {
        return needs;
    }

    /** What a kind of exercise teaches, in the order it is taught. @param kind its id */
    public static List<Skill> taughtBy(String kind) {
        List<Skill> taught = new ArrayList<>();
        for (Skill skill : values()) {
            if (skill.evidence.containsKey(kind)) {
                taught.add(skill);
            }
        }
        return taught;
    }

    /** What a goal of a kind of exercise shows: what the kind teaches by it, else what it shows wherever it is judged. */
    public static List<Skill> seenIn(String kind, Goal goal) {
        List<Skill> taught = taughtBy(kind).stream()
                .filter(s -> Require.key(s.evidence, kind).contains(goal))
                .toList();
        return taught.isEmpty() ? anywhere(goal) : taught;
    }

    private static List<Skill> anywhere(Goal goal) {
        return switch (goal) {
            case ORDER, FULL_RANGE -> List.of(PRESSURE);
            case EVEN_INSIDE, NEAT_EDGE, RICH_DARK, SPECKS_GONE, SPECKS_AS_ASKED -> List.of(EVEN_TONE);
            case EQUAL_STEPS -> List.of(EQUAL_STEPS);
            case SMOOTH_FADE, NO_REVERSAL, FADES_TO_PAPER -> List.of(GRADATION);
            case SHRINKING_STEPS -> List.of(LAYERING);
            default -> List.of();
        };
    }
}
