package grastel.core.layering;

import grastel.core.layering.Film.Part;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What rubbing, wetting and lifting do to the films of a swatch, bottom film first. */
final class Films {
    /** A white laid last drags pigment up: it mixes so much more than a pigmented layer. */
    private static final double TINT_MIX = 1.7;

    private Films() {}

    static double[] thickness(List<Film> films, int classes) {
        double[] total = new double[classes];
        for (Film film : films) {
            for (int c = 0; c < classes; c++) {
                total[c] += film.thickness(c);
            }
        }
        return total;
    }

    /** Thickness that stands in the way of the next layer. */
    static double[] filling(List<Film> films, int classes) {
        double[] total = new double[classes];
        for (Film film : films) {
            for (Part part : film.parts) {
                for (int c = 0; c < classes; c++) {
                    total[c] += part.amount()[c] * part.optics().filling();
                }
            }
        }
        return total;
    }

    /** The upper part of the films of every class worked into one. @param share of each class's thickness, 0…1 */
    static List<Film> mixedFromTop(List<Film> films, double share) {
        if (films.size() < 2 || share <= 0) {
            return films;
        }
        double[] wanted = thickness(films, Deposit.CLASSES);
        for (int c = 0; c < wanted.length; c++) {
            wanted[c] *= share;
        }
        Map<List<Object>, double[]> mixed = new LinkedHashMap<>();
        List<Film> below = take(films, wanted, (part, amount) -> add(mixed, part, amount));
        List<Part> parts = new ArrayList<>();
        mixed.forEach((key, amount) -> parts.add(new Part((PigmentOptics) key.get(0), (Integer) key.get(1), amount)));
        List<Film> out = new ArrayList<>(below);
        out.add(new Film(List.copyOf(parts)));
        return List.copyOf(out);
    }

    /** What hard pressing works into one. @param share of each class's thickness, 0…1 */
    static List<Film> pressedFromTop(List<Film> films, double share) {
        boolean tint = isTint(films.get(films.size() - 1));
        return mixedFromTop(films, tint ? Math.min(1, TINT_MIX * share) : share);
    }

    /** Dust below goes into the film on top as it is laid. @param pressure of that */
    static List<Film> loosened(List<Film> films, double pressure) {
        Film top = films.get(films.size() - 1);
        if (films.stream().noneMatch(f -> f != top && f.dusty)) {
            return films;
        }
        List<Part> taken = new ArrayList<>();
        List<Film> out = new ArrayList<>();
        for (Film film : films.subList(0, films.size() - 1)) {
            List<Part> left = new ArrayList<>();
            for (Part part : film.parts) {
                double share = part.optics().medium.loose() * (0.5 + 0.5 * pressure);
                if (share > 0 && part.optics() != top.parts.get(0).optics()) {
                    taken.add(scaled(part, share));
                    left.add(scaled(part, 1 - share));
                } else {
                    left.add(part);
                }
            }
            out.add(new Film(List.copyOf(left)));
        }
        if (taken.isEmpty()) {
            return films;
        }
        taken.addAll(top.parts);
        out.add(new Film(List.copyOf(taken)));
        return List.copyOf(out);
    }

    private static Part scaled(Part part, double share) {
        double[] amount = part.amount().clone();
        for (int c = 0; c < amount.length; c++) {
            amount[c] *= share;
        }
        return new Part(part.optics(), part.layer(), amount);
    }

    private static boolean isTint(Film film) {
        return film.parts.size() == 1 && film.parts.get(0).optics().isTint();
    }

    /** The films without the upper part of each class. @param amount thickness to lift, by class */
    static List<Film> lifted(List<Film> films, double[] amount) {
        return List.copyOf(take(films, amount.clone(), (part, taken) -> {}));
    }

    static List<Film> levelled(List<Film> films, double share) {
        if (share <= 0) {
            return films;
        }
        return films.stream().map(f -> f.levelled(share)).toList();
    }

    private interface Taken {
        void accept(Part part, double[] amount);
    }

    /** Takes thickness off the top, class by class; what is left, bottom first. {@code wanted} is used up. */
    private static List<Film> take(List<Film> films, double[] wanted, Taken taken) {
        List<Film> left = new ArrayList<>(films);
        for (int f = films.size() - 1; f >= 0; f--) {
            Film film = films.get(f);
            double[] keep = new double[wanted.length];
            boolean any = false;
            for (int c = 0; c < wanted.length; c++) {
                double thickness = film.thickness(c);
                double off = Math.min(thickness, wanted[c]);
                wanted[c] -= off;
                keep[c] = thickness > 0 ? 1 - off / thickness : 0;
                any |= keep[c] > 1e-9;
            }
            for (Part part : film.parts) {
                double[] amount = part.amount().clone();
                for (int c = 0; c < amount.length; c++) {
                    amount[c] *= 1 - keep[c];
                }
                taken.accept(part, amount);
            }
            if (any) {
                left.set(f, film.scaled(keep));
            } else {
                left.remove(f);
            }
        }
        return left;
    }

    private static void add(Map<List<Object>, double[]> mixed, Part part, double[] amount) {
        mixed.merge(List.of(part.optics(), part.layer()), amount, (one, two) -> {
            for (int c = 0; c < one.length; c++) {
                one[c] += two[c];
            }
            return one;
        });
    }
}
