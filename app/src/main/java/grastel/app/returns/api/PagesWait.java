package grastel.app.returns.api;

import grastel.app.platform.nodes.ForEveryNode;

/** There are, or may be, pages to read. */
public record PagesWait() implements ForEveryNode {}
