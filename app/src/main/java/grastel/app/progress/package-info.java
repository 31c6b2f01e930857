/** Growth of students and classes over time, from what was confirmed. Start at {@link grastel.app.progress.Progress}. */
@ApplicationModule(allowedDependencies = {"platform", "classes", "sheets", "sheets::api", "returns", "returns::api"})
package grastel.app.progress;

import org.springframework.modulith.ApplicationModule;
