/**
 * From measures to proposed levels, each with its figure and the likely cause. Start at {@link
 * grastel.core.judging.Judge}. Words for causes live with the interface; the teacher decides.
 */
package grastel.core.judging;
