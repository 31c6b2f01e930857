/**
 * What every place stands on: who owns a row ({@link grastel.app.platform.Owned}, {@link
 * grastel.app.platform.Ownership}), problems as answers ({@link grastel.app.platform.ApiProblem}), security, the data
 * folder. Knows no place.
 */
@ApplicationModule(type = ApplicationModule.Type.OPEN)
package grastel.app.platform;

import org.springframework.modulith.ApplicationModule;
