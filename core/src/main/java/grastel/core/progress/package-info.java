/**
 * From confirmed attempts to who can do what, since when, on what evidence, and what is next. Start at {@link
 * grastel.core.progress.StudentRecord}, which holds one student's attempts; {@link grastel.core.progress.Grouping} parts a class by
 * what its students need.
 *
 * <p>Terms: an <em>attempt</em> is what one student gave in of one exercise on one day; a <em>standing</em> is where a student is
 * in a skill by the last attempts.
 */
package grastel.core.progress;
