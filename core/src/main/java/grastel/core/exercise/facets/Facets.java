package grastel.core.exercise.facets;

import grastel.core.exercise.plan.FieldPlan.Point;
import grastel.core.exercise.plan.PicturePlan.Line;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;

/**
 * A frame cut into parts by straight lines from side to side. Parts that share an edge lie on two sides of one line and on the same
 * side of all others, so two sorts of parts suffice for neighbours never to be of one sort.
 */
final class Facets {
    /** Side of a cell, mm. */
    static final double CELL_MM = 1;

    private static final int BEGINNINGS = 24;
    private static final int CHANGES = 400;
    /** Lines keep away from corners, share of a side. */
    private static final double FROM_CORNER = 0.12;
    /** No part is smaller than this share of an even one. */
    private static final double LEAST_SHARE = 0.25;

    /** Nor larger than so many even ones. */
    private static final double MOST_SHARE = 2.3;

    private static final double FAIR = 1;
    /** A part that is smaller has no room for a fade. */
    private static final double LEAST_MM2 = 100;
    /** While lines are tried every so many cells are looked at each way. */
    private static final int COARSE = 3;

    final int columns;
    final int rows;
    final List<Line> lines;
    /** Part of each cell, from 0, row by row. */
    final int[] parts;

    final int count;
    /** Which of two sorts each part is. */
    private final boolean[] odd;

    private Facets(double widthMm, double heightMm, List<Line> lines) {
        this.columns = (int) Math.round(widthMm / CELL_MM);
        this.rows = (int) Math.round(heightMm / CELL_MM);
        this.lines = List.copyOf(lines);
        this.parts = new int[columns * rows];
        Map<Integer, Integer> numbers = new HashMap<>();
        for (int i = 0; i < parts.length; i++) {
            int sides = sides((i % columns + 0.5) * CELL_MM, (i / columns + 0.5) * CELL_MM, lines);
            parts[i] = numbers.computeIfAbsent(sides, s -> numbers.size());
        }
        this.count = numbers.size();
        this.odd = new boolean[count];
        numbers.forEach((sides, part) -> odd[part] = Integer.bitCount(sides) % 2 == 1);
    }

    /** None where so many parts of a size to be drawn cannot be found. */
    static Optional<Facets> of(double widthMm, double heightMm, int count, RandomGenerator random) {
        int lines = 1;
        while (1 + lines + lines * (lines - 1) / 2 < count) {
            lines++;
        }
        Optional<Facets> best = Optional.empty();
        double fairest = 0;
        for (int beginning = 0; beginning < BEGINNINGS && fairest < FAIR; beginning++) {
            // With a line more, fewer of them need to cross.
            List<Line> drawn = relaxed(widthMm, heightMm, lines + beginning % 2, count, random);
            double fairness = fairness(widthMm, heightMm, drawn, count);
            Facets facets = new Facets(widthMm, heightMm, drawn);
            if (fairness > fairest
                    && facets.count == count
                    && facets.withoutRoom().isEmpty()) {
                fairest = fairness;
                best = Optional.of(facets);
            }
        }
        return best;
    }

    /** Cut by given lines. */
    static Facets of(double widthMm, double heightMm, List<Line> lines) {
        return new Facets(widthMm, heightMm, lines);
    }

    /** Parts that are too small for a fade. */
    List<Integer> withoutRoom() {
        return IntStream.range(0, count)
                .filter(p -> cells(p).length * CELL_MM * CELL_MM < LEAST_MM2)
                .boxed()
                .toList();
    }

    /** Lines that are drawn anew one by one as long as parts become fairer. */
    private static List<Line> relaxed(double width, double height, int lines, int count, RandomGenerator random) {
        List<Line> drawn = new ArrayList<>();
        for (int i = 0; i < lines; i++) {
            drawn.add(line(width, height, random));
        }
        double best = fairness(width, height, drawn, count);
        for (int change = 0; change < CHANGES && best < FAIR; change++) {
            List<Line> tried = new ArrayList<>(drawn);
            int at = random.nextInt(lines);
            Line other = line(width, height, random);
            boolean kept = random.nextBoolean() && !isOneSide(tried.get(at).from(), other.to(), width, height);
            tried.set(at, kept ? new Line(tried.get(at).from(), other.to()) : other);
            double fairness = fairness(width, height, tried, count);
            if (fairness >= best) {
                best = fairness;
                drawn = tried;
            }
        }
        return drawn;
    }

    private static Line line(double width, double height, RandomGenerator random) {
        int from = random.nextInt(4);
        int to = (from + 1 + random.nextInt(3)) % 4;
        return new Line(on(from, width, height, random), on(to, width, height, random));
    }

    /** @param side 0 top, 1 right, 2 bottom, 3 left */
    private static Point on(int side, double width, double height, RandomGenerator random) {
        double along = random.nextDouble(FROM_CORNER, 1 - FROM_CORNER);
        return switch (side) {
            case 0 -> new Point(along * width, 0);
            case 1 -> new Point(width, along * height);
            case 2 -> new Point(along * width, height);
            default -> new Point(0, along * height);
        };
    }

    private static boolean isOneSide(Point a, Point b, double width, double height) {
        return a.x() == b.x() && (a.x() == 0 || a.x() == width) || a.y() == b.y() && (a.y() == 0 || a.y() == height);
    }

    /** How near parts are to being neither too small nor too large, {@value #FAIR} where all are; below 0 by how many there are too few or too many. */
    private static double fairness(double width, double height, List<Line> lines, int count) {
        int[] cells = new int[1 << lines.size()];
        int all = 0;
        for (double y = CELL_MM; y < height; y += COARSE * CELL_MM) {
            for (double x = CELL_MM; x < width; x += COARSE * CELL_MM) {
                cells[sides(x, y, lines)]++;
                all++;
            }
        }
        int[] parts = Arrays.stream(cells).filter(n -> n > 0).toArray();
        double least = LEAST_SHARE * all / count;
        double most = MOST_SHARE * all / count;
        return parts.length == count
                ? Arrays.stream(parts)
                        .mapToDouble(n -> Math.min(FAIR, Math.min(n / least, most / n)))
                        .average()
                        .orElse(0)
                : -Math.abs(parts.length - count);
    }

    /** On which side of each line a place lies, a bit for each. */
    private static int sides(double x, double y, List<Line> lines) {
        int sides = 0;
        for (Line line : lines) {
            Point a = line.from();
            Point b = line.to();
            boolean left = (b.x() - a.x()) * (y - a.y()) - (b.y() - a.y()) * (x - a.x()) > 0;
            sides = 2 * sides + (left ? 1 : 0);
        }
        return sides;
    }

    boolean isOdd(int part) {
        return odd[part];
    }

    int part(int cell) {
        return parts[cell];
    }

    /** Cells of a part. */
    int[] cells(int part) {
        return IntStream.range(0, parts.length).filter(i -> parts[i] == part).toArray();
    }

    /** Neighbouring cells of two parts, one after the other. */
    int[] borders() {
        int[] pairs = new int[4 * parts.length];
        int n = 0;
        for (int i = 0; i < parts.length; i++) {
            if (i % columns + 1 < columns && parts[i] != parts[i + 1]) {
                pairs[n++] = i;
                pairs[n++] = i + 1;
            }
            if (i + columns < parts.length && parts[i] != parts[i + columns]) {
                pairs[n++] = i;
                pairs[n++] = i + columns;
            }
        }
        return Arrays.copyOf(pairs, n);
    }
}
