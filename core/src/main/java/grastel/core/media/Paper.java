package grastel.core.media;

import grastel.core.colour.Lab;
import grastel.core.colour.SmoothReflectance;
import grastel.core.colour.Spectrum;

/**
 * A drawing paper.
 *
 * @param name as the class calls it
 * @param ground reflectance of the bare sheet
 * @param tooth its roughness
 */
public record Paper(String name, Spectrum ground, Tooth tooth) {
    public Paper {
        if (name == null || name.isBlank()) {
            throw new IllegalArgumentException("Paper needs a name");
        }
        if (ground == null || tooth == null) {
            throw new IllegalArgumentException("Paper " + name + " needs a ground and a tooth");
        }
    }

    /** A paper whose ground was measured as a colour only. */
    public static Paper of(String name, Lab ground, Tooth tooth) {
        return new Paper(name, SmoothReflectance.of(ground), tooth);
    }
}
