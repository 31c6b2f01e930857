/**
 * From measures to proposed levels, each with its figure and the likely cause. Start at {@link
 * grastel.core.judging.Judge}; {@link grastel.core.judging.Agreement} says where the teacher decides otherwise.
 */
package grastel.core.judging;
