package grastel.e2e;

import grastel.app.GrastelApplication;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** The application in this process, on a free port, with a data folder of its own. */
final class RunningGrastel implements AutoCloseable {
    private final WebServerApplicationContext context;

    private RunningGrastel(WebServerApplicationContext context) {
        this.context = context;
    }

    static RunningGrastel on(Path data, String... more) {
        List<String> arguments = new ArrayList<>(List.of("--server.port=0", "--grastel.data=" + data.toAbsolutePath()));
        arguments.addAll(Arrays.asList(more));
        return new RunningGrastel((WebServerApplicationContext)
                SpringApplication.run(GrastelApplication.class, arguments.toArray(String[]::new)));
    }

    String address() {
        return "http://localhost:" + context.getWebServer().getPort();
    }

    <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    @Override
    public void close() {
        ((ConfigurableApplicationContext) context).close();
    }
}
