/**
 * Exercises: what a sheet asks of a student. An exercise kind is a package below this one; from its parameters and the
 * media it makes an {@link grastel.core.exercise.plan.ExercisePlan}: fields with what is asked of each, recipes, minutes and
 * whether it can be done. Words for people live with the interface.
 *
 * <p>Rooms: {@code goal} and {@code asked} stand alone, {@code plan} rests on both; here is what makes plans, and beside it
 * {@code showing}; each kind has a room of its own.
 */
package grastel.core.exercise;
