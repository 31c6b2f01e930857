package grastel.core.reading.fields;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import grastel.core.media.Paper;
import grastel.core.page.Card;
import grastel.core.page.PageLayout;
import grastel.core.page.PageLayout.Shows;
import grastel.core.page.PageLayout.Window;
import grastel.core.page.Rect;
import grastel.core.reading.keys.ColourCorrection;
import grastel.core.reading.keys.KeyColour;
import grastel.core.reading.light.EvenPage;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the fields of a page are drawn on.
 *
 * @param seen its bare light as the camera saw it, evenly lit
 * @param colour the same as it is
 * @param edgeMm of a field's edge where pencil is not looked for: the printed line; under a card its play, its shadow, the tracing
 * @param spread half of the range in which its light lies, relative, 95 %
 * @param play how far what is seen through windows may lie off, mm; null where fields are printed
 */
public record Ground(
        LinearRgb seen,
        Lab colour,
        double edgeMm,
        double spread,
        @Nullable Double play) {
    /** A card is laid so near to the tracing, mm. */
    private static final double PLAY_MM = 1.5;
    /** Besides its play, a card's shadow is half a millimetre wide, and so is the traced line. */
    private static final double CARD_EDGE_MM = PLAY_MM + 1;
    /** Paper this far from what was planned is another, ΔE00: twice what office cards differ among themselves. */
    private static final double OTHER = 5;

    /** The paper that the page is printed on. */
    public static Ground printed(Paper paper) {
        LinearRgb light = LinearRgb.of(paper.ground().toXyz());
        return new Ground(light, KeyColour.lab(light), FieldSamples.INSIDE_MM, 0, null);
    }

    /** Under a card, as its windows on bare paper show it; of windows that differ the one that is most like what was planned. */
    public static Ground under(PageLayout card, EvenPage page, ColourCorrection fix, Paper planned) {
        Lab asked = KeyColour.lab(LinearRgb.of(planned.ground().toXyz()));
        LinearRgb seen = card.windows().stream()
                .filter(w -> w.shows() == Shows.PAPER)
                .map(Window::rect)
                .map(r -> mean(page, r))
                .min(Comparator.comparingDouble(c -> ColourDifference.ciede2000(KeyColour.lab(fix.of(c)), asked)))
                .orElseThrow();
        return new Ground(seen, KeyColour.lab(fix.of(seen)), CARD_EDGE_MM, Card.STOCK_SPREAD, PLAY_MM);
    }

    private static LinearRgb mean(EvenPage page, Rect window) {
        return new FieldSamples(page, new PageLayout.Field("", window, List.of()), CARD_EDGE_MM).mean();
    }

    public boolean isOther(Paper planned) {
        return ColourDifference.ciede2000(
                        colour, KeyColour.lab(LinearRgb.of(planned.ground().toXyz())))
                > OTHER;
    }
}
