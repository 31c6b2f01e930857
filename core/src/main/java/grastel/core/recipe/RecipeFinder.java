package grastel.core.recipe;

import grastel.core.colour.Lab;
import grastel.core.layering.Effort;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stack;
import grastel.core.layering.Swatch;
import grastel.core.media.Masstone;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;

/**
 * Finds stacks of layers for a wanted colour. A beam search over shared partial stacks: every pencil that may be laid over
 * every stack is ranked by how near it leads to the target, and only as many are laid as the work allowed permits.
 */
public final class RecipeFinder {
    public static final int MOST_LAYERS = 5;
    /** Area that minutes are told for, cm²: a box of 20 mm. */
    private static final double BOX_CM2 = 4;
    /** A practised teenager. */
    private static final double CM2_PER_MINUTE = 5;
    /** Recipes this much nearer are worth showing beside one another, in the target's own measure. */
    private static final double WORTH_SHOWING = 0.3;

    private static final int MOST_SHOWN = 6;
    /** So few pencils are searched nearly through. */
    private static final int FEW_PENCILS = 8;

    private static final int TRIED_WITH_FEW = 5_000;
    /** With more, the answer should not keep a teacher waiting. */
    private static final int TRIED_PER_PENCIL = 250;

    private final Target target;
    private final Paper paper;
    private final List<Tool> tools;
    private final int mostTried;
    private final Rules rules;
    private final Limits limits;
    private final List<Node> found = new ArrayList<>();
    private int tried;

    private RecipeFinder(Target target, Paper paper, List<Pencil> pencils, Method method, Limits limits) {
        this.target = target;
        this.paper = paper;
        this.rules = new Rules(method);
        this.limits = limits;
        this.tools = Pencil.ofOneSort(pencils).stream()
                .filter(p -> !p.colourless())
                .map(p -> new Tool(
                        p.masstone().toLab(),
                        limits.grades().stream().map(g -> new Move(p, g)).toList()))
                .toList();
        this.mostTried = Math.min(limits.mostTried(), allowance(tools.size()));
    }

    private static int allowance(int pencils) {
        return pencils <= FEW_PENCILS ? TRIED_WITH_FEW : TRIED_PER_PENCIL * pencils;
    }

    /**
     * @param mostLayers 1…5 single passes; the same pencil again counts as another
     * @param grades the pressures to be tried
     * @param mostTried how many stacks may be tried; fewer are where the set is small
     */
    public record Limits(int mostLayers, List<PressureGrade> grades, int mostTried) {
        /** Every pressure, up to four layers. */
        public static final Limits USUAL = new Limits(4, List.of(PressureGrade.values()), 12_000);

        public Limits {
            grades = List.copyOf(grades);
            if (mostLayers < 1 || mostLayers > MOST_LAYERS) {
                throw new IllegalArgumentException("A recipe has 1…5 layers, asked for " + mostLayers);
            }
            if (grades.isEmpty() || mostTried < 1) {
                throw new IllegalArgumentException("A search needs pressures and leave to try");
            }
        }

        public Limits withLayers(int most) {
            return new Limits(most, grades, mostTried);
        }
    }

    /**
     * A recipe.
     *
     * @param layers first layer first; equal passes in a row are one layer
     * @param colour predicted
     * @param error as the target measures it
     * @param minutes for a box of 4 cm²
     * @param toothLeft 0…1
     */
    public record Found(List<Layer> layers, Lab colour, double error, double minutes, double toothLeft) {
        public Found {
            layers = List.copyOf(layers);
        }
    }

    /** The search was told to stop. */
    public static final class Cancelled extends RuntimeException {
        private static final long serialVersionUID = 1;
    }

    /** The front of closeness, minutes and tooth left, the closest first. Empty when the rules leave nothing. */
    public static List<Found> find(
            Target target,
            Paper paper,
            List<Pencil> pencils,
            Method method,
            Limits limits,
            DoubleConsumer progress,
            BooleanSupplier cancelled) {
        RecipeFinder finder = new RecipeFinder(target, paper, pencils, method, limits);
        finder.search(progress, cancelled);
        return finder.front();
    }

    /** The closest recipe. */
    public static Optional<Found> closest(
            Target target, Paper paper, List<Pencil> pencils, Method method, Limits limits) {
        return find(target, paper, pencils, method, limits, share -> {}, () -> false).stream()
                .findFirst();
    }

    /** One pass that may be laid. */
    static final class Move {
        private final PressureGrade grade;
        private final Pass pass;
        private final Lab masstone;
        private final boolean white;
        private final boolean black;

        Move(Pencil pencil, PressureGrade grade) {
            this.grade = grade;
            this.pass = Pass.of(pencil, grade);
            this.masstone = pencil.masstone().toLab();
            this.white = Masstone.isWhite(masstone);
            this.black = Masstone.isBlack(masstone);
        }

        Pass pass() {
            return pass;
        }

        PressureGrade grade() {
            return grade;
        }

        double lightness() {
            return masstone.lightness();
        }

        boolean white() {
            return white;
        }

        boolean black() {
            return black;
        }
    }

    /** A pencil with all its pressures. */
    private record Tool(Lab masstone, List<Move> moves) {}

    /** A pencil that may be laid over a stack. @param way distance of the target from where it leads */
    private record Step(Node node, Tool tool, double way) {}

