package grastel.app.returns.api;

import grastel.app.platform.nodes.ForEveryNode;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A page of a teacher has changed, or is gone. @param run that it belongs to, as far as that is known */
public record PageChanged(UUID owner, UUID page, @Nullable UUID run) implements ForEveryNode {}
