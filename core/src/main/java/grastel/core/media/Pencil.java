package grastel.core.media;

import grastel.core.colour.Lab;
import grastel.core.colour.SmoothReflectance;
import grastel.core.colour.Spectrum;

/**
 * A coloured pencil.
 *
 * @param code short code printed on it, unique in its range
 * @param name its colour name
 * @param binder what holds the pigment
 * @param masstone reflectance of a thick, closed film
 * @param hiding how well a thin film covers what is under it, 0 clear … 1 opaque
 * @param softness how fast it gives off lead, 1 = medium; 0.3…2
 */
public record Pencil(String code, String name, Binder binder, Spectrum masstone, double hiding, double softness) {
    /** Wax is soft and creamy, oil is harder and clearer. */
    public enum Binder {
        WAX,
        OIL
    }

    public Pencil {
        if (code == null || code.isBlank() || name == null || name.isBlank()) {
            throw new IllegalArgumentException("Pencil needs a code and a name");
        }
        if (binder == null || masstone == null) {
            throw new IllegalArgumentException("Pencil " + code + " needs a binder and a masstone");
        }
        if (!(hiding >= 0 && hiding <= 1)) {
            throw new IllegalArgumentException("Hiding of pencil " + code + " must be 0…1, was " + hiding);
        }
        if (!(softness >= 0.3 && softness <= 2)) {
            throw new IllegalArgumentException("Softness of pencil " + code + " must be 0.3…2, was " + softness);
        }
    }

    /** A pencil whose masstone was measured as a colour only. */
    public static Pencil of(String code, String name, Binder binder, Lab masstone, double hiding, double softness) {
        return new Pencil(code, name, binder, SmoothReflectance.of(masstone), hiding, softness);
    }
}
