package grastel.core.page;

/** How large a sheet of paper is, as it lies before the reader. */
public interface PaperFormat {
    double widthMm();

    double heightMm();
}
