/** The stepped pressure scale: one pencil, three to eleven boxes from its lightest mark to its solid or back. */
package grastel.core.exercise.pressurescale;
