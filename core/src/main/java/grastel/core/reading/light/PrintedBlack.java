package grastel.core.reading.light;

import java.util.List;

/**
 * How much light the printed black of a page really gives back, and how sure that is. What is seen of it is its own light and a
 * veil: strewn light, or levels that were spread. Printers' blacks lie anywhere between one and thirty-five per cent, most near
 * four and a half; veils are mostly small and now and then large. Both together give a distribution over the blacks that are
 * possible; its middle and its spread are taken. A key box tells something too, if not how hard it was pressed: it cannot be
 * darker than the darkest pencil.
 */
record PrintedBlack(double reflectance, double spread) {
    private static final double LEAST = 0.008;
    private static final double MOST = 0.36;
    private static final double USUAL = 0.045;
    private static final double USUAL_LOG_SPREAD = 0.9;
    /** Veils as a share of the paper's light: a Cauchy distribution, which large ones do not surprise. */
    static final double VEIL = 0.004;

    private static final double VEIL_SPREAD = 0.007;
    private static final int STEPS = 600;
    /** From the lowest tenth of a normal distribution to the highest, in standard deviations. */
    private static final double NORMAL_TENTH_TO_TENTH = 2.563;

    /** One device in ten spreads its codes until the darkest are black: light is taken off, nobody knows how much. */
    private static final double SPREADING = 0.1;

    private static final double TAKEN_OFF = -0.02;
    private static final double TAKEN_OFF_SPREAD = 0.015;

    /** How far the kit may be off about a pencil's darkest, natural logarithm: 5 ΔE00 of a dark one. */
    private static final double KIT_SPREAD = 0.35;

    /** Where no black is to be seen, a veil of some hundredths is as likely as none. */
    static final PrintedBlack UNSEEN = new PrintedBlack(USUAL, 0.012);

    /**
     * @param seen light of the black as a share of the paper's
     * @param paper reflectance of the paper
     * @param keys light of key boxes as shares of the paper's
     * @param darkest reflectance that any pencil gets; 0 where that is not known
     */
    static PrintedBlack of(double seen, double paper, List<Double> keys, double darkest) {
        double[] below = new double[STEPS + 1];
        for (int i = 0; i < STEPS; i++) {
            double black = black(i + 0.5);
            double usual = Math.log(black / USUAL) / USUAL_LOG_SPREAD;
            double veil = seen - black / paper;
            double chance = Math.exp(-usual * usual / 2) * chance(veil);
            for (double key : keys) {
                chance *= chanceOfKey(paper * (key - veil) / (1 - veil), darkest);
            }
            below[i + 1] = below[i] + chance;
        }
        return new PrintedBlack(
                quantile(below, 0.5), (quantile(below, 0.9) - quantile(below, 0.1)) / NORMAL_TENTH_TO_TENTH);
    }

    /** Density of veils. */
    private static double chance(double veil) {
        double small = (veil - VEIL) / VEIL_SPREAD;
        double taken = (veil - TAKEN_OFF) / TAKEN_OFF_SPREAD;
        return (1 - SPREADING) / (Math.PI * VEIL_SPREAD * (1 + small * small))
                + SPREADING / (Math.sqrt(2 * Math.PI) * TAKEN_OFF_SPREAD) * Math.exp(-taken * taken / 2);
    }

    /** Of a key box to have a reflectance. */
    private static double chanceOfKey(double reflectance, double darkest) {
        if (darkest <= 0) {
            return 1;
        }
        double over = Math.log(Math.max(1e-4, reflectance) / darkest) / KIT_SPREAD;
        return over < 0 ? Math.exp(-over * over / 2) : 1;
    }

    /** @param step 0…{@value #STEPS} */
    private static double black(double step) {
        return LEAST * Math.pow(MOST / LEAST, step / STEPS);
    }

    private static double quantile(double[] below, double share) {
        int i = 1;
        while (i < STEPS && below[i] < share * below[STEPS]) {
            i++;
        }
        return black(i);
    }
}
