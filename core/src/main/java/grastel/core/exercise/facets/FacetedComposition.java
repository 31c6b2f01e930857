package grastel.core.exercise.facets;

import static grastel.core.words.Words.say;

import grastel.core.colour.Lab;
import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.Parameters;
import grastel.core.exercise.PencilChoice;
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
import grastel.core.exercise.plan.FieldPlan.Point;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.exercise.plan.PicturePlan.Guide;
import grastel.core.exercise.plan.PicturePlan.Line;
import grastel.core.exercise.plan.PicturePlan.Mark;
import grastel.core.layering.Layer;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.advice.CommonMistake;
import grastel.core.media.Pencil;
import grastel.core.recipe.PencilRange;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** A frame cut by straight lines; each part fades in its own direction, and neighbours tell each other apart without a line. */
public final class FacetedComposition implements ExerciseKind {
    private static final String WIDTH = "widthMm";
    private static final String AREAS = "areas";
    private static final String COLOURS = "colours";
    private static final String LINES = "lines";

    /** Fewer areas are no composition, more have no room. */
    private static final int FEWEST = 4;

    private static final int MOST = 20;
    private static final int MOST_LINES = 9;

    private static final double SUGGESTED_WIDTH = 90;
    private static final double SUGGESTED_HEIGHT = 110;

    /** Less of the edges is worth saying. */
    private static final double READS = 0.9;

    /** Tones of a part, from its light to its dark end. */
    private static final int TONES = 4;
    /** A pencil must fall so far from the paper for edges to read, L*. */
    private static final double RANGE = 35;
    /** So weak is bare paper. */
    private static final double BARE = 0.03;
    /** From one of several colours to the next on the painter's wheel, degrees. */
    private static final double APART = 50;

    @Override
    public String id() {
        return "faceted-composition";
    }

    @Override
    public String name() {
        return say("faceted-composition.name");
    }

    @Override
    public String teaches() {
        return say("faceted-composition.teaches");
    }

    @Override
    public List<Parameter> parameters(Setting setting) {
        return List.of(
                Parameters.pencil(say("faceted-composition.first-colour"), fitting(setting)),
                new Parameter.Whole(COLOURS, say("faceted-composition.colours"), 1, 4, 2),
                new Parameter.Whole(AREAS, say("faceted-composition.areas"), 8, MOST, 10),
                new Parameter.Lines(LINES, say("faceted-composition.lines"), MOST_LINES),
                new Parameter.Measure(WIDTH, say("exercise.width-mm"), PicturePlan.LEAST_MM, 180, SUGGESTED_WIDTH),
                new Parameter.Measure(
                        Parameters.HEIGHT, say("exercise.height-mm"), PicturePlan.LEAST_MM, 200, SUGGESTED_HEIGHT),
                Parameter.variant());
    }

    /** Pencils that fall far enough from the paper. */
    private static List<Pencil> fitting(Setting setting) {
        double paper = setting.paperLightness();
        return PencilChoice.darkening(setting).stream()
                .filter(p -> PencilChoice.colour(p).lightness() < paper - RANGE)
                .toList();
    }

    @Override
    public ExercisePlan plan(ChosenValues values, Setting setting) {
        Pencil first =
                Parameters.chosen(values, Parameters.PENCIL, say("faceted-composition.dark-enough-for-edges"), setting);
        double width = values.measure(WIDTH);
        double height = values.measure(Parameters.HEIGHT);
        Random random = new Random(values.whole(Parameter.VARIANT));
        List<String> own = values.chosen().containsKey(LINES) ? values.several(LINES) : List.of();
        Facets facets = own.isEmpty() ? drawnAnew(values, width, height, random) : drawn(own, width, height);
        Directions directions = new Directions(facets, random);
        List<Pencil> pencils = pencils(first, values.whole(COLOURS), setting);
        PlanBuilder builder = new PlanBuilder(setting);
        Work work = work(facets, directions, pencils, setting, builder);
        FieldPlan field = builder.picture(
                say("faceted-composition.facets"), width, height, work, order(facets), guide(facets, directions));
        goals(builder, field);
        small(builder, facets);
        if (directions.reads() < READS) {
            builder.finding(Finding.of(null, say("faceted-composition.along-only-of-the", 100 * directions.reads())));
        }
        words(builder, pencils.size());
        return builder.plan(
                id(),
                say("faceted-composition.facets-in", first.name()),
                say("faceted-composition.every-part-fades-in"));
    }

    private static Facets drawnAnew(ChosenValues values, double width, double height, Random random) {
        return Facets.of(width, height, values.whole(AREAS), random)
                .orElseThrow(() -> new ImpossibleExercise(AREAS, say("faceted-composition.no-lines-part-this")));
    }

    private static Facets drawn(List<String> lines, double width, double height) {
        Facets facets = Facets.of(
                width, height, lines.stream().map(l -> line(l, width, height)).toList());
        if (facets.count < FEWEST || facets.count > MOST) {
            throw new ImpossibleExercise(
                    LINES, say("faceted-composition.these-lines-part-the", facets.count, FEWEST, MOST));
        }
        return facets;
    }

    /** A student's own lines may part off corners that have no room for a fade. */
    private static void small(PlanBuilder builder, Facets facets) {
        List<String> small = facets.withoutRoom().stream()
                .map(part -> String.valueOf(part + 1))
                .toList();
        if (!small.isEmpty()) {
            builder.finding(Finding.of(null, say("faceted-composition.under-1-cm-too", String.join(", ", small))));
        }
    }

    private static Line line(String ends, double width, double height) {
        double[] at = Stream.of(ends.split(" "))
                .mapToDouble(n -> Integer.parseInt(n) / 1000.0)
                .toArray();
        return new Line(new Point(at[0] * width, at[1] * height), new Point(at[2] * width, at[3] * height));
    }

