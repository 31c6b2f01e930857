package grastel.app.platform;

import java.io.Serializable;
import java.util.UUID;

/** The teacher of a session. @param name the name used to sign in */
public record SignedIn(UUID id, String name, String displayName) implements Serializable {}
