package grastel.core.exercise.finishedpiece;

import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.LightFrom;
import grastel.core.exercise.Piece;
import grastel.core.exercise.Piece.Made;
import grastel.core.exercise.Piece.Work;
import grastel.core.exercise.PlanBuilder;
import grastel.core.exercise.Setting;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.Finding;
import grastel.core.exercise.asked.ImpossibleExercise;
import grastel.core.exercise.asked.Parameter;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.exercise.plan.PicturePlan.Guide;
import grastel.core.known.Known;
import grastel.core.layering.advice.Slip;
import grastel.core.recipe.Method;
import grastel.core.recipe.School;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** One picture, drawn from a reference in the class's pencils and held against what they can make of it. */
public final class FinishedPiece implements ExerciseKind {
    /** Which picture is drawn. */
    public static final String PIECE = "piece";

    public static final String STROKES = "strokes";

    /** How the tones are laid. */
    public enum Strokes {
        SMALL_CIRCLES,
        ROUND_THE_FORM
    }

    /** A value the pencils miss by more is said, L*. */
    private static final double MISSED = 6;

    /** Fewer bare cells than this are no highlight, cm². */
    private static final double HIGHLIGHT_CM2 = 0.1;

    @Override
    public String id() {
        return "finished-piece";
    }

    @Override
    public String name() {
        return "Finished piece";
    }

    @Override
    public String teaches() {
        return "Proportion, values and colours of a whole picture, from a reference to its last layer.";
    }

    @Override
    public List<Parameter> parameters(Setting setting) {
        List<Parameter.Option> options = setting.pieces().stream()
                .map(p -> new Parameter.Option(p.id(), p.title()))
                .toList();
        return List.of(
                new Parameter.Choice(
                        PIECE,
                        "Reference",
                        options,
                        options.isEmpty() ? null : options.get(0).id()),
                new Parameter.Choice(
                        STROKES, "Strokes", Parameter.Option.of(Strokes.class), Strokes.SMALL_CIRCLES.name()));
    }

    @Override
    public ExercisePlan plan(ChosenValues values, Setting setting) {
        Piece piece = setting.pieces().stream()
                .filter(p -> p.id().equals(values.chosen().get(PIECE)))
                .findFirst()
                .orElseThrow(() -> new ImpossibleExercise(
                        PIECE, "There is no picture to draw from yet. Take one in under Projects."));
        if (Math.min(piece.widthMm(), piece.heightMm()) < PicturePlan.LEAST_MM) {
            throw new ImpossibleExercise(
                    PIECE,
                    String.format(
                            Locale.ROOT,
                            "The frame of “%s” is %.0f × %.0f mm; a picture that is read has at least %.0f mm each way.",
                            piece.title(),
                            piece.widthMm(),
                            piece.heightMm(),
                            PicturePlan.LEAST_MM));
        }
        Work work = piece.work(setting);
        if (work.tones().stream().allMatch(t -> t.layers().isEmpty())) {
            throw new ImpossibleExercise(PIECE, "“" + piece.title() + "” is as light as the paper all over.");
        }
        PlanBuilder builder = new PlanBuilder(setting);
        boolean round = values.choice(STROKES, Strokes.class) == Strokes.ROUND_THE_FORM;
        Optional<FormStrokes> strokes = round
                ? Optional.of(FormStrokes.of(work, setting.paper())).filter(FormStrokes::areAsked)
                : Optional.empty();
        FieldPlan field = builder.picture(
                piece.title(),
                piece.widthMm(),
                piece.heightMm(),
                work,
                order(work.tones(), setting.method()),
                new Guide(strokes.map(FormStrokes::lines).orElse(List.of()), List.of(), work.focus()),
                strokes.map(FormStrokes::texture).orElse(null));
        goals(builder, field);
        missed(builder, work);
        if (round && strokes.isEmpty()) {
            builder.finding(Finding.of(
                    null, "Hardly anything in this picture turns from light to shadow: no strokes can follow it."));
        }
        words(builder, setting, work.light(), strokes.isPresent());
        return builder.plan(id(), piece.title(), "A finished piece: every zone as the plan has it, with one light.");
    }

    /** Light zones first, or dark ones, or those first that carry most of the picture, as the class is taught. */
    public static List<Integer> order(List<Made> tones, Method method) {
        Map<Integer, List<Made>> zones =
                tones.stream().collect(Collectors.groupingBy(Made::zone, TreeMap::new, Collectors.toList()));
        ToDoubleFunction<Integer> rank;
        if (method.has(School.DARKS_FIRST)) {
            rank = zone -> lightness(Known.in(zones, zone));
        } else if (method.has(School.OWN_COLOUR_FIRST)) {
            rank = zone -> -share(Known.in(zones, zone));
        } else {
            rank = zone -> -lightness(Known.in(zones, zone));
        }
        return zones.keySet().stream().sorted(Comparator.comparingDouble(rank)).toList();
    }

