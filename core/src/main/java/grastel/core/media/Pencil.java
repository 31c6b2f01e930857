package grastel.core.media;

import grastel.core.colour.Lab;
import grastel.core.colour.SmoothReflectance;
import grastel.core.colour.Spectrum;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * A coloured pencil, a colourless blender, or a stick of another medium that is laid like one.
 *
 * @param code short code printed on it, unique in its range
 * @param name its colour name
 * @param binder what it is made of
 * @param masstone reflectance of a thick, closed film; a blender's is that of clear wax
 * @param hiding how well a thin film covers what is under it, 0 clear … 1 opaque
 * @param softness how fast it gives off lead, 1 = medium; 0.3…2
 * @param colourless true for a hard pencil without pigment, which only blends and polishes
 */
public record Pencil(
        String code,
        String name,
        Binder binder,
        Spectrum masstone,
        double hiding,
        double softness,
        boolean colourless) {
    public static final double SOFTEST = 2;
    public static final double HARDEST = 0.3;

    /** What a stick is made of. Coloured pencils are the first two: wax is soft and creamy, oil is harder and clearer. */
    public enum Binder {
        WAX,
        OIL,
        GRAPHITE,
        /** Wax crayon. */
        CRAYON,
        OIL_PASTEL,
        SOFT_PASTEL,
        /** A dye that flows: as dark as it is, however it is pressed. */
        MARKER;

        /** A coloured pencil. */
        public boolean isPencil() {
            return this == WAX || this == OIL;
        }

        /** It has a point that a sharpener makes. */
        public boolean hasPoint() {
            return isPencil() || this == GRAPHITE;
        }

        /** Its value follows how hard it is pressed. */
        public boolean followsPressure() {
            return this != MARKER;
        }
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
        if (!(softness >= HARDEST && softness <= SOFTEST)) {
            throw new IllegalArgumentException("Softness of pencil " + code + " must be 0.3…2, was " + softness);
        }
    }

    /** The coloured pencils among sticks; where there are none, those of the medium that most of them are. */
    public static List<Pencil> ofOneSort(List<Pencil> sticks) {
        List<Pencil> pencils =
                sticks.stream().filter(p -> p.binder().isPencil()).toList();
        if (pencils.stream().anyMatch(p -> !p.colourless())) {
            return pencils;
        }
        Map<Binder, List<Pencil>> by = sticks.stream()
                .filter(p -> !p.binder().isPencil())
                .collect(Collectors.groupingBy(Pencil::binder, () -> new EnumMap<>(Binder.class), Collectors.toList()));
        return by.values().stream().max(Comparator.comparingInt(List::size)).orElse(pencils);
    }

    /** A pencil whose masstone was measured as a colour only. */
    public static Pencil of(String code, String name, Binder binder, Lab masstone, double hiding, double softness) {
        return new Pencil(code, name, binder, SmoothReflectance.of(masstone), hiding, softness, false);
    }

    /** Code and name, by which people know it, and which a calibrated one keeps. */
    public String title() {
        return code + " " + name;
    }

    /** The same pencil as calibration found it. */
    public Pencil measuredAs(Spectrum masstone, double hiding, double softness) {
        return new Pencil(code, name, binder, masstone, hiding, softness, colourless);
    }
}
