/**
 * Returned pages: take a picture in, read it, let the teacher confirm. Start at {@link grastel.app.returns.Returns}; {@link
 * grastel.app.returns.Intake} takes files in, {@link grastel.app.returns.ReadingWorkers} read them in the background.
 */
@ApplicationModule(allowedDependencies = {"platform", "account", "classes", "sheets", "chart", "decoding"})
package grastel.app.returns;

import org.springframework.modulith.ApplicationModule;
