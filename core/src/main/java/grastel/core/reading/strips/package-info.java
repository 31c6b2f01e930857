/**
 * Colour along a strip: {@link grastel.core.reading.strips.Profile}, its trend, the lines in it.
 */
package grastel.core.reading.strips;
