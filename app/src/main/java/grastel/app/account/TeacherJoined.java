package grastel.app.account;

import java.util.UUID;

/** An account was made. Heard in the same transaction. */
public record TeacherJoined(UUID teacher) {}
