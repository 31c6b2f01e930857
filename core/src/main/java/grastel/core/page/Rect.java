package grastel.core.page;

/** A rectangle on the page, mm. */
public record Rect(double x, double y, double width, double height) {
    public Rect {
        if (!(width >= 0 && height >= 0)) {
            throw new IllegalArgumentException("Rectangle must not be inside out: " + width + " × " + height + " mm");
        }
    }

    public double right() {
        return x + width;
    }

    public double bottom() {
        return y + height;
    }

    /** This rectangle moved in by {@code mm} on every side; a negative amount moves it out. */
    public Rect inset(double mm) {
        return new Rect(x + mm, y + mm, width - 2 * mm, height - 2 * mm);
    }

    public boolean contains(double px, double py) {
        return px >= x && px < right() && py >= y && py < bottom();
    }
}
