package grastel.core.exercise.showing;

import grastel.core.colour.Lab;
import grastel.core.layering.Layer;
import grastel.core.layering.Stack;
import grastel.core.layering.advice.CommonMistake;
import grastel.core.media.Pencil;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One thing shown at a time. */
public sealed interface Scene {
    /** What it is for, and with what. */
    record Opening(String title, String goal, List<Pencil> pencils) implements Scene {
        public Opening {
            pencils = List.copyOf(pencils);
        }
    }

    /**
     * A layer is laid.
     *
     * @param field what it is laid in, as it is called on the sheet
     * @param number of the layer, from 1
     * @param of how many layers there are
     * @param layer the new one
     * @param after everything up to it, of a strip at its middle
     * @param slices colours of a strip after it, from left to right; empty for an even field
     * @param asked colour asked for in the end, null where nothing is asked
     */
    record Laying(
            String field,
            int number,
            int of,
            Layer layer,
            Stack after,
            List<Lab> slices,
            @Nullable Lab asked) implements Scene {
        public Laying {
            slices = List.copyOf(slices);
        }
    }

    /** The students' turn. @param minutes for the middle student of the band */
    record Turn(List<String> steps, double minutes) implements Scene {
        public Turn {
            steps = List.copyOf(steps);
        }
    }

    /** What commonly goes wrong, beside what should come out. @param right, wrong null where it is no matter of layers */
    record Fault(
            String field,
            String sign,
            String say,
            @Nullable CommonMistake slip,
            @Nullable Stack right,
            @Nullable Stack wrong)
            implements Scene {}

    /** What to mind. */
    record Cautions(List<String> words) implements Scene {
        public Cautions {
            words = List.copyOf(words);
        }
    }
}
