package grastel.core.judging;

import grastel.core.colour.Lab;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.judging.Displacement.Shift;
import grastel.core.reading.fields.PictureReading;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** A drawn picture laid on its plan, cell on cell. */
record Registration(Lab[] planned, Lab[] drawn) {
    /** None where the field was not read as a picture of the plan's size. */
    static Optional<Registration> of(@Nullable PicturePlan plan, @Nullable PictureReading read) {
        if (plan == null || read == null || read.columns() != plan.columns() || read.rows() != plan.rows()) {
            return Optional.empty();
        }
        byte[] places = plan.places();
        Lab[] planned = IntStream.range(0, places.length)
                .mapToObj(i -> plan.predicted(places[i]))
                .toArray(Lab[]::new);
        Lab[] drawn = read.colours();
        Double play = read.play();
        return Optional.of(new Registration(planned, play == null ? drawn : moved(read, play, planned, drawn)));
    }

    /** A card's play is not the student's: what all of the picture is off alike, as far as the play goes, is taken back. */
    private static Lab[] moved(PictureReading read, double play, Lab[] planned, Lab[] drawn) {
        int columns = read.columns();
        int rows = read.rows();
        Shift off = Displacement.common(Grid.lightness(columns, planned), Grid.lightness(columns, drawn));
        double share = Math.min(1, play / read.cellMm() / Math.max(1e-9, off.length()));
        int right = (int) Math.round(share * off.right());
        int down = (int) Math.round(share * off.down());
        return IntStream.range(0, drawn.length)
                .map(i -> within(i / columns + down, rows) * columns + within(i % columns + right, columns))
                .mapToObj(i -> drawn[i])
                .toArray(Lab[]::new);
    }

    private static int within(int at, int count) {
        return Math.max(0, Math.min(count - 1, at));
    }
}
