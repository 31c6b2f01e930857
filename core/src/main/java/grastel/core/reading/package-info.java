/**
 * Reading a returned page: a picture in, measures out. Start at {@link grastel.core.reading.PageReader}: {@code find} the
 * page by its markers and code, then {@code measure} it against the layout that was printed. {@link
 * grastel.core.reading.PictureFile} takes files in. A picture that cannot be read is an {@link
 * grastel.core.reading.UnreadablePage}.
 */
package grastel.core.reading;
