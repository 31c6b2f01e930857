package grastel.core.exercise.texture;

import static grastel.core.words.Words.say;

import grastel.core.colour.Lab;
import grastel.core.colour.PaintersWheel;
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
import grastel.core.exercise.plan.PicturePlan.Texture;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stroke;
import grastel.core.layering.advice.CommonMistake;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** A surface as it feels: a base with a duller point, the detail with a sharp one, along what the surface does. */
public final class TextureStudy implements ExerciseKind {
    private static final String SURFACE = "surface";
    private static final String DETAIL = "detail";
    private static final String WIDTH = "widthMm";

    private static final double SUGGESTED_WIDTH = 90;
    private static final double SUGGESTED_HEIGHT = 110;
    private static final double CELL_MM = 1;

    /** Tones from bare paper to the darkest. */
    private static final int TONES = 6;
    /** With fewer L* from paper to dark there is no room for a base and a detail. */
    private static final double RANGE = 28;
    /** A detail colour lies so near to the base on the wheel, degrees. */
    private static final double RELATED = 45;

    /** and has such a share of its chroma: greys have no hue. */
    private static final double COLOURED = 0.35;

    private static final double DULL = 0.25;
    private static final double SHARP = 0.9;
    /** Distance between the short lines that show a direction, and their length, mm. */
    private static final double WAYS_MM = 12;

    private static final double WAY_MM = 7.4;
    /** A window has a direction where the surface's turns less inside it, degrees. */
    private static final double ONE_WAY = 20;

    /** Where strokes run and where hard edges lie. */
    private enum Look {
        FUR(say("texture-study.fur"), 6, 1.6, say("texture-study.short-strokes-along-the")),
        ROPE(say("texture-study.rope"), 8, 1.5, say("texture-study.strokes-along-each-strand")),
        CLOTH(say("texture-study.woven-cloth"), 5, 1.4, say("texture-study.strokes-along-each-band")),
        GLOSS(say("texture-study.gloss"), 0, 0, say("texture-study.reflections-have-hard-edges")),
        GLASS(say("texture-study.glass"), 0, 0, say("texture-study.draw-what-is-seen")),
        RUST(say("texture-study.rust-or-stone"), 0, 0, say("texture-study.side-of-a-dull"));

        private final String words;
        private final double strokeMm;
        private final double relief;
        private final String how;

        Look(String words, double strokeMm, double relief, String how) {
            this.words = words;
            this.strokeMm = strokeMm;
            this.relief = relief;
            this.how = how;
        }

        TexturedSurface surface(double width, double height, RandomGenerator random) {
            return switch (this) {
                case FUR -> new Fur(width, height, random);
                case ROPE -> new Rope(width, height, random);
                case CLOTH -> new Cloth(width, height, random);
                case GLOSS -> new Gloss(width, height, random);
                case GLASS -> new Glass(width, height, random);
                case RUST -> new Rust(random);
            };
        }

        boolean isStroked() {
            return strokeMm > 0;
        }
    }

    @Override
    public String id() {
        return "texture-study";
    }

    @Override
    public String name() {
        return say("texture-study.name");
    }

    @Override
    public String teaches() {
        return say("texture-study.teaches");
    }

    @Override
    public List<Parameter> parameters(Setting setting) {
        List<Pencil> fitting = PencilChoice.darkening(setting);
        return List.of(
                new Parameter.Choice(
                        SURFACE,
                        say("texture-study.surface"),
                        Parameter.Option.of(Look.class, l -> l.words),
                        Look.FUR.name()),
                Parameters.pencil(say("texture-study.base-colour"), fitting),
                new Parameter.OnePencil(DETAIL, say("texture-study.detail-colour"), fitting, null),
                new Parameter.Measure(WIDTH, say("exercise.width-mm"), PicturePlan.LEAST_MM, 180, SUGGESTED_WIDTH),
                new Parameter.Measure(
                        Parameters.HEIGHT, say("exercise.height-mm"), PicturePlan.LEAST_MM, 200, SUGGESTED_HEIGHT),
                Parameter.variant());
    }

    @Override
    public ExercisePlan plan(ChosenValues values, Setting setting) {
        Look look = values.choice(SURFACE, Look.class);
        Pencil base = Parameters.chosen(values, Parameters.PENCIL, say("exercise.that-darkens-this-paper"), setting);
        Pencil detail = values.pencil(DETAIL).orElseGet(() -> darker(base, setting));
        double width = values.measure(WIDTH);
        double height = values.measure(Parameters.HEIGHT);
        TexturedSurface surface = look.surface(width, height, new Random(values.whole(Parameter.VARIANT)));
        PlanBuilder builder = new PlanBuilder(setting);
        List<List<Layer>> ladder = ladder(look, base, detail, setting, builder);
        FieldPlan field = builder.picture(
                look.words,
                width,
                height,
                work(surface, width, height, ladder, builder),
                List.of(1),
                guide(surface, width, height),
                texture(look, surface, width, height));
        goals(builder, look, field);
        words(builder, look, base, detail, setting);
        return builder.plan(
                id(),
                say("texture-study.in", capital(look.words), base.name()),
                say("texture-study.seen-from-two-steps", look.words));
    }

