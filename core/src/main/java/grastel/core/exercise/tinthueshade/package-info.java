/** For each colour family a tint, the hue itself and a shade, with room to do one again. */
package grastel.core.exercise.tinthueshade;
