package grastel.core.layering;

import grastel.core.colour.Spectrum;
import grastel.core.media.Paper;

/**
 * Marker or watercolour under the pencil: it stains the paper and leaves its tooth. The stain is clear dye, so the paper's
 * light passes it twice: ground · colour^strength at each wavelength (Beer–Lambert law).
 *
 * @param kind what laid it
 * @param colour what it looks like on a perfect white at strength 1
 * @param strength how much of it there is, over 0…1; a marker covers at once, a wash is thin
 */
public record UnderLayer(Kind kind, Spectrum colour, double strength) {
    public enum Kind {
        MARKER,
        WASH
    }

    public UnderLayer {
        if (kind == null || colour == null) {
            throw new IllegalArgumentException("An under-layer needs a kind and a colour");
        }
        if (!(strength > 0 && strength <= 1)) {
            throw new IllegalArgumentException("Under-layer strength must be over 0 and up to 1, was " + strength);
        }
    }

    Spectrum on(Paper paper) {
        double[] r = paper.ground().toArray();
        for (int i = 0; i < r.length; i++) {
            r[i] *= Math.pow(colour.at(i), strength);
        }
        return Spectrum.of(r);
    }
}
