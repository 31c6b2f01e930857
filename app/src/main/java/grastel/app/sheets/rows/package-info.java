/** What is kept of sheets, their versions and printings; start at {@link grastel.app.sheets.rows.StoredSheets}. */
package grastel.app.sheets.rows;
