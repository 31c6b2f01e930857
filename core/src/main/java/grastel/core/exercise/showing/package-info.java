/** An exercise shown step by step to a class. Start at {@link grastel.core.exercise.showing.Demonstration}. */
package grastel.core.exercise.showing;
