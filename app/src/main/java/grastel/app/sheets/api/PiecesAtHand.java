package grastel.app.sheets.api;

import grastel.core.exercise.Piece;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** The pictures that classes can be given to draw from. */
public interface PiecesAtHand {
    List<Piece> all();

    /** What students draw instead of a piece, by student: ids of other pieces. */
    Map<UUID, String> own(@Nullable String piece);
}
