package grastel.core.progress;

import grastel.core.exercise.goal.Goal;

/**
 * A figure that has become better.
 *
 * @param kind of exercise, by its id
 * @param first at the first attempt with a figure
 * @param latest at the last one
 * @param plusMinus half width of the 95 % interval of the change
 */
public record Growth(String kind, Goal goal, Attempt.Shown first, Attempt.Shown latest, double plusMinus) {}
