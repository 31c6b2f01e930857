package grastel.core.page;

/** Where a page is drawn: a PDF, a picture. All measures in mm from the top left of the paper. */
public interface PageInk {
    void patch(PageLayout.Patch patch);

    void rule(PageLayout.Rule rule);

    void text(PageLayout.Text text);
}
