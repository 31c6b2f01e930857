/** The day's classes in order and what each needs next. Nothing is stored here. */
@ApplicationModule(
        allowedDependencies = {"platform", "classes", "sheets", "sheets::api", "returns", "course", "course::paper"})
package grastel.app.today;

import org.springframework.modulith.ApplicationModule;
