package grastel.core.layering;

import grastel.core.checks.Require;
import grastel.core.media.Pencil;
import grastel.core.media.Pencil.Binder;
import java.util.EnumMap;
import java.util.Map;

/**
 * How a medium is laid and what it does to what follows, against a coloured pencil. The figures are Grastel's own: they put the
 * media in the order that hands find, and are no measurements.
 *
 * @param lead how much a pass leaves
 * @param sharpest how sharp its point can be, 0 dull … 1 needle
 * @param room how much of it the tooth holds
 * @param sheen how much light its surface throws back
 * @param loose share of it that whatever comes over it works into itself, 0…1
 * @param slippery share of hold that it takes from other media over it, 0…1
 * @param scrapes true where pressing very hard scrapes it off the peaks
 * @param flows true where it soaks into the paper evenly, however it is pressed
 */
record MediumProperties(
        double lead,
        double sharpest,
        double room,
        double sheen,
        double loose,
        double slippery,
        boolean scrapes,
        boolean flows) {
    private static final MediumProperties PENCIL = new MediumProperties(1, 1, 1, 1, 0, 0, false, false);
    private static final Map<Binder, MediumProperties> ALL = new EnumMap<>(Map.of(
            Binder.WAX, PENCIL,
            Binder.OIL, PENCIL,
            // Thin, grey, with a shine of its own; its dust goes into whatever is laid over it.
            Binder.GRAPHITE, new MediumProperties(0.7, 1, 0.8, 3, 0.35, 0, false, false),
            // Blunt, and pencils slide on its wax.
            Binder.CRAYON, new MediumProperties(1.2, 0.25, 1.2, 1, 0, 0.45, false, false),
            // Thick and greasy: pencils hardly take; a hard edge scrapes down to the paper.
            Binder.OIL_PASTEL, new MediumProperties(2, 0.15, 2.2, 1, 0, 0.55, true, false),
            // Powder without wax: covers at once, shines nowhere, never quite holds.
            Binder.SOFT_PASTEL, new MediumProperties(1.7, 0.2, 1.1, 0, 0.5, 0, false, false),
            Binder.MARKER, new MediumProperties(1, 1, 1, 0, 0, 0, false, true)));

    static MediumProperties of(Pencil pencil) {
        return Require.key(ALL, pencil.binder());
    }
}
