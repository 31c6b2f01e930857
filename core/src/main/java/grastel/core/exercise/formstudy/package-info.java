/** A simple form with its values mapped for the light that is chosen. */
package grastel.core.exercise.formstudy;
