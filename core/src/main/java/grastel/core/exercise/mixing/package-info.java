/** Secondaries and tertiaries from red, yellow and blue by alternating light layers; mixed blacks compared. */
package grastel.core.exercise.mixing;
