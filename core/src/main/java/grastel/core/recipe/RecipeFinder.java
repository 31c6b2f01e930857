package grastel.core.recipe;

import grastel.core.colour.Lab;
import grastel.core.colour.PaintersWheel;
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
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.function.BiPredicate;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.stream.Stream;

/**
 * Finds stacks of layers for a wanted colour. A beam search over shared partial stacks: every pencil that may be laid over
 * every stack is ranked by how near it leads to the target, and only as many are laid as the work allowed permits. Of all
 * stacks that come nearly as close as the closest, the recipe is the one with the fewest pencils, then the fewest layers, then
 * the least pressure.
 */
public final class RecipeFinder {
    public static final int MOST_LAYERS = 5;
    /** Area that minutes are told for, cm²: a box of 20 mm. */
    private static final double BOX_CM2 = 4;
    /** A practised teenager. */
    private static final double CM2_PER_MINUTE = 8;
    /** A recipe this much further off than the closest is as good if it is simpler, ΔE00. */
    private static final double AS_GOOD = 2;
    /** The same in L*, where value comes first. */
    private static final double AS_GOOD_IN_VALUE = 1.5;
    /** Recipes this much nearer are worth showing beside the simplest, in the target's own measure. */
    private static final double WORTH_SHOWING = 0.3;
    /** Among recipes with as many pencils, the simplest within this of the closest is shown. */
    private static final double AS_GOOD_BESIDE = 0.5;

    private static final int MOST_SHOWN = 4;

    /** A pencil far from the target's hue and from the base's must come nearer by so much, ΔE00. */
    static final double STRAY_GAIN = 3;
    /** How far that is on the painter's wheel, degrees. */
    private static final double FAR = 60;
    /** Pencils and targets of less chroma have no hue to stray from. */
    private static final double GREYISH = 15;

    /** So few pencils are searched nearly through. */
    private static final int FEW_PENCILS = 8;

    private static final int TRIED_WITH_FEW = 6_000;
    /** With more, the answer should not keep a teacher waiting. */
    private static final int TRIED_PER_PENCIL = 250;

    private final Target target;
    private final Paper paper;
    private final List<Tool> tools;
    private final int mostTried;
    private final Rules rules;
    private final Limits limits;
    private final Optional<Family> family;
    private final List<Node> found = new ArrayList<>();
    private int tried;

    private RecipeFinder(
            Target target, Paper paper, List<Pencil> pencils, Method method, Limits limits, Optional<Family> family) {
        this.target = target;
        this.paper = paper;
        this.rules = new Rules(method);
        this.limits = limits;
        this.family = family;
        this.tools = Pencil.ofOneSort(pencils).stream()
                .filter(p -> !p.colourless())
                .map(p -> new Tool(p.masstone().toLab(), moves(p, limits.grades())))
                .toList();
        this.mostTried = Math.min(limits.mostTried(), allowance(tools.size()));
    }

    private static int allowance(int pencils) {
        return pencils <= FEW_PENCILS ? TRIED_WITH_FEW : TRIED_PER_PENCIL * pencils;
    }

    /** Light layers build, so several at once are tried too; full pressure comes once. */
    static List<Move> moves(Pencil pencil, List<PressureGrade> grades) {
        List<Move> moves = new ArrayList<>();
        for (PressureGrade grade : grades) {
            moves.add(new Move(pencil, grade, 1));
            if (grade == PressureGrade.LIGHT) {
                moves.add(new Move(pencil, grade, 3));
            }
            if (grade == PressureGrade.MEDIUM) {
                moves.add(new Move(pencil, grade, 2));
            }
        }
        return moves;
    }

    /**
     * @param mostLayers 1…5; equal layers in a row are counted as they are laid
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
     * What the parts of one object share, so that they look like one: its pencils and its grain. A light or shadow of the object
     * is found within the family of its own colour.
     *
     * @param pencils of the object's own colour; another must come nearer by {@value #STRAY_GAIN} ΔE00
     * @param specks paper showing there, 0…1; parts should differ by at most {@value #SAME_GRAIN}
     * @param lightest L* that the part must stay below
     * @param darkest L* that it must stay above
     */
    public record Family(List<Pencil> pencils, double specks, double lightest, double darkest) {
        static final double SAME_GRAIN = 0.15;
        /** ΔE00 that each point of grain beyond that counts as. */
        private static final double OTHER_GRAIN = 0.5;

        public Family {
            pencils = List.copyOf(pencils);
        }

