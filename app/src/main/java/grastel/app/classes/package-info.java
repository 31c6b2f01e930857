/** Classes and their students. Start at {@link grastel.app.classes.Classes}. */
@ApplicationModule(allowedDependencies = "platform")
package grastel.app.classes;

import org.springframework.modulith.ApplicationModule;
