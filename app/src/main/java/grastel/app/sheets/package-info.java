/** Exercise sheets: parameters, versions, print runs, PDF. Start at {@link grastel.app.sheets.Sheets}. */
@ApplicationModule(allowedDependencies = {"platform", "classes", "kit"})
package grastel.app.sheets;

import org.springframework.modulith.ApplicationModule;
