package grastel.core.layering;

import grastel.core.colour.Lab;
import grastel.core.colour.Spectrum;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * One film on the paper: a lead, or several worked into one another, with how much of each lies in each height class.
 * Immutable by agreement: nobody writes to its arrays after it is made.
 */
final class Film {
    /** A lead's share of the film. @param layer which layer of the stack brought it; @param amount thickness by class */
    record Part(Lead lead, int layer, double[] amount) {}

    final List<Part> parts;

    Film(List<Part> parts) {
        this.parts = parts;
    }

    static Film of(Lead lead, int layer, double[] amount) {
        return new Film(List.of(new Part(lead, layer, amount)));
    }

    double thickness(int heightClass) {
        double sum = 0;
        for (Part part : parts) {
            sum += part.amount[heightClass];
        }
        return sum;
    }

    /** The film with each class's thickness multiplied. */
    Film scaled(double[] factor) {
        List<Part> scaled = new ArrayList<>(parts.size());
        for (Part part : parts) {
            double[] amount = part.amount.clone();
            for (int c = 0; c < amount.length; c++) {
                amount[c] *= factor[c];
            }
            scaled.add(new Part(part.lead, part.layer, amount));
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
            levelled.add(new Part(part.lead, part.layer, amount));
        }
        return new Film(levelled);
    }

    /**
     * Lays this film over what is seen of the classes, in place; {@code seen} holds 36 values for each class. Kubelka 1948
     * as in {@link KubelkaMunk#over}, with e = exp(−2bSX) so that one exponential and one division are left.
     */
    void cover(double[] seen) {
        if (parts.size() == 1) {
            Part part = parts.get(0);
            for (int c = 0; c < part.amount.length; c++) {
                coverClass(seen, c * Spectrum.SAMPLES, part.lead.a, part.lead.b, part.lead.scattering * part.amount[c]);
            }
        } else {
            coverMixed(seen);
        }
    }

    private void coverMixed(double[] seen) {
        double[] a = new double[Spectrum.SAMPLES];
        double[] b = new double[Spectrum.SAMPLES];
        int classes = parts.get(0).amount.length;
        for (int c = 0; c < classes; c++) {
            double power = mix(c, a);
            for (int i = 0; i < a.length; i++) {
                b[i] = Math.sqrt(a[i] * a[i] - 1);
            }
            coverClass(seen, c * Spectrum.SAMPLES, a, b, power);
        }
    }

    /** Fills in 1 + K/S of the mixture in a class (K and S add by thickness) and gives its S·X. */
    private double mix(int heightClass, double[] a) {
        Arrays.fill(a, 1);
        double power = 0;
        for (Part part : parts) {
            power += part.lead.scattering * part.amount[heightClass];
        }
        if (power > 0) {
            for (Part part : parts) {
                double share = part.lead.scattering * part.amount[heightClass] / power;
                for (int i = 0; i < a.length; i++) {
                    a[i] += share * part.lead.ratio[i];
                }
            }
        }
        return power;
    }

    private static void coverClass(double[] seen, int from, double[] a, double[] b, double power) {
        if (power <= 0) {
            return;
        }
        double twoPower = 2 * power;
        for (int i = 0; i < Spectrum.SAMPLES; i++) {
            double backing = seen[from + i];
            double e = Tables.fade(twoPower * b[i]);
            double less = 1 - e;
            double more = b[i] * (1 + e);
            seen[from + i] = (less * (1 - a[i] * backing) + backing * more) / ((a[i] - backing) * less + more);
        }
    }

    /** Colour of this film made thick, in one class: its own masstone or the mixture's. */
    Lab masstone(int heightClass) {
        if (parts.size() == 1) {
            return parts.get(0).lead.masstone;
        }
        double[] a = new double[Spectrum.SAMPLES];
        mix(heightClass, a);
        double[] r = new double[a.length];
        for (int i = 0; i < r.length; i++) {
            r[i] = Math.min(1, a[i] - Math.sqrt(a[i] * a[i] - 1));
        }
        return Spectrum.of(r).toLab();
    }

    /** Share of light that this film keeps from what lies under it, in a class: 0 clear … 1 closed; mean over wavelengths. */
    double opacity(int heightClass) {
        double[] a = new double[Spectrum.SAMPLES];
        double power;
        if (parts.size() == 1) {
            a = parts.get(0).lead.a;
            power = parts.get(0).lead.scattering * parts.get(0).amount[heightClass];
        } else {
            power = mix(heightClass, a);
        }
        double through = 0;
        for (double ai : a) {
            double b = Math.sqrt(ai * ai - 1);
            double bp = Math.min(300, b * power);
            double t = power <= 0 ? 1 : b / (ai * Math.sinh(bp) + b * Math.cosh(bp));
            through += t * t / a.length;
        }
        return 1 - through;
    }
}
