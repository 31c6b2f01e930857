package grastel.core.media;

/**
 * The roughness of a paper: how deep its valleys are, and how coarse its grain.
 *
 * @param depth relative to drawing cartridge = 1: smooth board 0.35, textured watercolour 1.6, pastel paper 2.2; 0.1…4
 * @param grainMm typical distance from one peak to the next valley, mm; 0.05…3
 */
public record Tooth(double depth, double grainMm) {
    public Tooth {
        if (!(depth >= 0.1 && depth <= 4)) {
            throw new IllegalArgumentException("Tooth depth must be 0.1…4, was " + depth);
        }
        if (!(grainMm >= 0.05 && grainMm <= 3)) {
            throw new IllegalArgumentException("Tooth grain must be 0.05…3 mm, was " + grainMm);
        }
    }
}
