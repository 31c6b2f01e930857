package grastel.app.kit;

import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.Stroke;
import grastel.core.media.Pencil;
import jakarta.validation.constraints.NotNull;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One layer by the ids of the kit; what a kind does not use is left out.
 *
 * @param pencil of COLOUR and BURNISH
 * @param pressure of COLOUR, 0…1
 * @param point of COLOUR, 0 dull … 1 needle
 * @param stroke of COLOUR
 * @param passes of COLOUR and BURNISH, 1…20
 * @param strength of LIFT, over 0 up to 1
 */
public record LayerData(
        @NotNull Kind kind,
        @Nullable UUID pencil,
        @Nullable Double pressure,
        @Nullable Double point,
        @Nullable Stroke stroke,
        @Nullable Integer passes,
        @Nullable Double strength) {
    public enum Kind {
        COLOUR,
        BURNISH,
        SOLVENT,
        STUMP,
        LIFT
    }

    public static LayerData of(Layer layer, Map<Pencil, UUID> ids) {
        if (layer instanceof Layer.Colour c) {
            Pass p = c.pass();
            return new LayerData(
                    Kind.COLOUR, ids.get(p.pencil()), p.pressure(), p.point(), p.stroke(), c.passes(), null);
        }
        if (layer instanceof Layer.Burnish b) {
            return new LayerData(Kind.BURNISH, ids.get(b.burnisher()), null, null, null, b.passes(), null);
        }
        if (layer instanceof Layer.Lift l) {
            return new LayerData(Kind.LIFT, null, null, null, null, null, l.strength());
        }
        Kind kind = layer instanceof Layer.Stump ? Kind.STUMP : Kind.SOLVENT;
        return new LayerData(kind, null, null, null, null, null, null);
    }
}
