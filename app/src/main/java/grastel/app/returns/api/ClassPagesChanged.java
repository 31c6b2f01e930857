package grastel.app.returns.api;

import grastel.app.platform.nodes.ForEveryNode;
import java.util.UUID;

/** A returned page of a class was read, decided on, or taken away. Heard in the same transaction. */
public record ClassPagesChanged(UUID schoolClass) implements ForEveryNode {}
