package grastel.core.page;

/** The boxes asked for do not fit on one page. */
public final class PageTooFull extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final double overMm;

    PageTooFull(PageSize size, double overMm) {
        super(String.format("The boxes need %.0f mm more than a %s page has", overMm, size));
        this.overMm = overMm;
    }

    /** By how much, mm. */
    public double overMm() {
        return overMm;
    }
}
