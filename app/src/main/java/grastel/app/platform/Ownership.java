package grastel.app.platform;

import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import org.hibernate.cfg.AvailableSettings;
import org.hibernate.context.spi.CurrentTenantIdentifierResolver;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/**
 * Whose rows are seen: those of the teacher signed in, or of the one a background task acts for. Nobody sees nothing. Only
 * {@link #asSystem} sees all, for start-up and clean-up.
 */
@Component
public class Ownership implements CurrentTenantIdentifierResolver<UUID>, HibernatePropertiesCustomizer {
    private static final UUID NOBODY = new UUID(0, 0);
    private static final UUID SYSTEM = new UUID(0, 1);
    private static final ThreadLocal<UUID> ACTING = new ThreadLocal<>();

    /** Runs a task as a teacher, whoever is signed in. */
    public static <T> T as(UUID teacher, Supplier<T> task) {
        UUID before = ACTING.get();
        ACTING.set(teacher);
        try {
            return task.get();
        } finally {
            if (before == null) {
                ACTING.remove();
            } else {
                ACTING.set(before);
            }
        }
    }

    /** Runs a task that may see every teacher's rows. Not for requests. */
    public static <T> T asSystem(Supplier<T> task) {
        return as(SYSTEM, task);
    }

    /** The teacher whose rows are seen now. */
    public static UUID current() {
        UUID acting = ACTING.get();
        if (acting != null) {
            return acting;
        }
        Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
        return authentication != null && authentication.getPrincipal() instanceof SignedIn teacher
                ? teacher.id()
                : NOBODY;
    }

    @Override
    public UUID resolveCurrentTenantIdentifier() {
        return current();
    }

    @Override
    public boolean validateExistingCurrentSessions() {
        return true;
    }

    @Override
    public boolean isRoot(UUID tenant) {
        return SYSTEM.equals(tenant);
    }

    @Override
    public void customize(Map<String, Object> properties) {
        properties.put(AvailableSettings.MULTI_TENANT_IDENTIFIER_RESOLVER, this);
    }
}
