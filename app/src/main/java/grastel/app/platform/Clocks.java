package grastel.app.platform;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.ZoneId;
import java.util.Random;
import java.util.random.RandomGenerator;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Profile;

/** Time and chance come in from here, so that tests and the demo can set them. */
@Configuration
class Clocks {
    @Bean
    @Profile("!demo")
    Clock clock() {
        return Clock.system(ZoneId.systemDefault());
    }

    /** Chance that nobody can foretell. */
    @Bean
    @Profile("!demo")
    RandomGenerator chance() {
        return new SecureRandom();
    }

    /** The demo's world is the same at every start. */
    @Bean
    @Profile("demo")
    RandomGenerator sameChance() {
        return new Random(2026);
    }
}
