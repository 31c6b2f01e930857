package grastel.app.platform.storage;

import static grastel.core.words.Words.say;

import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/** Down while the database does not answer; says no more than that, as anybody may ask. */
@Component("database")
class DatabaseHealth implements HealthIndicator {
    private final JdbcTemplate jdbc;

    DatabaseHealth(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public Health health() {
        try {
            jdbc.queryForObject("select 1", Integer.class);
            return Health.up().build();
        } catch (DataAccessException | TransactionException e) {
            return Health.down()
                    .withDetail("words", say("problem.the-database-does-not-answer"))
                    .build();
        }
    }
}