    /** The darkest of the same hue; the base itself where there is none darker. */
    private static Pencil darker(Pencil base, Setting setting) {
        Lab own = PencilChoice.colour(base);
        return PencilChoice.darkening(setting).stream()
                .filter(p -> PencilChoice.colour(p).lightness() < own.lightness())
                .filter(p -> PencilChoice.colour(p).chroma() >= COLOURED * own.chroma())
                .filter(p -> PaintersWheel.distance(PencilChoice.colour(p).hueDegrees(), own.hueDegrees()) <= RELATED)
                .min(Comparator.comparingDouble(p -> PencilChoice.colour(p).lightness()))
                .orElse(base);
    }

    /** Layers from bare paper to the darkest, evenly in L*: the base dull, in the darker half the detail over it. */
    private static List<List<Layer>> ladder(
            Look look, Pencil base, Pencil detail, Setting setting, PlanBuilder builder) {
        record Way(List<Layer> layers, double lightness) {}
        double sharp = look == Look.RUST ? DULL : SHARP;
        List<Way> ways = Stream.concat(
                        passes(base, DULL, setting).map(List::<Layer>of),
                        passes(detail, sharp, setting)
                                .map(l -> List.<Layer>of(layer(base, PressureGrade.LIGHT, DULL, 1, setting), l)))
                .filter(l -> look != Look.RUST || lasts(l, setting))
                .map(l -> new Way(l, builder.predict(builder.steps(l)).lightness()))
                .toList();
        double paper = setting.paperLightness();
        double darkest = ways.stream().mapToDouble(Way::lightness).min().orElseThrow();
        if (paper - darkest < RANGE) {
            throw new ImpossibleExercise(DETAIL, say("texture-study.from-paper-to-its", paper - darkest, RANGE));
        }
        List<List<Layer>> ladder = new ArrayList<>(List.of(List.of()));
        for (int i = 1; i < TONES; i++) {
            double wanted = paper - (paper - darkest) * i / (TONES - 1);
            ladder.add(ways.stream()
                    .min(Comparator.comparingDouble(w -> Math.abs(w.lightness() - wanted)))
                    .orElseThrow()
                    .layers());
        }
        return ladder;
    }

    private static Stream<Layer> passes(Pencil pencil, double point, Setting setting) {
        return Stream.of(PressureGrade.values())
                .flatMap(grade -> IntStream.rangeClosed(1, 3).mapToObj(n -> layer(pencil, grade, point, n, setting)));
    }

    private static Layer layer(Pencil pencil, PressureGrade grade, double point, int passes, Setting setting) {
        Pass pass = new Pass(pencil, setting.pressures().of(grade), point, Stroke.CIRCLES);
        return new Layer.Colour(pass, passes);
    }

    /** Nothing that presses the tooth down. */
    private static boolean lasts(List<Layer> layers, Setting setting) {
        return layers.stream()
                .map(l -> ((Layer.Colour) l).pass().pressure())
                .allMatch(p -> p <= setting.pressures().of(PressureGrade.MEDIUM));
    }

    private static Work work(
            TexturedSurface surface, double width, double height, List<List<Layer>> ladder, PlanBuilder builder) {
        int columns = (int) Math.round(width / CELL_MM);
        int rows = (int) Math.round(height / CELL_MM);
        byte[] places = new byte[columns * rows];
        int[] counts = new int[TONES];
        int most = (TONES - 1) * PicturePlan.BETWEEN;
        for (int i = 0; i < places.length; i++) {
            double level = surface.level((i % columns + 0.5) * CELL_MM, (i / columns + 0.5) * CELL_MM);
            places[i] = (byte) Math.round(Math.min(1, Math.max(0, level)) * most);
            counts[(places[i] + 1) / PicturePlan.BETWEEN]++;
        }
        List<Made> tones = new ArrayList<>();
        for (int i = 0; i < TONES; i++) {
            Lab predicted = builder.predict(builder.steps(ladder.get(i)));
            tones.add(new Made(1, counts[i] / (double) places.length, predicted, ladder.get(i), predicted));
        }
        return new Work(CELL_MM, columns, rows, places, tones, 1, 1);
    }

    private static Texture texture(Look look, TexturedSurface surface, double width, double height) {
        int columns = Texture.windows(width);
        int rows = Texture.windows(height);
        byte[] ways = new byte[columns * rows];
        for (int i = 0; i < ways.length; i++) {
            double x = (i % columns + 0.5) * Texture.WINDOW_MM;
            double y = (i / columns + 0.5) * Texture.WINDOW_MM;
            double way = way(surface, x, y);
            ways[i] = (byte) (Double.isNaN(way) ? Texture.NO_WAY : Math.floorMod(Math.round(way), 180));
        }
        return new Texture(columns, rows, PicturePlan.packed(ways), look.strokeMm, look.relief, look == Look.RUST);
    }

