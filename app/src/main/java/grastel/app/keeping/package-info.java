/** Backups while the program runs. Start at {@link grastel.app.keeping.Backups}. */
@ApplicationModule(allowedDependencies = {"platform", "account"})
package grastel.app.keeping;

import org.springframework.modulith.ApplicationModule;
