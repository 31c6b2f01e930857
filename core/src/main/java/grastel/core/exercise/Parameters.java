package grastel.core.exercise;

import static grastel.core.words.Words.say;

import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.asked.ImpossibleExercise;
import grastel.core.exercise.asked.Parameter;
import grastel.core.media.Pencil;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Parameters that several kinds share. */
public final class Parameters {
    public static final String PENCIL = "pencil";
    public static final String BOX = "boxMm";
    public static final String LENGTH = "lengthMm";
    public static final String HEIGHT = "heightMm";

    private Parameters() {}

    public static Parameter.Measure box(double suggested) {
        return new Parameter.Measure(BOX, say("exercise.box-side-mm"), 12, 30, suggested);
    }

    public static Parameter.Measure length() {
        return new Parameter.Measure(LENGTH, say("exercise.length-mm"), 60, 180, 150.0);
    }

    public static Parameter.Measure height() {
        return new Parameter.Measure(HEIGHT, say("exercise.height-mm"), 12, 40, 22.0);
    }

    /** A pencil from the fitting ones, the first red or else the first suggested; impossible where there is none. */
    public static Parameter.OnePencil pencil(String label, List<Pencil> fitting) {
        return new Parameter.OnePencil(PENCIL, label, fitting, suggested(fitting));
    }

    /** @throws ImpossibleExercise if nothing was chosen and nothing fits */
    public static Pencil chosen(ChosenValues values, String name, String whatFor, Setting setting) {
        return values.pencil(name)
                .orElseThrow(() -> new ImpossibleExercise(
                        name,
                        setting.isOfMarkers()
                                ? say("exercise.a-marker-lays-one")
                                : say("exercise.these-pencils-hold-none", whatFor)));
    }

    private static @Nullable Pencil suggested(List<Pencil> fitting) {
        return fitting.stream()
                .filter(p -> PencilChoice.colour(p).lightness() < 55
                        && PencilChoice.colour(p).chroma() > 40)
                .findFirst()
                .orElse(fitting.isEmpty() ? null : fitting.get(0));
    }
}
