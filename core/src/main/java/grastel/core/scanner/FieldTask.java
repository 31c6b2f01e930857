package grastel.core.scanner;

import grastel.core.media.Pencil;

/** What a box asks of the hand. @param field the box's id; @param pressure 0…1; @param passes how often */
public record FieldTask(String field, Pencil pencil, double pressure, int passes) {}
