/** One pencil fading evenly from its solid to bare paper, with no line or band. */
package grastel.core.exercise.gradationstrip;
