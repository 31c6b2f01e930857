/** What a sheet asks, field by field, as it is kept, printed, read and judged. */
package grastel.core.exercise.plan;
