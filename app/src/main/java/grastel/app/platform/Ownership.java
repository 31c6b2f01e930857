package grastel.app.platform;

import grastel.app.platform.colleagues.Guest;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.hibernate.cfg.AvailableSettings;
import org.hibernate.context.spi.CurrentTenantIdentifierResolver;
import org.jspecify.annotations.Nullable;
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
    private static final ThreadLocal<@Nullable Guest> GUEST = new ThreadLocal<>();

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

    /** Runs what a colleague asks in a class that is shared: of its owner's rows, as far as {@link Guest} goes. */
    public static <T> T as(Guest guest, Supplier<T> task) {
        GUEST.set(guest);
        try {
            return as(guest.owner(), task);
        } finally {
            GUEST.remove();
        }
    }

    /** The colleague who asks now; empty where teachers ask for themselves. */
    public static Optional<Guest> guest() {
        return Optional.ofNullable(GUEST.get());
    }

    /** False for what a list must leave out: other classes than the one that is shared. */
    public static boolean isShown(UUID schoolClass) {
        return guest().map(g -> g.schoolClass().equals(schoolClass)).orElse(true);
    }

    /** Who decides what is decided now: a colleague in somebody's class, or the owner. */
    public static UUID deciding() {
        return guest().isPresent() ? signedIn().orElse(NOBODY) : current();
    }

    /** The teacher whose rows are seen now. */
    public static UUID current() {
        UUID acting = ACTING.get();
        if (acting != null) {
            return acting;
        }
        return signedIn().orElse(NOBODY);
    }

    private static Optional<UUID> signedIn() {
        Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
        return authentication != null && authentication.getPrincipal() instanceof SignedIn teacher
                ? Optional.of(teacher.id())
                : Optional.empty();
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