    /** Of a window; NaN where it has none, or two. */
    private static double way(TexturedSurface surface, double x, double y) {
        double way = surface.direction(x, y);
        double off = Texture.WINDOW_MM * 0.45;
        boolean one = Stream.of(-1, 1)
                .flatMap(a -> Stream.of(-1, 1).map(b -> surface.direction(x + a * off, y + b * off)))
                .allMatch(d -> Math.abs(Math.IEEEremainder(d - way, 180)) <= ONE_WAY);
        return one ? way : Double.NaN;
    }

    /** Outlines, and short lines that show which way strokes run. */
    private static Guide guide(TexturedSurface surface, double width, double height) {
        List<Line> lines = new ArrayList<>();
        Geometry frame = new GeometryFactory().toGeometry(new Envelope(0, width, 0, height));
        surface.lines().forEach(line -> within(frame, line).forEach(lines::add));
        for (double y = WAYS_MM / 2; y < height; y += WAYS_MM) {
            for (double x = WAYS_MM / 2; x < width; x += WAYS_MM) {
                double way = Math.toRadians(way(surface, x, y));
                double right = Math.cos(way) * WAY_MM / 2;
                double down = -Math.sin(way) * WAY_MM / 2;
                if (!Double.isNaN(way)) {
                    Line line = new Line(new Point(x - right, y - down), new Point(x + right, y + down));
                    within(frame, line).forEach(lines::add);
                }
            }
        }
        return new Guide(lines, List.of(), null);
    }

    private static Stream<Line> within(Geometry frame, Line line) {
        Coordinate[] inside = frame.getFactory()
                .createLineString(new Coordinate[] {
                    new Coordinate(line.from().x(), line.from().y()),
                    new Coordinate(line.to().x(), line.to().y())
                })
                .intersection(frame)
                .getCoordinates();
        return inside.length < 2
                ? Stream.empty()
                : Stream.of(new Line(new Point(inside[0].x, inside[0].y), new Point(inside[1].x, inside[1].y)));
    }

    private static void goals(PlanBuilder builder, Look look, FieldPlan field) {
        List<FieldPlan> of = List.of(field);
        if (look.isStroked()) {
            builder.goal(Goal.STROKES_FOLLOW, of, 35, 22, 12);
            builder.goal(Goal.STROKE_LENGTH, of, 70, 40, 22);
            builder.goal(Goal.DETAIL_SHOWS, of, 40, 55, 80);
        }
        if (look == Look.RUST) {
            builder.goal(Goal.TOOTH_LEFT, of, 35, 55, 75);
        }
        if (look != Look.FUR && look != Look.RUST) {
            builder.goal(Goal.PATTERN_READS, of, 50, 70, 85);
        }
        if (look == Look.GLOSS || look == Look.GLASS) {
            builder.goal(Goal.HIGHLIGHTS_LEFT, of, 40, 65, 85);
            builder.goal(Goal.EDGES_CRISP, of, 3.5, 2.4, 1.7);
        }
        builder.goal(Goal.PICTURE_RANGE, of, 60, 80, 92);
    }

    private static void words(PlanBuilder builder, Look look, Pencil base, Pencil detail, Setting setting) {
        builder.step(say("texture-study.base-first-with-a", base.name()));
        builder.step(look.how);
        if (look.isStroked()) {
            builder.step(say("texture-study.sharp-in-strokes-of", detail.name(), Math.round(look.strokeMm)));
        } else if (look == Look.RUST) {
            builder.step(say("texture-study.for-pits-and-dark", detail.name()));
        } else {
            builder.step(say("texture-study.sharp-for-the-dark", detail.name()));
        }
        builder.step(say("texture-study.step-back-squint-where"));
        builder.note(say("texture-study.let-the-class-touch"));
        if (look.isStroked()) {
            builder.fault(null, say("exercise.strokes-all-one-way"), say("texture-study.turn-the-sheet-so"));
            builder.fault(
                    CommonMistake.BLUNT_POINT,
                    say("texture-study.detail-cannot-be-told"),
                    say("texture-study.sharpen-fewer-strokes-darker"));
        } else if (look == Look.RUST) {
            builder.fault(
                    CommonMistake.TOO_HEAVY,
                    say("texture-study.the-grain-is-filled"),
                    say("texture-study.side-of-the-lead"));
        } else {
            builder.fault(
                    null,
                    say("texture-study.reflections-fade-out-softly"),
                    say("texture-study.a-reflection-stops-sharp"));
        }
        if (detail.equals(base)) {
            builder.finding(Finding.of(null, say("texture-study.no-darker-pencil-of", base.name())));
        }
        if (!setting.onLightPaper()) {
            builder.finding(Finding.of(null, say("texture-study.on-this-paper-the")));
        }
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
