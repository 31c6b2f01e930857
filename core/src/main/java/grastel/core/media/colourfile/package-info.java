/**
 * Colour measurements as open text files: CGATS.17 and CSV in and out, palettes in the GIMP format out. Start at {@link
 * grastel.core.media.colourfile.ColourFile} to read and {@link grastel.core.media.colourfile.ColourFileWriter} to write.
 */
package grastel.core.media.colourfile;
