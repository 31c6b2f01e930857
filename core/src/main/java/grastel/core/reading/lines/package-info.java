/** Straight lines of a drawing in a frame, from a picture of it. */
package grastel.core.reading.lines;
