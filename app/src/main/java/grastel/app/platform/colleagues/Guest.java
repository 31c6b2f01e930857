package grastel.app.platform.colleagues;

import java.util.UUID;

/** A colleague in somebody's class. @param owner whose class it is */
public record Guest(UUID owner, UUID schoolClass, Right right) {}
