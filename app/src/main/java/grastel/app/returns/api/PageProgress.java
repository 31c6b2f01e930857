package grastel.app.returns.api;

import java.time.Instant;
import java.util.UUID;

/** How far a student came on a page. @param field the last one begun, in the order of work */
public record PageProgress(UUID schoolClass, UUID sheet, UUID run, UUID student, String field, Instant received) {}
