package grastel.app.platform.nodes;

/** Other nodes may have told something that was not heard here: whatever is remembered of rows is to be forgotten. */
public record EventsLost() {}
