package grastel.core.scanner;

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
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

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

    /** What differs by more stands off, L*. */
    private static final double STANDS_OFF = 10;

    private static final double LONG = 2;
    private static final double SHORT = 0.4;
    /** Share of the relief that is left after rubbing. */
    private static final double RUBBED = 0.15;

    /** Where a border is hardened, cells from it. */
    private static final int BORDER = 6;

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
        this.plan = field.picture();
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
            if (!plan.isSurface()) {
                return OF_PIECES.stream()
                        .filter(f -> f != ONE_WAY || plan.texture() != null)
                        .toList();
            }
            if (plan.texture().strokeMm() > 0) {
                return List.of(NONE, ONE_WAY, RUBBED, LONG_STROKES, SHORT_STROKES, ALL_MIDDLE);
            }
            return plan.texture().open()
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
            case ALL_MIDDLE -> task.drawn(task.middled());
            case LOST_HIGHLIGHT -> task.drawn(task.covered());
            case OUTLINED -> task.drawn(task.outlined());
            case WRONG_LIGHT -> task.drawn(task.turned());
            case STRIPES -> task.striped();
            case MUD -> task.muddied(exercise.palette().get(0));
            case SHIFTED -> task.shifted();
            case GROUND_LOST -> task.drawn(task.groundLost());
            case HARD_EDGES -> task.drawn(task.hardened());
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
        for (byte way : plan.texture().ways()) {
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

    /** Darks and lights both as one tone between. */
    private byte[] middled() {
        double mean = plan.tones().stream()
                .mapToDouble(t -> t.share() * t.predicted().lightness())
                .sum();
        int[] nearest = new int[plan.tones().size()];
        for (int i = 0; i < nearest.length; i++) {
            Tone tone = plan.tones().get(i);
            double wanted = mean + 0.35 * (tone.predicted().lightness() - mean);
            nearest[i] = plan.tones()
                    .indexOf(plan.tones().stream()
                            .filter(t -> !t.recipe().steps().isEmpty())
                            .min(Comparator.comparingDouble(t ->
                                    Math.abs(t.predicted().lightness() - wanted) + (t.zone() == tone.zone() ? 0 : 2)))
                            .orElseThrow());
        }
        return replaced(nearest);
    }

    private byte[] replaced(int[] tones) {
        byte[] other = new byte[places.length];
        for (int i = 0; i < other.length; i++) {
            other[i] = (byte) (PicturePlan.BETWEEN * tones[plan.tones().indexOf(plan.tone(places[i]))]);
        }
        return other;
    }

    /** What was to stay bare has the lightest tone that is not. */
    private byte[] covered() {
        int[] tones = IntStream.range(0, plan.tones().size()).toArray();
        for (int i = 0; i < tones.length; i++) {
            Tone tone = plan.tones().get(i);
            if (tone.recipe().steps().isEmpty()) {
                boolean own = i + 1 < tones.length && plan.tones().get(i + 1).zone() == tone.zone();
                tones[i] = own ? i + 1 : lightest();
            }
        }
        byte[] other = places.clone();
        for (int i = 0; i < other.length; i++) {
            int at = other[i] & 255;
            int tone = at / PicturePlan.BETWEEN;
            if (plan.tones().get(tone).recipe().steps().isEmpty()) {
                other[i] = (byte) (PicturePlan.BETWEEN * tones[tone]);
            }
        }
        return other;
    }

    /** Of the tones well below paper the lightest. */
    private int lightest() {
        double bare = plan.tones().stream()
                .mapToDouble(t -> t.predicted().lightness())
                .max()
                .orElseThrow();
        return IntStream.range(0, plan.tones().size())
                .filter(i -> !plan.tones().get(i).recipe().steps().isEmpty())
                .filter(i -> plan.tones().get(i).predicted().lightness() < bare - 8)
                .boxed()
                .max(Comparator.comparingDouble(
                        i -> plan.tones().get(i).predicted().lightness()))
                .orElse(0);
    }

    private byte[] outlined() {
        int darkest = IntStream.range(0, plan.tones().size())
                .boxed()
                .min(Comparator.comparingDouble(
                        i -> plan.tones().get(i).predicted().lightness()))
                .orElseThrow();
        byte[] other = places.clone();
        for (int i = 0; i < other.length; i++) {
            int zone = plan.tone(places[i]).zone();
            boolean right = i % plan.columns() + 1 < plan.columns()
                    && plan.tone(places[i + 1]).zone() != zone;
            boolean below = i + plan.columns() < places.length
                    && plan.tone(places[i + plan.columns()]).zone() != zone;
            if (right || below) {
                other[i] = (byte) (PicturePlan.BETWEEN * darkest);
            }
        }
        return other;
    }

    /** The zone that lies along most of the frame. */
    private int ground() {
        Map<Integer, Integer> along = new HashMap<>();
        for (int i = 0; i < places.length; i++) {
            int x = i % plan.columns();
            int y = i / plan.columns();
            if (x == 0 || y == 0 || x == plan.columns() - 1 || y == plan.rows() - 1) {
                along.merge(plan.tone(places[i]).zone(), 1, Integer::sum);
            }
        }
        return Collections.max(along.entrySet(), Map.Entry.comparingByValue()).getKey();
    }

    /** The ground drawn in the tone nearest to what it was to stand off from. */
    private byte[] groundLost() {
        int ground = ground();
        List<Double> beside = new ArrayList<>();
        for (int i = 0; i + plan.columns() < places.length; i++) {
            for (int other : new int[] {i + 1, i + plan.columns()}) {
                boolean here = plan.tone(places[i]).zone() == ground;
                double one = plan.predicted(places[i]).lightness();
                double two = plan.predicted(places[other]).lightness();
                if (here != (plan.tone(places[other]).zone() == ground) && Math.abs(one - two) > STANDS_OFF) {
                    beside.add(here ? two : one);
                }
            }
        }
        Collections.sort(beside);
        if (beside.isEmpty()) {
            return places;
        }
        double wanted = beside.get(beside.size() / 2);
        int nearest = IntStream.range(0, plan.tones().size())
                .boxed()
                .min(Comparator.comparingDouble(
                        i -> Math.abs(plan.tones().get(i).predicted().lightness() - wanted)))
                .orElseThrow();
        byte[] other = places.clone();
        for (int i = 0; i < other.length; i++) {
            if (plan.tone(places[i]).zone() == ground) {
                other[i] = (byte) (PicturePlan.BETWEEN * nearest);
            }
        }
        return other;
    }

    /** Along each border the zone behind it is deepened, as one does who parts shapes that the plan lets run together. */
    private byte[] hardened() {
        int[] darkest = darkest();
        byte[] other = places.clone();
        for (int i = 0; i < other.length; i++) {
            if (isBeside(i)) {
                other[i] = (byte)
                        (PicturePlan.BETWEEN * darkest[plan.tone(places[i]).zone()]);
            }
        }
        return other;
    }

    /** The darkest tone of each zone. */
    private int[] darkest() {
        int[] darkest = new int[PicturePlan.MOST_TONES + 1];
        for (int i = 0; i < plan.tones().size(); i++) {
            darkest[plan.tones().get(i).zone()] = i;
        }
        return darkest;
    }

    /** True near a zone with a lower number. */
    private boolean isBeside(int i) {
        for (int row = -BORDER; row <= BORDER; row++) {
            for (int column = -BORDER; column <= BORDER; column++) {
                if (isInside(i, column, row)
                        && plan.tone(places[i + row * plan.columns() + column]).zone()
                                < plan.tone(places[i]).zone()) {
                    return true;
                }
            }
        }
        return false;
    }

    private boolean isInside(int i, int across, int down) {
        int x = i % plan.columns() + across;
        int y = i / plan.columns() + down;
        return x >= 0 && y >= 0 && x < plan.columns() && y < plan.rows();
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

    /** Light and shadow of each zone from the other side. */
    private byte[] turned() {
        int zones = plan.tones().get(plan.tones().size() - 1).zone();
        int[] from = IntStream.generate(plan::columns).limit(zones + 1).toArray();
        int[] to = new int[zones + 1];
        for (int i = 0; i < places.length; i++) {
            int zone = plan.tone(places[i]).zone();
            from[zone] = Math.min(from[zone], i % plan.columns());
            to[zone] = Math.max(to[zone], i % plan.columns());
        }
        byte[] other = new byte[places.length];
        for (int i = 0; i < other.length; i++) {
            int zone = plan.tone(places[i]).zone();
            int mirrored = i - i % plan.columns() + from[zone] + to[zone] - i % plan.columns();
            boolean same = plan.tone(places[mirrored]).zone() == zone;
            other[i] = places[same ? mirrored : i];
        }
        return other;
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
