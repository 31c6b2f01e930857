/** A picture drawn from a reference. */
package grastel.core.exercise.finishedpiece;
