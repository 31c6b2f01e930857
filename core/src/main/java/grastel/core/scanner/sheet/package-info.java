/** The printed page and what is drawn on it, as paint: {@link grastel.core.scanner.sheet.FlatPage}. */
package grastel.core.scanner.sheet;
