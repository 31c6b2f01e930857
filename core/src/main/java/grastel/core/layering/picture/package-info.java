/** Swatches as they look: the grain of a paper, strokes on it, the tones of a swatch over both. Front door: SwatchPicture. */
package grastel.core.layering.picture;
