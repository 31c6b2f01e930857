package grastel.core.scanner.hand;

import grastel.core.colour.Lab;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.exercise.plan.PicturePlan.Tone;
import grastel.core.exercise.texture.StrokeMarks.Habit;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stroke;
import grastel.core.media.Pencil;
import grastel.core.media.Pencil.Binder;
import java.util.ArrayList;
import java.util.List;

/** A picture as a hand draws it: as planned, or with a fault. */
public final class PieceTask {
    /** Stripes of strokes, mm from one to the next, and how much pressure they take. */
    private static final double STRIPES_MM = 7;

    private static final double STRIPES = 0.55;
    /** Share of its pressure that is left to the colour where black does the rest. */
    private static final double THINLY = 0.5;

    /** How far outlines are drawn off, at most, mm. */
    private static final double OFF_MM = 9;

    /** From here on to both sides, a share of width and height. */
    private static final double OFF_FROM = 0.8;

    /** A hand that does not look turns its strokes so far from how they mostly run, degrees. */
    private static final double ACROSS = 60;

    private static final double LONG = 2;
    private static final double SHORT = 0.4;
    /** Share of the relief that is left after rubbing. */
    private static final double RUBBED = 0.15;

    /** A colour outside the plan: its chroma and L*, and how its hue lies, degrees. */
    private static final double LOUD = 60;

    private static final double LOUD_LIGHTNESS = 60;
    private static final double STRAIGHT = 180;

    private static final double FILLING_PRESSURE = 0.85;
    private static final int FILLING_PASSES = 2;
    private static final double SOFT_MM = 6;
    private static final int SOFT_PLACES = 5;

    private final FieldPlan field;
    private final PicturePlan plan;
    private final byte[] places;
    private final List<List<Layer>> layers;

    private PieceTask(ExercisePlan exercise, FieldPlan field) {
        this.field = field;
        this.plan = field.ownPicture();
        this.places = plan.places();
        this.layers = new ArrayList<>(plan.tones().stream()
                .map(t -> t.recipe().layers(exercise.palette(), 0.5, exercise.pressures()))
                .toList());
    }

    /** What students do to pictures. */
    public enum Fault {
        NONE,
        ALL_MIDDLE,
        LOST_HIGHLIGHT,
        OUTLINED,
        WRONG_LIGHT,
        STRIPES,
        MUD,
        SHIFTED,
        /** The background as light or dark as what stands before it. */
        GROUND_LOST,
        /** Soft and lost edges parted by darks along them. */
        HARD_EDGES,
        /** Every other zone gone over in a colour of its own that the plan does not have. */
        GARISH,
        /** Strokes all one way, whatever the surface does. */
        ONE_WAY,
        LONG_STROKES,
        SHORT_STROKES,
        /** No detail over the base. */
        RUBBED,
        /** Sharp and firm where the tooth was to stay open. */
        FILLED,
        /** What is to end sharply fades out. */
        SOFT_EDGES;

        private static final List<Fault> OF_PIECES = List.of(
                NONE,
                ALL_MIDDLE,
                LOST_HIGHLIGHT,
                OUTLINED,
                WRONG_LIGHT,
                STRIPES,
                MUD,
                SHIFTED,
                GROUND_LOST,
                HARD_EDGES,
                GARISH,
                ONE_WAY);

        /** None, and what can be done to such a picture. */
        public static List<Fault> of(PicturePlan plan) {
            if (!plan.showsSurface()) {
                return OF_PIECES.stream()
                        .filter(f -> f != ONE_WAY || plan.texture() != null)
                        .toList();
            }
            if (plan.ownTexture().strokeMm() > 0) {
                return List.of(NONE, ONE_WAY, RUBBED, LONG_STROKES, SHORT_STROKES, ALL_MIDDLE);
            }
            return plan.ownTexture().open()
                    ? List.of(NONE, FILLED, ALL_MIDDLE)
                    : List.of(NONE, SOFT_EDGES, LOST_HIGHLIGHT, ALL_MIDDLE);
        }
    }

    static FieldTask of(ExercisePlan exercise, FieldPlan field) {
        return of(exercise, field, Fault.NONE);
    }

    public static FieldTask of(ExercisePlan exercise, FieldPlan field, Fault fault) {
        PieceTask task = new PieceTask(exercise, field);
        return switch (fault) {
            case NONE -> task.drawn(task.places);
            case ALL_MIDDLE -> task.drawn(new Misplaced(task.plan).middled());
            case LOST_HIGHLIGHT -> task.drawn(new Misplaced(task.plan).covered());
            case OUTLINED -> task.drawn(new Misplaced(task.plan).outlined());
            case WRONG_LIGHT -> task.drawn(new Misplaced(task.plan).turned());
            case STRIPES -> task.striped();
            case MUD -> task.muddied(exercise.palette().get(0));
            case SHIFTED -> task.shifted();
            case GROUND_LOST -> task.drawn(new Misplaced(task.plan).groundLost());
            case HARD_EDGES -> task.drawn(new Misplaced(task.plan).hardened());
            case GARISH -> task.garish();
            case ONE_WAY -> task.stroked(new Habit(0, 1, 0.15, task.across()), 1);
            case LONG_STROKES -> task.stroked(new Habit(0, LONG, 0.2, Double.NaN), 1);
            case SHORT_STROKES -> task.stroked(new Habit(0, SHORT, 0.2, Double.NaN), 1);
            case RUBBED -> task.stroked(Habit.EXACT, RUBBED);
            case FILLED -> task.filled();
            case SOFT_EDGES -> task.softened();
        };
    }

    private FieldTask drawn(byte[] at) {
        return drawn((across, down) -> tone(at, across, down));
    }

