/** The class as a wall of its own swatches. Nothing is stored here: it is a way of looking at returned pages. */
@ApplicationModule(
        allowedDependencies = {"platform", "classes", "sheets", "sheets::api", "returns", "returns::api", "course"})
package grastel.app.wall;

import org.springframework.modulith.ApplicationModule;
