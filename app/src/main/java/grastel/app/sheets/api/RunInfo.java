package grastel.app.sheets.api;

import grastel.core.exercise.goal.GradeBand;
import java.time.Instant;
import java.util.UUID;

/**
 * A run, light enough for lists.
 *
 * @param pages how many were printed
 * @param parts pages of each student
 * @param personal true where each student has fields of its own that are done again
 * @param card true where they are labels, for drawings under a card
 */
public record RunInfo(
        UUID id,
        UUID sheet,
        String title,
        int version,
        UUID schoolClass,
        GradeBand band,
        Instant printedAt,
        int pages,
        int parts,
        boolean personal,
        boolean card) {}