    /** A stack reached by the search. @param under the swatch before the last run of equal passes, which are one layer */
    private record Node(List<Move> moves, Swatch under, int run, Swatch swatch, Lab colour, double error) {
        boolean endsWith(Move move) {
            return !moves.isEmpty() && moves.get(moves.size() - 1) == move;
        }
    }

    private void search(DoubleConsumer progress, BooleanSupplier cancelled) {
        Swatch bare = Swatch.bare(paper);
        List<Node> open = List.of(node(List.of(), bare, 0, bare));
        for (int depth = 1; depth <= limits.mostLayers(); depth++) {
            int allowed = (mostTried - tried) / (limits.mostLayers() - depth + 1);
            List<Node> next = new ArrayList<>();
            for (Step step :
                    promising(open, Math.max(1, allowed / limits.grades().size()))) {
                if (cancelled.getAsBoolean()) {
                    throw new Cancelled();
                }
                extend(step, next);
            }
            found.addAll(next);
            open = next;
            progress.accept((double) depth / limits.mostLayers());
        }
    }

    /** The steps that lead nearest to the target, at most so many. */
    private List<Step> promising(List<Node> open, int most) {
        PriorityQueue<Step> best =
                new PriorityQueue<>(Comparator.comparingDouble(Step::way).reversed());
        for (Node node : open) {
            double furthest = Math.min(1, 1.4 * node.swatch().toothLeft());
            for (Tool tool : tools) {
                double way = distanceToWay(node.colour(), tool.masstone(), furthest);
                if (best.size() < most) {
                    best.add(new Step(node, tool, way));
                } else if (way < best.element().way()) {
                    best.remove();
                    best.add(new Step(node, tool, way));
                }
            }
        }
        return List.copyOf(best);
    }

    private void extend(Step step, List<Node> into) {
        for (Move move : step.tool().moves()) {
            if (rules.allow(step.node().moves(), move)) {
                into.add(extended(step.node(), move));
                tried++;
            }
        }
    }

    private Node extended(Node node, Move move) {
        List<Move> done = new ArrayList<>(node.moves());
        done.add(move);
        Swatch under = node.endsWith(move) ? node.under() : node.swatch();
        int run = node.endsWith(move) ? node.run() + 1 : 1;
        return node(List.copyOf(done), under, run, under.with(move.pass, run));
    }

    private Node node(List<Move> done, Swatch under, int run, Swatch swatch) {
        Lab colour = swatch.colour();
        return new Node(done, under, run, swatch, colour, target.error(colour));
    }

    /**
     * How near the target lies to the straight way from a colour to a masstone that may be laid over it. Real layers bend
     * aside and stop short, the more so the fuller the tooth; the rank is what counts, not the figure.
     */
    private double distanceToWay(Lab from, Lab to, double furthest) {
        double weight = lightnessWeight();
        double l = weight * (to.lightness() - from.lightness());
        double a = hueWeight() * (to.a() - from.a());
        double b = hueWeight() * (to.b() - from.b());
        double wl = weight * (target.colour().lightness() - from.lightness());
        double wa = hueWeight() * (target.colour().a() - from.a());
        double wb = hueWeight() * (target.colour().b() - from.b());
        double length = l * l + a * a + b * b;
        double share = length == 0 ? 0 : Math.min(furthest, Math.max(0, (l * wl + a * wa + b * wb) / length));
        return Math.sqrt(square(share * l - wl) + square(share * a - wa) + square(share * b - wb));
    }

    private double lightnessWeight() {
        return target.closeness() == Target.Closeness.COLOUR ? 1 : 2;
    }

    private double hueWeight() {
        return target.closeness() == Target.Closeness.VALUE_ONLY ? 0 : 0.6;
    }

    private static double square(double x) {
        return x * x;
    }

    private List<Found> front() {
        found.sort(Comparator.comparingDouble(Node::error));
        List<Found> front = new ArrayList<>();
        for (Node node : found) {
            if (front.size() == MOST_SHOWN) {
                break;
            }
            if (front.isEmpty() || node.error() < 3 * front.get(0).error() + 3) {
                Found next = found(node);
                if (front.stream().noneMatch(before -> asGood(before, next))) {
                    front.add(next);
                }
            }
        }
        return List.copyOf(front);
    }

    /** True where {@code before}, which is nearer, is no slower and leaves no less tooth by more than a trifle. */
    private static boolean asGood(Found before, Found next) {
        return before.minutes() <= next.minutes() + WORTH_SHOWING && before.toothLeft() >= next.toothLeft() - 0.08;
    }

    private Found found(Node node) {
        List<Layer> layers = layers(node.moves());
        return new Found(
                layers,
                node.colour(),
                node.error(),
                Effort.minutes(new Stack(paper, Optional.empty(), layers), BOX_CM2, CM2_PER_MINUTE),
                node.swatch().toothLeft());
    }

    private static List<Layer> layers(List<Move> moves) {
        List<Layer> layers = new ArrayList<>();
        for (int i = 0; i < moves.size(); ) {
            int end = i;
            while (end < moves.size() && moves.get(end) == moves.get(i)) {
                end++;
            }
            layers.add(new Layer.Colour(moves.get(i).pass, end - i));
            i = end;
        }
        return layers;
    }
}
