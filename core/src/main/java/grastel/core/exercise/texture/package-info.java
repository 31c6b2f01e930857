/** How surfaces feel: strokes along a growth or a weave, sharp reflections, tooth left open. Front door: TextureStudy. */
package grastel.core.exercise.texture;
