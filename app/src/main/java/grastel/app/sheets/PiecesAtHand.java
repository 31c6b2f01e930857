package grastel.app.sheets;

import grastel.core.exercise.Piece;
import java.util.List;

/** The pictures that classes can be given to draw from. */
public interface PiecesAtHand {
    List<Piece> all();
}
