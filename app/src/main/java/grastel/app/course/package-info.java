/**
 * A class's lessons on its periods: the course, what was logged, what does not come out. Start at
 * {@link grastel.app.course.Courses}.
 */
@ApplicationModule(
        allowedDependencies = {
            "platform",
            "classes",
            "sheets",
            "sheets::api",
            "kit",
            "returns",
            "returns::api",
            "progress"
        })
package grastel.app.course;

import org.springframework.modulith.ApplicationModule;
