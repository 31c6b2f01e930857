/** One box that finds whatever has a name. Nothing is stored here. */
@ApplicationModule(
        allowedDependencies = {"platform", "classes", "sheets", "sheets::api", "course", "kit", "bench", "projects"})
package grastel.app.find;

import org.springframework.modulith.ApplicationModule;
