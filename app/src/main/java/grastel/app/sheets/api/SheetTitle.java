package grastel.app.sheets.api;

import java.util.UUID;

/** A sheet, as lists name it. */
public record SheetTitle(UUID id, String title) {}
