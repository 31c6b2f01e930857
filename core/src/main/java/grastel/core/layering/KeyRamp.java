package grastel.core.layering;

import grastel.core.colour.LinearRgb;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What one pencil looks like on a paper from bare to as full as it gets, whoever presses it. */
public final class KeyRamp {
    private static final int MOST_PASSES = 3;

    private KeyRamp() {}

    /** Light under D65, paper first; each place has a little more on it. */
    public static List<LinearRgb> of(Pencil pencil, Paper paper) {
        List<LinearRgb> ramp = new ArrayList<>();
        ramp.add(LinearRgb.of(paper.ground().toXyz()));
        for (PressureGrade grade : PressureGrade.values()) {
            ramp.add(light(pencil, paper, grade, 1));
        }
        for (int passes = 2; passes <= MOST_PASSES; passes++) {
            ramp.add(light(pencil, paper, PressureGrade.FULL, passes));
        }
        return List.copyOf(ramp);
    }

    private static LinearRgb light(Pencil pencil, Paper paper, PressureGrade grade, int passes) {
        Layer layer = new Layer.Colour(Pass.of(pencil, grade), passes);
        return LinearRgb.of(new Stack(paper, Optional.empty(), List.of(layer))
                .swatch()
                .colour()
                .toXyz());
    }
}
