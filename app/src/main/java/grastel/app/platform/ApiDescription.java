package grastel.app.platform;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Head of the OpenAPI description; the rest is read from the controllers. */
@Configuration
class ApiDescription {
    @Bean
    OpenAPI description() {
        return new OpenAPI().info(new Info().title("Grastel").version("1")).servers(List.of(new Server().url("/")));
    }
}
