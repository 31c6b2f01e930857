package grastel.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The application: one package per place, the computation in the core. */
@SpringBootApplication
@ConfigurationPropertiesScan
@EnableScheduling
public class GrastelApplication {
    public static void main(String[] args) {
        SpringApplication.run(GrastelApplication.class, args);
    }
}
