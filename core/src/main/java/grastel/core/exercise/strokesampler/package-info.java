/** Strokes side by side, with a sharp and with a dull point: what each does to grain and value. */
package grastel.core.exercise.strokesampler;
