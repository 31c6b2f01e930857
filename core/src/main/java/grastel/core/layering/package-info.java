/**
 * Layers of pencil on the tooth of a paper: what a pass leaves, and what is then seen. Start at {@link
 * grastel.core.layering.Swatch}: {@code Swatch.bare(paper).with(pass)}. Terms: a <em>pass</em> is one going-over of the
 * whole field; a <em>height class</em> is one of 16 equal shares of the paper's area, from peak to valley; a
 * <em>film</em> is the thickness one pass left in each class.
 */
package grastel.core.layering;
