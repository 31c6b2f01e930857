/**
 * Layers of pencil on the tooth of a paper: what is left by laying, burnishing, dissolving and lifting, and what is then
 * seen. Start at {@link grastel.core.layering.Stack} and {@link grastel.core.layering.Swatch}; {@link
 * grastel.core.layering.SwatchParts} says what a swatch is made of, {@link grastel.core.layering.advice.Advice} what to mind, {@link
 * grastel.core.layering.advice.WhatIf} what else could be done, {@link grastel.core.layering.picture.SwatchPicture} paints it,
 * {@link grastel.core.layering.calibration.Calibration} fits pencil and paper to measured swatches.
 *
 * <p>Terms: a <em>pass</em> is one going-over of the whole field; a <em>layer</em> is one or more like passes, or one
 * burnishing, dissolving or lifting; a <em>height class</em> is one of 16 equal shares of the paper's area, from peak to
 * valley; a <em>film</em> is what lies in the classes after a layer, of one lead or several worked into one another.
 */
package grastel.core.layering;
