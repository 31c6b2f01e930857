package grastel.bench;

import grastel.app.kit.Kit;
import grastel.app.sheets.api.SheetData.ExerciseData;
import grastel.bench.RunningGrastel.Singles;
import grastel.core.exercise.ExerciseKind;
import grastel.core.exercise.ExerciseKinds;
import java.io.IOException;
import java.util.Map;
import java.util.UUID;

/** One 300 dpi page of each kind as the kind suggests itself, from upload to stored readings, against djpeg. */
final class KindsSpeed {
    private static final int WARM = 12;
    private static final int SINGLES = 15;
    /** The toned scale wants paper darker than this, all others lighter, L*. */
    private static final double WHITE = 85;

    private KindsSpeed() {}

    static void measure(RunningGrastel grastel) throws IOException, InterruptedException {
        grastel.takePicture(grastel.teacher);
        System.out.println("drawing " + ExerciseKinds.all().size() * (WARM + SINGLES) + " pages of 300 dpi ...");
        for (ExerciseKind kind : ExerciseKinds.all()) {
            draw(grastel, kind, "warm-", WARM);
            draw(grastel, kind, "", SINGLES);
        }
        for (ExerciseKind kind : ExerciseKinds.all()) {
            grastel.pile(grastel.teacher, "warm-" + kind.id(), WARM);
        }
        for (ExerciseKind kind : ExerciseKinds.all()) {
            Singles one = grastel.singles(kind.id(), SINGLES);
            System.out.printf(
                    "%-20s readings %.0f ms, djpeg %.0f ms, ratio %.2f; pictures %.0f ms%n",
                    kind.id(), one.readings(), one.djpeg(), one.ratio(), one.pictures());
        }
    }

    private static void draw(RunningGrastel grastel, ExerciseKind kind, String prefix, int count) {
        UUID paper = grastel.papers(grastel.teacher).stream()
                .filter(p -> kind.id().equals("toned-scale") == (p.ground().lightness() < WHITE))
                .findFirst()
                .map(Kit.KitPaper::id)
                .orElseThrow();
        UUID run = grastel.print(grastel.teacher, paper, new ExerciseData(kind.id(), Map.of()), count);
        grastel.draw(grastel.teacher, run, prefix + kind.id(), count);
    }
}
