package grastel.core.exercise;

import grastel.core.exercise.analogousblend.AnalogousBlend;
import grastel.core.exercise.burnishtrio.BurnishTrio;
import grastel.core.exercise.complementscale.ComplementScale;
import grastel.core.exercise.facets.FacetedComposition;
import grastel.core.exercise.finishedpiece.FinishedPiece;
import grastel.core.exercise.formstudy.FormStudy;
import grastel.core.exercise.gradationstrip.GradationStrip;
import grastel.core.exercise.layerladder.LayerLadder;
import grastel.core.exercise.mixing.MixingFromFew;
import grastel.core.exercise.pressurescale.PressureScale;
import grastel.core.exercise.solventsplit.SolventSplit;
import grastel.core.exercise.strokesampler.StrokeSampler;
import grastel.core.exercise.temperature.TemperatureAndGlaze;
import grastel.core.exercise.texture.TextureStudy;
import grastel.core.exercise.tinthueshade.TintHueShade;
import grastel.core.exercise.tonedscale.TonedScale;
import grastel.core.exercise.twocolourfade.TwoColourFade;
import java.util.List;
import java.util.Optional;

/** All kinds there are, in the order they are taught. A new kind is added here and nowhere else. */
public final class ExerciseKinds {
    private static final List<ExerciseKind> ALL = List.of(
            new PressureScale(),
            new GradationStrip(),
            new StrokeSampler(),
            new LayerLadder(),
            new BurnishTrio(),
            new TwoColourFade(),
            new AnalogousBlend(),
            new TintHueShade(),
            new ComplementScale(),
            new MixingFromFew(),
            new TemperatureAndGlaze(),
            new TonedScale(),
            new SolventSplit(),
            new FormStudy(),
            new TextureStudy(),
            new FacetedComposition(),
            new FinishedPiece());

    private ExerciseKinds() {}

    public static List<ExerciseKind> all() {
        return ALL;
    }

    public static Optional<ExerciseKind> of(String id) {
        return ALL.stream().filter(k -> k.id().equals(id)).findFirst();
    }
}
