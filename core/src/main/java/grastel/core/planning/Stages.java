package grastel.core.planning;

import static grastel.core.words.Words.say;

import grastel.core.exercise.FieldWork;
import grastel.core.exercise.FieldWork.PictureWork;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.GoalFields;
import grastel.core.exercise.plan.GoalFields.Family;
import grastel.core.exercise.plan.Recipe.Technique;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.planning.Stage.Kind;
import grastel.core.planning.Stage.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Sheets as stages of a lesson. Their minutes are those of {@link FieldWork}, so that sheet and course agree. */
public final class Stages {
    /** Drying, during which nothing touches the sheet, minutes: 5–10 by the craft's rule of thumb. */
    public static final double DRYING_MINUTES = 10;
    /** An even box that takes longer is parted between its layers, minutes at the usual pace. */
    private static final double LONG_BOX_MINUTES = 12;

    /** A zone of a picture and a strip likewise; a layer that takes longer is laid in portions, so that it fits any period. */
    private static final double LONG_MINUTES = 20;

    /** Drawing without a sheet can be stopped so often. */
    private static final double FREE_PIECE_MINUTES = 5;

    private Stages() {}

    /**
     * A lesson from its sheets: showing, work in the order of the fields, looking together.
     *
     * @param showMinutes the teacher's, ≥ 0
     * @param workMinutes drawing without a sheet, at the usual pace, ≥ 0
     * @param lookMinutes the teacher's, ≥ 0
     */
    public static List<Stage> of(
            List<SheetPlan> sheets, GradeBand band, double showMinutes, double workMinutes, double lookMinutes) {
        List<Stage> stages = new ArrayList<>();
        if (showMinutes > 0) {
            Stop then = sheets.isEmpty() && workMinutes == 0 ? Stop.GOOD : Stop.POOR;
            stages.add(new Stage("show", Kind.SHOW, Part.NONE, showMinutes, then, List.of()));
        }
        for (int s = 0; s < sheets.size(); s++) {
            List<ExercisePlan> exercises = sheets.get(s).exercises();
            for (int e = 0; e < exercises.size(); e++) {
                stages.addAll(new OneExercise(exercises.get(e), s, e, band).stages());
            }
        }
        stages.addAll(free(workMinutes));
        if (lookMinutes > 0) {
            stages.add(new Stage("look", Kind.LOOK_TOGETHER, Part.NONE, lookMinutes, Stop.GOOD, List.of()));
        }
        return List.copyOf(stages);
    }

    /** Work without a sheet, in pieces between which one may stop. */
    private static List<Stage> free(double minutes) {
        List<Stage> pieces = new ArrayList<>();
        for (double left = minutes; left > 0; left -= FREE_PIECE_MINUTES) {
            pieces.add(new Stage(
                    "own." + (pieces.size() + 1),
                    Kind.WORK,
                    Part.NONE,
                    Math.min(left, FREE_PIECE_MINUTES),
                    Stop.GOOD,
                    List.of()));
        }
        return pieces;
    }

    /**
     * The part of a lesson that was split: its work from one stage on and up to another; showing and looking together stay.
     *
     * @param from id of the first stage of work, null for the beginning
     * @param until id of the first that is no longer part of it, null for the end; ids that are not there count as null
     */
    public static List<Stage> between(List<Stage> stages, @Nullable String from, @Nullable String until) {
        List<Stage> work = stages.stream().filter(Stage::isPaced).toList();
        List<String> ids = work.stream().map(Stage::id).toList();
        int first = Math.max(0, ids.indexOf(from));
        int end = ids.contains(until) ? ids.indexOf(until) : work.size();
        List<Stage> kept = work.subList(Math.min(first, end), end);
        return stages.stream().filter(s -> !s.isPaced() || kept.contains(s)).toList();
    }

    /** @param sheet its place in the lesson; @param place of the exercise on the sheet */
    private record OneExercise(ExercisePlan plan, int sheet, int place, GradeBand band) {
        /** Dry work field by field, then all dissolving at once, then what lies over it. */
        List<Stage> stages() {
            List<Stage> dry = new ArrayList<>();
            List<PictureWork> dissolving = new ArrayList<>();
            List<Stage> after = new ArrayList<>();
            for (FieldPlan field : plan.fields()) {
                if (field.hasPicture()) {
                    FieldWork.zones(field, plan.palette(), band.cm2PerMinute()).forEach(z -> zone(dry, field, z));
                    continue;
                }
                List<PictureWork> work = FieldWork.of(field, plan.palette(), band.cm2PerMinute());
                int wet = wet(work);
                add(dry, field, "", work.subList(0, wet));
                if (wet < work.size()) {
                    dissolving.add(work.get(wet));
                    add(after, field, "+", work.subList(wet + 1, work.size()));
                }
            }
            linkFamilies(dry);
            if (!dissolving.isEmpty()) {
                Part all = new Part(sheet, place, "", "", "");
                dry.add(new Stage(
                        id("wet"), Kind.DISSOLVE, all, minutes(dissolving), Stop.MUST, List.copyOf(dissolving)));
            }
            dry.addAll(after);
            return dry;
        }

