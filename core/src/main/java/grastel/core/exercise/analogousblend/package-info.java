/** Three neighbours on the wheel, each started over the one before, the last pressed hard over all. */
package grastel.core.exercise.analogousblend;