    private static double share(List<Made> zone) {
        return zone.stream().mapToDouble(Made::share).sum();
    }

    /** Mean L* of what it is made with. */
    private static double lightness(List<Made> zone) {
        return zone.stream()
                        .mapToDouble(t -> t.share() * t.predicted().lightness())
                        .sum()
                / Math.max(Double.MIN_NORMAL, share(zone));
    }

    private static void goals(PlanBuilder builder, FieldPlan field) {
        List<FieldPlan> of = List.of(field);
        builder.goal(Goal.PROPORTION, of, 6, 4, 2);
        builder.goal(Goal.PICTURE_RANGE, of, 60, 80, 92);
        builder.goal(Goal.PICTURE_VALUES, of, 12, 8, 4.5);
        builder.goal(Goal.LIGHT_AS_PLANNED, of, 40, 65, 85);
        double bare = field.ownPicture().tones().stream()
                .filter(t -> t.recipe().steps().isEmpty())
                .mapToDouble(t -> t.share() * field.widthMm() * field.heightMm() / 100)
                .sum();
        if (bare >= HIGHLIGHT_CM2) {
            builder.goal(Goal.HIGHLIGHTS_LEFT, of, 40, 65, 85);
        }
        if (field.ownPicture().guide().focus() != null) {
            builder.goal(Goal.STRONGEST_AT_FOCUS, of, 70, 90, 110);
        }
        builder.goal(Goal.SUBJECT_STANDS, of, 45, 77, 92);
        builder.goal(Goal.EDGES_CRISP, of, 3.8, 2.7, 1.8);
        builder.goal(Goal.EDGES_SOFT, of, 55, 75, 90);
        builder.goal(Goal.NO_DARK_LINES, of, 50, 28, 10);
        builder.goal(Goal.SHADOWS_COLOURED, of, 30, 50, 75);
        builder.goal(Goal.COLOURS_TOGETHER, of, 14, 9, 5);
        if (field.ownPicture().texture() == null) {
            builder.goal(Goal.SMOOTH_AREAS, of, 4, 2.5, 1.5);
        } else {
            builder.goal(Goal.STROKES_FOLLOW, of, 35, 22, 12);
        }
    }

    /** Says where the pencils do not come to the value that is asked. */
    private static void missed(PlanBuilder builder, Work work) {
        work.tones().stream()
                .filter(t -> Math.abs(off(t)) > MISSED)
                .max(Comparator.comparingDouble(t -> Math.abs(off(t))))
                .ifPresent(t -> builder.finding(Finding.of(
                        null,
                        String.format(
                                Locale.ROOT,
                                "No pencil here reaches value %.1f of zone %d; the nearest is %.1f.",
                                t.wanted().value(),
                                t.zone(),
                                t.predicted().value()))));
    }

    private static double off(Made tone) {
        return tone.predicted().lightness() - tone.wanted().lightness();
    }

    private static void words(PlanBuilder builder, Setting setting, @Nullable LightFrom light, boolean round) {
        builder.step("Draw the outlines lightly, square by square of the grid; lift the grid with putty eraser.");
        if (light != null) {
            builder.step("The light comes from the " + light.words() + ": every shape is darkest on the other side.");
        }
        builder.step("Reserve the highlights: draw round them and keep them bare to the end.");
        builder.step(
                setting.method().has(School.OWN_COLOUR_FIRST)
                        ? "Lay the own colour of every zone thinly, then light and shadow over it."
                        : "Lay every zone thinly first, the light ones first, as the colour plan says.");
        if (round) {
            builder.step("Pull every stroke from light into shadow, round the form, the way the short lines run.");
            builder.fault(null, "strokes all one way", "Turn the sheet so that the hand pulls round the form.");
        }
        builder.step("Deepen the shadows layer by layer; squint and compare with the value map.");
        builder.step("Last: darkest accents, then soften what should not be an edge.");
        builder.note("Show how one square of the grid is copied: where does the line enter, where does it leave?");
        builder.note("Squint at the reference with the class and name the lightest and the darkest place first.");
        builder.fault(null, "all in middle values", "Put the darkest dark in now; everything else is measured by it.");
        builder.fault(null, "lines round every shape", "Look: is there a line, or do two colours meet?");
        builder.fault(Slip.TOO_HEAVY, "the tooth is full early", "Lighter layers, more of them.");
        builder.caution("Draw only from pictures you may use: your own, or free ones with a note whose they are.");
    }
}
