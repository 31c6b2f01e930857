/** The teacher's pencils, papers and sets: owned, imported, measured, calibrated. Start at {@link grastel.app.kit.Kit}. */
@ApplicationModule(allowedDependencies = {"platform", "account", "classes"})
package grastel.app.kit;

import org.springframework.modulith.ApplicationModule;
