/**
 * Projects: a picture that is drawn from, measured for the student – what lies in the frame, values in few steps, outlines, grid –
 * and printed. Start at {@link grastel.app.projects.Projects}.
 */
@ApplicationModule(allowedDependencies = {"platform", "classes", "decoding", "kit", "returns", "sheets", "sheets::api"})
package grastel.app.projects;

import org.springframework.modulith.ApplicationModule;
