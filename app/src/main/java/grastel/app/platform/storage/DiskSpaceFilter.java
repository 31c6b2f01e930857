package grastel.app.platform.storage;

import java.util.Locale;
import java.util.Map;
import org.hibernate.cfg.AvailableSettings;
import org.hibernate.resource.jdbc.spi.StatementInspector;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Lets no statement write while the reserve of the disk is touched. Whatever only reads goes on. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class DiskSpaceFilter implements StatementInspector, HibernatePropertiesCustomizer {
    private static final long serialVersionUID = 1;

    private final transient Storage storage;

    DiskSpaceFilter(Storage storage) {
        this.storage = storage;
    }

    @Override
    public String inspect(String sql) {
        String verb = sql.substring(0, Math.min(6, sql.length())).toLowerCase(Locale.ROOT);
        switch (verb) {
            case "insert", "update" -> storage.requireRoom(0);
            case "delete" -> storage.requireRoomForDeleting();
            default -> {
                // reading needs no room
            }
        }
        return sql;
    }

    @Override
    public void customize(Map<String, Object> properties) {
        properties.put(AvailableSettings.STATEMENT_INSPECTOR, this);
    }
}
