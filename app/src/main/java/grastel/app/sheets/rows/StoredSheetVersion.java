package grastel.app.sheets.rows;

import grastel.core.exercise.plan.SheetPlan;
import grastel.core.page.PageLayout;
import java.util.List;

/** A version as it is kept. */
public record StoredSheetVersion(SheetPlan plan, List<PageLayout> pages, List<FirstTry> firstTries) {}
