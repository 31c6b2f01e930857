package grastel.core.page;

/** A sheet of paper, upright. ISO 216 and ANSI/ASME Y14.1. */
public enum PageSize implements PaperFormat {
    A4(210, 297),
    LETTER(215.9, 279.4);

    private final double widthMm;
    private final double heightMm;

    PageSize(double widthMm, double heightMm) {
        this.widthMm = widthMm;
        this.heightMm = heightMm;
    }

    @Override
    public double widthMm() {
        return widthMm;
    }

    @Override
    public double heightMm() {
        return heightMm;
    }
}
