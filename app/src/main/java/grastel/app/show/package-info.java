/** Sheets, lessons and stacks shown step by step to a class. Nothing is stored here, and no student is named. */
@ApplicationModule(allowedDependencies = {"platform", "kit", "bench", "sheets", "course"})
package grastel.app.show;

import org.springframework.modulith.ApplicationModule;
