/** What goals and figures measure, stand for and cannot see: the words of the core's catalogue. Nothing is stored here. */
@ApplicationModule(allowedDependencies = {})
package grastel.app.meanings;

import org.springframework.modulith.ApplicationModule;
