package grastel.app.classes;

import grastel.app.platform.colleagues.About;
import grastel.app.platform.colleagues.ClassOf;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class SharedClasses {
    @Bean
    ClassOf classOfItself(SchoolClasses classes) {
        return ClassOf.of(About.CLASS, id -> classes.findById(id).map(SchoolClass::id));
    }

    @Bean
    ClassOf classOfStudent(SchoolClasses classes) {
        return ClassOf.of(About.STUDENT, classes::ofStudent);
    }
}
