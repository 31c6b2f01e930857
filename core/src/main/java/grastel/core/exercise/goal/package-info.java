/** What a student works towards, by which thresholds it is reached, and how old a class is. */
package grastel.core.exercise.goal;
