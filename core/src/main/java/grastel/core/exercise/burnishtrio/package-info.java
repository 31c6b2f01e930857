/** The same short scale plain and burnished in two or three ways. */
package grastel.core.exercise.burnishtrio;