    /** Others at equal steps round the painter's wheel. */
    private static List<Pencil> pencils(Pencil first, int count, Setting setting) {
        List<Pencil> chosen = new ArrayList<>(List.of(first));
        List<Pencil> left = new ArrayList<>(fitting(setting));
        for (int i = 1; i < count; i++) {
            left.removeAll(chosen);
            PencilChoice.at(left, PencilChoice.place(first) + APART * i).ifPresent(chosen::add);
        }
        return chosen;
    }

    private static Work work(
            Facets facets, Directions directions, List<Pencil> pencils, Setting setting, PlanBuilder builder) {
        byte[] places = new byte[facets.parts.length];
        int[] counts = new int[TONES * facets.count];
        for (int i = 0; i < places.length; i++) {
            int at = (int) Math.round(directions.share(i) * (TONES - 1) * PicturePlan.BETWEEN);
            int place = facets.part(i) * TONES * PicturePlan.BETWEEN + at;
            places[i] = (byte) place;
            counts[(place + 1) / PicturePlan.BETWEEN]++;
        }
        int[] colours = colours(facets, directions, pencils.size());
        List<PencilRange> reaches = pencils.stream()
                .map(p -> PencilRange.of(p, setting.paper(), Optional.empty(), setting.pressures()))
                .toList();
        List<Made> tones = new ArrayList<>();
        for (int part = 0; part < facets.count; part++) {
            int own = colours[part];
            int partner = (own + 1) % pencils.size();
            PencilRange reach = reaches.get(own);
            for (int tone = 0; tone < TONES; tone++) {
                double strength = directions.strength(part, tone / (TONES - 1.0));
                double wanted = reach.paper() - strength * (reach.paper() - reach.darkest());
                List<Layer> layers = strength < BARE
                        ? List.of()
                        : layers(pencils, reaches, own, tone < TONES / 2 ? partner : own, wanted, setting);
                Lab predicted = builder.predict(builder.steps(layers));
                tones.add(new Made(
                        part + 1,
                        counts[part * TONES + tone] / (double) places.length,
                        new Lab(wanted, predicted.a(), predicted.b()),
                        layers,
                        predicted));
            }
        }
        return new Work(Facets.CELL_MM, facets.columns, facets.rows, places, tones, 1, 1);
    }

    /** The light half of a part is laid with its partner, the dark half with its own pencil over a little of the partner. */
    private static List<Layer> layers(
            List<Pencil> pencils, List<PencilRange> reaches, int own, int with, double wanted, Setting setting) {
        List<Layer> layers = new ArrayList<>();
        int under = (own + 1) % pencils.size();
        if (under != with) {
            layers.add(new Layer.Colour(setting.pressures().pass(pencils.get(under), PressureGrade.WHISPER), 1));
        }
        reaches.get(with)
                .nearest(wanted)
                .layers()
                .forEach(l -> layers.add(
                        new Layer.Colour(setting.pressures().pass(pencils.get(with), l.grade()), l.passes())));
        return layers;
    }

    /** Neighbours get different pencils where there are enough. */
    private static int[] colours(Facets facets, Directions directions, int count) {
        int[] colours = new int[facets.count];
        int[] used = new int[count];
        for (int part = 0; part < colours.length; part++) {
            int at = part;
            int[] near = new int[count];
            directions.neighbours(part).stream().filter(n -> n < at).forEach(n -> near[colours[n]]++);
            colours[part] = IntStream.range(0, count)
                    .boxed()
                    .min(Comparator.comparingInt((Integer c) -> near[c]).thenComparingInt(c -> used[c]))
                    .orElseThrow();
            used[colours[part]]++;
        }
        return colours;
    }

    private static List<Integer> order(Facets facets) {
        return IntStream.rangeClosed(1, facets.count)
                .boxed()
                .sorted(Comparator.comparing((Integer zone) -> !facets.isOdd(zone - 1)))
                .toList();
    }

    private static Guide guide(Facets facets, Directions directions) {
        List<Mark> marks = IntStream.range(0, facets.count)
                .mapToObj(part -> {
                    int cell = directions.darkEnd(part);
                    double x = (cell % facets.columns + 0.5) * Facets.CELL_MM;
                    double y = (cell / facets.columns + 0.5) * Facets.CELL_MM;
                    return new Mark(new Point(x, y), String.valueOf(part + 1));
                })
                .toList();
        return new Guide(facets.lines, marks, null);
    }

    private static void goals(PlanBuilder builder, FieldPlan field) {
        List<FieldPlan> of = List.of(field);
        builder.goal(Goal.EDGES_READ, of, 50, 70, 88);
        builder.goal(Goal.FADES_TURN, of, 40, 65, 85);
        builder.goal(Goal.PICTURE_RANGE, of, 60, 80, 92);
        builder.goal(Goal.SMOOTH_AREAS, of, 4, 2.5, 1.5);
    }

    private static void words(PlanBuilder builder, int pencils) {
        builder.step(say("faceted-composition.the-number-stands-at"));
        builder.step(say("faceted-composition.light-parts-first-lay"));
        if (pencils > 1) {
            builder.step(say("faceted-composition.two-colours-the-second"));
        }
        builder.step(say("faceted-composition.stop-at-the-dotted"));
        builder.step(say("faceted-composition.squint-does-every-edge"));
        builder.note(say("faceted-composition.hide-one-part-with"));
        builder.fault(
                null,
                say("faceted-composition.lines-drawn-round-the"),
                say("faceted-composition.look-two-values-meet"));
        builder.fault(
                CommonMistake.TOO_HEAVY,
                say("faceted-composition.no-light-end-left"),
                say("faceted-composition.start-at-the-number"));
    }
}
