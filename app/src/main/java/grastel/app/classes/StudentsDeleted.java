package grastel.app.classes;

/** Students are gone; whatever still holds something of theirs lets it go. Heard in the same transaction. */
public record StudentsDeleted() {}