    /** With the strokes that are asked for. */
    private FieldTask drawn(FieldTask.Drawing tones) {
        return new FieldTask(field.id(), layers, StrokeTask.of(tones, plan, Habit.EXACT, 1));
    }

    private FieldTask stroked(Habit habit, double firm) {
        FieldTask.Drawing tones = (across, down) -> tone(places, across, down);
        return new FieldTask(field.id(), layers, StrokeTask.of(tones, plan, habit, firm));
    }

    private double across() {
        double cos = 0;
        double sin = 0;
        for (byte way : plan.ownTexture().ways()) {
            if ((way & 255) != PicturePlan.Texture.NO_WAY) {
                cos += Math.cos(Math.toRadians(2 * (way & 255)));
                sin += Math.sin(Math.toRadians(2 * (way & 255)));
            }
        }
        return Math.toDegrees(Math.atan2(sin, cos)) / 2 + ACROSS;
    }

    private FieldTask filled() {
        List<List<Layer>> pressed = layers.stream()
                .map(tone -> tone.stream().map(PieceTask::pressedIn).toList())
                .toList();
        return new FieldTask(field.id(), pressed, (across, down) -> tone(places, across, down));
    }

    private static Layer pressedIn(Layer layer) {
        return layer instanceof Layer.Colour c
                ? new Layer.Colour(new Pass(c.pass().pencil(), FILLING_PRESSURE, 1, Stroke.CIRCLES), FILLING_PASSES)
                : layer;
    }

    /** Each place as the mean of those around it. */
    private FieldTask softened() {
        return drawn((across, down) -> {
            double sum = 0;
            for (int i = 0; i < SOFT_PLACES * SOFT_PLACES; i++) {
                double aside = SOFT_MM * (i % SOFT_PLACES / (SOFT_PLACES - 1.0) - 0.5);
                double below = SOFT_MM * (i / SOFT_PLACES / (SOFT_PLACES - 1.0) - 0.5);
                sum += tone(places, across + aside / field.widthMm(), down + below / field.heightMm());
            }
            return sum / (SOFT_PLACES * SOFT_PLACES);
        });
    }

    private double tone(byte[] at, double across, double down) {
        int column = (int) Math.max(0, Math.min(plan.columns() - 1, across * plan.columns()));
        int row = (int) Math.max(0, Math.min(plan.rows() - 1, down * plan.rows()));
        return (at[row * plan.columns() + column] & 255) / (double) PicturePlan.BETWEEN;
    }

    private FieldTask striped() {
        return new FieldTask(field.id(), layers, new FieldTask.Drawing() {
            @Override
            public double tone(double across, double down) {
                return PieceTask.this.tone(places, across, down);
            }

            @Override
            public double pressure(double across, double down) {
                double mm = (across * field.widthMm() + down * field.heightMm()) / Math.sqrt(2);
                return 1 - STRIPES * (0.5 + 0.5 * Math.sin(2 * Math.PI * mm / STRIPES_MM));
            }

            @Override
            public double leastPressure() {
                return 1 - STRIPES;
            }
        });
    }

    /** Everything drawn larger, and aside. */
    private FieldTask shifted() {
        return drawn((across, down) -> tone(
                places,
                across + OFF_MM * (across - OFF_FROM) / field.widthMm(),
                down + OFF_MM * (down - OFF_FROM) / field.heightMm()));
    }

    /** Every other zone gone over with the opposite of its colour. */
    private FieldTask garish() {
        List<List<Layer>> all = new ArrayList<>();
        for (int i = 0; i < plan.tones().size(); i++) {
            Tone tone = plan.tones().get(i);
            List<Layer> own = layers.get(i);
            if (tone.zone() % 2 == 1 && !own.isEmpty()) {
                double away = Math.toRadians(tone.predicted().hueDegrees() + STRAIGHT);
                Lab loud = new Lab(LOUD_LIGHTNESS, LOUD * Math.cos(away), LOUD * Math.sin(away));
                Pencil pencil = Pencil.of("X2", "Loud", Binder.WAX, loud, 0.8, 0.5);
                own = List.of(new Layer.Colour(Pass.of(pencil, PressureGrade.FIRM), 2));
            }
            all.add(own);
        }
        return new FieldTask(field.id(), all, (across, down) -> tone(places, across, down));
    }

    /** The darker half with black, not with colour. */
    private FieldTask muddied(Pencil like) {
        Pencil black = Pencil.of("X1", "Black", like.binder(), new Lab(20, 0, 0), 0.9, 0.5);
        double limit = plan.tones().stream()
                .mapToDouble(t -> t.predicted().lightness())
                .sorted()
                .skip(plan.tones().size() / 2)
                .findFirst()
                .orElseThrow();
        List<List<Layer>> muddied = new ArrayList<>();
        for (int i = 0; i < plan.tones().size(); i++) {
            boolean dark = plan.tones().get(i).predicted().lightness() <= limit;
            muddied.add(dark ? blackened(black, layers.get(i)) : layers.get(i));
        }
        return new FieldTask(field.id(), muddied, (across, down) -> tone(places, across, down));
    }

    /** The colour thinly, and black over it. */
    private static List<Layer> blackened(Pencil black, List<Layer> layers) {
        List<Layer> all = new ArrayList<>();
        for (Layer layer : layers) {
            if (layer instanceof Layer.Colour c) {
                Pass p = c.pass();
                all.add(new Layer.Colour(new Pass(p.pencil(), THINLY * p.pressure(), p.point(), p.stroke()), 1));
            }
        }
        all.add(new Layer.Colour(Pass.of(black, PressureGrade.MEDIUM), 1));
        return all;
    }
}
