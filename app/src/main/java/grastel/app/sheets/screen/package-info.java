/** What the place Sheets shows and takes. */
package grastel.app.sheets.screen;
