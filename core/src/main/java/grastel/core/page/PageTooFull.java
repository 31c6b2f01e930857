package grastel.core.page;

import java.util.Locale;

/** A row of fields does not fit on a page. */
public final class PageTooFull extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final double overMm;

    PageTooFull(PageSize size, double overMm) {
        super(String.format(Locale.ROOT, "A row of fields needs %.0f mm more than a %s page has", overMm, size));
        this.overMm = overMm;
    }

    /** By how much, mm. */
    public double overMm() {
        return overMm;
    }
}
