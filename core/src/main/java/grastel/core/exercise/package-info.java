/**
 * Exercises: what a sheet asks of a student. An exercise kind is a package below this one; from its parameters and the
 * media it makes an {@link grastel.core.exercise.ExercisePlan}: fields with what is asked of each, recipes, minutes and
 * whether it can be done. Words for people live with the interface.
 */
package grastel.core.exercise;
