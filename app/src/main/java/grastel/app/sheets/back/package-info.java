/** Backs of printed sheets, for the student. Start at {@link grastel.app.sheets.back.Backs}. */
package grastel.app.sheets.back;
