package grastel.app.classes;

import java.util.UUID;

/** A class goes on as another one, in the next school year. Heard in the same transaction. */
public record ClassPromoted(UUID before, UUID now) {}
