package grastel.app;

import java.util.Map;
import org.hibernate.cfg.AvailableSettings;
import org.hibernate.resource.jdbc.spi.StatementInspector;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;

/** Counts what this thread asks the database, beside whatever else inspects it; imported by the test that counts. */
@Order(Ordered.LOWEST_PRECEDENCE)
public class Statements implements HibernatePropertiesCustomizer {
    private static final ThreadLocal<Integer> COUNT = ThreadLocal.withInitial(() -> 0);

    @Override
    public void customize(Map<String, Object> properties) {
        StatementInspector other = (StatementInspector) properties.get(AvailableSettings.STATEMENT_INSPECTOR);
        StatementInspector counting = sql -> {
            COUNT.set(COUNT.get() + 1);
            return other == null ? sql : other.inspect(sql);
        };
        properties.put(AvailableSettings.STATEMENT_INSPECTOR, counting);
    }

    /** Statements that a task prepares; a batch is one. */
    public static int in(Runnable task) {
        int before = COUNT.get();
        task.run();
        return COUNT.get() - before;
    }
}
