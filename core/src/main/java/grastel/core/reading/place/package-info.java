/**
 * Where a page lies in a picture: {@link grastel.core.reading.place.PageFinder} finds markers and codes, {@link
 * grastel.core.reading.place.PrintedLines} follows bent sheets by what is printed.
 */
package grastel.core.reading.place;
