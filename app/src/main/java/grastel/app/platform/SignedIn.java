package grastel.app.platform;

import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;

/**
 * The teacher of a session.
 *
 * @param name the name used to sign in
 * @param credentials how often the password had been changed when the session was opened: a later change ends the session
 */
public record SignedIn(UUID id, String name, String displayName, int credentials) implements Principal, Serializable {
    @Override
    public String getName() {
        return name;
    }
}
