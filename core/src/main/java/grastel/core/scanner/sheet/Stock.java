package grastel.core.scanner.sheet;

/**
 * What a sheet is before it is drawn on.
 *
 * @param black reflectance of its printed black, 0.01…0.35: laser and ink about 0.04, drafts up to a third
 * @param cloud swing of how paper takes colour over some millimetres, relative; 0 for an even paper
 */
public record Stock(double black, double cloud) {
    public static final Stock USUAL = new Stock(0.04, 0);

    public Stock {
        if (!(black >= 0.005 && black <= 0.4) || !(cloud >= 0 && cloud <= 0.5)) {
            throw new IllegalArgumentException("Stock out of range: black " + black + ", cloud " + cloud);
        }
    }
}
