/** Lessons shared between teachers as files: {@link grastel.app.sheets.packs.LessonPacks}. */
package grastel.app.sheets.packs;
