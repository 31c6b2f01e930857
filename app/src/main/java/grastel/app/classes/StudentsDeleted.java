package grastel.app.classes;

import grastel.app.platform.nodes.ForEveryNode;

/** Students are gone; whatever still holds something of theirs lets it go. Heard in the same transaction. */
public record StudentsDeleted() implements ForEveryNode {}
