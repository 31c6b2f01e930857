package grastel.app;

import grastel.app.account.Accounts;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** The application behind a port of its own, as behind a proxy that tells whom it asks for. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"server.forward-headers-strategy=native", "grastel.warm-up=false"})
@ActiveProfiles("test")
@Tag("app")
public abstract class ServerTestBase {
    protected static final String PASSWORD = "gannet-quarry-umbrella-nine";

    @LocalServerPort
    protected int port;

    @Value("${grastel.data}")
    protected Path data;

    @Autowired
    protected Accounts accounts;

    @DynamicPropertySource
    static void data(DynamicPropertyRegistry properties) {
        TestDatabase.fresh(properties);
    }
}
