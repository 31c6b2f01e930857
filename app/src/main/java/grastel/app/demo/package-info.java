/** The demo world and the simulated devices. Only there with the profile {@code demo}. */
@ApplicationModule(
        allowedDependencies = {
            "platform",
            "account",
            "classes",
            "kit",
            "sheets",
            "sheets::api",
            "returns",
            "returns::intake",
            "course",
            "course::outlines",
            "chart",
            "projects"
        })
package grastel.app.demo;

import org.springframework.modulith.ApplicationModule;
