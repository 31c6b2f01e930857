/** Classes that are shared with colleagues. Start at {@link grastel.app.sharing.Sharing}. */
@ApplicationModule(allowedDependencies = {"platform", "account", "classes"})
package grastel.app.sharing;

import org.springframework.modulith.ApplicationModule;
