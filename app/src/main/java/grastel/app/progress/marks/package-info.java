/** Marks for the school's own books, from what was confirmed. Start at {@link grastel.app.progress.marks.Marks}. */
package grastel.app.progress.marks;