        private static int wet(List<PictureWork> work) {
            int i = 0;
            while (i < work.size() && work.get(i).technique() != Technique.SOLVENT) {
                i++;
            }
            return i;
        }

        private void add(List<Stage> to, FieldPlan field, String suffix, List<PictureWork> work) {
            if (work.isEmpty()) {
                return;
            }
            Part part = new Part(sheet, place, field.id(), field.group(), field.label());
            to.addAll(parted(
                    id(field.id() + suffix),
                    part,
                    work,
                    field.even() ? LONG_BOX_MINUTES : LONG_MINUTES,
                    field.even() ? Stop.GOOD : Stop.POOR));
        }

        /**
         * Work as one stage, or where it is long, each of its layers.
         *
         * @param between how good it is to stop between layers: a fade or a strip is better done at one go
         */
        private static List<Stage> parted(
                String name, Part part, List<PictureWork> work, double longest, Stop between) {
            if (minutes(work) <= longest) {
                return List.of(new Stage(name, Kind.WORK, part, minutes(work), Stop.GOOD, work));
            }
            List<Stage> stages = new ArrayList<>();
            for (int i = 0; i < work.size(); i++) {
                Stop after = i + 1 == work.size() ? Stop.GOOD : between;
                stages.addAll(portions(name + "/" + (i + 1), part, work.get(i), after));
            }
            return stages;
        }

        /** A layer, or where it alone is long, equal areas of it. */
        private static List<Stage> portions(String name, Part part, PictureWork layer, Stop after) {
            int portions = (int) Math.max(1, Math.ceil(layer.minutes() / LONG_MINUTES - 1e-9));
            PictureWork portion = layer.portion(portions);
            return IntStream.rangeClosed(1, portions)
                    .mapToObj(i -> new Stage(
                            portions == 1 ? name : name + "." + i,
                            Kind.WORK,
                            part,
                            portion.minutes(),
                            i == portions ? after : Stop.POOR,
                            List.of(portion)))
                    .toList();
        }

        /** A zone is a stage, or where it is large, each of its layers. */
        private void zone(List<Stage> to, FieldPlan field, FieldWork.Zone zone) {
            Part part = new Part(sheet, place, field.id(), field.group(), say("exercise.zone", zone.number()));
            to.addAll(parted(id(field.id() + "/z" + zone.number()), part, zone.work(), LONG_MINUTES, Stop.GOOD));
        }

        private String id(String name) {
            return "s" + (sheet + 1) + "." + (place + 1) + "." + name;
        }

        /** Boxes of a family, and zones of one form, are better done on one day. */
        private void linkFamilies(List<Stage> stages) {
            for (int i = 0; i + 1 < stages.size(); i++) {
                if (belong(stages.get(i).part(), stages.get(i + 1).part())) {
                    stages.set(i, stages.get(i).stoppingWith(Stop.POOR));
                }
            }
        }

        private boolean belong(Part one, Part next) {
            if (one.field().equals(next.field())) {
                return false;
            }
            boolean sameForm = plan.field(one.field()).isShape()
                    && plan.field(next.field()).isShape()
                    && one.group().equals(next.group());
            return sameForm || families().anyMatch(f -> f.contains(one.field()) && f.contains(next.field()));
        }

        private Stream<Set<String>> families() {
            return plan.goals().stream()
                    .map(g -> g.of())
                    .filter(GoalFields.Families.class::isInstance)
                    .flatMap(f -> ((GoalFields.Families) f).families().stream())
                    .map(OneExercise::names);
        }

        private static Set<String> names(Family family) {
            return Stream.of(family.tint(), family.hue(), family.shade()).collect(Collectors.toSet());
        }

        private static double minutes(List<PictureWork> work) {
            return work.stream().mapToDouble(PictureWork::minutes).sum();
        }
    }
}
