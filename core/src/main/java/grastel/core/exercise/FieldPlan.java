package grastel.core.exercise;

import grastel.core.colour.Lab;
import grastel.core.recipe.PressureRecipe;

/**
 * One box of an exercise.
 *
 * @param id short name, unique on the sheet; printed as the box's number
 * @param widthMm width of the box, mm
 * @param heightMm height of the box, mm
 * @param askedLightness L* asked for
 * @param recipe how it can be made
 * @param predicted colour the recipe gives on this paper
 */
public record FieldPlan(
        String id, double widthMm, double heightMm, double askedLightness, PressureRecipe recipe, Lab predicted) {}
