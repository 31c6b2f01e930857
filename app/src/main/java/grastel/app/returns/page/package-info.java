/**
 * What is kept of returned pages: {@link grastel.app.returns.page.ReturnedPage} with its marks, files and pictures, {@link
 * grastel.app.returns.page.Decisions} of teachers, and the word to open windows that something changed.
 */
package grastel.app.returns.page;
