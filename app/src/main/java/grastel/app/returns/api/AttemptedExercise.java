package grastel.app.returns.api;

import java.util.UUID;

/** What one student gave in of one exercise of one printing. @param exercise of the sheet, from 0 */
public record AttemptedExercise(UUID student, UUID run, int exercise) {}
