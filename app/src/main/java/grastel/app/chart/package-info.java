/**
 * Charts by which the kit measures itself: printed for a set, or for one that nobody has described yet, read when their pages
 * come back with the others, fitted, looked at and taken over. Start at {@link grastel.app.chart.Charts}.
 */
@ApplicationModule(allowedDependencies = {"stored", "platform", "kit", "sheets", "sheets::api"})
package grastel.app.chart;

import org.springframework.modulith.ApplicationModule;
