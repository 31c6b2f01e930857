package grastel.core.layering;

import grastel.core.colour.Lab;
import grastel.core.colour.Spectrum;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * One film on the paper: a pencil's, or several worked into one another, with how much of each lies in each height class.
 * Immutable by agreement: nobody writes to its arrays after it is made.
 */
final class Film {
    /** A pencil's share of the film. @param layer which layer of the stack brought it; @param amount thickness by class */
    record Part(PigmentOptics optics, int layer, double[] amount) {}

    final List<Part> parts;
    /** How much light its surface throws back, against a pencil's: that of what was laid last. */
    final double sheen;
    /** Part of it is dust, that goes into what is laid over it. */
    final boolean dusty;
    /** Part of it can be scraped off. */
    final boolean scrapes;

    Film(List<Part> parts) {
        this.parts = parts;
        this.sheen =
                parts.isEmpty() ? 1 : parts.get(parts.size() - 1).optics.medium.sheen();
        boolean dust = false;
        boolean soft = false;
        for (Part part : parts) {
            dust |= part.optics.medium.loose() > 0;
            soft |= part.optics.medium.scrapes();
        }
        this.dusty = dust;
        this.scrapes = soft;
    }

    static Film of(PigmentOptics optics, int layer, double[] amount) {
        return new Film(List.of(new Part(optics, layer, amount)));
    }

    double thickness(int heightClass) {
        double sum = 0;
        for (Part part : parts) {
            sum += part.amount[heightClass];
        }
        return sum;
    }

    /** Both are one pencil's, of one layer. */
    boolean isOfSameLayer(Film other) {
        return parts.size() == 1
                && other.parts.size() == 1
                && parts.get(0).layer == other.parts.get(0).layer
                && parts.get(0).optics == other.parts.get(0).optics;
    }

    /** This film with another of the same layer on it. */
    Film and(Film other) {
        Part part = parts.get(0);
        double[] amount = part.amount.clone();
        for (int c = 0; c < amount.length; c++) {
            amount[c] += other.parts.get(0).amount[c];
        }
        return of(part.optics, part.layer, amount);
    }

    /** The film with each class's thickness multiplied. */
    Film scaled(double[] factor) {
        List<Part> scaled = new ArrayList<>(parts.size());
        for (Part part : parts) {
            double[] amount = part.amount.clone();
            for (int c = 0; c < amount.length; c++) {
                amount[c] *= factor[c];
            }
            scaled.add(new Part(part.optics, part.layer, amount));
        }
        return new Film(scaled);
    }

    /** The film with each part moved towards the same thickness everywhere. @param share 0 as it is … 1 level */
    Film levelled(double share) {
        List<Part> levelled = new ArrayList<>(parts.size());
        for (Part part : parts) {
            double mean = 0;
            for (double t : part.amount) {
                mean += t / part.amount.length;
            }
            double[] amount = part.amount.clone();
            for (int c = 0; c < amount.length; c++) {
                amount[c] += share * (mean - amount[c]);
            }
            levelled.add(new Part(part.optics, part.layer, amount));
        }
        return new Film(levelled);
    }

    /** Thickness of what has colour: clear wax covers nothing. */
    double pigment(int heightClass) {
        double sum = 0;
        for (Part part : parts) {
            sum += part.optics.isColourless() ? 0 : part.amount[heightClass];
        }
        return sum;
    }

    /**
     * Lays this film over what is seen of the classes, in place; {@code seen} holds 36 values for each class. Kubelka 1948
     * as in {@link KubelkaMunk#over}, with e = exp(−2bSX) so that one exponential and one division are left.
     *
     * @param covered share of each class on which its films lie, so that there they are thicker than their mean
     */
    void cover(double[] seen, double[] covered) {
        if (parts.size() == 1) {
            Part part = parts.get(0);
            PigmentOptics optics = part.optics;
            for (int c = 0; c < part.amount.length && !optics.isColourless(); c++) {
                if (part.amount[c] > 0) {
                    coverClass(
                            seen, c * Spectrum.SAMPLES, optics.a, optics.b, optics.fading, part.amount[c] / covered[c]);
                }
            }
        } else {
            Mixture mixture = new Mixture();
            for (int c = 0; c < covered.length; c++) {
                if (mixture.of(parts, c)) {
                    coverClass(seen, c * Spectrum.SAMPLES, mixture.a, mixture.b, mixture.fading, 1 / covered[c]);
                }
            }
        }
    }

    /** The optics of the parts of one class worked into one: K and S add by thickness. */
    private static final class Mixture {
        final double[] a = new double[Spectrum.SAMPLES];
        final double[] b = new double[Spectrum.SAMPLES];
        final double[] fading = new double[Spectrum.SAMPLES];
        private final double[] scattering = new double[Spectrum.SAMPLES];

        /** @return false where the class has none of it */
        boolean of(List<Part> parts, int heightClass) {
            Arrays.fill(a, 0);
            Arrays.fill(scattering, 0);
            boolean any = false;
            for (Part part : parts) {
                double amount = part.amount[heightClass];
                if (amount > 0 && !part.optics.isColourless()) {
                    any = true;
                    PigmentOptics optics = part.optics;
                    for (int i = 0; i < a.length; i++) {
                        double s = optics.scattering[i] * amount;
                        scattering[i] += s;
                        a[i] += s * optics.a[i];
                    }
                }
            }
            for (int i = 0; any && i < a.length; i++) {
                a[i] /= scattering[i];
                b[i] = Math.sqrt(a[i] * a[i] - 1);
                fading[i] = 2 * b[i] * scattering[i];
            }
            return any;
        }
    }

    /** @param fading 2·b·S of a film of thickness 1, by wavelength */
    private static void coverClass(double[] seen, int from, double[] a, double[] b, double[] fading, double thickness) {
        for (int i = 0; i < Spectrum.SAMPLES; i++) {
            double backing = seen[from + i];
            double e = FunctionTables.fade(thickness * fading[i]);
            double less = 1 - e;
            double more = b[i] * (1 + e);
            seen[from + i] = (less * (1 - a[i] * backing) + backing * more) / ((a[i] - backing) * less + more);
        }
    }

    /** Colour of a solid film of this on white paper, in one class: its own masstone or the mixture's. */
    Lab masstone(int heightClass) {
        if (parts.size() == 1) {
            return parts.get(0).optics.masstone;
        }
        Mixture mixture = new Mixture();
        double[] r = new double[Spectrum.SAMPLES];
        Arrays.fill(r, PigmentOptics.WHITE_PAPER);
        if (mixture.of(parts, heightClass)) {
            coverClass(r, 0, mixture.a, mixture.b, mixture.fading, PigmentOptics.SOLID_FILM / pigment(heightClass));
        }
        return Spectrum.of(r).toLab();
    }

    /**
     * Share of light that this film keeps from what lies under it, where it lies: 0 clear … 1 closed; mean over wavelengths.
     *
     * @param covered share of the class on which its films lie
     */
    double opacity(int heightClass, double covered) {
        Mixture mixture = new Mixture();
        if (!mixture.of(parts, heightClass)) {
            return 0;
        }
        double through = 0;
        for (int i = 0; i < Spectrum.SAMPLES; i++) {
            double b = mixture.b[i];
            double bp = Math.min(300, mixture.fading[i] / covered / 2);
            double t = b / (mixture.a[i] * Math.sinh(bp) + b * Math.cosh(bp));
            through += t * t / Spectrum.SAMPLES;
        }
        return 1 - through;
    }
}
