/** Papers on how students and classes get on. Start at {@link grastel.app.progress.reports.Reports}. */
package grastel.app.progress.reports;
