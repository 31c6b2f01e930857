package grastel.app.platform.start;

import java.io.IOException;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** What the person who started the program needs to know, in a few lines on the console. Everything else is in the log. */
@Component
class Greeting {
    private static final Logger LOG = LoggerFactory.getLogger(Greeting.class);

    private final Path data;
    private final ObjectProvider<GreetingLines> more;

    Greeting(@Value("${grastel.data}") Path data, ObjectProvider<GreetingLines> more) {
        this.data = data;
        this.more = more;
    }

    /** Last of all: the demo's world is made before. */
    @EventListener
    @Order(Ordered.LOWEST_PRECEDENCE)
    void greet(ApplicationReadyEvent ready) throws IOException {
        DataFolder.keepPrivate(data);
        if (ready.getApplicationContext() instanceof WebServerApplicationContext web && web.getWebServer() != null) {
            Stream.concat(
                            Stream.of("ready: open http://localhost:"
                                    + web.getWebServer().getPort()),
                            more.orderedStream().flatMap(m -> m.lines().stream()))
                    .forEach(line -> System.out.println("grastel: " + line));
            System.out.println(
                    "grastel: data in " + data + ", log in " + data.resolve("logs/grastel.log") + "; stop with Ctrl-C");
            LOG.info("Ready on port {}", web.getWebServer().getPort());
        }
    }
}
