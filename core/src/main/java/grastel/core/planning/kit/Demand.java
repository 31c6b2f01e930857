package grastel.core.planning.kit;

import grastel.core.exercise.FieldWork.PictureWork;
import grastel.core.media.Pencil;
import grastel.core.planning.Stage;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Which pencils some stages want of each student. */
public final class Demand {
    private Demand() {}

    /**
     * A pencil and what one student does with it.
     *
     * @param share of the whole work, by minutes, 0…1
     * @param minutes at the usual pace
     * @param leadMm length it takes
     */
    public record Want(Pencil pencil, double share, double minutes, double leadMm) {
        /**
         * Copies that are enough for so many students if they take turns with it, each doing what needs other pencils
         * meanwhile. Without turns everyone wants it at once.
         */
        public int fewestCopies(int students) {
            return (int) Math.ceil(share * students - 1e-9);
        }
    }

    /** In order of first use. */
    public static List<Want> of(List<Stage> stages) {
        Map<Pencil, List<PictureWork>> byPencil = new LinkedHashMap<>();
        double all = 0;
        for (Stage stage : stages) {
            for (PictureWork piece : stage.work()) {
                all += piece.minutes();
                if (piece.pencil() != null) {
                    byPencil.computeIfAbsent(piece.pencil(), p -> new ArrayList<>())
                            .add(piece);
                }
            }
        }
        double whole = all;
        return byPencil.entrySet().stream()
                .map(e -> want(e.getKey(), e.getValue(), whole))
                .toList();
    }

    private static Want want(Pencil pencil, List<PictureWork> pieces, double whole) {
        double minutes = pieces.stream().mapToDouble(PictureWork::minutes).sum();
        double lead = pieces.stream().mapToDouble(LeadUse::mm).sum();
        return new Want(pencil, whole == 0 ? 0 : minutes / whole, minutes, lead);
    }
}