        private double cost(List<Move> moves, double otherSpecks) {
            long strangers = moves.stream()
                    .map(m -> m.pass.pencil())
                    .distinct()
                    .filter(p -> !pencils.contains(p))
                    .count();
            double grain = Math.max(0, Math.abs(otherSpecks - specks) - SAME_GRAIN);
            return STRAY_GAIN * Math.max(0, strangers - 1) + strangers + 100 * OTHER_GRAIN * grain;
        }

        private boolean fits(Lab colour) {
            return colour.lightness() < lightest && colour.lightness() > darkest;
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
     * @param specks paper showing, 0…1
     */
    public record Found(List<Layer> layers, Lab colour, double error, double minutes, double toothLeft, double specks) {
        public Found {
            layers = List.copyOf(layers);
        }

        /** The pencils it takes, in the order of their first layers. */
        public List<Pencil> pencils() {
            return layers.stream()
                    .flatMap(l -> Stream.ofNullable(l.pencil()))
                    .distinct()
                    .toList();
        }
    }

    /** The search was told to stop. */
    public static final class Cancelled extends RuntimeException {
        private static final long serialVersionUID = 1;
    }

    /** The recipe, then closer ones, each with more pencils or layers. Empty when the rules leave nothing. */
    public static List<Found> find(
            Target target,
            Paper paper,
            List<Pencil> pencils,
            Method method,
            Limits limits,
            DoubleConsumer progress,
            BooleanSupplier cancelled) {
        RecipeFinder finder = new RecipeFinder(target, paper, pencils, method, limits, Optional.empty());
        finder.search(progress, cancelled);
        return finder.results();
    }

    /** The recipe alone. */
    public static Optional<Found> recipe(
            Target target, Paper paper, List<Pencil> pencils, Method method, Limits limits) {
        return find(target, paper, pencils, method, limits, share -> {}, () -> false).stream()
                .findFirst();
    }

    /** The recipe for a light or a shadow of an object whose own colour has its pencils. */
    public static Optional<Found> recipe(
            Target target, Paper paper, List<Pencil> pencils, Method method, Limits limits, Family family) {
        RecipeFinder finder = new RecipeFinder(target, paper, pencils, method, limits, Optional.of(family));
        finder.search(share -> {}, () -> false);
        return finder.results().stream().findFirst();
    }

    /** One or several equal passes that may be laid. */
    static final class Move {
        private final PressureGrade grade;
        private final Pass pass;
        private final int passes;
        private final Lab masstone;
        private final boolean white;
        private final boolean black;

        Move(Pencil pencil, PressureGrade grade, int passes) {
            this.grade = grade;
            this.pass = Pass.of(pencil, grade);
            this.passes = passes;
            this.masstone = pencil.masstone().toLab();
            this.white = Masstone.isWhite(masstone);
            this.black = Masstone.isBlack(masstone);
        }

        Pass pass() {
            return pass;
        }

        int passes() {
            return passes;
        }

        PressureGrade grade() {
            return grade;
        }

        Lab masstone() {
            return masstone;
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

    /**
     * A stack reached by the search.
     *
     * @param error as the target measures it
     * @param cost the error and what stray pencils must gain
     */
    private record Node(List<Move> moves, Swatch swatch, Lab colour, double error, double cost) {
        long pencils() {
            return moves.stream().map(m -> m.pass.pencil()).distinct().count();
        }

        int layers() {
            return RecipeFinder.layers(moves).size();
        }

        double mostPressure() {
            return moves.stream().mapToDouble(m -> m.pass.pressure()).max().orElse(0);
        }

        int passes() {
            return moves.stream().mapToInt(Move::passes).sum();
        }
    }

    private static final Comparator<Node> SIMPLEST = Comparator.comparingLong(Node::pencils)
            .thenComparingInt(Node::layers)
            .thenComparingDouble(Node::mostPressure)
            .thenComparingInt(Node::passes)
            .thenComparingDouble(Node::cost);

    private void search(DoubleConsumer progress, BooleanSupplier cancelled) {
        Swatch bare = Swatch.bare(paper);
        List<Node> open = List.of(new Node(List.of(), bare, bare.colour(), 0, 0));
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
            if (rules.allow(step.node().moves(), move) && run(step.node().moves(), move) <= Layer.MOST_PASSES) {
                List<Move> moves = new ArrayList<>(step.node().moves());
                moves.add(move);
                into.add(node(List.copyOf(moves), step.node().swatch().with(move.pass, move.passes)));
                tried++;
            }
        }
    }

    /** Equal passes in a row with one more move. */
    private static int run(List<Move> done, Move next) {
        int passes = next.passes;
        for (int i = done.size() - 1; i >= 0 && done.get(i).pass.equals(next.pass); i--) {
            passes += done.get(i).passes;
        }
        return passes;
    }

    private Node node(List<Move> moves, Swatch swatch) {
        Lab colour = swatch.colour();
        double error = target.error(colour);
        double cost = error
                + STRAY_GAIN * strays(moves, target.colour())
                + family.map(f -> f.cost(moves, swatch.specks())).orElse(0.0);
        return new Node(moves, swatch, colour, error, cost);
    }

    /** Pencils whose hue is far from the target's and from the base's, which is laid the most. A foundation is none. */
    static long strays(List<Move> moves, Lab wanted) {
        Map<Pencil, Double> laid = new LinkedHashMap<>();
        moves.forEach(m -> laid.merge(m.pass.pencil(), m.passes * m.pass.pressure(), Double::sum));
        Lab base = laid.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .orElseThrow()
                .getKey()
                .masstone()
                .toLab();
        return laid.keySet().stream()
                .filter(p -> isStray(p.masstone().toLab(), base, wanted) && !isFoundation(moves, p))
                .count();
    }

    private static boolean isStray(Lab pencil, Lab base, Lab wanted) {
        return pencil.chroma() > GREYISH && isFar(pencil, wanted) && isFar(pencil, base);
    }

    private static boolean isFar(Lab pencil, Lab from) {
        return from.chroma() < GREYISH || PaintersWheel.distance(pencil.hueDegrees(), from.hueDegrees()) > FAR;
    }

    private static boolean isFoundation(List<Move> moves, Pencil pencil) {
        return moves.size() > 1
                && moves.get(0).pass.pencil().equals(pencil)
                && Rules.isFoundation(moves.get(0), moves.get(1));
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

    private List<Found> results() {
        List<Node> fitting = fitting();
        List<Found> results = new ArrayList<>();
        simplest(fitting, fitting, this::isAsGood).ifPresent(recipe -> {
            results.add(found(recipe));
            double before = recipe.cost();
            for (long pencils = recipe.pencils(); results.size() < MOST_SHOWN; pencils++) {
                long count = pencils;
                List<Node> more =
                        fitting.stream().filter(n -> n.pencils() == count).toList();
                if (more.isEmpty()) {
                    break;
                }
                double atMost = before - WORTH_SHOWING;
                Optional<Node> closer = simplest(
                        more,
                        more.stream().filter(n -> n.cost() <= atMost).toList(),
                        (node, best) -> node.cost() <= best.cost() + AS_GOOD_BESIDE);
                closer.ifPresent(n -> results.add(found(n)));
                before = closer.map(Node::cost).orElse(before);
            }
        });
        return List.copyOf(results);
    }

    /** What the family allows; all where it allows nothing. */
    private List<Node> fitting() {
        List<Node> fitting = found.stream()
                .filter(n -> family.isEmpty() || family.get().fits(n.colour()))
                .toList();
        return fitting.isEmpty() ? found : fitting;
    }

    /** @param of whose closest sets the measure */
    private static Optional<Node> simplest(List<Node> of, List<Node> among, BiPredicate<Node, Node> isAsGood) {
        return of.stream()
                .min(Comparator.comparingDouble(Node::cost))
                .flatMap(best ->
                        among.stream().filter(n -> isAsGood.test(n, best)).min(SIMPLEST));
    }

    private boolean isAsGood(Node node, Node best) {
        if (target.closeness() == Target.Closeness.COLOUR) {
            return node.cost() <= best.cost() + AS_GOOD;
        }
        double value = Math.abs(node.colour().lightness() - target.colour().lightness());
        double bestValue = Math.abs(best.colour().lightness() - target.colour().lightness());
        return node.cost() <= best.cost() + AS_GOOD && value <= bestValue + AS_GOOD_IN_VALUE;
    }

    private Found found(Node node) {
        List<Layer> layers = layers(node.moves());
        return new Found(
                layers,
                node.colour(),
                node.error(),
                Effort.minutes(new Stack(paper, Optional.empty(), layers), BOX_CM2, CM2_PER_MINUTE),
                node.swatch().toothLeft(),
                node.swatch().specks());
    }

    /** Equal passes in a row are one layer. */
    private static List<Layer> layers(List<Move> moves) {
        List<Layer> layers = new ArrayList<>();
        for (int i = 0; i < moves.size(); ) {
            int passes = 0;
            int end = i;
            for (; end < moves.size() && moves.get(end).pass.equals(moves.get(i).pass); end++) {
                passes += moves.get(end).passes;
            }
            layers.add(new Layer.Colour(moves.get(i).pass, passes));
            i = end;
        }
        return layers;
    }
}
