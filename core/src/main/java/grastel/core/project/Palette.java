package grastel.core.project;

import grastel.core.colour.Lab;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.recipe.Target;
import grastel.core.recipe.Target.Closeness;
import grastel.core.reference.Zones.Zone;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The few pencils that make the colours of a picture best. How near any two of them come, one over the other, is worked out once;
 * then pencils are added one by one, those first that help most, and exchanged as long as that helps.
 */
public final class Palette {
    /** Exchanges end by themselves; so many are never reached. */
    private static final int MOST_ROUNDS = 50;

    private static final int BEGINNINGS = 6;

    private final List<Wanted> wanted;
    private final double[] bare;
    /** [under][over][colour], in the target's own measure; a pencil over itself is the pencil alone. */
    private final float[][][] errors;

    private Palette(List<Wanted> wanted, Mixtures mixtures, Closeness closeness) {
        this.wanted = wanted;
        List<Target> targets =
                wanted.stream().map(w -> new Target(w.colour(), closeness)).toList();
        this.bare =
                targets.stream().mapToDouble(t -> t.error(mixtures.ground())).toArray();
        this.errors = IntStream.range(0, mixtures.pencils())
                .parallel()
                .mapToObj(under -> IntStream.range(0, mixtures.pencils())
                        .mapToObj(over -> nearest(mixtures.of(under, over), targets))
                        .toArray(float[][]::new))
                .toArray(float[][][]::new);
    }

    /** @param weight how much of the picture has it */
    record Wanted(Lab colour, double weight) {}

    private static float[] nearest(List<Lab> colours, List<Target> targets) {
        float[] nearest = new float[targets.size()];
        for (int t = 0; t < nearest.length; t++) {
            double best = Double.POSITIVE_INFINITY;
            for (Lab colour : colours) {
                best = Math.min(best, targets.get(t).error(colour));
            }
            nearest[t] = (float) best;
        }
        return nearest;
    }

    /** @param most so many pencils; fewer where more do not help */
    public static List<Pencil> of(List<Zone> zones, Mixtures mixtures, Closeness closeness, int most) {
        Palette palette = new Palette(wanted(zones), mixtures, closeness);
        return palette.best(most).stream().sorted().map(mixtures::pencil).toList();
    }

    /** Own colours count for half of their zone, light and shadow for a quarter each. */
    private static List<Wanted> wanted(List<Zone> zones) {
        return zones.stream()
                .flatMap(z -> Stream.of(
                        new Wanted(z.own(), z.areaMm2() / 2),
                        new Wanted(z.light(), z.areaMm2() / 4),
                        new Wanted(z.shadow(), z.areaMm2() / 4)))
                .toList();
    }

    static Palette between(List<Wanted> wanted, Paper paper, List<Pencil> pencils) {
        return new Palette(wanted, Mixtures.of(paper, pencils), Closeness.COLOUR);
    }

    /** Numbers of the pencils: the best of what several beginnings lead to. */
    List<Integer> best(int most) {
        return others(List.of())
                .boxed()
                .sorted(Comparator.comparingDouble(p -> error(List.of(p))))
                .limit(BEGINNINGS)
                .map(first -> from(first, most))
                .min(Comparator.comparingDouble(this::error))
                .orElse(List.of());
    }

    private List<Integer> from(int first, int most) {
        List<Integer> chosen = new ArrayList<>(List.of(first));
        while (chosen.size() < Math.min(most, errors.length)) {
            int next = others(chosen)
                    .boxed()
                    .min(Comparator.comparingDouble(p -> error(with(chosen, p))))
                    .orElseThrow();
            if (error(with(chosen, next)) >= error(chosen)) {
                break;
            }
            chosen.add(next);
        }
        for (int round = 0; round < MOST_ROUNDS && exchanged(chosen); round++) {
            // as long as one for another helps
        }
        return chosen;
    }

    private IntStream others(List<Integer> chosen) {
        return IntStream.range(0, errors.length).filter(p -> !chosen.contains(p));
    }

    private static List<Integer> with(List<Integer> chosen, int another) {
        List<Integer> more = new ArrayList<>(chosen);
        more.add(another);
        return more;
    }

    private boolean exchanged(List<Integer> chosen) {
        double now = error(chosen);
        for (int at = 0; at < chosen.size(); at++) {
            int old = chosen.get(at);
            for (int other : others(chosen).toArray()) {
                chosen.set(at, other);
                if (error(chosen) < now - 1e-9) {
                    return true;
                }
            }
            chosen.set(at, old);
        }
        return false;
    }

    /** Mean error of all colours with some pencils, by how much of the picture has them. */
    double error(List<Integer> chosen) {
        double sum = 0;
        double weight = 0;
        for (int t = 0; t < wanted.size(); t++) {
            double best = bare[t];
            for (int under : chosen) {
                for (int over : chosen) {
                    best = Math.min(best, errors[under][over][t]);
                }
            }
            sum += wanted.get(t).weight() * best;
            weight += wanted.get(t).weight();
        }
        return weight == 0 ? 0 : sum / weight;
    }
}
