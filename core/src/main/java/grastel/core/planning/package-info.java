/**
 * Time and order: what a lesson gives and needs, how long its stages take this class, and how lessons lie on periods.
 *
 * <p>A <b>skill</b> is something a student can do, evidenced by goals. A <b>stage</b> is the smallest piece of a lesson;
 * between stages one may stop. A <b>period</b> is one meeting of a class. Start at
 * {@link grastel.core.planning.Scheduler}. Words for people live with the interface.
 */
package grastel.core.planning;
