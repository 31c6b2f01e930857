package grastel.app.platform.nodes;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.zaxxer.hikari.HikariDataSource;
import grastel.app.platform.Failure;
import grastel.app.platform.Ownership;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.UUID;
import javax.sql.DataSource;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Passes {@link ForEveryNode events} on to the other nodes by NOTIFY, which the database sends when the transaction commits and
 * never else, and hears theirs on a connection of its own.
 */
@Component
@OnPostgres
class NodeEventBus implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(NodeEventBus.class);
    private static final String CHANNEL = "grastel";
    /** Said again it changes nothing. */
    private static final String LISTEN = "listen " + CHANNEL;
    /** How long a stop may have to wait. */
    private static final int LOOK_MILLIS = 500;
    /** Of silence, after which the connection is asked whether it is there still. */
    private static final int SILENT_LOOKS = 40;

    private static final int AGAIN_MILLIS = 1000;

    private final JdbcTemplate jdbc;
    private final DataSource connections;
    private final ApplicationEventPublisher events;
    private final JsonMapper json;
    private final String self = UUID.randomUUID().toString();
    /** On the thread that hears: what it publishes has been told. */
    private final ThreadLocal<Boolean> hearing = ThreadLocal.withInitial(() -> false);

    private volatile boolean running;

    NodeEventBus(JdbcTemplate jdbc, DataSource connections, ApplicationEventPublisher events, JsonMapper json) {
        this.jdbc = jdbc;
        this.connections = connections;
        this.events = events;
        this.json = json;
    }

    /** @param from the node it happened on; @param owner whose rows it is about; @param type of the event, a class of ours */
    record NodeEvent(String from, UUID owner, String type, JsonNode event) {
        @JsonCreator
        NodeEvent {}
    }

    @EventListener
    void tell(ForEveryNode event) {
        if (!hearing.get()) {
            NodeEvent told =
                    new NodeEvent(self, Ownership.current(), event.getClass().getName(), json.valueToTree(event));
            jdbc.query("select pg_notify(?, ?)", row -> {}, CHANNEL, json.writeValueAsString(told));
        }
    }

    @Override
    public void start() {
        running = true;
        Thread thread = new Thread(this::listen, "node-news");
        thread.setDaemon(true);
        thread.start();
    }

    @Override
    public void stop() {
        running = false;
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    private void listen() {
        hearing.set(true);
        while (running) {
            try (Connection connection = connections.getConnection()) {
                connection.setAutoCommit(true);
                listenOrThrowAway(connection);
            } catch (SQLException | RuntimeException e) {
                LOG.warn("News of other nodes cannot be heard: {}", Failure.of(e));
                pause();
            }
        }
    }

    /**
     * The pool sees nothing of what goes wrong while it is listened, as that goes past it: it would give the broken connection to
     * whoever asks next.
     */
    private void listenOrThrowAway(Connection connection) throws SQLException {
        try {
            listen(connection);
        } catch (SQLException | RuntimeException e) {
            connections.unwrap(HikariDataSource.class).evictConnection(connection);
            throw e;
        }
    }

    private void listen(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute(LISTEN);
            events.publishEvent(new EventsLost());
            PGConnection postgres = connection.unwrap(PGConnection.class);
            for (int silent = 0; running; silent++) {
                PGNotification[] heard = postgres.getNotifications(LOOK_MILLIS);
                if (heard != null && heard.length > 0) {
                    silent = 0;
                    for (PGNotification one : heard) {
                        hear(one.getParameter());
                    }
                } else if (silent >= SILENT_LOOKS) {
                    silent = 0;
                    statement.execute(LISTEN);
                }
            }
            statement.execute("unlisten " + CHANNEL);
        }
    }

    private void hear(String text) {
        try {
            NodeEvent told = json.readValue(text, NodeEvent.class);
            if (!told.from().equals(self)) {
                Object event = json.treeToValue(
                        told.event(), Class.forName(told.type()).asSubclass(ForEveryNode.class));
                Ownership.as(told.owner(), () -> {
                    events.publishEvent(event);
                    return null;
                });
            }
        } catch (ClassNotFoundException | RuntimeException e) {
            // A node of another version: what it tells of may be anything.
            LOG.warn("News of another node was not understood: {}", Failure.of(e));
            events.publishEvent(new EventsLost());
        }
    }

    private static void pause() {
        try {
            Thread.sleep(AGAIN_MILLIS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
