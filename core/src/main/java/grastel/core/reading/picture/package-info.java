/**
 * Files taken in: {@link grastel.core.reading.picture.PictureFile} decodes them within limits; what cannot be read is an {@link
 * grastel.core.reading.picture.UnreadablePage}.
 */
package grastel.core.reading.picture;
