/** The teacher's pencils and papers. Start at {@link grastel.app.kit.Kit}. */
@ApplicationModule(allowedDependencies = {"platform", "account"})
package grastel.app.kit;

import org.springframework.modulith.ApplicationModule;
