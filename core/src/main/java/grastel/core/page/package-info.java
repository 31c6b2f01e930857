/**
 * A printed sheet in millimetres: the one source for the PDF, the preview on the screen and the reading of a scan. Start
 * at {@link grastel.core.page.SheetComposer} to lay a sheet out and {@link grastel.core.page.PageLayout} to use it.
 * Origin is the top left corner of the paper, x to the right, y down.
 */
package grastel.core.page;
