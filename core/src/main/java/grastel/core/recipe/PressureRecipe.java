package grastel.core.recipe;

import grastel.core.layering.PressureGrade;

/**
 * One pencil, one pressure, some passes, and what that gives.
 *
 * @param foundation how hard a darker pencil is laid under it, once; null for none
 * @param grade the pressure
 * @param passes how often the field is gone over, 1…5
 * @param lightness predicted L*
 * @param specks predicted share of paper still showing, 0…1
 * @param toothLeft predicted room for more layers, 0…1
 */
public record PressureRecipe(
        PressureGrade foundation, PressureGrade grade, int passes, double lightness, double specks, double toothLeft) {}
