/**
 * Exercise sheets: parameters, versions, print runs, PDF. Start at {@link grastel.app.sheets.Sheets}; {@link
 * grastel.app.sheets.SheetPapers} is what comes out of a printer.
 *
 * <p>Rooms, each resting on those before it: {@code api} is what other places know; {@code rows} keeps; {@code planning} makes
 * pages; {@code paper}, {@code back} and {@code card} print them; here are the doors for other places; {@code screen} and {@code
 * packs} are for the teacher.
 */
@ApplicationModule(allowedDependencies = {"stored", "platform", "classes", "kit", "decoding"})
package grastel.app.sheets;

import org.springframework.modulith.ApplicationModule;
