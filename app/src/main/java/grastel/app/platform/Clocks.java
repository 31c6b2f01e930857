package grastel.app.platform;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Time comes in from here, so that tests and the demo can set it. */
@Configuration
class Clocks {
    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }
}
