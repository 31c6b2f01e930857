package grastel.core.layering;

/** How the pencil travels. Circles reach the grain from all sides; one-way strokes leave their far sides bare. */
public enum Stroke {
    CIRCLES(1, 1),
    CROSSED(0.91, 0.93),
    ONE_WAY(0.82, 0.86);

    private final double reachFactor;
    private final double contactFactor;

    Stroke(double reachFactor, double contactFactor) {
        this.reachFactor = reachFactor;
        this.contactFactor = contactFactor;
    }

    double reachFactor() {
        return reachFactor;
    }

    double contactFactor() {
        return contactFactor;
    }
}
