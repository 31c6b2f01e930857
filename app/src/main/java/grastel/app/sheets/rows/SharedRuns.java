package grastel.app.sheets.rows;

import grastel.app.platform.colleagues.About;
import grastel.app.platform.colleagues.ClassOf;
import grastel.app.sheets.api.RunInfo;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class SharedRuns {
    @Bean
    ClassOf classOfRun(PrintRuns runs) {
        return ClassOf.of(About.RUN, id -> runs.info(id).map(RunInfo::schoolClass));
    }
}
