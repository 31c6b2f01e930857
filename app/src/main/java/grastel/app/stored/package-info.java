/**
 * Plans, pages and readings as they are kept for years: a shape with a number, and how each older one becomes the next. Start
 * at {@link grastel.app.stored.StoredJson}.
 */
@ApplicationModule(allowedDependencies = {})
package grastel.app.stored;

import org.springframework.modulith.ApplicationModule;
