package grastel.core.exercise;

import grastel.core.colour.Lab;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.layering.Layer;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A picture that can be given to a class to be drawn. */
public interface Piece {
    /** Stable, kept with every sheet. */
    String id();

    String title();

    /** Of what is drawn in, mm. */
    double widthMm();

    double heightMm();

    /** What lies where, in what the setting's pencils make of it; found when it is asked for. */
    Work work(Setting setting);

    /**
     * A picture in some pencils.
     *
     * @param cellMm side of a cell
     * @param columns and rows of cells
     * @param places as in {@link PicturePlan#of}
     * @param gridColumns and gridRows that are printed faintly
     * @param focus where the eye is to go first; null where nothing was said
     * @param light where it comes from; null where nothing was said
     */
    record Work(
            double cellMm,
            int columns,
            int rows,
            byte[] places,
            List<Made> tones,
            int gridColumns,
            int gridRows,
            PicturePlan.@Nullable FocusPoint focus,
            @Nullable LightFrom light) {
        public Work {
            tones = List.copyOf(tones);
        }

        /** Of which nothing was said. */
        public Work(
                double cellMm, int columns, int rows, byte[] places, List<Made> tones, int gridColumns, int gridRows) {
            this(cellMm, columns, rows, places, tones, gridColumns, gridRows, null, null);
        }

        public Work with(PicturePlan.@Nullable FocusPoint eye, @Nullable LightFrom from) {
            return new Work(cellMm, columns, rows, places, tones, gridColumns, gridRows, eye, from);
        }
    }

    /** A tone as it is made. @param layers none where the paper stays bare */
    record Made(int zone, double share, Lab wanted, List<Layer> layers, Lab predicted) {
        public Made {
            layers = List.copyOf(layers);
        }
    }
}
