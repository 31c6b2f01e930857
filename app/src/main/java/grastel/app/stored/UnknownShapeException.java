package grastel.app.stored;

/** Something was kept by a later program than this one. */
public class UnknownShapeException extends RuntimeException {
    UnknownShapeException(String name, int number, int known) {
        super("A " + name + " is kept in shape " + number + "; this program knows shapes up to " + known
                + ". It was kept by a later one.");
    }
}
